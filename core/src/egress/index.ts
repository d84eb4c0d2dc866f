export { loadUseOf, peopleOf } from './people.js';
export type { DoorFacts } from './graph.js';
export { egressOf, withWays, type DoorEgress, type Egress, type RoomEgress } from './ways.js';
