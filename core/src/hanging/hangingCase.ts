import type { Practice } from '../practice/index.js';
import type { Sizes } from '../sizing/index.js';
import type { HangingRecord } from './decisions.js';
import type { HungLeaf } from './hung.js';

/** A leaf to be hung, and with what. */
export interface HangingCase {
  record: HangingRecord;
  practice: Practice;
  sizes: Sizes;
  hung: HungLeaf;
  metal: string;
}
