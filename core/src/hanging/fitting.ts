import { length, said, type Item, type Settling } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { setBackFor } from './butt.js';
import { springFindings } from './concealed.js';
import type { HungLeaf } from './hung.js';

/** Which of a leaf's butts are spring hinges: so many as the practice says, the others bearing. */
export function springItems(
  settling: Settling,
  practice: Practice,
  hung: HungLeaf,
  butt: Item,
): Item[] {
  springFindings(settling, practice, hung.mass);
  const each = Math.min(practice.values.springCount.value, hung.count!);
  const springs = each * hung.leaf.quantity;
  const rest = butt.quantity - springs;
  return [
    { ...butt, term: 'item.springHinge', quantity: springs, traits: butt.traits.slice(-2) },
    ...(rest > 0 ? [{ ...butt, quantity: rest }] : []),
  ];
}

/** The hinge that passes a wire: the middle or the second one, never the top, which is pulled most. */
export function decideWire(settling: Settling, hung: HungLeaf): number | undefined {
  // The wire goes to the leaf with the lock: not to the second one, nor over a stable door's lower.
  const { id } = hung.leaf;
  if (id === 'inactive' || id === 'upper') return undefined;
  if (settling.fact('wireToLeaf') !== true || !hung.count) return undefined;
  const usual = Math.min(2, hung.count);
  const at = settling.choose('wireHinge', usual, (value) => ({ type: 'count', count: value }), {
    leaf: hung.leaf.id,
    reasons: [said('hanging.wire', { at: usual, count: hung.count })],
    alternatives: Array.from({ length: hung.count }, (_, index) =>
      index === 0 ? { value: 1, against: said('hanging.against.wireTop') } : { value: index + 1 },
    ),
    facts: ['wireToLeaf'],
    within: [1, hung.count],
  });
  if (at === 1)
    settling.find('stop', 'hanging.wireTop', {}, 'trade practice', ['hanging.wireHinge']);
  return at;
}

/** How deep a butt is let in, and what of the edge is left uncut behind it. */
export function decideRecess(settling: Settling, practice: Practice, hung: HungLeaf): void {
  const { recess } = practice.values;
  const thickness = hung.leaf.thickness!;
  settling.fix('recess', length(recess.value[hung.weight!]), {
    leaf: hung.leaf.id,
    reasons: [said('hanging.recess.butt', { source: recess.source })],
    facts: ['hanging.weight'],
  });
  settling.fix('setBack', length(setBackFor(practice, thickness)), {
    leaf: hung.leaf.id,
    reasons: [said('hanging.setBack.why', { thickness: { ticks: thickness } })],
    facts: ['leafThickness'],
  });
}

/** One long screw for each hinge of a heavy leaf in a timber frame, into what stands behind it. */
export function decideLongScrew(settling: Settling, practice: Practice, hung: HungLeaf): void {
  const { longScrew, longScrewMass } = practice.values;
  if (settling.fact('frameMaterial') !== 'timber' || hung.mass === undefined) return;
  if (hung.mass <= longScrewMass.value) return;
  settling.fix('longScrew', length(longScrew.value), {
    leaf: hung.leaf.id,
    reasons: [
      said('hanging.longScrew', {
        mass: { grams: hung.mass },
        limit: { grams: longScrewMass.value },
      }),
    ],
    facts: ['leafMass', 'frameMaterial'],
  });
}
