export * from './product.js';
export * from './productTypes.js';
export { MAKERS, SHIPPED_PRODUCTS } from './shipped/index.js';
export {
  MAX_PRODUCTS,
  productCells,
  readProductCells,
  readProducts,
  type ProductRow,
} from './files.js';
export { practiceWith } from './onPractice.js';
export { adjustmentsFor, type Adjustment, type Reveals } from './adjusting.js';
export {
  LOCK_SPECS,
  lockSpecsWith,
  readLocks,
  readLockSpec,
  type LatchKind,
  type LockSpec,
  type Works,
} from './lockSpec.js';
export { boxMeasures, productFromBox } from './fromBox.js';
