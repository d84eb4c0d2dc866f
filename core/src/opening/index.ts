export * from './stages.js';
export * from './facts.js';
export * from './decision.js';
export * from './fields.js';
export { Settling, term, length, said } from './settle.js';
export {
  NO_BUILDING,
  readBuilding,
  ROOM_USES,
  roomKey,
  type Building,
  type Room,
  type RoomUse,
} from './building.js';
export {
  bareBasis,
  catalogueWith,
  practiceFor,
  projectBasis,
  roomNamed,
  type ProjectBasis,
} from './basis.js';
export { guessRoomUse, renameRoom, unlistedRooms, withRooms } from './rooms.js';
export { about, solid, span } from './solid.js';
export { oneShape } from './oneShape.js';
export { choiceOf, withCurrentChoices } from './choices.js';
