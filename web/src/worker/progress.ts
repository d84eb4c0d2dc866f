import type { StageProgress } from '@riegel/core';

/** An opening's bolt row as it crosses from the worker: a letter and a number a stage. */
export interface PackedProgress {
  /** By stage: one of {@link STATES} and one of {@link FINDINGS}, two letters each. */
  marks: string;
  /** Open decisions by stage. */
  open: number[];
  stages: readonly StageProgress['stage'][];
}

const STATES = { open: 'o', decided: 'd', none: 'n' } as const;
const FINDINGS = { stop: 's', check: 'c', note: 'n' } as const;
const STATE_OF = new Map(Object.entries(STATES).map(([state, mark]) => [mark as string, state]));
const FINDING_OF = new Map(
  Object.entries(FINDINGS).map(([level, mark]) => [mark as string, level]),
);

/** The stages are the same for every opening: one list is shared. */
let stages: readonly StageProgress['stage'][] = [];

/** A bolt row in its short form. */
export function packProgress(progress: readonly StageProgress[]): PackedProgress {
  let marks = '';
  for (const { state, finding } of progress)
    marks += STATES[state] + (finding ? FINDINGS[finding] : '-');
  if (stages.length !== progress.length || progress.some(({ stage }, at) => stage !== stages[at]))
    stages = progress.map(({ stage }) => stage);
  return { marks, open: progress.map(({ open }) => open), stages };
}

/** A bolt row as it is drawn. */
export function unpackProgress({ marks, open, stages: of }: PackedProgress): StageProgress[] {
  return of.map((stage, index) => {
    const finding = FINDING_OF.get(marks[2 * index + 1]!) as StageProgress['finding'];
    return {
      stage,
      state: STATE_OF.get(marks[2 * index]!) as StageProgress['state'],
      open: open[index]!,
      ...(finding ? { finding } : {}),
    };
  });
}

/** How much of a stage is thrown and how much deliberately none, over a whole project, 0 to 1. */
export interface StageShare {
  stage: StageProgress['stage'];
  decided: number;
  none: number;
}

/** All of a project's bolts stacked, counted from their short form. */
export function sharesOf(rows: readonly PackedProgress[]): StageShare[] {
  const first = rows[0];
  if (!first) return [];
  return first.stages.map((stage, index) => {
    let [decided, none] = [0, 0];
    for (const { marks } of rows) {
      if (marks[2 * index] === STATES.decided) decided += 1;
      else if (marks[2 * index] === STATES.none) none += 1;
    }
    return { stage, decided: decided / rows.length, none: none / rows.length };
  });
}
