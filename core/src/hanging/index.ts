export { leafMass, gradingMass, gradeFor, type LeafMass } from './mass.js';
export { buttRow, buttWidth, setBackFor, heavyReasons } from './butt.js';
export { hingeCount, intermediatePivots } from './count.js';
export { hingePositions, halfPattern } from './positions.js';
export { hingeForces } from './force.js';
export { swingPlan, type Swinging } from './swingPlan.js';
export type { Hanging, HungLeaf } from './hung.js';
export {
  bestShift,
  matchPatterns,
  onLeaf,
  patternLibrary,
  patternOf,
  surveyedHinges,
  type Fit,
  type PatternMatch,
  type SurveyedHinges,
} from './matching.js';
export { CUT_TO_SURVEY } from './existing.js';
export { objections, deviceFor, type DeviceCase } from './device.js';
export { compareSchools, hingeLoads, longestRun, type HingeLoad, type School } from './loads.js';
export { movedHinge, snapHinge, type SnapTo } from './snapping.js';
export { concealedData, type ConcealedDevice } from './concealed.js';
export { MAX_SET } from './facts.js';
export { COUNTS, type ButtForm } from './decisions.js';
export { hanging } from './stage.js';
export { peopleToLift } from './lifting.js';
