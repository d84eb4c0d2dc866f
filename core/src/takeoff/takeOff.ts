import { formatLength, type Ticks } from '../measure/index.js';
import type { Item } from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { termText } from '../phrasing/index.js';
import {
  byMark,
  headingOf,
  isSettled,
  lineOf,
  orderedItems,
  orderOf,
  unitsOf,
  type ScheduledOpening,
} from '../scheduling/index.js';
import { placeOf } from '../stages/index.js';
import { madeLengths, piecesOf } from './cutting.js';

/** By what lines are put together. */
export const TAKE_OFF_BY = ['all', 'storey', 'set', 'maker'] as const;
export type TakeOffBy = (typeof TAKE_OFF_BY)[number];

export interface TakeOffOptions {
  by: TakeOffBy;
  /** Per cent of each line that is ordered besides, at least one piece where it is not 0. */
  spares: number;
  /** Whether hinges are ordered in pairs. */
  pairs: boolean;
}

/** One product as it is ordered: how many by opening, and what that comes to at the counter. */
export interface TakeOffLine {
  /** Stays the same while what is ordered does; a reply is matched by it. */
  ref: string;
  stage: string;
  description: string;
  size: string;
  finish: string;
  standard: string;
  product: string;
  /** Where it is ordered by hand. */
  hand: string;
  unit: string;
  quantity: number;
  /** Openings with how many each. */
  openings: { mark: string; quantity: number }[];
  /** Of which for openings where something is open that may change it. */
  undecided: number;
  spares: number;
  order: number;
  orderUnit: string;
}

export interface TakeOffGroup {
  name: string;
  lines: TakeOffLine[];
}

interface Gathered {
  item: Item;
  hand: string;
  line: Omit<TakeOffLine, 'spares' | 'order' | 'orderUnit'>;
  pieces: Ticks[];
}

/**
 * Totals by product, size, finish and hand, rounded to what is sold: pairs of hinges, made lengths of seals. Lines
 * stand in working order, groups by name.
 *
 * @param setOf the number of each opening's set, by its id
 */
export function takeOff(
  openings: readonly ScheduledOpening[],
  practice: Practice,
  options: TakeOffOptions,
  setOf: ReadonlyMap<string, number> = new Map(),
): TakeOffGroup[] {
  const groups = new Map<string, Map<string, Gathered>>();
  const sorted = [...openings].sort((a, b) => byMark.compare(a.mark, b.mark));
  for (const opening of sorted) {
    const { decided, mark } = opening;
    const hand = headingOf(decided).hand.replace(/ active$/, '') || 'open';
    const settled = isSettled(decided);
    for (const item of orderedItems(opening.items)) {
      const group = groupOf(opening, item, options.by, setOf);
      const lines = groups.get(group) ?? new Map<string, Gathered>();
      groups.set(group, lines);
      const own = item.handed ? hand : '';
      // A length is bought by the metre: how long each piece is matters to the cutting only.
      const bought = item.unit === 'length' ? { ...item, length: 0 } : item;
      const key = `${orderOf(bought)} ${own}`;
      const gathered = lines.get(key) ?? gather(item, own, key, opening);
      lines.set(key, gathered);
      gathered.line.quantity += item.quantity;
      gathered.line.openings.push({ mark, quantity: item.quantity });
      if (!settled) gathered.line.undecided += item.quantity;
      for (let piece = 0; piece < item.quantity; piece++)
        gathered.pieces.push(...piecesOf(item, decided));
    }
  }
  return [...groups]
    .sort(([a], [b]) => byMark.compare(a, b))
    .map(([name, lines]) => ({
      name,
      lines: [...lines.values()]
        .sort(
          (a, b) =>
            placeOf(a.item.stage) - placeOf(b.item.stage) ||
            byMark.compare(a.line.description, b.line.description) ||
            byMark.compare(a.line.size, b.line.size) ||
            byMark.compare(a.hand, b.hand),
        )
        .map((gathered) => ordered(gathered, practice, options)),
    }));
}

function groupOf(
  { decided, id }: ScheduledOpening,
  { product }: Item,
  by: TakeOffBy,
  setOf: ReadonlyMap<string, number>,
): string {
  switch (by) {
    case 'all':
      return '';
    case 'storey':
      return decided.facts.storey ?? 'no storey';
    case 'set':
      return setOf.has(id) ? `Set ${setOf.get(id)}` : 'undecided';
    case 'maker':
      return product?.split(' ').slice(0, -1).join(' ') ?? 'no product named';
  }
}

function gather(item: Item, hand: string, key: string, { decided }: ScheduledOpening): Gathered {
  const units = unitsOf(decided);
  const { description, size, finish, unit, stage } = lineOf(item, units);
  return {
    item,
    hand,
    pieces: [],
    line: {
      ref: refOf(key),
      stage,
      description,
      size: item.unit === 'length' ? '' : size,
      finish,
      standard: item.standard ?? '',
      product: item.product ?? '',
      hand,
      unit,
      quantity: 0,
      openings: [],
      undecided: 0,
    },
  };
}

/** What is told of a line at the counter. */
function ordered(
  { item, line, pieces }: Gathered,
  { values, system, denominator }: Practice,
  { spares, pairs }: TakeOffOptions,
): TakeOffLine {
  const more = (count: number) => (spares > 0 ? Math.ceil((count * spares) / 100 - 1e-9) : 0);
  if (item.unit === 'length') {
    const made = values.sealMade.value;
    const count = madeLengths(pieces, made);
    const total = pieces.reduce((sum, piece) => sum + piece, 0);
    return {
      ...line,
      size: `${formatLength(total, { system, denominator, rounding: 'up' })} in all`,
      spares: more(count),
      order: count + more(count),
      orderUnit: `${termText('unit.length')} of ${formatLength(made, { system, denominator })}`,
    };
  }
  const extra = more(line.quantity);
  const all = line.quantity + extra;
  return pairs && item.term?.startsWith('item.butt') && item.unit === 'each'
    ? { ...line, spares: extra, order: Math.ceil(all / 2), orderUnit: termText('unit.pair') }
    : { ...line, spares: extra, order: all, orderUnit: line.unit };
}

/** A short name for a line: 32 bits of its key (FNV-1a), in base 36. */
function refOf(key: string): string {
  let hash = 0x811c9dc5;
  for (let at = 0; at < key.length; at++)
    hash = Math.imul(hash ^ key.charCodeAt(at), 0x01000193) >>> 0;
  return hash.toString(36).toUpperCase().padStart(7, '0');
}
