import { normaliseText } from './parseLength.js';
import { bad, good, type Result } from './result.js';
import type { System } from './ticks.js';

/** Square metres of a square foot: exactly 0.3048². */
const SQUARE_FOOT = 0.3048 ** 2;
const MOST = 1_000_000;

/**
 * Reads a floor area, `42 m²`, `450 sq ft`, `450`: square metres. A bare number is in the system’s unit.
 *
 * Faults: `area.text`.
 *
 * @example parseFloorArea('20', 'metric').ok // true
 */
export function parseFloorArea(typed: string, system: System): Result<number> {
  const clean = normaliseText(typed)
    .replace(/(\d),(\d{3})(?!\d)/g, '$1$2')
    .replace(',', '.');
  const found = /^(\d+(?:\.\d+)?) ?(m2|m²|sqm|sq m|ft2|ft²|sf|sq ft|sqft)?\.?$/.exec(clean);
  if (!found) return bad('area.text', { text: typed });
  const feet = found[2] ? /f/.test(found[2]) : system === 'inch';
  const square = Number(found[1]) * (feet ? SQUARE_FOOT : 1);
  return square > MOST ? bad('area.text', { text: typed }) : good(Number(square.toFixed(4)));
}

/** Square metres in the system’s unit, to a tenth of a square metre or a whole square foot. */
export function formatFloorArea(square: number, system: System): string {
  return system === 'inch'
    ? `${Math.round(square / SQUARE_FOOT)} ft²`
    : `${Number(square.toFixed(1))} m²`;
}
