import type { LockSpec } from '../catalogue/index.js';
import { valueOrUndefined, message } from '../model/index.js';
import { measured, type Sizes } from '../sizing/index.js';
import type { Practice } from '../practice/index.js';
import type { SecuringRecord } from './decisions.js';
import { decideBar, type ExitFit } from './exitDevice.js';
import type { LockKind } from './facts.js';
import type { LockFit } from './fit.js';
import { fitted, lockTerm } from './functions.js';

/** Opened by key from outside, for whoever comes first: one leaf is enough for that. */
const ONE_LEAF = 'exit-night-latch';

/**
 * What the device of the second leaf does, where each leaf has one: as that of the active leaf, but exit only
 * where a key opens from outside. Both let people out alike.
 */
export function decideSecondFunction(
  record: SecuringRecord,
  kind: LockKind,
  spec: LockSpec,
  all: ReadonlyMap<string, LockSpec>,
): LockSpec {
  const rated = (valueOrUndefined(record.facts.rating) ?? 0) > 0;
  const exitOnly = fitted(all.get('exit-only')!, kind, rated);
  // Where nothing opens the active leaf from outside there is nothing to choose; power works both alike.
  if (spec.outsideHandle === 'none' || spec.power !== 'none') return spec;
  const keyed = spec.id === ONE_LEAF;
  const id = record.propose('secondFunction', keyed ? exitOnly.id : spec.id, {
    reasons: () => [message(keyed ? 'securing.second.keyed' : 'securing.second.same')],
    alternatives: () => [
      {
        value: spec.id,
        ...(spec.name ? { name: spec.name } : {}),
        ...(keyed ? { against: message('securing.against.secondKey') } : {}),
      },
      {
        value: exitOnly.id,
        ...(keyed ? {} : { against: message('securing.against.secondShut') }),
      },
    ],
    asValue: lockTerm(all),
    facts: ['lockUse', 'role'],
  });
  return id === exitOnly.id ? exitOnly : spec;
}

/** Cuts the second leaf's device to its leaf, where that is narrower or wider than the active one. */
export function decideSecondBar(
  record: SecuringRecord,
  practice: Practice,
  sizes: Sizes,
  fit: LockFit,
): ExitFit | undefined {
  const leaf = sizes.leaves.find(({ id }) => id === 'inactive');
  const size = leaf && measured(leaf);
  return size && decideBar(record, practice, size, fit, 'inactive');
}
