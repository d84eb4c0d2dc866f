export {
  LEARNING_BENCHES,
  type Answer,
  type Exercise,
  type HandSeen,
  type LearningBench,
  type Picture,
} from './exercise.js';
export { exerciseOf, seedAt, seriesOf, skillOf, SKILLS } from './series.js';
export {
  answered,
  DAYS,
  masteryOf,
  mergedProgress,
  nextSkill,
  readProgress,
  type Card,
  type Progress,
} from './repetition.js';
