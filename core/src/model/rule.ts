import type { Rules } from './registry.js';

export type Level = 'stop' | 'check' | 'note';

/** Who must be asked about a finding. */
export const ANSWERERS = [
  'authority',
  'electrician',
  'structure',
  'leafMaker',
  'frameMaker',
  'specifier',
] as const;
export type Answerer = (typeof ANSWERERS)[number];

/** A rule by its code: what is not declared cannot be reported. */
export interface Rule {
  /** How grave it may be; where there are several, what is recorded decides. */
  readonly levels: readonly Level[];
  /** Who answers; `source` is the authority where a finding’s source is a code, else whoever specifies. */
  readonly who: Answerer | 'source';
  /** Said of so many openings alike that it is told once a project, not with each. */
  readonly once?: boolean;
}

/** Declares the rules of a stage. */
export const defineRules = <const R extends Readonly<Record<string, Rule>>>(rules: R): R => rules;

/** The codes of all rules. */
export type RuleCode = keyof Rules & string;

/** The levels a rule may be reported at. */
export type LevelOf<Code extends RuleCode> = Rules[Code]['levels'][number];
