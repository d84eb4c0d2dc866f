import type { Message, Level, Param, OpeningFacts, RuleCode } from '../model/index.js';
import type { SwingingBeside, Beside } from './strike.js';

/** Something found among openings, not in one. */
export interface AcrossFinding extends Message {
  code: RuleCode;
  level: Level;
  source: string;
  /** The openings it points at, by id. */
  openings: readonly string[];
}
/** What of a decided opening the rules across openings read. */
export interface ComparisonKey {
  id: string;
  mark: string;
  facts: Pick<OpeningFacts, 'from' | 'to' | 'kind'>;
  role: string | undefined;
  /** What makes openings alike: role, kind, size, rating. */
  alike: string;
  /** What they should have in common, by name: hinge size, lock, closer. */
  shared: Readonly<Record<string, Param | undefined>>;
  /** The room that counts as outside, where the opening is locked. */
  outside: string | undefined;
  /** How it stands beside the opening it names, where all of that is recorded. */
  beside:
    | (SwingingBeside & {
        readonly mark: string;
        readonly at: Beside;
        /** The room its leaf opens into. */
        readonly into: string | undefined;
      })
    | undefined;
}
