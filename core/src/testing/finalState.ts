import { begin, STEPS } from '../deciding/decisionContext.js';
import { finalStateOf } from '../deciding/finalState.js';
import type { FinalState } from '../laws/index.js';
import type { OpeningFacts, ProjectBasis } from '../model/index.js';

/** How an opening will stand, before the laws were held against it. */
export function finalState(facts: OpeningFacts, basis: ProjectBasis): FinalState {
  const at = begin(facts, basis, false);
  // The last step holds the laws.
  for (const step of STEPS.slice(0, -1)) step(at);
  return { ...finalStateOf(at, at.items), found: [] };
}
