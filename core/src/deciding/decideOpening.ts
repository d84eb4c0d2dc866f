import { practiceWith, type Product } from '../catalogue/index.js';
import {
  cautionsFor,
  choiceFindings,
  contradictionFindings,
  clashFindings,
  fixingFindings,
  progressOf,
  wayFindings,
  withAcceptances,
  type Clash,
  type StageProgress,
} from '../checking/index.js';
import {
  blankRecord,
  itemOf,
  Recorder,
  currentFacts,
  wayBetween,
  type Decision,
  type Finding,
  type Item,
  type OpeningFacts,
  type ProjectBasis,
  type Results,
  type Said,
  type Solid,
  type Stage,
  type WrittenItem,
} from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { withAssumed } from '../role/index.js';
import { bareBasis, practiceFor } from '../project/index.js';
import { normalizeFacts, placeOf, PRODUCT_SLOTS, STAGE_LIST } from '../stages/index.js';
import { surveyed, surveyOf, type Survey } from '../survey/index.js';
import type { AnyInput } from './input.js';
import { productDecisions } from './productDecisions.js';
import { namedProducts } from './named.js';
import { nameProducts } from './products.js';
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
  const own = normalizeFacts(surveyed(recorded, survey));
  const results: Record<string, unknown> = { ...NO_RESULTS };
  const given = { practice, project: basis, survey, results: results as unknown as Results };
  let facts = own;
  let input: AnyInput = inputWith(facts, given);
  const record = blankRecord();
  for (const { id, decide, decisions } of DECIDING) {
    results[id] = decide(input, new Recorder(facts, id, decisions, record, explain));
    if (id !== 'opening') continue;
    // What the door is says what nobody recorded, for all stages after it.
    facts = withAssumed(own, input.results.opening.assumed);
    input = inputWith(facts, given);
  }
  const { items } = record;
  const found = record.findings;
  const { solids, clashes } = solidsOf(input, record.solids);
  if (clashes.length > 0) found.push(...clashFindings(clashes, facts));
  found.push(...fixingFindings(facts, practice, solids));
  const { role } = input.results.opening;
  const lock = input.results.securing.spec;
  found.push(...contradictionFindings({ facts, practice, role, lock }));
  const way = wayBetween(facts.from, facts.to, basis);
  if (way) found.push(...wayFindings(way, facts, practice, record.decisions));
  const products = productDecisions(input, named, gone);
  found.push(...products.findings);
  const decisions = inOrder(record.decisions, products.decisions);
  if (facts.choices) found.push(...choiceFindings(facts.choices, decisions, PRODUCT_SLOTS));
  const findings = withAcceptances(found, facts);
  return {
    facts: recorded,
    practice: usual,
    survey,
    results: input.results,
    decisions,
    items: itemsOf(facts, practice, items, named),
    solids,
    clashes,
    findings,
    cautions: cautionsFor(facts, practice, input.results),
    progress: progressOf(own, decisions, findings),
  };
}

/** What every stage comes to, before any has decided. */
const NO_RESULTS: Readonly<Record<string, undefined>> = Object.fromEntries(
  STAGE_LIST.flatMap(({ id, decide }) => (decide ? [[id, undefined]] : [])),
);

function inputWith(facts: OpeningFacts, given: Omit<AnyInput, 'facts'>): AnyInput {
  const { practice, project, survey, results } = given;
  return { facts, practice, project, survey, results };
}

/** The stages that decide, with what they decide. */
const DECIDING = STAGE_LIST.flatMap(({ id, decide, decisions }) =>
  decide && decisions ? [{ id: id as Stage, decide, decisions }] : [],
);

/** Decisions with later ones of earlier stages, each at the end of its own stage. */
function inOrder(decisions: Decision[], late: readonly Decision[]): Decision[] {
  if (late.length === 0) return decisions;
  return [...decisions, ...late].sort((a, b) => placeOf(a.stage) - placeOf(b.stage));
}

/**
 * The set: what the stages decided, but for those deliberately left without hardware, with the names of
 * products; then the lines a person wrote.
 */
function itemsOf(
  facts: OpeningFacts,
  practice: Practice,
  decided: Item[],
  named: ReadonlyMap<string, Product>,
): Item[] {
  const { omitted: none, manualItems: written } = facts;
  const own = none ? decided.filter((item) => none[item.stage] === undefined) : decided;
  // The other room's leaf in the same frame has all that the first has.
  const twice = facts.twoLeaves === true;
  const standards = practice.values.standards.value;
  // The stages put them down for this opening alone: they are completed where they stand.
  for (const item of own) {
    if (twice && item.term !== 'item.threshold') item.quantity *= 2;
    const standard = item.term && standards[item.term];
    if (standard) item.standard = standard;
  }
  nameProducts(own, named);
  if (!written) return own;
  const all = [...own, ...written.map(writtenItem)];
  return all.sort((a, b) => placeOf(a.stage) - placeOf(b.stage));
}

function writtenItem(line: WrittenItem): Item {
  const { stage, description, quantity, unit, size, finish } = line;
  return itemOf(stage, undefined, quantity, {
    written: description,
    unit,
    size: size || undefined,
    finish: finish || undefined,
  });
}
