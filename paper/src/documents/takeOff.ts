import { TAKE_OFF_BY } from '@riegel/core';
import { defineDocument, MEDIA, type MakerOf } from './document.js';

/** How a take-off is counted: by what, with which spares in percent, in pairs. */
export const TAKE_OFF_OPTIONS = {
  by: { kind: 'choice', choices: TAKE_OFF_BY, usual: 'all' },
  spares: { kind: 'number', least: 0, most: 50, usual: 0 },
  pairs: { kind: 'flag', usual: false },
} as const;

/** Totals by product, with lists for the makers. */
export const takeOff = defineDocument({
  id: 'take-off',
  file: 'take-off.xlsx',
  title: 'Totals by product, and lists for the makers',
  type: MEDIA.xlsx,
  scope: 'project',
  options: TAKE_OFF_OPTIONS,
  records: false,
  heavy: false,
  background: false,
  released: true,
  offline: true,
});

/** Makes it; its parts are loaded only then. */
export const makeTakeOff: MakerOf<typeof takeOff> = async (job, options) => {
  const { takeOffXlsx } = await import('../schedule/workbooks.js');
  return new Uint8Array(await takeOffXlsx(job, options));
};
