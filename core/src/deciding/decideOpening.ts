import type { Decision, Finding, Item, OpeningFacts, Said, Solid } from '../opening/index.js';
import { practiceOf, type Practice } from '../practice/index.js';
import { decideHanding, type Handing } from '../handing/index.js';
import { decideHanging, type Hanging } from '../hanging/index.js';
import { decideSizing, type Sizes } from '../sizing/index.js';
import { boltsOf, cautionsFor, type Bolt } from '../checking/index.js';

/** Everything that follows from one opening's facts. */
export interface DecidedOpening {
  facts: OpeningFacts;
  practice: Practice;
  decisions: Decision[];
  items: Item[];
  solids: Solid[];
  findings: Finding[];
  cautions: Said[];
  bolts: Bolt[];
  sizes: Sizes;
  handing: Handing;
  hanging: Hanging;
}

/**
 * Runs the stages in order. Pure and total: the same facts and practice give the same result, and
 * nothing recorded makes it throw; what cannot be decided is open with its question.
 *
 * @param projectPractice the project's practice; an opening may name another in its facts
 */
export function decideOpening(facts: OpeningFacts, projectPractice: Practice): DecidedOpening {
  const practice = facts.practice ? practiceOf(facts.practice) : projectPractice;
  const sizes = decideSizing(facts, practice);
  const handing = decideHanding(facts, practice);
  const hanging = decideHanging(facts, practice, sizes, handing);
  const findings = [...sizes.findings, ...handing.findings, ...hanging.findings];
  const items: Item[] = facts.none?.hanging !== undefined ? [] : [...hanging.items];
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
    facts,
    practice,
    decisions: [...sizes.decisions, ...handing.decisions, ...hanging.decisions],
    items,
    solids: hanging.solids,
    findings,
    cautions: cautionsFor(facts, practice, hanging),
    bolts: boltsOf(facts, { sizing: sizes, handing, hanging }, findings),
    sizes,
    handing,
    hanging,
  };
}
