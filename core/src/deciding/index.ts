export { decideOpening, type DecidedOpening } from './decideOpening.js';
export { changesBetween, type DecisionChange } from './changes.js';
export {
  candidates,
  missing,
  needsOf,
  PRODUCT_SLOTS,
  type Candidate,
  type Need,
  type ProductSlot,
} from './products.js';
