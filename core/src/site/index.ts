export {
  edgeOf,
  GAP_EDGES,
  GAP_PLACES,
  gapsAfter,
  influence,
  movesOfHinges,
  pointOf,
  type GapEdge,
  type GapPlace,
  type ReadGaps,
  type HingeMoves,
  type HungGeometry,
} from './places.js';
export {
  judgeGaps,
  gapsAfterWork,
  NO_PLANING,
  PLANED_EDGES,
  solveGaps,
  workOf,
  type GapWork,
  type PlanedEdge,
  type PlaneReach,
  type WorkCosts,
  type MoveReach,
  type Solved,
  type WantedGap,
  type WantedGaps,
} from './solveGaps.js';
export { diagnoseGaps, latchMoves } from './diagnoseGaps.js';
export { gapBenches, type GapBench, type HingeMeans } from './gapBench.js';
export {
  adjustmentOf,
  EDGE_WORK,
  predictionErrors,
  oddGap,
  quarters,
  explainErrors,
  type GapAdjustment,
  type EdgeWork,
  type PlaneWork,
  type PredictionError,
  type HingeWork,
} from './adjust.js';
export {
  MAX_RECORD,
  MAX_SIGNATURE,
  readSiteRecord,
  ROUND_KINDS,
  SITE_KINDS,
  type RoundKind,
  type SiteKind,
  type SiteRecord,
  type SiteRecordOf,
} from './records.js';
export {
  closes,
  currentRound,
  inOrder,
  monthsAfter,
  siteState,
  type Defect,
  type GapReadings,
  type SiteState,
} from './state.js';
export { site } from './stage.js';
