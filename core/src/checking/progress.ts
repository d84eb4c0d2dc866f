import type { Decision, Finding, OpeningFacts, SetStage, Stage } from '../model/index.js';
import { BOLT_STAGES, STAGE_LIST } from '../stageRegistry/index.js';

/** How a stage's bolt stands: thrown when decided, notched when deliberately none. */
export type BoltState = 'open' | 'decided' | 'none';

/** How far a stage of an opening has come, with the worst finding. */
export interface StageProgress {
  stage: Stage;
  state: BoltState;
  finding?: Finding['level'] | undefined;
  /** Open decisions of the stage. */
  open: number;
}

const RANK = { stop: 3, check: 2, note: 1 } as const;

/** The bolts: whether their stage decides, and of one that neither decides nor has hardware the facts that are all there is to it. */
const BOLTS = STAGE_LIST.filter(({ id }) => BOLT_STAGES.includes(id as Stage)).map(
  ({ id, decide, hardware, facts }) => ({
    stage: id as Stage,
    decides: decide !== undefined,
    all:
      decide || hardware
        ? []
        : Object.entries(facts).flatMap(([name, { first }]) => (first ? [name] : [])),
  }),
);

/**
 * How far every stage that hardware or a decision belongs to has come. A stage is decided when somebody
 * wrote its hardware, recorded all there is to it, or nothing of it is open, none when so recorded with a reason, else open.
 */
export function progressOf(
  facts: OpeningFacts,
  decisions: readonly Decision[],
  findings: readonly Finding[],
): StageProgress[] {
  // Few are open and few are found: they are looked through for each bolt.
  const open: Stage[] = [];
  for (const { status, stage } of decisions) if (status === 'open') open.push(stage);
  const bolts: StageProgress[] = [];
  for (const bolt of BOLTS) {
    const { stage } = bolt;
    let count = 0;
    for (const one of open) if (one === stage) count += 1;
    const state = stateOf(facts, bolt, count);
    bolts.push({ stage, state, open: count, finding: worstOf(findings, stage) });
  }
  return bolts;
}

function stateOf(
  facts: OpeningFacts,
  { stage, decides, all }: (typeof BOLTS)[number],
  open: number,
): BoltState {
  const { omitted, manualItems } = facts;
  if (omitted && omitted[stage as SetStage] !== undefined) return 'none';
  if (decides && open === 0) return 'decided';
  const written = manualItems && manualItems.some((item) => item.stage === stage);
  const recorded =
    all.length > 0 && all.every((name) => facts[name as keyof OpeningFacts] !== undefined);
  return written || recorded ? 'decided' : 'open';
}

function worstOf(findings: readonly Finding[], of: Stage): Finding['level'] | undefined {
  let worst: Finding['level'] | undefined;
  for (const { stage, level, accepted } of findings)
    if (stage === of && !accepted && (!worst || RANK[level] > RANK[worst])) worst = level;
  return worst;
}

/** The bolts of several openings as one row: each stage as far as the one that is least far, with the worst finding. */
export function leastProgress(rows: readonly (readonly StageProgress[])[]): StageProgress[] {
  const [first = []] = rows;
  return first.map(({ stage }, at) => {
    const bolts = rows.map((row) => row[at]!);
    const state = (['open', 'decided'] as const).find((one) => bolts.some((b) => b.state === one));
    const finding = (['stop', 'check', 'note'] as const).find((one) =>
      bolts.some((bolt) => bolt.finding === one),
    );
    return {
      stage,
      state: state ?? 'none',
      open: bolts.reduce((sum, { open }) => sum + open, 0),
      ...(finding ? { finding } : {}),
    };
  });
}
