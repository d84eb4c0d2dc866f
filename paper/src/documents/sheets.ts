import { defineDocument, MEDIA, type MakerOf } from './document.js';

/** The preparation sheets: leaf, frame, numbers. */
export const sheets = defineDocument({
  id: 'sheets',
  file: 'preparation.pdf',
  route: 'sheets.pdf',
  title: 'The preparation sheets',
  type: MEDIA.pdf,
  scope: 'openings',
  options: {},
  records: false,
  heavy: true,
  background: true,
  released: false,
  offline: true,
});

/** Makes it; its parts are loaded only then. */
export const makeSheets: MakerOf<typeof sheets> = async (job, _options, told) => {
  const { sheetsPdf } = await import('../sheets/sheetsPdf.js');
  return new Uint8Array(await sheetsPdf(job, told));
};
