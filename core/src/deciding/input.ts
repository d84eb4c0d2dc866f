import type { OpeningFacts, ProjectBasis, Stage } from '../model/index.js';
import { fillAssumed } from '../role/index.js';
import type { StageInput } from '../stageContract/index.js';
import { normalizeFacts } from '../stageRegistry/index.js';
import { surveyed, surveyOf } from '../survey/index.js';
import type { DecidedOpening } from './decided.js';
import { namedProducts } from './named.js';
import { practiceOf } from './practiceOf.js';

/** The facts an opening was decided by: recorded, measured, and what is taken where nobody recorded anything. */
export function wholeFacts({
  facts,
  results,
}: Pick<DecidedOpening, 'facts' | 'results'>): OpeningFacts {
  const whole = normalizeFacts(surveyed(facts, surveyOf(facts)));
  fillAssumed(whole, results.opening.assumed);
  return whole;
}

/** The input of any stage: each reads of the results only what it says it needs. */
export type AnyInput = StageInput<Stage>;

/**
 * What the stages read of an opening that was decided. It may have come from another thread as plain
 * data: the survey is read from the facts again.
 */
export function inputOf(
  { facts, practice, results }: Pick<DecidedOpening, 'facts' | 'practice' | 'results'>,
  project: ProjectBasis,
): AnyInput {
  const survey = surveyOf(facts);
  const { named } = namedProducts(facts, project.products);
  return {
    facts: wholeFacts({ facts, results }),
    practice: practiceOf(practice, named, survey),
    project,
    survey,
    results,
  };
}
