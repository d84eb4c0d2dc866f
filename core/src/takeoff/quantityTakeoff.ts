import { formatLength, wholeUp, type Ticks } from '../measure/index.js';
import type { Product } from '../catalogue/index.js';
import { opensDoor, type Keying } from '../securing/index.js';
import type { Item } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { termText } from '../phrasing/index.js';
import {
  byMark,
  headingOf,
  keyedDoorOf,
  isSettled,
  lineOf,
  orderedItems,
  orderOf,
  unitsOf,
  type Apart,
  type ScheduledOpening,
} from '../scheduling/index.js';
import { placeOf } from '../stageRegistry/index.js';
import { madeLengths, piecesOf } from './cutting.js';

/** By what lines are put together. */
export const TAKE_OFF_BY = ['all', 'storey', 'set', 'maker', 'apart'] as const;
export type TakeOffBy = (typeof TAKE_OFF_BY)[number];

export interface TakeOffOptions {
  by: TakeOffBy;
  /** Per cent of each line that is ordered besides, at least one piece where it is not 0. */
  spares: number;
  /** Whether hinges are ordered in pairs. */
  pairs: boolean;
}

/** What of a project a take-off follows besides its openings. */
export interface TakeOffProject {
  /** The number of each opening's set, by its id. */
  setOf?: ReadonlyMap<string, number>;
  /** What is kept apart, by marks: a phase, a supplier. */
  apart?: readonly Apart[];
  /** Cylinders are ordered by the keys that turn them. */
  keying?: Keying | undefined;
  /** Products that may be sold by the carton. */
  products?: Iterable<Product>;
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
  /** Cylinders: the keys that turn it. */
  keyed: string;
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
 */
export function quantityTakeoff(
  openings: readonly ScheduledOpening[],
  practice: Practice,
  options: TakeOffOptions,
  { setOf = new Map(), apart = [], keying, products = [] }: TakeOffProject = {},
): TakeOffGroup[] {
  const apartOf = new Map(
    apart.flatMap(({ marks, reason }) => marks.map((mark) => [mark, reason])),
  );
  const cartons = new Map(
    [...products].flatMap(({ maker, model, carton }) =>
      carton ? [[`${maker} ${model}`, carton] as const] : [],
    ),
  );
  const groups = new Map<string, Map<string, Gathered>>();
  const sorted = [...openings].sort((a, b) => byMark.compare(a.mark, b.mark));
  for (const opening of sorted) {
    const { decided, mark } = opening;
    const hand = headingOf(decided).hand.replace(/ active$/, '') || 'open';
    const settled = isSettled(decided);
    for (const item of orderedItems(opening.items)) {
      const group =
        options.by === 'apart'
          ? (apartOf.get(mark) ?? 'all others')
          : groupOf(opening, item, options.by, setOf);
      const lines = groups.get(group) ?? new Map<string, Gathered>();
      groups.set(group, lines);
      const own = item.handed ? hand : '';
      const keyed = item.term?.startsWith('item.cylinder') ? keysOf(opening, keying) : '';
      // A length is bought by the metre: how long each piece is matters to the cutting only.
      const bought = item.unit === 'length' ? { ...item, length: 0 } : item;
      const key = `${orderOf(bought)} ${own} ${keyed}`.trimEnd();
      const gathered = lines.get(key) ?? gather(item, own, keyed, key, opening);
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
        .map((gathered) => ordered(gathered, practice, options, cartons)),
    }));
}

function groupOf(
  { decided, id }: ScheduledOpening,
  { product }: Item,
  by: Exclude<TakeOffBy, 'apart'>,
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

/** The keys that turn the cylinders of an opening, by their groups' names. */
function keysOf({ id, decided }: ScheduledOpening, keying: Keying | undefined): string {
  if (!keying || keying.groups.length === 0) return '';
  const door = keyedDoorOf(id, decided);
  const groups = keying.groups.filter((group) => opensDoor(group, door));
  return groups.map(({ name }) => name).join('; ') || 'no key group';
}

function gather(
  item: Item,
  hand: string,
  keyed: string,
  key: string,
  { decided }: ScheduledOpening,
): Gathered {
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
      keyed,
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
  cartons: ReadonlyMap<string, number>,
): TakeOffLine {
  const more = (count: number) => (spares > 0 ? wholeUp((count * spares) / 100) : 0);
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
  const carton = item.product === undefined ? undefined : cartons.get(item.product);
  if (carton)
    return {
      ...line,
      spares: extra,
      order: wholeUp(all / carton),
      orderUnit: `carton of ${carton}`,
    };
  return pairs && item.term?.startsWith('item.butt') && item.unit === 'each'
    ? { ...line, spares: extra, order: wholeUp(all / 2), orderUnit: termText('unit.pair') }
    : { ...line, spares: extra, order: all, orderUnit: line.unit };
}

/** A short name for a line: 32 bits of its key (FNV-1a), in base 36. */
function refOf(key: string): string {
  let hash = 0x811c9dc5;
  for (let at = 0; at < key.length; at++)
    hash = Math.imul(hash ^ key.charCodeAt(at), 0x01000193) >>> 0;
  return hash.toString(36).toUpperCase().padStart(7, '0');
}
