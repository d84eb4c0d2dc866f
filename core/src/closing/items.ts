import { itemOf, termKeyBuilder, type Item } from '../model/index.js';
import type { ClosingInput, Closing } from './result.js';

const item = (term: string, quantity: number, more?: Partial<Item>): Item =>
  itemOf('closing', term, quantity, more);

const closerItem = termKeyBuilder('item.closer.');
const stopItem = termKeyBuilder('item.stop.');

/** Adds what closes, holds and stops the leaves to the set. */
export function closingItems(
  items: Item[],
  { results }: Pick<ClosingInput, 'results'>,
  { device, size, holdOpen, stop, backCheck, selector, dropPlate }: Closing,
): void {
  const leaves = results.hanging.leaves
    .filter(({ leaf }) => leaf.id !== 'lower')
    .reduce((sum, { leaf }) => sum + leaf.quantity, 0);
  const own = device !== 'none' && device !== 'spring' && device !== 'operator';
  if (device !== undefined && own)
    items.push(
      item(closerItem(device), leaves, {
        traits: [
          ...(size ? [`closerSize.${size.set}`] : []),
          ...(backCheck ? ['closerTrait.backCheck'] : []),
          ...(holdOpen === 'arm' || holdOpen === 'closer' ? ['closerTrait.holdOpen'] : []),
          ...(stop === 'arm' ? ['closerTrait.stop'] : []),
        ],
        handed: device === 'floor' || device === 'parallel',
      }),
    );
  if (dropPlate !== undefined) items.push(item('item.dropPlate', leaves));
  if (selector) items.push(item('item.selector', 1));
  if (holdOpen === 'magnet') items.push(item('item.holder', leaves));
  if (holdOpen === 'kick-down') items.push(item('item.kickDown', leaves));
  if (stop === 'wall' || stop === 'floor' || stop === 'overhead')
    items.push(item(stopItem(stop), leaves));
}
