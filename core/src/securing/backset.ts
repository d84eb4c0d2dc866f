import { remembered } from '../measure/index.js';
import { known, said, type MeasuredLeaf } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import type { SecuringRecord } from './decisions.js';
import type { LockKind } from './facts.js';
import { caseDepth } from './lockType.js';
import { solidWidth } from './stile.js';

/** The backsets that are made, the least first. */
const madeBacksets = remembered(({ values }: Practice, narrow: boolean): readonly number[] =>
  [...(narrow ? values.narrowBacksets : values.backsets).value].sort((a, b) => a - b),
);

/** The backset: as recorded, else the practice's own, else the largest made that the stile takes. */
export function decideBackset(
  record: SecuringRecord,
  practice: Practice,
  leaf: MeasuredLeaf | undefined,
  kind: LockKind,
  height: number,
): number {
  const { values } = practice;
  const { facts } = record;
  const recorded = known(record.facts.backset);
  if (recorded !== undefined) {
    record.decide('backset', recorded, {
      basis: record.basisOf('backset'),
      facts: ['backset'],
    });
    return recorded;
  }
  const narrow = kind === 'narrow-stile';
  const made = madeBacksets(practice, narrow);
  const usual = narrow ? made[Math.min(2, made.length - 1)]! : values.backset.value;
  const limit = leaf && solidWidth(facts, practice, leaf, height - leaf.bottom);
  let taken = usual;
  if (limit) {
    const margin = narrow ? 0 : values.caseMargin.value;
    const fits = (backset: number) => {
      const depth = caseDepth(kind, backset, practice);
      const trim = narrow
        ? 0
        : backset + values.bodies.value.rose.across / 2 + values.trimMargin.value;
      return Math.max(trim, depth === undefined ? 0 : depth + margin) <= limit.width;
    };
    if (!fits(usual)) taken = made.filter((one) => one < usual && fits(one)).pop() ?? usual;
  }
  record.decide('backset', taken, {
    reasons: () => [
      taken === usual
        ? said('securing.backset.practice')
        : said('securing.backset.narrower', {
            usual: { ticks: usual },
            solid: { ticks: limit!.width },
          }),
    ],
    facts: ['backset', 'stileWidth'],
  });
  return taken;
}
