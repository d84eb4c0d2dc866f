import type { Product } from '../catalogue/index.js';
import {
  cautionsFor,
  choiceFindings,
  contradictionFindings,
  clashFindings,
  fixingFindings,
  progressOf,
  withAcceptances,
} from '../checking/index.js';
import { holdLaws, type LawsHeld } from '../laws/index.js';
import {
  blankRecord,
  currentFacts,
  itemOf,
  Recorder,
  type Decision,
  type Item,
  type OpeningFacts,
  type ProjectBasis,
  type Results,
  type Stage,
  type WrittenItem,
} from '../model/index.js';
import { practiceFor } from '../project/index.js';
import { fillAssumed } from '../role/index.js';
import { normalizeFacts, placeOf, PRODUCT_SLOTS, STAGE_LIST } from '../stageRegistry/index.js';
import { surveyed, surveyOf } from '../survey/index.js';
import { practiceOf } from './practiceOf.js';
import type { DecidedOpening } from './decided.js';
import type { DecisionContext } from './context.js';
import { finalStateOf } from './finalState.js';
import { passagesOf, type Passages } from './passages.js';
import type { AnyInput } from './input.js';
import { namedProducts } from './named.js';
import { productDecisions } from './productDecisions.js';
import { nameProducts } from './products.js';
import { clashesOf, solidsOf } from './solids.js';

/** Reads an opening's facts: what every stage starts from. */
export function begin(
  stored: OpeningFacts,
  project: ProjectBasis,
  explain: boolean,
): DecisionContext {
  const recorded = currentFacts(stored);
  const known = normalizeFacts(recorded);
  const usual = practiceFor(known.practice, project);
  const { named, gone } = namedProducts(known, project.products);
  // What a named product measures goes before the practice's usual figures.
  const survey = surveyOf(known);
  const practice = practiceOf(usual, named, survey);
  const facts = survey.empty ? known : normalizeFacts(surveyed(known, survey));
  const results: Record<string, unknown> = { ...NO_RESULTS };
  const input: AnyInput = {
    facts,
    practice,
    project,
    survey,
    results: results as unknown as Results,
  };
  return {
    explain,
    recorded,
    usual,
    named,
    gone,
    results,
    record: blankRecord(),
    input,
    solids: NONE,
    clashes: NONE,
    items: NONE,
    laws: NO_LAWS,
    passages: NO_PASSAGES,
  };
}

const NONE: readonly never[] = [];
const NO_PASSAGES: Passages = { holding: undefined, letIn: false, inside: 'to' };
const NO_LAWS: LawsHeld = { kept: NONE, broken: NONE, notChecked: NONE };

/** What every stage comes to, before any has decided. */
const NO_RESULTS: Readonly<Record<string, undefined>> = Object.fromEntries(
  STAGE_LIST.flatMap(({ id, decide }) => (decide ? [[id, undefined]] : [])),
);

/** What is done with an opening one after the other: each stage decides, then what was decided is held together. */
export const STEPS: readonly ((at: DecisionContext) => void)[] = [
  ...STAGE_LIST.flatMap(({ id, decide, decisions }) => {
    if (!decide || !decisions) return [];
    const step = (at: DecisionContext) => {
      const { items } = at.record;
      const before = items.length;
      at.results[id] = decide(
        at.input,
        new Recorder(
          at.input.facts,
          id as Stage,
          decisions,
          at.record,
          at.input.practice,
          at.explain,
        ),
      );
      // The lines a person wrote into a stage stand in place of what it decided, for later stages too.
      if (at.input.facts.manualItems?.some(({ stage }) => stage === id)) items.length = before;
    };
    return id === 'opening' ? [step, assume] : [step];
  }),
  letIn,
  clash,
  contradict,
  complete,
  hold,
];

/** What the door is says what nobody recorded, for all stages after the first. */
function assume(at: DecisionContext): void {
  fillAssumed(at.input.facts, at.input.results.opening.assumed);
}

/** What is let into leaf and frame or stands on them. */
function letIn(at: DecisionContext): void {
  at.solids = solidsOf(at.input, at.record.solids);
}

/** What of it is in each other's way, or has nothing to hold on to. */
function clash(at: DecisionContext): void {
  const { facts, practice, results } = at.input;
  const { findings } = at.record;
  at.clashes = clashesOf(results.sizing, practice, at.solids);
  if (at.clashes.length > 0) findings.push(...clashFindings(at.clashes, facts));
  findings.push(...fixingFindings(facts, practice, at.solids));
}

/** What of the facts speaks against each other. */
function contradict(at: DecisionContext): void {
  const { facts, practice, results } = at.input;
  const { findings } = at.record;
  const { role } = results.opening;
  const lock = results.securing.spec;
  const { thickness } = results.sizing.leaves[0]!;
  findings.push(...contradictionFindings({ facts, practice, role, lock, thickness }));
}

/** The set with standards, the names of products and the lines a person wrote. */
function complete(at: DecisionContext): void {
  completeItems(at.input, at.record.items, at.named);
  at.items = itemsOf(at.input.facts, at.record.items);
}

/** How it will stand, held against the laws. */
function hold(at: DecisionContext): void {
  const state = finalStateOf(at, at.items);
  const { findings, kept, broken, notChecked } = holdLaws(state);
  at.laws = { kept, broken, notChecked };
  at.passages = passagesOf(state);
  at.record.findings.push(...findings);
}

/** Everything that follows, put together. */
export function finish(at: DecisionContext): DecidedOpening {
  const { input, record, recorded, usual, named, gone, solids, clashes } = at;
  const { facts, practice, results, survey } = input;
  const products = productDecisions(input, named, gone);
  const found = record.findings;
  found.push(...products.findings);
  const decisions = inOrder(record.decisions, products.decisions);
  if (facts.choices) found.push(...choiceFindings(facts.choices, decisions, PRODUCT_SLOTS));
  const findings = withAcceptances(found, facts);
  return {
    facts: recorded,
    practice: usual,
    survey,
    results,
    decisions,
    items: at.items,
    solids,
    clashes,
    findings,
    laws: at.laws,
    passages: at.passages,
    cautions: cautionsFor(facts, practice, results),
    progress: progressOf(facts, record.open, findings),
  };
}

/** Decisions with later ones of earlier stages, each at the end of its own stage. */
function inOrder(decisions: Decision[], late: readonly Decision[]): Decision[] {
  if (late.length === 0) return decisions;
  return [...decisions, ...late].sort((a, b) => placeOf(a.stage) - placeOf(b.stage));
}

/**
 * Puts onto what the stages decided the standard it is ordered by and the name of its product, and has it
 * twice where two leaves stand in one frame. The stages put it down for this opening alone: it is
 * completed where it stands.
 */
function completeItems(
  { facts, practice }: AnyInput,
  items: readonly Item[],
  named: ReadonlyMap<string, Product>,
): void {
  // The other room's leaf in the same frame has all that the first has.
  const twice = facts.twoLeaves === true;
  const standards = practice.values.standards.value;
  for (const item of items) {
    if (twice && item.term !== 'item.threshold') item.quantity *= 2;
    const standard = item.term && standards[item.term];
    if (standard) item.standard = standard;
  }
  nameProducts(items, named);
}

/** The set: what the stages decided, but for those deliberately left without hardware; and the lines a person wrote. */
function itemsOf({ omitted: none, manualItems: written }: OpeningFacts, decided: Item[]): Item[] {
  const own = none ? decided.filter((item) => none[item.stage] === undefined) : decided;
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
