import type { Document } from './document.js';
import { drawings } from './drawings.js';
import { handover } from './handover.js';
import { prices } from './prices.js';
import { questions } from './questions.js';
import { record } from './record.js';
import { schedule } from './schedule.js';
import { scheduleRows } from './scheduleRows.js';
import { scheduleWorkbook } from './scheduleWorkbook.js';
import { sheets } from './sheets.js';
import { stick } from './stick.js';
import { submittal } from './submittal.js';
import { takeOff } from './takeOff.js';

/** Every document that Riegel makes: one file and one line here each. */
const LIST = [
  schedule,
  scheduleRows,
  scheduleWorkbook,
  takeOff,
  prices,
  questions,
  sheets,
  drawings,
  submittal,
  stick,
  record,
  handover,
] as const;

export type DocumentId = (typeof LIST)[number]['id'];

/** Every document, in the order they are offered. */
export const DOCUMENTS: readonly Document<DocumentId>[] =
  LIST as readonly unknown[] as Document<DocumentId>[];

/** The document of an id; undefined where there is none. */
export const documentOf = (id: string): Document<DocumentId> | undefined =>
  DOCUMENTS.find((one) => one.id === id);

/** Its address below the project or the opening. */
export const routeOf = ({ route, file }: Document): string => route ?? file;
