import {
  drawingsZip,
  pricesXlsx,
  questionsPdf,
  scheduleCsv,
  schedulePdf,
  scheduleXlsx,
  sheetsPdf,
  submittalZip,
  takeOffXlsx,
} from '@riegel/paper';
import { jobOf, type Opened } from './project.js';

const PLAIN = { by: 'all', spares: 0, pairs: false } as const;

type Made = Buffer | Uint8Array | string;

/** Everything that can be made of a project file, by its name on the command line. */
export const EXPORTS: Record<
  string,
  { what: string; make: (opened: Opened, date: string) => Made | Promise<Made> }
> = {
  'schedule.pdf': {
    what: 'the schedule by set',
    make: (one, date) => schedulePdf(jobOf(one, date)),
  },
  'openings.pdf': {
    what: 'the schedule by opening',
    make: (one, date) => schedulePdf(jobOf(one, date), 'opening'),
  },
  'rooms.pdf': {
    what: 'the schedule by room',
    make: (one, date) => schedulePdf(jobOf(one, date), 'room'),
  },
  'schedule.xlsx': {
    what: 'the schedule as a workbook',
    make: (one, date) => scheduleXlsx(jobOf(one, date)),
  },
  'schedule.csv': { what: 'the schedule as rows', make: (one) => scheduleCsv(one.schedule) },
  'take-off.xlsx': {
    what: 'totals by product',
    make: (one, date) => takeOffXlsx(jobOf(one, date), PLAIN),
  },
  'prices.xlsx': {
    what: 'a request for prices',
    make: (one, date) => pricesXlsx(jobOf(one, date), PLAIN),
  },
  'questions.pdf': {
    what: 'what is open, by whom it goes to',
    make: (one, date) => questionsPdf(jobOf(one, date)),
  },
  'preparation.pdf': {
    what: 'the preparation sheets',
    make: (one, date) =>
      sheetsPdf({ ...jobOf(one, date), wanted: one.openings.map(({ id }) => id), address: '' }),
  },
  'drawings.zip': {
    what: 'every sheet as DXF and SVG',
    make: (one, date) =>
      drawingsZip({ ...jobOf(one, date), wanted: one.openings.map(({ id }) => id) }),
  },
  'submittal.zip': {
    what: 'everything in one archive',
    make: (one, date) => submittalZip({ ...jobOf(one, date), address: '' }),
  },
};
