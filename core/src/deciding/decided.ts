import type { LawsHeld } from '../laws/index.js';
import type { Passages } from './passages.js';
import type { Clash, StageProgress } from '../checking/index.js';
import type {
  Decision,
  Finding,
  Item,
  OpeningFacts,
  Results,
  Message,
  Solid,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { Survey } from '../survey/index.js';

/** Everything that follows from one opening's facts. */
export interface DecidedOpening {
  facts: OpeningFacts;
  practice: Practice;
  survey: Survey;
  /** What each stage comes to, by its id. */
  results: Results;
  decisions: readonly Decision[];
  items: readonly Item[];
  solids: readonly Solid[];
  /** What of them is in each other's way. */
  clashes: readonly Clash[];
  findings: readonly Finding[];
  /** Which laws are kept, broken and not checked. */
  laws: LawsHeld;
  /** What decides who gets through it (`whoPasses`). */
  passages: Passages;
  cautions: readonly Message[];
  /** How far each stage of the bolt row has come. */
  progress: readonly StageProgress[];
}

/** The decision of a key, where the opening has it. */
export function decisionOf(
  { decisions }: Pick<DecidedOpening, 'decisions'>,
  key: string,
): Decision | undefined {
  return decisions.find((decision) => decision.key === key);
}
