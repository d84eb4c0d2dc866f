/** What arithmetic with fractions leaves over where there is nothing: a millionth. */
const NOISE = 1e-6;

/**
 * Rounds up to a whole number, taking a millionth for arithmetic noise: a sum that comes out at
 * 894.0000001 is 894. Core rounds in one direction by this alone (lint), so that no stray fraction of a
 * computation costs a step.
 *
 * @example wholeUp(894.0000001) // 894
 */
export function wholeUp(value: number): number {
  return Math.ceil(value - NOISE) || 0;
}

/**
 * Rounds down to a whole number, taking a millionth for arithmetic noise; see {@link wholeUp}.
 *
 * @example wholeDown(893.9999999) // 894
 */
export function wholeDown(value: number): number {
  return Math.floor(value + NOISE) || 0;
}
