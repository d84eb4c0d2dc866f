import { practiceWith, type Product } from '../catalogue/index.js';
import {
  cautionsFor,
  choiceFindings,
  clashFindings,
  fixingFindings,
  progressOf,
  type Clash,
  type StageProgress,
} from '../checking/index.js';
import {
  Recorder,
  currentFacts,
  type Decision,
  type Finding,
  type Item,
  type OpeningFacts,
  type ProjectBasis,
  type Recorded,
  type Results,
  type Said,
  type Solid,
  type Stage,
} from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { bareBasis, practiceFor } from '../project/index.js';
import { normalizeFacts, placeOf, PRODUCT_SLOTS, STAGE_LIST } from '../stages/index.js';
import { surveyed, surveyOf, type Survey } from '../survey/index.js';
import type { AnyInput } from './input.js';
import { productDecisions } from './productDecisions.js';
import { namedProducts, withProducts } from './products.js';
import { solidsOf } from './solids.js';

/** Everything that follows from one opening's facts. */
export interface DecidedOpening {
  facts: OpeningFacts;
  practice: Practice;
  survey: Survey;
  /** What each stage comes to, by its id. */
  results: Results;
  decisions: readonly Decision[];
  items: readonly Item[];
  solids: readonly Solid[];
  /** What of them is in each other's way. */
  clashes: readonly Clash[];
  findings: readonly Finding[];
  cautions: readonly Said[];
  /** How far each stage of the bolt row has come. */
  progress: readonly StageProgress[];
}

/** The decision of a key, where the opening has it. */
export function decisionOf(
  { decisions }: Pick<DecidedOpening, 'decisions'>,
  key: string,
): Decision | undefined {
  return decisions.find((decision) => decision.key === key);
}

export interface DecideOptions {
  /**
   * Whether decisions come with their reasons, alternatives and questions, as they do unless told
   * otherwise. Nothing else differs without them.
   */
  explain?: boolean;
}

/**
 * Runs the stages in order. Pure and total: the same facts and practice give the same result, and
 * nothing recorded makes it throw; what cannot be decided is open with its question.
 *
 * @param stored the facts as stored, under whatever version's names; what a survey measured fills in what nobody recorded
 * @param project what the project gives: its practice (an opening may name another), its rooms
 */
export function decideOpening(
  stored: OpeningFacts,
  project: ProjectBasis | Practice,
  { explain = true }: DecideOptions = {},
): DecidedOpening {
  const basis = 'rooms' in project ? project : bareBasis(project);
  const recorded = currentFacts(stored);
  const usual = practiceFor(recorded.practice, basis);
  const { named, gone } = namedProducts(recorded, basis.products);
  // What a named product measures goes before the practice's usual figures.
  const practice = practiceWith(usual, [...named.values()]);
  const survey = surveyOf(recorded);
  const facts = normalizeFacts(surveyed(recorded, survey));
  const results: Partial<Record<Stage, unknown>> = {};
  const input: AnyInput = { facts, practice, project: basis, survey, results: results as Results };
  const outcomes = STAGE_LIST.map(({ id, decide, decisions }): Recorded => {
    if (!decide) return NOTHING;
    const record = new Recorder(facts, id as Stage, decisions!, explain);
    results[id as Stage] = decide(input, record);
    return record;
  });
  const { solids, clashes } = solidsOf(input, outcomes);
  const products = productDecisions(input, named, gone);
  const decisions = inOrder(
    outcomes.flatMap((outcome) => outcome.decisions),
    products.decisions,
  );
  const findings = [
    ...outcomes.flatMap((outcome) => outcome.findings),
    ...clashFindings(clashes),
    ...fixingFindings(facts, solids),
    ...products.findings,
    ...(facts.choices ? choiceFindings(facts.choices, decisions, PRODUCT_SLOTS) : []),
  ];
  return {
    facts: recorded,
    practice: usual,
    survey,
    results: input.results,
    decisions,
    items: [...decidedItems(facts, outcomes, named), ...writtenItems(facts)],
    solids,
    clashes,
    findings,
    cautions: cautionsFor(facts, practice, input.results.hanging),
    progress: progressOf(facts, decisions, findings),
  };
}

const NOTHING: Recorded = { decisions: [], items: [], solids: [], findings: [] };

/** Decisions with later ones of earlier stages, each at the end of its own stage. */
function inOrder(decisions: Decision[], late: readonly Decision[]): Decision[] {
  if (late.length === 0) return decisions;
  return [...decisions, ...late].sort((a, b) => placeOf(a.stage) - placeOf(b.stage));
}

/** What the stages decided is in the set, but for those deliberately left without hardware. */
function decidedItems(
  facts: OpeningFacts,
  outcomes: readonly Recorded[],
  named: ReadonlyMap<string, Product>,
): Item[] {
  const items = outcomes.flatMap((outcome) => outcome.items);
  const wanted = facts.none ? items.filter((item) => facts.none![item.stage] === undefined) : items;
  return named.size === 0 ? wanted : withProducts(wanted, named);
}

/** The lines a person wrote. */
function writtenItems(facts: OpeningFacts): Item[] {
  return (facts.written ?? []).map(({ stage, description, quantity, unit, size, finish }) => ({
    stage,
    written: description,
    quantity,
    unit,
    traits: [],
    handed: false,
    ...(size ? { size } : {}),
    ...(finish ? { finish } : {}),
  }));
}
