import {
  bareBasis,
  practiceFor,
  roomNamed,
  type Decision,
  type Finding,
  type Item,
  type OpeningFacts,
  type ProjectBasis,
  type Said,
  type Solid,
} from '../opening/index.js';
import type { Practice } from '../practice/index.js';
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
 * @param project what the project gives: its practice (an opening may name another), its rooms
 */
export function decideOpening(
  facts: OpeningFacts,
  project: ProjectBasis | Practice,
): DecidedOpening {
  const basis = 'rooms' in project ? project : bareBasis(project);
  const practice = practiceFor(facts.practice, basis);
  const sizes = decideSizing(facts, practice);
  const handing = decideHanding(facts, practice, {
    from: roomNamed(facts.from, basis),
    to: roomNamed(facts.to, basis),
  });
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
