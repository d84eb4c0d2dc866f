import type { Product } from '../product.js';
import { drillIns, metricButts, usButts, usSpecial } from './butts.js';
import { closers } from './closers.js';
import { concealed } from './concealed.js';
import { electric, plates, stops } from './fittings.js';
import { locks } from './locks/index.js';
import { pivots } from './pivots.js';
import { seals } from './seals.js';

export { MAKERS } from './make.js';

/** The catalogue that ships: invented products with dimensions as the trade makes them. */
export const SHIPPED_PRODUCTS: readonly Product[] = [
  ...usButts(),
  ...usSpecial(),
  ...metricButts(),
  ...drillIns(),
  ...concealed(),
  ...pivots(),
  ...locks(),
  ...closers(),
  ...seals(),
  ...stops(),
  ...plates(),
  ...electric(),
];
