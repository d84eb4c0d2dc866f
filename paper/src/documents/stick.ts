import { decideOpening } from '@riegel/core';
import { defineDocument, MEDIA, type MakerOf } from './document.js';

/** The story sticks of an opening in true size, tiled or as long pages. */
export const stick = defineDocument({
  id: 'stick',
  file: 'story-stick.pdf',
  route: 'stick.pdf',
  title: 'The story sticks in true size',
  type: MEDIA.pdf,
  scope: 'opening',
  options: { tiled: { kind: 'flag', usual: true } },
  records: false,
  heavy: false,
  background: false,
  released: false,
  offline: false,
});

/** Makes it; its parts are loaded only then. */
export const makeStick: MakerOf<typeof stick> = async (job, { tiled }) => {
  const [{ stickPdf }, { basisOf }] = await Promise.all([
    import('../sheets/stickPdf.js'),
    import('../schedule/schedulePdf.js'),
  ]);
  const facts = job.openings.find(({ id }) => id === job.wanted[0])?.facts;
  const decided = decideOpening(facts ?? { mark: '', kind: 'single' }, basisOf(job));
  return new Uint8Array(await stickPdf(decided, tiled, `${decided.facts.mark}: story stick`));
};
