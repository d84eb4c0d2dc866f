import type { Ticks } from '../measure/index.js';
import { valueOrUndefined, message } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { Survey } from '../survey/index.js';
import type { SizingRecord } from './decisions.js';

/** Readings of the wall at both ends of each member of a lining. */
const PLACES = [
  ['liningHinge', 'wallHingeTop', 'wallHingeBottom'],
  ['liningHead', 'wallHeadHinge', 'wallHeadLock'],
  ['liningLock', 'wallLockTop', 'wallLockBottom'],
] as const;

/**
 * Decides the depth of the lining or jamb: wall thickness + what the wall board's tapered edge needs on each face, so
 * that the trim sits square. A wall that was read at six places has it made as wide as the widest and planed to each
 * (trade practice). Only where the wall was measured.
 */
export function decideLining(record: SizingRecord, practice: Practice, survey: Survey): void {
  const { boardAllowance } = practice.values;
  const wide = (wall: Ticks) => wall + 2 * boardAllowance.value;
  const read = PLACES.map(([name, ...ends]) => {
    const [first, second] = ends.map((end) => survey.number(end));
    const one = first ?? second;
    return { name, walls: one === undefined ? undefined : [first ?? one, second ?? one] };
  });
  const walls = read.flatMap(({ walls: both }) => both ?? []);
  const wall = walls.length > 0 ? Math.max(...walls) : valueOrUndefined(record.facts.wallThickness);
  if (wall === undefined) return;
  const least = Math.min(wall, ...walls);
  record.decide('liningDepth', wide(wall), {
    reasons: () => [
      message('sizing.lining', {
        wall: { ticks: wall },
        board: { ticks: boardAllowance.value },
        source: boardAllowance.source,
      }),
      ...(least < wall
        ? [
            message('sizing.lining.taper', {
              widest: { ticks: wide(wall) },
              least: { ticks: wide(least) },
            }),
          ]
        : []),
    ],
    facts: ['wallThickness', 'readings'],
  });
  if (least === wall) return;
  for (const { name, walls: both } of read)
    if (both)
      record.decide(name, both.map(wide), {
        basis: 'measured',
        reasons: () => [message('sizing.lining.place')],
        facts: ['readings'],
      });
}
