export * from './registry.js';
export * from './kinds.js';
export * from './facts.js';
export * from './factSpec.js';
export { NEEDED_FACTS, OPENING_FACTS } from './openingFacts.js';
export * from './decision.js';
export * from './rule.js';
export { itemOf, withQuantity } from './item.js';
export { termKeyBuilder } from './termKey.js';
export * from './decisionSpec.js';
export { blankRecord, length, Recorder, term, type Recorded, type Why } from './recorder.js';
export { message, type MessageCode, type ParamNames, type ParamsOf } from './message.js';
export {
  NO_BUILDING,
  readBuilding,
  LOAD_USES,
  roomKey,
  type Building,
  type Room,
  type LoadUse,
} from './building.js';
export { ROOM_USE, ROOM_USES, type RoomUse } from './roomUses.js';
export { roomNamed, wayBetween, wayKey, type ProjectBasis, type EgressFlow } from './basis.js';
export { guessRoomUse, mergeRooms, renameRoom, unlistedRooms, withRooms } from './rooms.js';
export { roomGraph, type RoomDoor, type RoomGraph } from './roomGraph.js';
export { placeNamed, PLACE_TRAITS, type Place, type PlaceTrait } from './places.js';
export { COVERED_WAYS, headOf, isPorch, SPACE_WORDS, type PassedSpace } from './spaceWords.js';
export { centredSpan, solid, span, type MeasuredLeaf } from './solid.js';
export {
  currentFacts,
  FACTS_UPGRADES,
  FACTS_VERSION,
  renamedRecords,
  retiredFacts,
  type FactsUpgrade,
  type StoredFacts,
} from './upgrades.js';
