export { memberOf, solveChain, type Member, type SolvedChain, type SolvedMember } from './chain.js';
export * from './swing.js';
export { lipOf, type Lip } from './rebated.js';
export { usualFace } from './wall.js';
export { nominalOf } from './nominal.js';
export { intendedDevice, wantsContinuous, type SizedLeaf, type Sizes } from './sizes.js';
export { outOfSquare, type Corner, type OutOfSquare, type Quadrilateral } from './outOfSquare.js';
export { neededLeaf, coverOf, insideOf, type AroundLeaf, type NeededLeaf } from './neededLeaf.js';
export { cutPlan, leafAfterCuts, type CutPlan, type EdgeCut, type EdgeName } from './cutPlan.js';
export { orderLeaf, type LeafOrder } from './orderLeaf.js';
export { halvesOf } from './halves.js';
export { foldLeavesOf } from './leaves.js';
export { widestBesideWall, widestToObstacle, type Handle } from './obstacles.js';
export { hingeEdgeOf, type FittedLeaf, type Fitting } from './fitting.js';
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
