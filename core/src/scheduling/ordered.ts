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

/** Items with what is ordered alike on one line: the hinges of both leaves of a pair are one. */
export function orderedItems(items: readonly Item[]): Item[] {
  const lines = new Map<string, Item>();
  for (const item of items) {
    const key = orderOf(item);
    const line = lines.get(key);
    lines.set(
      key,
      line
        ? { ...line, quantity: line.quantity + item.quantity, handed: line.handed || item.handed }
        : item,
    );
  }
  return [...lines.values()];
}

const WITH_HARDWARE: ReadonlySet<string> = new Set(SET_STAGES);

/**
 * Whether nothing open may still change what is ordered for an opening. Its hand may be open: it is the
 * heading's, not the set's.
 */
export const isSettled = ({ decisions }: Pick<DecidedOpening, 'decisions'>): boolean =>
  !decisions.some(({ status, stage }) => status === 'open' && WITH_HARDWARE.has(stage));
