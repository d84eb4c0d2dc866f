export { insteadsOf, type Instead } from './insteads.js';
export { consequencesOf, type Consequences } from './consequences.js';
export {
  assignmentOf,
  factsWith,
  familyOf,
  searchAlternatives,
  TAKEN_REASON,
  type Found,
  type Refused,
  type Searched,
} from './search.js';
export {
  sealTerm,
  WISHES,
  wishesOf,
  type Assignment,
  type Kept,
  type SealChoice,
  type Wish,
} from './wishes.js';
