export { fillAssumed } from './assumes.js';
export type { WholeOpening } from './decide.js';
export { isUncounted } from './crowds.js';
export { ESCAPES, OCCUPANCIES, type Escape, type Occupancy } from './facts.js';
export { assumptionsOf, type Assumption } from './assumptions.js';
export { guessRole, likelyRoles, roleOfRoom, type TwoRooms } from './guess.js';
export { OUTWARD } from './spaces.js';
export { spaceOf, type Space } from './spaces.js';
export { opening } from './stage.js';
