import { defineDocument, MEDIA, type MakerOf } from './document.js';

/** The schedule as a workbook, a sheet a part. */
export const scheduleWorkbook = defineDocument({
  id: 'schedule-workbook',
  file: 'schedule.xlsx',
  title: 'The schedule as a workbook',
  type: MEDIA.xlsx,
  scope: 'project',
  options: {},
  records: false,
  heavy: false,
  background: false,
  released: true,
  offline: true,
});

/** Makes it; its parts are loaded only then. */
export const makeScheduleWorkbook: MakerOf<typeof scheduleWorkbook> = async (job) => {
  const { scheduleXlsx } = await import('../schedule/workbooks.js');
  return new Uint8Array(await scheduleXlsx(job));
};
