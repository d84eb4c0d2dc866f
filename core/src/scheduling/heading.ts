import type { DecidedOpening } from '../deciding/index.js';
import { formatLength } from '../measure/index.js';
import { partsText, termText, valueParts, type Units } from '../phrasing/index.js';
import { HEADING_COLUMNS, type HeadingColumn } from './settings.js';

/** The heading line of one opening in a set, in words. */
export interface Heading extends Record<HeadingColumn, string> {
  mark: string;
  from: string;
  to: string;
  /** What the door is. */
  role: string;
  kind: string;
  size: string;
  thickness: string;
  leaf: string;
  frame: string;
  hand: string;
  rating: string;
  clearWidth: string;
}

/** The units of an opening's practice. */
export function unitsOf(decided: DecidedOpening): Units {
  const { system, denominator, language } = decided.practice;
  return { system, denominator, language };
}

/** What a person reads first of a fact that may be open. */
function decisionText(decided: DecidedOpening, key: string): string {
  const decision = decided.decisions.find((candidate) => candidate.key === key);
  if (!decision?.value) return decision ? 'open' : '';
  return partsText(valueParts(decision.value, unitsOf(decided)));
}

/** What the door is, with a question mark while it is guessed; nothing where nobody asks. */
function roleText(decided: DecidedOpening): string {
  const role = decisionText(decided, 'opening.role');
  const guessed = decided.results.opening.guessed;
  return role && guessed ? `${role} ?` : role;
}

export function headingOf(decided: DecidedOpening): Heading {
  const { facts } = decided;
  const { sizing: sizes } = decided.results;
  const { system, language } = decided.practice;
  const shown = (ticks: number | undefined) =>
    ticks === undefined
      ? '?'
      : formatLength(ticks, { system, denominator: decided.practice.denominator });
  const { assumed } = decided.results.opening;
  const rating = facts.rating;
  return {
    mark: facts.mark,
    from: facts.from ?? '',
    to: facts.to ?? '',
    // A guess is marked as one wherever it is printed.
    role: roleText(decided),
    kind: termText(`kind.${facts.kind}`, language),
    size: `${shown(sizes.frameWidth)} × ${shown(sizes.frameHeight)}`,
    thickness: decisionText(decided, 'sizing.leafThickness'),
    leaf: makeText('construction', facts.leafConstruction, assumed.leafConstruction, language),
    frame: makeText('frameMaterial', facts.frameMaterial, assumed.frameMaterial, language),
    hand: decisionText(decided, 'handing.hand') || decisionText(decided, 'handing.slide'),
    rating:
      rating === undefined
        ? 'open'
        : rating === 'unknown'
          ? 'unknown'
          : rating === 0
            ? 'none'
            : `${rating} min`,
    clearWidth: decisionText(decided, 'hanging.clearWidth'),
  };
}

/** The cells of a heading, in the usual order or of the columns chosen. */
export function headingCells(
  heading: Heading,
  columns: readonly HeadingColumn[] = HEADING_COLUMNS,
): string[] {
  return columns.map((column) => heading[column]);
}

/** What a leaf or a frame is made of; with a question mark where it is assumed. */
function makeText(
  terms: 'construction' | 'frameMaterial',
  recorded: string | undefined,
  assumed: string | undefined,
  language: Units['language'],
): string {
  if (recorded === undefined && assumed === undefined) return 'open';
  if (recorded === 'unknown') return recorded;
  const text = termText(`${terms}.${recorded ?? assumed}`, language);
  return recorded === undefined ? `${text} ?` : text;
}
