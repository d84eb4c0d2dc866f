import type { DecidedOpening } from '../deciding/index.js';
import type { Item } from '../model/index.js';
import { SET_STAGES } from '../stageRegistry/index.js';

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

/** Whether two things are ordered by the same line: as {@link orderOf} says, without writing them out. */
export const orderedAlike = (a: Item, b: Item): boolean =>
  a.stage === b.stage &&
  (a.term ?? '') === (b.term ?? '') &&
  (a.written ?? '') === (b.written ?? '') &&
  a.unit === b.unit &&
  (a.height ?? 0) === (b.height ?? 0) &&
  (a.width ?? 0) === (b.width ?? 0) &&
  (a.length ?? 0) === (b.length ?? 0) &&
  (a.size ?? '') === (b.size ?? '') &&
  (a.finish ?? '') === (b.finish ?? '') &&
  (a.product ?? '') === (b.product ?? '') &&
  (a.standard ?? '') === (b.standard ?? '') &&
  a.traits.length === b.traits.length &&
  a.traits.every((trait, at) => trait === b.traits[at]);

/** Items with what is ordered alike on one line, in the order it first stands: the hinges of both leaves of a pair are one. */
export function orderedItems(items: readonly Item[]): Item[] {
  const lines: Item[] = [];
  for (const item of items) {
    // A set has few lines: looking through them beats keeping a map for each opening.
    const at = lines.findIndex((line) => orderedAlike(line, item));
    const line = lines[at];
    if (!line) lines.push(item);
    else
      lines[at] = {
        ...line,
        quantity: line.quantity + item.quantity,
        handed: line.handed || item.handed,
      };
  }
  return lines;
}

/** Numbers what is ordered, alike things alike, and writes each out once: for all openings of a project. */
export class OrderNumbers {
  private readonly known = new Map<string, Map<number, { item: Item; number: number }[]>>();
  private readonly texts: string[] = [];

  of(item: Item): number {
    const name = item.term || item.written || '';
    let sizes = this.known.get(name);
    if (!sizes) this.known.set(name, (sizes = new Map()));
    // Things of one name differ by their sizes most of all; equal sums are told apart below.
    const size = (item.width ?? 0) + (item.height ?? 0) + (item.length ?? 0);
    let near = sizes.get(size);
    if (!near) sizes.set(size, (near = []));
    for (const one of near) if (orderedAlike(one.item, item)) return one.number;
    const number = this.texts.push(JSON.stringify(orderOf(item))) - 1;
    near.push({ item, number });
    return number;
  }

  /** What {@link orderOf} says of all that has this number, as a JSON string. */
  textOf = (number: number): string => this.texts[number]!;
}

const WITH_HARDWARE: ReadonlySet<string> = new Set(SET_STAGES);

/**
 * Whether nothing open may still change what is ordered for an opening. Its hand may be open: it is the
 * heading's, not the set's.
 */
export const isSettled = ({ decisions }: Pick<DecidedOpening, 'decisions'>): boolean =>
  !decisions.some(({ status, stage }) => status === 'open' && WITH_HARDWARE.has(stage));
