import { TICKS_PER_INCH, type Ticks } from '../measure/index.js';
import type { LeafId } from '../model/index.js';
import { valueOrUndefined, message, withQuantity, type Item } from '../model/index.js';
import type { HangingRecord } from './decisions.js';
import type { Practice } from '../practice/index.js';
import { hingeGauge, setBackFor } from './butt.js';
import { springFindings } from './concealed.js';
import type { HungLeaf } from './hung.js';

/** Which of a leaf's butts are spring hinges: so many as the practice says, the others bearing. */
export function springItems(
  record: HangingRecord,
  practice: Practice,
  hung: HungLeaf,
  butt: Item,
): Item[] {
  springFindings(record, practice, hung.mass);
  const each = Math.min(practice.values.springCount.value, hung.count!);
  const springs = each * hung.leaf.quantity;
  const rest = butt.quantity - springs;
  return [
    { ...withQuantity(butt, springs, butt.traits.slice(-2)), term: 'item.springHinge' },
    ...(rest > 0 ? [withQuantity(butt, rest)] : []),
  ];
}

/** The hinge that passes a wire: the middle or the second one, never the top, which is pulled most. */
export function decideWire(record: HangingRecord, leaf: LeafId, count: number): number | undefined {
  // The wire goes to the leaf with the lock: not to the second one, nor over a stable door's lower.
  if (leaf === 'inactive' || leaf === 'upper') return undefined;
  if (valueOrUndefined(record.facts.wireToLeaf) !== true || count === 0) return undefined;
  const usual = Math.min(2, count);
  const at = record.propose('wireHinge', usual, {
    leaf,
    reasons: () => [message('hanging.wire', { at: usual, count: count })],
    alternatives: () =>
      Array.from({ length: count }, (_, index) =>
        index === 0
          ? { value: 1, against: message('hanging.against.wireTop') }
          : { value: index + 1 },
      ),
    facts: ['wireToLeaf'],
    within: [1, count],
  });
  if (at === 1)
    record.report('stop', 'hanging.wireTop', {}, 'trade practice', ['hanging.wireHinge']);
  return at;
}

/** How deep a butt is let in, and what of the edge is left uncut behind it. */
export function decideRecess(
  record: HangingRecord,
  practice: Practice,
  leaf: LeafId,
  butt: { thickness: Ticks; weight: 'standard' | 'heavy'; hingeHeight: Ticks | undefined },
): Ticks {
  const { thickness, weight, hingeHeight } = butt;
  const { gauge, source } = hingeGauge(practice, hingeHeight, weight);
  record.decide('recess', gauge, {
    leaf,
    reasons: () => [
      practice.system === 'inch'
        ? message('hanging.recess.gauge', { gauge: (gauge / TICKS_PER_INCH).toFixed(3), source })
        : message('hanging.recess.butt', { source }),
    ],
    facts: ['hanging.weight'],
  });
  record.decide('setBack', setBackFor(practice, thickness), {
    leaf,
    reasons: () => [message('hanging.setBack.why', { thickness: { ticks: thickness } })],
    facts: ['leafThickness'],
  });
  return gauge;
}

/** One long screw for each hinge of a heavy leaf in a timber frame, into what stands behind it. */
export function decideLongScrew(
  record: HangingRecord,
  practice: Practice,
  leaf: LeafId,
  mass: number | undefined,
): void {
  const { longScrew, longScrewMass } = practice.values;
  if (valueOrUndefined(record.facts.frameMaterial) !== 'timber' || mass === undefined) return;
  if (mass <= longScrewMass.value) return;
  record.decide('longScrew', longScrew.value, {
    leaf,
    reasons: () => [
      message('hanging.longScrew', {
        mass: { grams: mass },
        limit: { grams: longScrewMass.value },
      }),
    ],
    facts: ['leafMass', 'frameMaterial'],
  });
}
