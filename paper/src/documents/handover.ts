import { defineDocument, MEDIA, type MakerOf } from './document.js';

/** The hand-over pack for the caretaker, in plain words. */
export const handover = defineDocument({
  id: 'handover',
  file: 'hand-over.pdf',
  route: 'handover.pdf',
  title: 'The hand-over pack for the caretaker',
  type: MEDIA.pdf,
  scope: 'project',
  options: {},
  records: true,
  heavy: false,
  background: false,
  released: false,
  offline: false,
});

/** Makes it; its parts are loaded only then. */
export const makeHandover: MakerOf<typeof handover> = async (job) => {
  const { handoverPdf } = await import('../site/handoverPdf.js');
  return new Uint8Array(await handoverPdf(job));
};
