export {
  groupSets,
  signatureOf,
  byMark,
  type Groupable,
  type HardwareSet,
  type KnownSet,
} from './sets.js';
export { isSettled, orderedItems, orderOf } from './ordered.js';
export {
  HEADING_COLUMNS,
  HEADING_NAMES,
  PAPERS,
  readScheduleSettings,
  type Apart,
  type HeadingColumn,
  type Paper,
  type ScheduleSettings,
} from './settings.js';
export { headingCells, headingOf, unitsOf, type Heading } from './heading.js';
export {
  lineOf,
  scheduleOf,
  type Line,
  type MatrixRow,
  type Schedule,
  type ScheduledSet,
} from './schedule.js';
export { type ScheduledOpening } from './scheduledOpening.js';
export type { AcceptedFinding, RuleFindings, OpenItem } from './openItems.js';
export type { RoomDoors } from './rooms.js';
export { setName } from './setName.js';
export { keyedDoorOf } from './keyedDoor.js';
export {
  itemDifferences,
  nearSets,
  type LineDifference,
  type LineField,
  type NearSets,
} from './differences.js';
export { madeLike, type MadeLike } from './likeSet.js';
export { type CheckedLaw } from './checkedLaws.js';
