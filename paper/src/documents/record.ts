import { defineDocument, MEDIA, type MakerOf } from './document.js';

/** What was found at an opening in a round of tests, and by whom. */
export const record = defineDocument({
  id: 'record',
  file: 'record.pdf',
  title: 'What was found at the opening, and by whom',
  type: MEDIA.pdf,
  scope: 'opening',
  options: { round: { kind: 'words', most: 40 } },
  records: true,
  heavy: false,
  background: false,
  released: false,
  offline: false,
});

/** Makes it; its parts are loaded only then. */
export const makeRecord: MakerOf<typeof record> = async ({ wanted, ...job }, { round }) => {
  const { recordPdf } = await import('../site/recordPdf.js');
  return new Uint8Array(await recordPdf({ ...job, wanted: wanted[0] ?? '', round }));
};
