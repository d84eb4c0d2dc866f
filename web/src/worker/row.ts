import {
  SET_STAGES,
  TERMS,
  decideOpening,
  decisionOf,
  itemSizeParts,
  lengthPart,
  partsText,
  unitsOf,
  valueParts,
  type Basis,
  type DecidedOpening,
  type Item,
  type OpeningFacts,
  type Part,
  type ProjectBasis,
  type Role,
  type Rounding,
  type SetStage,
  type System,
  type Ticks,
} from '@riegel/core';
import { itemText, termText } from '../base/words.js';
import { packProgress, type PackedProgress } from './progress.js';

/** What a register cell shows. */
export interface Cell {
  parts: Part[];
  /** For sorting and searching. */
  text: string;
  basis: Basis | 'open';
}

/** A text, or a length that is put into the units of its opening where it is shown. */
type PackedPart = string | [ticks: Ticks, rounding: Rounding];

/**
 * A line of the register as it crosses from the worker: texts and figures, no objects that have to be
 * cloned one by one. What a cell shows of it is put together when it is looked at.
 */
export interface PackedRow {
  id: string;
  system: System;
  denominator: number;
  /** By column, `undefined` where nothing is decided of it. */
  cells: Record<string, PackedPart[]>;
  bases: Record<string, Cell['basis']>;
  /** What the door was guessed to be; undefined where somebody said it, or nothing tells. */
  guessed?: Role | undefined;
  /** The four-hand code by which a hand is typed, in every practice; empty while there is none. */
  handCode: string;
  progress: PackedProgress;
  stops: number;
  checks: number;
  open: number;
}

/** Short names of what is not a butt hinge, for a narrow column. */
const SHORT: Record<string, string> = {
  'item.offsetPivot': 'pivots',
  'item.centrePivot': 'centre-hung',
  'item.continuous': 'continuous',
  'item.drillIn': 'drill-in',
  'item.teeHinge': 'T-hinges',
  'item.rising': 'rising',
  'item.doubleActingSpring': 'sprung',
  'item.track': 'sliding',
};

const OPEN: PackedPart[] = ['open'];

/** The long hand names cut down for a narrow column: the part before the explanation. */
function shortHand(text: string): string {
  return text
    .replace(/^none; pivots (left|right).*/, 'pivots $1')
    .replace(/^to the (left|right).*/, 'to $1')
    .replace(', both leaves', ' both')
    .replace(/^(left|right), opens (in|out) \(\w+( active)?\)$/, '$1, $2$3')
    .replace(' active', ' act.');
}

function handCodeOf({ facts, results }: DecidedOpening): string {
  const { hand, names, active } = results.handing;
  if (!hand || !names || facts.kind === 'double-egress') return '';
  return active ? `${names.code} active` : names.code;
}

function hingesOf(items: readonly Item[]): PackedPart[] {
  const hanging = items.filter((item) => item.stage === 'hanging');
  const hung = hanging[0];
  if (!hung) return OPEN;
  if (hung.term !== 'item.butt')
    return [
      `${hung.quantity} · ${SHORT[hung.term ?? ''] ?? itemText({ ...hung, traits: [] }).toLowerCase()}`,
    ];
  const count = `${hanging.reduce((sum, item) => sum + item.quantity, 0)} · `;
  if (hung.height !== undefined && hung.width !== undefined && !hung.size)
    return [count, [hung.height, 'nearest'], ' × ', [hung.width, 'nearest']];
  return [count, partsText(itemSizeParts(hung, { system: 'inch' }))];
}

/** What a stage puts on the opening, in a line; what is deliberately none says so. */
function hardwareOf({ items, progress }: DecidedOpening, stage: SetStage): PackedPart[] {
  const of = items.filter((item) => item.stage === stage);
  if (of.length > 0) return [of.map(itemText).join('; ')];
  return progress.find((one) => one.stage === stage)?.state === 'none' ? ['none'] : [];
}

/** Stages with columns of their own making, and the one whose column is the number of the set. */
const OTHERWISE: readonly SetStage[] = ['hanging', 'securing'];

/** Stages of which the register shows their hardware in a line. */
export const HARDWARE_COLUMNS: readonly SetStage[] = SET_STAGES.filter(
  (stage) => !OTHERWISE.includes(stage),
);

/** What is shown of the facts themselves where it is assumed. */
const MAKES = [
  ['leafConstruction', 'construction'],
  ['frameMaterial', 'frameMaterial'],
] as const;

/** Decides an opening and keeps what the register shows of it. */
export const packRow = (id: string, facts: OpeningFacts, basis: ProjectBasis): PackedRow =>
  packDecided(id, facts, decideOpening(facts, basis, { explain: false }));

