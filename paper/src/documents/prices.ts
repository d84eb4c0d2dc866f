import { defineDocument, MEDIA, type MakerOf } from './document.js';
import { TAKE_OFF_OPTIONS } from './takeOff.js';

/** A request for prices: what is ordered, with columns to answer in. */
export const prices = defineDocument({
  id: 'prices',
  file: 'prices.xlsx',
  title: 'A request for prices',
  type: MEDIA.xlsx,
  scope: 'project',
  options: TAKE_OFF_OPTIONS,
  records: false,
  heavy: false,
  background: false,
  released: false,
  offline: true,
});

/** Makes it; its parts are loaded only then. */
export const makePrices: MakerOf<typeof prices> = async (job, options) => {
  const { pricesXlsx } = await import('../schedule/workbooks.js');
  return new Uint8Array(await pricesXlsx(job, options));
};
