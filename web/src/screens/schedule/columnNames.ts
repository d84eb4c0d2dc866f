import type { HeadingColumn } from '@riegel/core';

/** Names of the heading columns on the screen. */
export const COLUMN_NAMES: Readonly<Record<HeadingColumn, string>> = {
  mark: 'Mark',
  from: 'From',
  to: 'To',
  role: 'Role',
  kind: 'Kind',
  size: 'Opening',
  thickness: 'Thick',
  leaf: 'Leaf',
  frame: 'Frame',
  hand: 'Hand',
  rating: 'Rating',
  clearWidth: 'Clear',
};
