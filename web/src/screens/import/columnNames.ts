import { FIELDS, REMARK } from '@riegel/core';
import { termText } from '../../base/words.js';

/** The columns offered first, in the order a door list has them. */
export const USUAL_COLUMNS = [
  'mark',
  'from',
  'to',
  'storey',
  'kind',
  'size',
  'wallSize',
  'frameWidth',
  'frameHeight',
  'leafThickness',
  'hand',
  'rating',
  'leafConstruction',
  'frameMaterial',
  'note',
] as const;

/** Every other fact that a list may carry. */
export const OTHER_COLUMNS = FIELDS.map((field) => field.name).filter(
  (name) => !(USUAL_COLUMNS as readonly string[]).includes(name),
);

/** The name of a column in menus and chips. */
export function columnName(column: string): string {
  if (column === '') return 'Leave out';
  if (column === REMARK) return 'Into the notes';
  if (column === 'size') return 'Size, width × height';
  if (column === 'wallSize') return 'Wall opening, width × height';
  if (column === 'hand') return 'Hand';
  return termText(`fact.${column}`);
}
