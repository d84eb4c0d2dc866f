export { csvText } from './cells/csvText.js';
export { guardCell, unguard } from './cells/guardCell.js';
export { face, printable, registerFaces } from './pdf/typefaces.js';
export * from './documents/index.js';
export { makeDocument } from './documents/make.js';
export { optionsSchema, type DocumentOptions } from './documents/options.js';
export type { Progress } from './progress.js';
export { safeCell, scheduleCsv } from './schedule/csv.js';
export type { Revision } from './schedule/frontMatter.js';
export { numbersOf } from './schedule/numbers.js';
export { questionsPdf } from './schedule/questionsPdf.js';
export {
  basisOf,
  openingsOf,
  SCHEDULE_VIEWS,
  scheduleOfJob,
  schedulePdf,
  type ScheduleBy,
  type ScheduleJob,
} from './schedule/schedulePdf.js';
export { openingTable, openTable, roomTable, setTable, type Table } from './schedule/tables.js';
export { pricesXlsx, scheduleXlsx, takeOffXlsx } from './schedule/workbooks.js';
export { workbook } from './schedule/xlsx.js';
export { drawingFiles, drawingsZip } from './sheets/drawingFiles.js';
export { sheetsPdf, type SheetsJob } from './sheets/sheetsPdf.js';
export { stickPdf } from './sheets/stickPdf.js';
export { submittalZip } from './sheets/submittal.js';
export { handoverPdf, type HandoverJob } from './site/handoverPdf.js';
export { recordPdf, type RecordJob } from './site/recordPdf.js';
export { zipOf, type MadeFile } from './sheets/zip.js';
