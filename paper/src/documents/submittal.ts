import { defineDocument, MEDIA, type MakerOf } from './document.js';

/** Everything that goes to those who approve, in one archive. */
export const submittal = defineDocument({
  id: 'submittal',
  file: 'submittal.zip',
  title: 'Everything in one archive',
  type: MEDIA.zip,
  scope: 'project',
  options: {},
  records: false,
  heavy: true,
  background: true,
  released: false,
  offline: true,
});

/** Makes it; its parts are loaded only then. */
export const makeSubmittal: MakerOf<typeof submittal> = async (job, _options, told) =>
  (await import('../sheets/submittal.js')).submittalZip(job, told);
