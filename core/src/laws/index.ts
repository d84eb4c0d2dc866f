export type {
  Certainty,
  Crowd,
  FinalSide,
  FinalState,
  SecondLeafHeld,
  SideName,
} from './finalState.js';
export type { Law, SourceBy } from './law.js';
export { LAWS } from './list.js';
export { holdLaws, type LawsHeld, type NotChecked } from './holdLaws.js';
export { faceOf } from './leaving.js';
export { widthNeeded } from './crowd.js';
export { GAPS_AROUND, ratedGapLimit } from './edges.js';
export { LAW_RULES } from './rules.js';
export { LAW_MESSAGES } from './messages.js';
export { LAW_TERMS } from './terms.js';
