import { memoize } from '../measure/index.js';
import { valueOrUndefined, message, type MeasuredLeaf } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { SecuringRecord } from './decisions.js';
import type { LockKind } from './facts.js';
import { caseDepth } from './lockType.js';
import { LOCK_FORMS } from './lockForms.js';
import { solidWidth } from './stile.js';

/** The backsets that are made, the least first. */
const madeBacksets = memoize(({ values }: Practice, kind: LockKind): readonly number[] => {
  const { narrowBacksets, mortiseBacksets, backsets } = values;
  const made =
    kind === 'narrow-stile' ? narrowBacksets : kind === 'mortise' ? mortiseBacksets : backsets;
  return [...made.value].sort((a, b) => a - b);
});

/** The backset a kind has where nothing speaks against it. */
function usualBacksetOf(practice: Practice, kind: LockKind): number {
  const made = madeBacksets(practice, kind);
  if (kind === 'narrow-stile') return made[Math.min(2, made.length - 1)]!;
  const own = practice.values.backset.value;
  // A case is made for fewer backsets than a bored lock: its largest where the usual is none of them.
  return made.includes(own) || kind !== 'mortise' ? own : made[made.length - 1]!;
}

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
  const recorded = valueOrUndefined(record.facts.backset);
  // Devices on the face and sliding leaves have no backset: what is told is where the middle of the device stands.
  const centred = LOCK_FORMS[kind].sits === 'push-face' || kind === 'sliding';
  const name = centred ? 'centre' : 'backset';
  if (recorded !== undefined) {
    record.decide(name, recorded, {
      basis: record.basisOf('backset'),
      facts: ['backset'],
    });
    return recorded;
  }
  const narrow = kind === 'narrow-stile';
  const made = madeBacksets(practice, kind);
  const usual = usualBacksetOf(practice, kind);
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
    // The largest that fits, else the smallest there is: a finding follows only where even that fails.
    if (!fits(usual))
      taken = made.filter((one) => one < usual && fits(one)).pop() ?? Math.min(usual, made[0]!);
  }
  record.decide(name, taken, {
    reasons: () => [
      taken === usual
        ? message('securing.backset.practice', { source: values.backset.source })
        : message('securing.backset.narrower', {
            usual: { ticks: usual },
            solid: { ticks: limit!.width },
          }),
    ],
    facts: ['backset', 'stileWidth'],
  });
  return taken;
}
