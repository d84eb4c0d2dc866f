import {
  SET_STAGES,
  type Finding,
  type OpeningFacts,
  type Stage,
  type StageOutcome,
} from '../opening/index.js';

/** How a stage's bolt stands: thrown when decided, notched when deliberately none. */
export type BoltState = 'open' | 'decided' | 'none';

/** One bolt of the row, with the worst finding on its tip. */
export interface Bolt {
  stage: Stage;
  state: BoltState;
  finding?: Finding['level'];
  /** Open decisions of the stage. */
  open: number;
}

const RANK = { stop: 3, check: 2, note: 1 } as const;

/**
 * The state of every stage that hardware or a decision belongs to. A stage is decided when somebody
 * wrote its hardware or nothing of it is open, none when so recorded with a reason, else open.
 */
export function boltsOf(
  facts: OpeningFacts,
  outcomes: Partial<Record<Stage, StageOutcome>>,
  findings: Finding[],
): Bolt[] {
  const worst = new Map<Stage, Finding['level']>();
  for (const finding of findings) {
    const before = worst.get(finding.stage);
    if (!before || RANK[finding.level] > RANK[before]) worst.set(finding.stage, finding.level);
  }
  const stages: Stage[] = ['sizing', 'handing', ...SET_STAGES];
  return stages.map((stage) => {
    const outcome = outcomes[stage];
    const open = outcome?.decisions.filter((decision) => decision.status === 'open').length ?? 0;
    const none = facts.none?.[stage as (typeof SET_STAGES)[number]] !== undefined;
    const written = facts.written?.some((item) => item.stage === stage) ?? false;
    const state: BoltState = none
      ? 'none'
      : written || (outcome && open === 0)
        ? 'decided'
        : 'open';
    const finding = worst.get(stage);
    return { stage, state, open, ...(finding ? { finding } : {}) };
  });
}

/** Marks that stand more than once in a project, for a warning, never a refusal. */
export function duplicateMarks(marks: string[]): Set<string> {
  const seen = new Set<string>();
  const twice = new Set<string>();
  for (const mark of marks) {
    const key = mark.trim().toLowerCase();
    if (seen.has(key)) twice.add(key);
    seen.add(key);
  }
  return twice;
}
