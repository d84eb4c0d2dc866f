import {
  acrossFindings,
  decideOpenings,
  egressOf,
  comparisonKey,
  type AcrossFinding,
  type Finding,
  type NotChecked,
  type OpeningFacts,
  type ProjectBasis,
  type Message,
  type Stage,
} from '@riegel/core';

/** One opening with what is found in it, and what is open. */
export interface FoundIn {
  id: string;
  mark: string;
  storey: string | undefined;
  findings: readonly Finding[];
  /** How many laws hold of it, and those that could not be held against it. */
  kept: number;
  notChecked: readonly NotChecked[];
  questions: readonly { stage: Stage; question: Message }[];
  /** Facts that were assumed or roles guessed, by decision. */
  assumed: number;
}

export interface ProjectFindings {
  openings: FoundIn[];
  across: AcrossFinding[];
}

/** What is found in every opening of a project, and among them. */
export function findingsOf(
  openings: readonly { id: string; facts: OpeningFacts }[],
  basis: ProjectBasis,
): ProjectFindings {
  const alike: ReturnType<typeof comparisonKey>[] = [];
  const all = decideOpenings(openings, basis);
  const found = Array.from(all, ([{ id, facts }, decided]): FoundIn => {
    alike.push(comparisonKey(id, decided));
    return {
      id,
      mark: facts.mark,
      storey: facts.storey,
      findings: decided.findings,
      kept: decided.laws.kept.length,
      notChecked: decided.laws.notChecked,
      questions: decided.decisions.flatMap(({ status, question, stage }) =>
        status === 'open' && question ? [{ stage, question }] : [],
      ),
      assumed: decided.decisions.filter(({ basis: of }) => of === 'assumed').length,
    };
  });
  const egress = egressOf(
    openings.map(({ facts }) => facts),
    basis.rooms,
    basis.practice,
  );
  return { openings: found, across: acrossFindings(alike, egress, basis.practice) };
}
