import { BOLT_STAGES, type Stage } from '@riegel/core';
import { termText } from '../base/words.js';
import { SIDE_PAGES } from './sidePages.js';

/** Where a stage of the bolt row stands in it, from 1: its number and its key. */
export const BOLT_PLACES: ReadonlyMap<Stage, number> = new Map(
  BOLT_STAGES.map((stage, index) => [stage, index + 1]),
);

/** The key that leads to a stage of the bolt row: its number, from the tenth on Alt and the number after ten. */
export function boltKey(place: number): string {
  return place <= 9 ? String(place) : `Alt+${place - 9}`;
}

/** The keys of the bolt row as a person reads them: 1 … 9, Alt 1 … */
export function boltKeys(count: number): string {
  const few = `1 … ${Math.min(count, 9)}`;
  if (count <= 9) return few;
  return count === 10 ? `${few}, Alt 1` : `${few}, Alt 1 … ${count - 9}`;
}

export interface OpeningPage {
  name: string;
  /** Below the address of the opening; empty for its first page. */
  path: string;
}

/** Every page of an opening, in the order of the work. */
export const OPENING_PAGES: readonly OpeningPage[] = [
  { name: termText('stage.opening'), path: '' },
  ...BOLT_STAGES.map((stage) => ({ name: termText(`stage.${stage}`), path: stage })),
  ...SIDE_PAGES.map(({ name, path }) => ({ name, path })),
];

/** The address of an opening, or of a page of it. */
export function openingAddress(projectId: string, openingId: string, path = ''): string {
  return `/projects/${projectId}/openings/${openingId}${path && `/${path}`}`;
}
