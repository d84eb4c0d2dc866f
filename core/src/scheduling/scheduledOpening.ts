import type { DecidedOpening } from '../deciding/index.js';
import type { Item } from '../model/index.js';

/** An opening as scheduling sees it. */
export interface ScheduledOpening {
  id: string;
  mark: string;
  items: readonly Item[];
  decided: DecidedOpening;
}
