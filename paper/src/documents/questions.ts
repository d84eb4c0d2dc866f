import { defineDocument, MEDIA, type MakerOf } from './document.js';

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
});

/** Makes it; its parts are loaded only then. */
export const makeQuestions: MakerOf<typeof questions> = async (job) => {
  const { questionsPdf } = await import('../schedule/questionsPdf.js');
  return new Uint8Array(await questionsPdf(job));
};
