import { defineDocument, MEDIA } from './document.js';

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
  make: async (job, _options, told) =>
    (await import('../sheets/submittal.js')).submittalZip(job, told),
});
