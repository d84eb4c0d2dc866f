/**
 * Lengths are whole numbers of ticks, 320 to the millimetre, so that sixty-fourths of an inch
 * (127 ticks) and tenths of a millimetre (32 ticks) both add up exactly.
 */
export type Ticks = number;

export const TICKS_PER_MM = 320;
export const TICKS_PER_INCH = 8128;
export const TICKS_PER_FOOT = 12 * TICKS_PER_INCH;
export const TICKS_PER_64TH = 127;

/** The longest length that is read: 1 km, far beyond any opening and safe in integer arithmetic. */
export const MAX_TICKS = 1_000_000 * TICKS_PER_MM;

/** The system a project shows and reads lengths in. */
export type System = 'inch' | 'metric';

/**
 * Millimetres to ticks, rounded to the nearest tick (exact for tenths of a millimetre).
 *
 * @example mm(900) // 288000
 */
export function mm(millimetres: number): Ticks {
  return Math.round(millimetres * TICKS_PER_MM);
}

/**
 * Inches to ticks, rounded to the nearest tick (exact for sixty-fourths).
 *
 * @example inches(0.5) // 4064
 */
export function inches(value: number): Ticks {
  return Math.round(value * TICKS_PER_INCH);
}

/**
 * Ticks to millimetres, for physics and for drawing.
 *
 * @example toMm(320) // 1
 */
export function toMm(ticks: Ticks): number {
  return ticks / TICKS_PER_MM;
}

/** Ticks to metres, for moments and areas. */
export function toMetres(ticks: Ticks): number {
  return ticks / (TICKS_PER_MM * 1000);
}

/**
 * Ticks to inches.
 *
 * @example toInches(8128) // 1
 */
export function toInches(ticks: Ticks): number {
  return ticks / TICKS_PER_INCH;
}
