import type { ProjectBasis, Stage } from '../opening/index.js';
import type { StageInput } from '../stage/index.js';
import { normalizeFacts } from '../stages/index.js';
import { surveyed } from '../survey/index.js';
import type { DecidedOpening } from './decideOpening.js';

/** The input of any stage: each reads of the results only what it says it needs. */
export type AnyInput = StageInput<Stage>;

/** What the stages read of an opening that was decided. */
export function inputOf(
  { facts, practice, survey, results }: DecidedOpening,
  project: ProjectBasis,
): AnyInput {
  return { facts: normalizeFacts(surveyed(facts, survey)), practice, project, survey, results };
}
