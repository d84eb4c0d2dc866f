import { getOwn, type Fault } from '../measure/index.js';
import {
  hasActiveLeaf,
  valueOrUndefined,
  type OpeningFacts,
  type OpeningKind,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { withPoint } from './guessList.js';
import { impliedKind } from './impliedKind.js';
import { REMARK, wordKey, type ListMapping } from './listMapping.js';
import { metresAsMm } from './metresText.js';
import { readColumn, splitPatch } from './patch.js';
import type { Column, FactsPatch } from './factsPatch.js';
import { namedByWall } from './wallModule.js';
import { factsInRemark } from './remarkText.js';

/** A cell that was not understood. */
export interface UnreadCell {
  column: Column;
  typed: string;
  fault: Fault;
}

/** One row of a list, read. */
export interface ListRow {
  /** Index of the row in the list. */
  at: number;
  mark: string;
  patch: FactsPatch;
  unread: UnreadCell[];
  /** Why the whole row cannot be taken: no mark, or a mark that stands twice. */
  fault?: Fault;
}

/**
 * Reads one row under a mapping: what a cell says of its own facts, then what it says aside, then the kind that
 * follows, the hand by that, and what remarks state; each yields to what goes before it. Columns without a fact
 * go into the note with their headings.
 */
export function readRow(
  row: string[],
  at: number,
  headings: string[],
  mapping: ListMapping,
  practice: Practice,
): ListRow {
  let patch: FactsPatch = {};
  let hand: FactsPatch = {};
  let aside: FactsPatch = {};
  const kinds: OpeningKind[] = [];
  const unread: UnreadCell[] = [];
  const remarks: string[] = [];
  const said: string[] = [];
  mapping.columns.forEach((column, index) => {
    const typed = (row[index] ?? '').trim();
    if (!column || typed === '') return;
    if (column === REMARK || column === 'note') said.push(typed);
    if (column === REMARK) {
      const heading = headings[index]?.trim();
      remarks.push(heading ? `${heading}: ${typed}` : typed);
      return;
    }
    const word = getOwn(getOwn(mapping.words, column) ?? {}, wordKey(typed));
    if (word === '') return;
    const text = word ?? cellText(typed, column, headings[index] ?? '', mapping);
    const result = readColumn(column, text, practice, mapping.system);
    if (!result.ok) unread.push({ column, typed, fault: result.fault });
    else {
      if (result.value.kind !== undefined) kinds.push(result.value.kind);
      const parts = splitPatch(column, result.value);
      aside = { ...aside, ...parts.aside };
      if (column === 'hand') hand = parts.about;
      else patch = { ...patch, ...parts.about };
    }
  });
  patch = { ...aside, ...patch };
  const wide = valueOrUndefined(patch.frameWidth ?? patch.leafWidth) ?? 0;
  const widest = practice.values.leafUsual.value;
  patch = namedByWall(patch, practice, wide > widest);
  patch = { ...patch, ...impliedKind(patch, hand, widest, mapping.columns, said, kinds) };
  patch = { ...patch, ...handFor(patch, hand) };
  if (said.length > 0)
    patch = { ...factsInRemark(said.join('; '), patch.kind ?? 'single', practice), ...patch };
  if (remarks.length > 0) {
    const note = [patch.note, `${remarks.join('; ')}.`].filter(Boolean).join(' ');
    patch = { ...patch, note: note.slice(0, 2000) };
  }
  return { at, mark: patch.mark ?? '', patch, unread };
}

/** A cell as its column reads it: metres and decimal commas of the list, the side a `DIN` heading means. */
function cellText(
  typed: string,
  column: Column,
  heading: string,
  { system, decimalComma }: ListMapping,
): string {
  if (column === 'hand' && /\bdin\b/i.test(heading) && /^(?:l|r|links|rechts)$/i.test(typed))
    return `DIN ${typed}`;
  const metric = system === 'metric' && OF_OPENINGS.has(column) ? metresAsMm(typed) : typed;
  return decimalComma ? withPoint(metric) : metric;
}

/** Columns whose figures may stand in metres. */
const OF_OPENINGS: ReadonlySet<Column> = new Set([
  'size',
  'wallSize',
  ...['frame', 'leaf', 'wall'].flatMap((of) => [`${of}Width`, `${of}Height`]),
]);

/** On a pair a bare hand code names the active leaf. */
export function handFor(facts: Partial<OpeningFacts>, patch: FactsPatch): FactsPatch {
  if (
    !hasActiveLeaf(facts.kind ?? 'single') ||
    patch.hingeSide === undefined ||
    patch.hingeSide === 'unknown'
  )
    return patch;
  return { active: patch.hingeSide, swing: patch.swing };
}
