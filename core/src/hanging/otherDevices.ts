import type { Settling } from '../opening/index.js';
import { length, said, type HangingDevice, type Item } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import type { HungLeaf } from './hung.js';

/** Everything that is not a butt: what the device consists of, in pieces. */
export function hangOtherwise(
  settling: Settling,
  practice: Practice,
  hung: HungLeaf,
  device: HangingDevice,
  metal: string,
): void {
  const { leaf } = hung;
  const push = (
    code: string,
    quantity: number,
    unit: Item['unit'],
    handed: boolean,
    extra: Partial<Item> = {},
  ) =>
    settling.items.push({
      stage: 'hanging',
      term: code,
      quantity,
      unit,
      traits: device === 'sliding-gear' || device === 'folding-gear' ? [] : [`metal.${metal}`],
      handed,
      ...extra,
    });
  if (leaf.height === undefined || leaf.width === undefined) {
    settling.open('size', said('ask.sizeFirst'), ['frameWidth', 'frameHeight'], { leaf: leaf.id });
    return;
  }
  switch (device) {
    case 'continuous':
      // The leaf is narrower by the hinge's own gap: sizing has taken it.
      settling.fix('hingeLength', length(leaf.height, 'down'), {
        leaf: leaf.id,
        reasons: [
          said('hanging.continuous', {
            gap: { ticks: practice.values.continuousHingeGap.value },
          }),
          ...(settling.fact('screwHold') === 'worn' ? [said('hanging.continuous.worn')] : []),
        ],
        facts: ['screwHold'],
      });
      if ((settling.fact('rating') ?? 0) > 0)
        settling.find('check', 'hanging.continuousListed', {}, 'NFPA 80', [
          'hanging.device',
          'rating',
        ]);
      push('item.continuous', leaf.quantity, 'each', false, { length: leaf.height });
      return;
    case 'double-acting-spring':
      push('item.doubleActingSpring', 3 * leaf.quantity, 'each', false);
      return;
    case 'sliding-gear':
      push('item.track', 1, 'each', false, { length: 2 * leaf.width });
      push('item.hangers', 2 * leaf.quantity, 'each', false);
      push('item.guide', leaf.quantity, 'each', false);
      return;
    case 'folding-gear': {
      // Leaves hang in twos: a pivot at the jamb, hinges between the two, a hanger at every second joint.
      const { quantity } = leaf;
      push('item.track', 1, 'each', false, { length: quantity * leaf.width });
      push('item.foldPivots', 1, 'set', false);
      push('item.foldHinges', 3 * (quantity - 1), 'each', false);
      push('item.hangers', Math.max(1, Math.floor(quantity / 2)), 'each', false);
      push('item.guide', Math.max(1, Math.floor(quantity / 2)), 'each', false);
      return;
    }
    default:
      return;
  }
}
