import { defineDocument, MEDIA, type MakerOf } from './document.js';

/** The schedule of the project, printed by set, by opening or by room. */
export const schedule = defineDocument({
  id: 'schedule',
  file: 'schedule.pdf',
  title: 'The schedule, to be read and printed',
  type: MEDIA.pdf,
  scope: 'project',
  options: { by: { kind: 'choice', choices: ['set', 'opening', 'room'], usual: 'set' } },
  variants: [
    { file: 'openings.pdf', title: 'The schedule by opening', options: { by: 'opening' } },
    { file: 'rooms.pdf', title: 'The schedule by room', options: { by: 'room' } },
  ],
  records: false,
  heavy: false,
  background: true,
  released: true,
  offline: true,
});

/** Makes it; its parts are loaded only then. */
export const makeSchedule: MakerOf<typeof schedule> = async (job, { by }, told) => {
  const { schedulePdf } = await import('../schedule/schedulePdf.js');
  return new Uint8Array(await schedulePdf(job, by, told));
};
