import type { Schedule } from '@riegel/core';
import type { Sheet } from '../pdf/sheet.js';

/** The schedule by opening: a row an opening, a column a stage. */
export function openingPages(sheet: Sheet, { matrix }: Schedule): void {
  sheet.part('By opening');
  sheet.doc.addPage();
  sheet.heading('By opening', `${matrix.rows.length} openings`);
  sheet.table(
    [
      { title: 'mark', share: 8 },
      { title: 'set', share: 5 },
      { title: 'to', share: 13 },
      { title: 'opening', share: 15 },
      { title: 'hand', share: 7 },
      { title: 'rating', share: 8 },
      ...matrix.stages.map((title) => ({ title: title.toLowerCase(), share: 20 })),
    ],
    matrix.rows.map(({ heading, set, stages }) => [
      heading.mark,
      set === undefined ? 'open' : String(set),
      heading.to,
      heading.size,
      heading.hand,
      heading.rating,
      ...stages,
    ]),
  );
}

/** The schedule by room: every room with the doors at it. */
export function roomPages(sheet: Sheet, { rooms }: Schedule): void {
  sheet.part('By room');
  sheet.doc.addPage();
  sheet.heading('By room', `${rooms.length} rooms`);
  sheet.table(
    [
      { title: 'room', share: 26 },
      { title: 'storey', share: 12 },
      { title: 'door', share: 10 },
      { title: 'from', share: 26 },
      { title: 'set', share: 8 },
    ],
    rooms.flatMap(({ room, storey, doors }) =>
      doors.map(({ mark, other, set }, at) => [
        at === 0 ? room : '',
        at === 0 ? storey : '',
        mark,
        other || '–',
        set === undefined ? 'open' : String(set),
      ]),
    ),
  );
}
