import type { FieldName, Finding, Level, LevelOf, RuleCode, Stage } from '../model/index.js';
import { everyRegion, type SourceBy } from '../practice/index.js';
import type { FinalState } from './finalState.js';

/** One way in which a law is broken. */
interface Broken {
  readonly code: RuleCode;
  readonly level: Level;
  readonly params: Finding['params'];
  /** Decisions or facts it points at. */
  readonly parts: readonly string[];
  /** Where the figure comes from that it was held against; else the law’s own source. */
  readonly source: string | undefined;
}

/** What a law says of an opening: nothing, that it is kept, what it would have to know, how it is broken. */
export type Verdict =
  | { readonly is: 'no concern' }
  | { readonly is: 'kept' }
  | { readonly is: 'not checked'; readonly lacks: readonly FieldName[] }
  | { readonly is: 'broken'; readonly by: Broken };

/** What must be so of every opening as it will stand, and how it is held against one. */
export interface Law {
  /** Its name; its statement is the term `law.…`. */
  readonly id: string;
  /** The stage whose work mends it. */
  readonly stage: Stage;
  readonly source: SourceBy;
  /** Rules of a stage that say the same more closely: where one speaks, the law is silent. */
  readonly saidBy?: readonly RuleCode[];
  readonly hold: (state: FinalState) => Verdict;
}

/** Declares a law. */
export const defineLaw = <const L extends Law>(law: L): L => law;

export const NO_CONCERN: Verdict = { is: 'no concern' };
export const KEPT: Verdict = { is: 'kept' };

/** Says what a law lacks, by the names of the facts that would tell. */
export const lacking = (...lacks: readonly FieldName[]): Verdict => ({ is: 'not checked', lacks });

/** Says how a law is broken. */
export const broken = <Code extends RuleCode>(
  code: Code,
  level: LevelOf<Code>,
  parts: readonly string[],
  params: Finding['params'] = {},
  source?: string,
): Verdict => ({ is: 'broken', by: { code, level, params, parts, source } });

export { everyRegion, type SourceBy };
