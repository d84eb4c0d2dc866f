import type { Schedule } from '@riegel/core';
import { FAINT, MARGIN, type Sheet } from '../pdf/sheet.js';

const LINE = 11.5;
const COLUMN = 118;

/** Where each mark is printed: filled in when every page is written. */
export interface MarkIndex {
  /** Notes the page of a set, or of what has no number. */
  note(place: string): void;
  fill(): void;
}

/** Room for an index of marks in columns, right after the front pages. */
export function indexPages(sheet: Sheet, { matrix, sets }: Schedule): MarkIndex {
  const entries = matrix.rows.map(({ heading, set }) => ({
    mark: heading.mark,
    set,
    place: set === undefined ? 'undecided' : `set-${set}`,
  }));
  const names = new Map(sets.map(({ number, name }) => [number, name]));
  sheet.part('Index');
  sheet.heading('Index', 'mark, set, page', 'index');
  const columns = Math.max(1, Math.floor(sheet.width / COLUMN));
  const pages: { page: number; from: number; rows: number; top: number }[] = [];
  for (let from = 0; from < entries.length || pages.length === 0;) {
    if (from > 0) sheet.doc.addPage();
    const top = sheet.doc.y;
    const rows = Math.max(1, Math.floor((sheet.bottom - top) / LINE));
    pages.push({ page: sheet.page, from, rows, top });
    from += rows * columns;
  }
  const noted = new Map<string, number>();
  return {
    note: (place) => void noted.set(place, sheet.page),
    fill: () => {
      for (const { page, from, rows, top } of pages) {
        sheet.doc.switchToPage(page);
        const here = entries.slice(from, from + rows * columns);
        // Columns of one height: nobody looks for the last mark at the far end of a page.
        const tall = Math.ceil(here.length / columns);
        here.forEach(({ mark, set, place }, at) => {
          const x = MARGIN + Math.floor(at / tall) * COLUMN;
          const y = top + (at % tall) * LINE;
          const number = noted.get(place);
          sheet.mark(
            'P',
            () => {
              sheet.at(mark, x, y, { size: 8.3, face: 'bold', width: 46 });
              sheet.at(set === undefined ? 'open' : `set ${set}`, x + 46, y, {
                size: 8.3,
                width: 34,
              });
              sheet.at(number === undefined ? '' : String(number + 1), x + 80, y, {
                size: 8.3,
                colour: FAINT,
                width: 22,
                align: 'right',
              });
            },
            set === undefined ? mark : `${mark}, set ${set}, ${names.get(set) ?? ''}`,
          );
          sheet.doc.goTo(x, y - 1, COLUMN - 12, LINE, place);
        });
      }
    },
  };
}
