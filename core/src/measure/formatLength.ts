import { TICKS_PER_64TH, TICKS_PER_INCH, TICKS_PER_MM, type System, type Ticks } from './ticks.js';
import { wholeDown, wholeUp } from './whole.js';

/** Which way a shown value is rounded: a leaf to order down, a gap to keep up, a position nearest. */
export type Rounding = 'down' | 'nearest' | 'up';

export interface LengthFormat {
  system: System;
  /** Inch systems: what a length is rounded to that is no whole sixty-fourth, a power of two. Default 16. */
  denominator?: number;
  /** Metric: what a length is rounded to that is no whole tenth, in millimetres. Default 0.5. */
  step?: number;
  rounding?: Rounding;
}

/** A length ready to be shown; `rounded` when the shown value is not tick-exact. */
export interface ShownLength {
  negative: boolean;
  whole: string;
  numerator: number;
  denominator: number;
  unit: 'in' | 'mm';
  rounded: boolean;
  /** Without unit: `35 3/4`, `908.5`. */
  text: string;
}

const ROUND = { down: wholeDown, nearest: Math.round, up: wholeUp };

/**
 * Rounds to a multiple of `grid` ticks in the given direction; a length that lies on the grid but for the
 * noise of its computation stays there.
 *
 * @example roundTo(1000, 320, 'up') // 1280
 */
export function roundTo(ticks: Ticks, grid: Ticks, rounding: Rounding = 'nearest'): Ticks {
  return ROUND[rounding](ticks / grid) * grid;
}

/** The finest grids that lengths are read and cut on: a sixty-fourth of an inch, a tenth of a millimetre. */
const FINEST = { inch: TICKS_PER_64TH, metric: TICKS_PER_MM / 10 };

/**
 * Breaks a length into what a screen or a sheet prints. One that lies on the finest grid is told as it is, so that
 * what somebody wrote stands as written and sums add up; any other is rounded to the format's step, in its
 * direction. The same length is so the same number wherever it is printed.
 */
export function showLength(ticks: Ticks, format: LengthFormat): ShownLength {
  const rounding = format.rounding ?? 'nearest';
  if (format.system === 'metric') {
    const grid = ticks % FINEST.metric === 0 ? FINEST.metric : (format.step ?? 0.5) * TICKS_PER_MM;
    const value = roundTo(ticks, grid, rounding);
    const shown = Math.abs(value) / TICKS_PER_MM;
    const text = String(Number(shown.toFixed(4)));
    const negative = value < 0;
    return {
      negative,
      whole: text,
      numerator: 0,
      denominator: 1,
      unit: 'mm',
      rounded: value !== ticks,
      text: (negative ? '-' : '') + text,
    };
  }
  const finest = ticks % FINEST.inch === 0 ? 64 : (format.denominator ?? 16);
  const value = roundTo(ticks, TICKS_PER_INCH / finest, rounding);
  const magnitude = Math.abs(value);
  const whole = wholeDown(magnitude / TICKS_PER_INCH);
  let numerator = Math.round(((magnitude - whole * TICKS_PER_INCH) * finest) / TICKS_PER_INCH);
  let denominator = finest;
  while (numerator > 0 && numerator % 2 === 0) {
    numerator /= 2;
    denominator /= 2;
  }
  const fraction = numerator > 0 ? `${numerator}/${denominator}` : '';
  const wholeText = whole > 0 || !fraction ? String(whole) : '';
  const negative = value < 0;
  return {
    negative,
    whole: wholeText,
    numerator,
    denominator: numerator > 0 ? denominator : 1,
    unit: 'in',
    rounded: value !== ticks,
    text: (negative ? '-' : '') + [wholeText, fraction].filter(Boolean).join(' '),
  };
}

/**
 * A length with its unit, as plain text that {@link parseLength} reads back.
 *
 * @example formatLength(290576, { system: 'inch' }) // '35 3/4 in'
 */
export function formatLength(ticks: Ticks, format: LengthFormat): string {
  const shown = showLength(ticks, format);
  return `${shown.text} ${shown.unit}`;
}

/**
 * The tick-exact value, for a hover or a project file: sixty-fourths or hundredths as needed.
 *
 * @example formatExact(381, 'inch') // '3/64 in'
 */
export function formatExact(ticks: Ticks, system: System): string {
  if (system === 'inch' && ticks % (TICKS_PER_INCH / 64) === 0) {
    return formatLength(ticks, { system, denominator: 64 });
  }
  return `${Number((ticks / TICKS_PER_MM).toFixed(6))} mm`;
}
