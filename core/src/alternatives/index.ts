export { rankedAlternatives, type RankedAlternative } from './rankedAlternatives.js';
export { consequencesOf, type Consequences } from './consequences.js';
export {
  assignmentOf,
  factsWith,
  familyOf,
  searchAlternatives,
  TAKEN_REASON,
  type Found,
  type Refused,
  type SearchResult,
} from './search.js';
export {
  sealTerm,
  CONSTRAINTS,
  wishesOf,
  type Assignment,
  type Kept,
  type SealChoice,
  type Constraint,
} from './constraints.js';
