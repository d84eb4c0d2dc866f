import { wholeUp } from '../measure/index.js';
import type { HoleRow } from '../stageContract/index.js';

/**
 * The row of holes that clears a pocket: the bit is the case's thickness and a little over, up to the
 * next made; the first and last hole end where the pocket ends; the others stand evenly between, no
 * further apart than a part of the bit (trade practice: two thirds).
 *
 * @param length of the pocket, along the edge
 * @param through thickness of the case
 * @param over how much wider the bit is
 * @param step made steps of bits
 * @param apart the most centre to centre, of the bit
 */
export function holeRow(
  length: number,
  through: number,
  over: number,
  step: number,
  apart: number,
): HoleRow {
  const bit = wholeUp((through + over) / step) * step;
  const between = Math.max(0, length - bit);
  const spaces = wholeUp(between / (bit * apart));
  const pitch = spaces === 0 ? 0 : between / spaces;
  const half = bit / 2;
  return {
    bit,
    count: spaces + 1,
    pitch: Math.round(pitch),
    centres: Array.from({ length: spaces + 1 }, (_, index) => Math.round(half + index * pitch)),
    ridge: wholeUp(half - Math.sqrt(half ** 2 - (pitch / 2) ** 2)),
  };
}
