/** Cells of a row beyond which a list has no heading any more. */
const LONGEST = 40;

const isName = (cell: string) => cell.length <= LONGEST && !/\d/.test(cell.replace(/\(\d\)/g, ''));

/**
 * The headings of a list whose heading row stands under another that groups its columns: `DOOR | | FRAME |`
 * over `W | H | MATL | TYPE`. A group reaches over the blank cells beside it where there are names below; a
 * column named in the upper row alone has that name.
 *
 * @param row index of the (lower) heading row; below 0 for a list without
 */
export function headingsAt(cells: readonly string[][], row: number): string[] {
  const own = (cells[row] ?? []).map((cell) => cell.trim());
  const upper = (cells[row - 1] ?? []).map((cell) => cell.trim());
  if (row < 1 || !groups(upper, own)) return own;
  let group = '';
  return Array.from({ length: Math.max(own.length, upper.length) }, (_, at) => {
    const [above = '', below = ''] = [upper[at], own[at]];
    if (above) group = above;
    else if (!below) group = '';
    return below ? [group, below].filter(Boolean).join(' ') : above;
  });
}

/** Whether a row groups the columns of the one below: names only, and each column of it that is blank below stands alone. */
function groups(upper: readonly string[], lower: readonly string[]): boolean {
  const filled = upper.filter(Boolean);
  return (
    filled.length >= 2 &&
    filled.every(isName) &&
    lower.filter(Boolean).every(isName) &&
    upper.some((cell, at) => (cell === '') !== ((lower[at] ?? '') === ''))
  );
}
