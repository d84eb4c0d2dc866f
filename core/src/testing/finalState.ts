import { begin, STEPS } from '../deciding/decisionContext.js';
import { finalStateOf } from '../deciding/finalState.js';
import type { FinalState } from '../laws/index.js';
import type { OpeningFacts, ProjectBasis } from '../model/index.js';

/** Decides an opening but for its laws, and gives what puts its final state together, as often as it is asked. */
export function finalStateFor(facts: OpeningFacts, basis: ProjectBasis): () => FinalState {
  const at = begin(facts, basis, false);
  // The last step holds the laws.
  for (const step of STEPS.slice(0, -1)) step(at);
  return () => finalStateOf(at, at.items);
}

/** How an opening will stand, with nothing found before. */
export function finalState(facts: OpeningFacts, basis: ProjectBasis): FinalState {
  return { ...finalStateFor(facts, basis)(), found: [] };
}
