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

/** In how many openings a stage is decided and in how many deliberately none. */
export interface StageCount {
  stage: StageProgress['stage'];
  decided: number;
  none: number;
}

/** Counts an opening's bolts into a project's, or out of them. */
export function countProgress(
  counts: StageCount[],
  { marks, stages: of }: PackedProgress,
  by: 1 | -1,
): void {
  of.forEach((stage, index) => {
    const count = (counts[index] ??= { stage, decided: 0, none: 0 });
    const mark = marks[2 * index];
    if (mark === STATES.decided) count.decided += by;
    else if (mark === STATES.none) count.none += by;
  });
}
