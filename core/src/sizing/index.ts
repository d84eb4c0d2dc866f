export { memberOf, solveChain, type Member, type SolvedChain, type SolvedMember } from './chain.js';
export * from './swing.js';
export { lipOf, type Lip } from './rebated.js';
export { usualFace } from './wall.js';
export { nominalOf } from './nominal.js';
export { intendedDevice, wantsContinuous, type SizedLeaf } from './sizes.js';
export { type Sizes } from './result.js';
export { outOfSquare, type Corner, type OutOfSquare, type Quadrilateral } from './outOfSquare.js';
export { neededLeaf, coverOf, insideOf, type AroundLeaf, type NeededLeaf } from './neededLeaf.js';
export {
  cutPlan,
  EDGE_ENDS,
  leafAfterCuts,
  type CutPlan,
  type EdgeCut,
  type EdgeName,
} from './cutPlan.js';
export { orderLeaf, type LeafOrder } from './orderLeaf.js';
export { halvesOf } from './halves.js';
export { foldLeavesOf } from './leaves.js';
export { widestBesideWall, widestToObstacle, type Handle } from './obstacles.js';
export { hingeEdgeOf } from './fitting.js';
export { type CopiedLeaf, type EdgeGains } from './copiedLeaf.js';
export { type FittedLeaf } from './result.js';
export { type Fitting } from './result.js';
export {
  framingOf,
  glassPlace,
  isFramed,
  leafBody,
  measured,
  measuredLeaves,
  type Framing,
} from './leafBody.js';
export { LEAF_CONSTRUCTIONS, type MeetingEdge } from './facts.js';
export { sizing } from './stage.js';
