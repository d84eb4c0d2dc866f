import type { Progress } from '../progress.js';
import type { DocumentJob, Maker } from './document.js';
import { makeDrawings } from './drawings.js';
import { makeHandover } from './handover.js';
import { makePrices } from './prices.js';
import { makeQuestions } from './questions.js';
import { makeRecord } from './record.js';
import { makeSchedule } from './schedule.js';
import { makeScheduleRows } from './scheduleRows.js';
import { makeScheduleWorkbook } from './scheduleWorkbook.js';
import { makeSheets } from './sheets.js';
import { makeStick } from './stick.js';
import { makeSubmittal } from './submittal.js';
import { makeTakeOff } from './takeOff.js';
import { documentOf, type DocumentId } from './list.js';
import { optionsSchema } from './options.js';

/** What makes each document: a line each. */
const MAKERS: Readonly<Record<DocumentId, Maker>> = {
  schedule: makeSchedule as Maker,
  'schedule-rows': makeScheduleRows as Maker,
  'schedule-workbook': makeScheduleWorkbook as Maker,
  'take-off': makeTakeOff as Maker,
  prices: makePrices as Maker,
  questions: makeQuestions as Maker,
  sheets: makeSheets as Maker,
  drawings: makeDrawings as Maker,
  submittal: makeSubmittal as Maker,
  stick: makeStick as Maker,
  record: makeRecord as Maker,
  handover: makeHandover as Maker,
};

/**
 * Makes a document.
 *
 * @param id which of the documents in `list.ts`
 * @param options what is asked of it; what is left out is as usual
 * @param told hears the share that is done, 0 to 1
 * @returns the bytes of its file
 * @throws Error where there is no such document, or an option has a value it cannot have
 */
export async function makeDocument(
  id: string,
  job: DocumentJob,
  options: Readonly<Record<string, unknown>> = {},
  told?: Progress,
): Promise<Uint8Array> {
  const document = documentOf(id);
  if (!document) throw new Error(`There is no document “${id}”.`);
  const { value, error } = optionsSchema(document.options).validate(options);
  if (error) throw new Error(`${document.file}: ${error.message}`);
  return MAKERS[document.id](job, value as never, told);
}
