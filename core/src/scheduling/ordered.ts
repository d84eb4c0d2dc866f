import type { DecidedOpening } from '../deciding/index.js';
import type { Item } from '../opening/index.js';
import { SET_STAGES } from '../stages/index.js';

/** Everything of an item by which it is ordered, but how many. */
export const orderOf = (item: Item): string =>
  JSON.stringify([
    item.stage,
    item.term ?? '',
    item.written ?? '',
    item.unit,
    item.height ?? 0,
    item.width ?? 0,
    item.length ?? 0,
    item.size ?? '',
    item.traits,
    item.finish ?? '',
    item.product ?? '',
    item.standard ?? '',
  ]);

/** One line of what is ordered, by what it is ordered by. */
export interface OrderLine {
  readonly order: string;
  item: Item;
}

/** What is ordered alike on one line, in the order it first stands: the hinges of both leaves of a pair are one. */
export function orderLines(items: readonly Item[]): OrderLine[] {
  const lines: OrderLine[] = [];
  for (const item of items) {
    const order = orderOf(item);
    // A set has few lines: looking through them beats keeping a map for each opening.
    const line = lines.find((one) => one.order === order);
    if (!line) lines.push({ order, item });
    else {
      const quantity = line.item.quantity + item.quantity;
      line.item = { ...line.item, quantity, handed: line.item.handed || item.handed };
    }
  }
  return lines;
}

/** Items with what is ordered alike on one line. */
export function orderedItems(items: readonly Item[]): Item[] {
  return orderLines(items).map(({ item }) => item);
}

const WITH_HARDWARE: ReadonlySet<string> = new Set(SET_STAGES);

/**
 * Whether nothing open may still change what is ordered for an opening. Its hand may be open: it is the
 * heading's, not the set's.
 */
export const isSettled = ({ decisions }: Pick<DecidedOpening, 'decisions'>): boolean =>
  !decisions.some(({ status, stage }) => status === 'open' && WITH_HARDWARE.has(stage));
