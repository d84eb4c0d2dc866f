import { defineDocument, MEDIA } from './document.js';

/** What is open or assumed, by who can answer. */
export const questions = defineDocument({
  id: 'questions',
  file: 'questions.pdf',
  title: 'What is open, by who can answer',
  type: MEDIA.pdf,
  scope: 'project',
  options: {},
  records: false,
  heavy: false,
  background: false,
  released: true,
  offline: true,
  make: async (job) => {
    const { questionsPdf } = await import('../schedule/questionsPdf.js');
    return new Uint8Array(await questionsPdf(job));
  },
});
