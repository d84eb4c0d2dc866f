export { gapBenchesOf } from './benches.js';
export { fittingSteps } from './fittingSteps.js';
export { leafRemoval, type LeafRemoval } from './leafRemoval.js';
export { WORK_PARTS, type WorkFigure, type WorkPart, type WorkStep } from './workStep.js';
export { toBring, type ToBring } from './toBring.js';
