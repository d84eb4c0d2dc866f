export { withAssumed } from './assumes.js';
export type { WholeOpening } from './decide.js';
export { ESCAPES, OCCUPANCIES, type Escape, type Occupancy } from './facts.js';
export { guessRole, likelyRoles, type TwoRooms } from './guess.js';
export { spaceOf, type Space } from './spaces.js';
export { opening } from './stage.js';