/** What the register shows of a decided opening. */
export function packDecided(id: string, facts: OpeningFacts, opening: DecidedOpening): PackedRow {
  const units = unitsOf(opening);
  const cells: PackedRow['cells'] = {};
  const bases: PackedRow['bases'] = {};
  const put = (column: string, parts: PackedPart[], of: Cell['basis']) => {
    cells[column] = parts;
    bases[column] = parts === OPEN ? 'open' : of;
  };
  const decided = (key: string): [PackedPart[], Cell['basis']] => {
    const decision = decisionOf(opening, key);
    if (!decision) return [[], 'derived'];
    const { value } = decision;
    if (!value) return [OPEN, 'open'];
    return value.type === 'length'
      ? [[[value.ticks, value.rounding]], decision.basis]
      : [[partsText(valueParts(value, units))], decision.basis];
  };
  const { role, guessed } = opening.results.opening;
  const [named, roleBasis] = decided('opening.role');
  put('role', role ? [termText(`short.role.${role}`)] : named, roleBasis);
  put('escape', ...decided('opening.escape'));
  put('frameWidth', ...decided('sizing.frameWidth'));
  put('frameHeight', ...decided('sizing.frameHeight'));
  const [handed, handBasis] = decided('handing.hand');
  const [hand, of] = handed.length > 0 ? [handed, handBasis] : decided('handing.slide');
  put('hand', hand === OPEN ? OPEN : [shortHand(hand.join(''))], of);
  // A rebated leaf is named and ordered by its size over all.
  const overAll = decisionOf(opening, 'sizing.overAll')?.value;
  const { width, height } = overAll?.type === 'size' ? overAll : opening.results.sizing.leaves[0]!;
  put(
    'leafSize',
    width !== undefined && height !== undefined ? [[width, 'down'], ' × ', [height, 'down']] : OPEN,
    'derived',
  );
  put('hinges', hingesOf(opening.items), 'derived');
  put('clearWidth', ...decided('hanging.clearWidth'));
  put('lock', ...decided('securing.kind'));
  put('lockFunction', ...decided('securing.function'));
  for (const stage of HARDWARE_COLUMNS) put(stage, hardwareOf(opening, stage), 'derived');
  put('bottomGap', ...decided('sizing.undercut'));
  put('rating', [ratingText(facts.rating)], 'given');
  put('kind', [termText(`short.kind.${facts.kind}`)], 'given');
  const { assumed } = opening.results.opening;
  for (const [name, terms] of MAKES) {
    const value = assumed[name];
    if (value !== undefined)
      put(name, [TERMS[`short.${terms}.${value}`] ?? termText(`${terms}.${value}`)], 'assumed');
  }
  let [stops, checks, open] = [0, 0, 0];
  for (const { level, accepted } of opening.findings) {
    if (accepted) continue;
    if (level === 'stop') stops += 1;
    else if (level === 'check') checks += 1;
  }
  for (const stage of opening.progress) open += stage.open;
  return {
    id,
    ...(guessed ? { guessed: role } : {}),
    system: units.system,
    denominator: units.denominator ?? 16,
    cells,
    bases,
    handCode: handCodeOf(opening),
    progress: packProgress(opening.progress),
    stops,
    checks,
    open,
  };
}

function ratingText(rating: OpeningFacts['rating']): string {
  if (rating === undefined) return '';
  return rating === 0 ? '–' : String(rating);
}

/** What a column is sorted by: a length by its ticks, else its text. */
export function sortKeyOf(row: PackedRow, column: string): number | string | undefined {
  const packed = row.cells[column];
  if (!packed || row.bases[column] === 'open') return undefined;
  const [first] = packed;
  return typeof first === 'object' ? first[0] : cellOfRow(row, column)!.text;
}

const shown = new WeakMap<PackedRow, Map<string, Cell>>();

/** What a column shows of a line, put together once; undefined where nothing is decided of it. */
export function cellOfRow(row: PackedRow, column: string): Cell | undefined {
  const packed = row.cells[column];
  if (!packed) return undefined;
  let cells = shown.get(row);
  if (!cells) shown.set(row, (cells = new Map<string, Cell>()));
  const before = cells.get(column);
  if (before) return before;
  const { system, denominator } = row;
  const parts = packed.map((part) =>
    typeof part === 'string' ? part : lengthPart(part[0], { system, denominator }, part[1]),
  );
  const cell: Cell = { parts, text: partsText(parts), basis: row.bases[column]! };
  cells.set(column, cell);
  return cell;
}
