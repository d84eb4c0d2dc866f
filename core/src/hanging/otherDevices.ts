import type { Settling } from '../opening/index.js';
import { said, type HangingDevice, type Item } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { intermediatePivots } from './count.js';
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
      push('item.continuous', leaf.quantity, 'each', false, { length: leaf.height });
      return;
    case 'offset-pivot': {
      const between = intermediatePivots(practice, leaf.height);
      settling.fix(
        'count',
        { type: 'count', count: between },
        {
          leaf: leaf.id,
          reasons: [
            said('hanging.intermediate', {
              count: between,
              height: { ticks: leaf.height, rounding: 'down' },
            }),
          ],
        },
      );
      push('item.offsetPivot', leaf.quantity, 'set', true);
      push('item.intermediatePivot', between * leaf.quantity, 'each', true);
      return;
    }
    case 'centre-pivot':
      push('item.centrePivot', leaf.quantity, 'set', false);
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
    case 'butt':
      return;
  }
}
