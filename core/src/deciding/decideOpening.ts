import {
  bareBasis,
  oneShape,
  practiceFor,
  roomNamed,
  slides,
  STAGES,
  withCurrentChoices,
  type Decision,
  type Finding,
  type Item,
  type OpeningFacts,
  type ProjectBasis,
  type Said,
  type Solid,
} from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { practiceWith } from '../catalogue/index.js';
import { namedProducts, PRODUCT_SLOTS, withProduct } from './products.js';
import { productDecisions } from './productDecisions.js';
import { decideHanding, type Handing } from '../handing/index.js';
import { decideHanging, type Hanging } from '../hanging/index.js';
import { decideSecuring, type Securing } from '../securing/index.js';
import { decideReplacing, type Replacement } from '../replacing/index.js';
import { surveyed, surveyOf, type Survey } from '../survey/index.js';
import { decideSizing, type Sizes } from '../sizing/index.js';
import {
  boltsOf,
  cautionsFor,
  choiceFindings,
  clashFindings,
  fixingFindings,
  type Bolt,
  type Clash,
} from '../checking/index.js';
import { solidsOf } from './solids.js';

/** Everything that follows from one opening's facts. */
export interface DecidedOpening {
  facts: OpeningFacts;
  practice: Practice;
  decisions: Decision[];
  items: Item[];
  solids: Solid[];
  /** What of them is in each other's way. */
  clashes: Clash[];
  findings: Finding[];
  cautions: Said[];
  bolts: Bolt[];
  sizes: Sizes;
  handing: Handing;
  hanging: Hanging;
  securing: Securing;
  survey: Survey;
  /** Present where the opening was surveyed. */
  replacing: Replacement | undefined;
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
): DecidedOpening {
  const basis = 'rooms' in project ? project : bareBasis(project);
  const recorded = withCurrentChoices(stored);
  const usual = practiceFor(recorded.practice, basis);
  const { named, gone } = namedProducts(recorded, basis.products);
  // What a named product measures goes before the practice's usual figures.
  const practice = practiceWith(usual, [...named.values()]);
  const survey = surveyOf(recorded);
  const facts = oneShape(surveyed(recorded, survey));
  const sizes = decideSizing(facts, practice, survey);
  const between = { from: roomNamed(facts.from, basis), to: roomNamed(facts.to, basis) };
  const handing = decideHanding(facts, practice, between);
  const hanging = decideHanging(facts, practice, sizes, handing, survey);
  const replacing = survey.empty
    ? undefined
    : decideReplacing(facts, practice, survey, sizes, hanging, [...basis.practices.values()]);
  const securing = decideSecuring(facts, practice, {
    sizes,
    outsidePull: handing.hand ? handing.hand.swing === 'out' : undefined,
    rooms:
      handing.outside === 'from'
        ? { outside: between.from, inside: between.to }
        : { outside: between.to, inside: between.from },
    specs: basis.locks,
    ...ofHanging(facts, practice, hanging),
  });
  const { solids, clashes } = solidsOf(facts, practice, hanging, securing);
  const findings = [
    ...sizes.findings,
    ...handing.findings,
    ...hanging.findings,
    ...securing.findings,
    ...(replacing?.findings ?? []),
    ...clashFindings(clashes),
    ...fixingFindings(facts, solids),
  ];
  const chosen = productDecisions(facts, sizes, hanging, securing, named, gone);
  findings.push(...chosen.findings);
  const decisions = inOrder(
    [
      ...sizes.decisions,
      ...handing.decisions,
      ...hanging.decisions,
      ...securing.decisions,
      ...(replacing?.decisions ?? []),
    ],
    chosen.decisions,
  );
  if (facts.choices) findings.push(...choiceFindings(facts.choices, decisions, PRODUCT_SLOTS));
  const hung = named.get('hanging.product');
  const items: Item[] =
    facts.none?.hanging !== undefined
      ? []
      : hung
        ? withProduct(hanging.items, hung)
        : [...hanging.items];
  if (facts.none?.securing === undefined) {
    const products = [named.get('securing.product'), named.get('securing.boltsProduct')];
    items.push(
      ...products.reduce(
        (list, product) => (product ? withProduct(list, product) : list),
        securing.items,
      ),
    );
  }
  for (const line of facts.written ?? []) {
    items.push({
      stage: line.stage,
      written: line.description,
      quantity: line.quantity,
      unit: line.unit,
      traits: [],
      handed: false,
      ...(line.size ? { size: line.size } : {}),
      ...(line.finish ? { finish: line.finish } : {}),
    });
  }
  return {
    facts: recorded,
    practice: usual,
    decisions,
    items,
    solids,
    clashes,
    findings,
    cautions: cautionsFor(facts, practice, hanging),
    bolts: boltsOf(
      facts,
      {
        sizing: sizes,
        handing,
        hanging,
        securing,
      },
      findings,
    ),
    sizes,
    handing,
    hanging,
    securing,
    survey,
    replacing,
  };
}

/** Decisions with later ones of earlier stages, each at the end of its own stage. */
function inOrder(decisions: Decision[], late: readonly Decision[]): Decision[] {
  if (late.length === 0) return decisions;
  const place = ({ stage }: Decision) => STAGES.indexOf(stage);
  return [...decisions, ...late].sort((a, b) => place(a) - place(b));
}

/** What securing reads of the hanging: the lock edge, the active leaf's clear width and what is wanted. */
function ofHanging(facts: OpeningFacts, practice: Practice, hanging: Hanging) {
  let value: Decision['value'];
  let edge: Decision['value'];
  for (const one of hanging.decisions) {
    if (one.name === 'clearWidthActive') value = one.value;
    else if (one.name === 'lockEdge') edge = one.value;
  }
  return {
    // A swinging leaf whose edge is not decided square is bevelled, as is usual.
    bevelled: !slides(facts.kind) && !(edge?.type === 'term' && edge.term === 'lockEdge.square'),
    clearActive: value?.type === 'length' ? value.ticks : undefined,
    clearWanted:
      typeof facts.clearWanted === 'number'
        ? facts.clearWanted
        : facts.accessible === true
          ? practice.values.clearWidth.value
          : undefined,
  };
}
