import { defineDocument, MEDIA, textBytes, type MakerOf } from './document.js';

/** The schedule as plain rows, for other programs. */
export const scheduleRows = defineDocument({
  id: 'schedule-rows',
  file: 'schedule.csv',
  title: 'The schedule as plain rows',
  type: MEDIA.csv,
  scope: 'project',
  options: {},
  records: false,
  heavy: false,
  background: false,
  released: true,
  offline: true,
});

/** Makes it; its parts are loaded only then. */
export const makeScheduleRows: MakerOf<typeof scheduleRows> = async (job) => {
  const [{ scheduleCsv }, { scheduleOfJob }] = await Promise.all([
    import('../schedule/csv.js'),
    import('../schedule/schedulePdf.js'),
  ]);
  return textBytes(scheduleCsv(scheduleOfJob(job)));
};
