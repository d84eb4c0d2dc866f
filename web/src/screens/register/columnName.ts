import { termText } from '../../base/words.js';

/** The name of a column of a pasted list. */
export function columnName(column: string): string {
  if (column === 'size') return 'Size';
  if (column === 'wallSize') return 'Wall opening';
  return column === 'hand' ? 'Hand' : termText(`fact.${column}`);
}
