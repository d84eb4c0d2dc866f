/** A formula guard taken off: what {@link guardCell} put on. */
export function unguard(cell: string): string {
  return GUARDED.test(cell) ? cell.slice(1) : cell;
}

/** Blanks, controls and signs of no width (zero-width, soft hyphen, direction marks, fillers) that a spreadsheet may skip. */
const UNSEEN = String.raw`(?:[\s\p{Cc}\p{Cf}\p{Z}\u115f\u1160\u3164\uffa0]|\u034f|[\ufe00-\ufe0f])*`;
const SIGN = String.raw`[=+\-@\uff1d\uff0b\uff0d\uff20\u2212\ufe62\ufe63\ufe66\ufe6b]`;

/** What a spreadsheet would run as a formula, also behind what is not seen and in other widths. */
const FORMULA = new RegExp(`^${UNSEEN}${SIGN}`, 'u');
const GUARDED = new RegExp(`^'+${UNSEEN}${SIGN}`, 'u');

/** A cell that no spreadsheet takes for a formula; {@link unguard} gives it back unchanged. */
export function guardCell(cell: string): string {
  return FORMULA.test(cell) || GUARDED.test(cell) ? `'${cell}` : cell;
}
