import { decideOpening } from '../deciding/index.js';
import type {
  Decision,
  Finding,
  Item,
  OpeningFacts,
  ProjectBasis,
  Results,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';

/** What one stage comes to for an opening: its result, and what it recorded. */
export function runStage<Id extends keyof Results & string>(
  id: Id,
  facts: OpeningFacts,
  project: Practice | ProjectBasis,
): NonNullable<Results[Id]> & {
  decisions: Decision[];
  findings: Finding[];
  items: Item[];
} {
  const decided = decideOpening(facts, project);
  const own = <T extends { stage: string }>(list: readonly T[]) =>
    list.filter(({ stage }) => stage === id);
  return {
    ...decided.results[id]!,
    decisions: own(decided.decisions),
    findings: own(decided.findings),
    items: own(decided.items),
  };
}
