import { LISTED } from '../practice/index.js';
import {
  itemOf,
  valueOrUndefined,
  message,
  type HangingDevice,
  type Item,
} from '../model/index.js';
import { wholeDown, type Ticks } from '../measure/index.js';
import type { HangingCase } from './hangingCase.js';

/** Everything that is not a butt: what the device consists of, in pieces. */
export function hangOtherwise(at: HangingCase & { device: HangingDevice }): void {
  const { record, practice, device, metal } = at;
  const { leaf } = at.hung;
  const push = (
    code: string,
    quantity: number,
    unit: Item['unit'],
    handed: boolean,
    length?: Ticks,
  ) =>
    record.items.push(
      itemOf('hanging', code, quantity, {
        unit,
        traits: device === 'sliding-gear' || device === 'folding-gear' ? [] : [`metal.${metal}`],
        handed,
        length,
      }),
    );
  if (leaf.height === undefined || leaf.width === undefined) {
    record.ask('size', 'ask.sizeFirst', ['frameWidth', 'frameHeight'], { leaf: leaf.id });
    return;
  }
  switch (device) {
    case 'continuous':
      // The leaf is narrower by the hinge's own gap: sizing has taken it.
      record.decide('hingeLength', leaf.height, {
        leaf: leaf.id,
        reasons: () => [
          message('hanging.continuous', {
            gap: { ticks: practice.values.continuousHingeGap.value },
          }),
          ...(valueOrUndefined(record.facts.screwHold) === 'worn'
            ? [message('hanging.continuous.worn')]
            : []),
        ],
        facts: ['screwHold'],
      });
      if ((valueOrUndefined(record.facts.rating) ?? 0) > 0)
        record.report('check', 'hanging.continuousListed', {}, LISTED, [
          'hanging.device',
          'rating',
        ]);
      push('item.continuous', leaf.quantity, 'each', false, leaf.height);
      return;
    case 'double-acting-spring':
      push('item.doubleActingSpring', 3 * leaf.quantity, 'each', false);
      return;
    case 'sliding-gear':
      push('item.track', 1, 'each', false, 2 * leaf.width);
      push('item.hangers', 2 * leaf.quantity, 'each', false);
      push('item.guide', leaf.quantity, 'each', false);
      return;
    case 'folding-gear': {
      // Leaves hang in twos: a pivot at the jamb, hinges between the two, a hanger at every second joint.
      const { quantity } = leaf;
      push('item.track', 1, 'each', false, quantity * leaf.width);
      // Four leaves fold two to each side.
      const groups = quantity >= 4 && quantity % 2 === 0 ? 2 : 1;
      push('item.foldPivots', groups, 'set', false);
      push('item.foldHinges', 3 * (quantity - groups), 'each', false);
      push('item.hangers', Math.max(1, wholeDown(quantity / 2)), 'each', false);
      push('item.guide', Math.max(1, wholeDown(quantity / 2)), 'each', false);
      return;
    }
    default:
      return;
  }
}
