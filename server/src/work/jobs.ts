import type { Progress } from '@riegel/paper';

/**
 * Everything that runs in a worker thread: plain data in, plain data out. A thread loads only what its
 * jobs need: who reads a list does not wait for typefaces, pictures and dictionaries.
 */
export const JOBS = {
  readWrites: async (input: Uint8Array) =>
    (await import('../openings/readWrites.js')).readWrites(input),
  readProjectFile: async (input: Uint8Array) =>
    (await import('../projects/readProjectFile.js')).readProjectFile(input),
  writeProjectFile: async (input: import('../projects/writeProjectFile.js').StoredProject) =>
    (await import('../projects/writeProjectFile.js')).writeProjectFile(input),
  weighPassword: async (input: { password: string; own: string[] }) =>
    (await import('../people/weighPassword.js')).weighPassword(input),
  schedule: async (input: import('../schedule/makeSchedule.js').StoredScheduleJob) =>
    (await import('../schedule/makeSchedule.js')).makeSchedule(input),
  schedulePdf: async (
    input: Parameters<typeof import('../schedule/makeSchedule.js').makeSchedulePdf>[0],
    told?: Progress,
  ) => (await import('../schedule/makeSchedule.js')).makeSchedulePdf(input, told),
  scheduleXlsx: async (input: import('../schedule/makeSchedule.js').StoredScheduleJob) =>
    (await import('../schedule/makeSchedule.js')).makeScheduleXlsx(input),
  questionsPdf: async (input: import('../schedule/makeSchedule.js').StoredScheduleJob) =>
    (await import('../schedule/makeSchedule.js')).makeQuestionsPdf(input),
  writeModel: async (
    input: Parameters<typeof import('../schedule/makeSchedule.js').makeModel>[0],
  ) => (await import('../schedule/makeSchedule.js')).makeModel(input),
  takeOffXlsx: async (
    input: Parameters<typeof import('../schedule/makeSchedule.js').makeTakeOffXlsx>[0],
  ) => (await import('../schedule/makeSchedule.js')).makeTakeOffXlsx(input),
  pricesXlsx: async (
    input: Parameters<typeof import('../schedule/makeSchedule.js').makePricesXlsx>[0],
  ) => (await import('../schedule/makeSchedule.js')).makePricesXlsx(input),
  sheetsPdf: async (input: import('../sheets/makeSheets.js').StoredSheetsJob, told?: Progress) =>
    (await import('../sheets/makeSheets.js')).makeSheetsPdf(input, told),
  drawingsZip: async (input: import('../sheets/makeSheets.js').StoredSheetsJob, told?: Progress) =>
    (await import('../sheets/makeSheets.js')).makeDrawingsZip(input, told),
  stickPdf: async (input: Parameters<typeof import('../sheets/makeSheets.js').makeStickPdf>[0]) =>
    (await import('../sheets/makeSheets.js')).makeStickPdf(input),
  submittalZip: async (input: import('../sheets/makeSheets.js').StoredSheetsJob, told?: Progress) =>
    (await import('../sheets/makeSheets.js')).makeSubmittalZip(input, told),
  recordPdf: async (input: import('../site/makeRecord.js').StoredRecordJob) =>
    (await import('../site/makeRecord.js')).makeRecordPdf(input),
  handoverPdf: async (
    input: Parameters<typeof import('../site/makeRecord.js').makeHandoverPdf>[0],
  ) => (await import('../site/makeRecord.js')).makeHandoverPdf(input),
  releaseFiles: async (
    input: Parameters<typeof import('../releases/makeRelease.js').makeRelease>[0],
  ) => (await import('../releases/makeRelease.js')).makeRelease(input),
  compareRelease: async (
    input: Parameters<typeof import('../releases/makeRelease.js').compareStates>[0],
  ) => (await import('../releases/makeRelease.js')).compareStates(input),
  writeList: async (input: import('../lists/writeList.js').ListJob) =>
    (await import('../lists/writeList.js')).writeList(input),
  writeCatalogue: async (
    input: Parameters<typeof import('../lists/writeList.js').writeCatalogue>[0],
  ) => (await import('../lists/writeList.js')).writeCatalogue(input),
  readList: async (input: Uint8Array) => (await import('../lists/readFile.js')).readFileText(input),
  picture: async (input: Uint8Array) =>
    (await import('../photos/readPicture.js')).readPicture(input),
};

export type Jobs = typeof JOBS;
export type JobName = keyof Jobs;
