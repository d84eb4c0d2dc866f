import { decideOpening, decisionOf } from '../deciding/index.js';
import type { OpeningFacts } from '../model/index.js';
import { itemText, partsText, valueParts } from '../phrasing/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { unitsOf } from '../scheduling/index.js';

/** An opening as a list gives it: its rooms, its size, perhaps a rating; and the whole set that a specifier expects. */
export interface ListExample {
  practice: PracticeId;
  facts: Partial<OpeningFacts>;
  /** Rule or usage that the answer follows. */
  source: string;
  /** Role and thickness of the leaf. */
  is: string;
  set: string[];
  /** Stops and checks. */
  findings: string[];
}

/** The same opening with what is decided of it, where the list says nothing more than `rest`. */
export function readsList(example: ListExample, rest: OpeningFacts): ListExample {
  const decided = decideOpening({ ...rest, ...example.facts }, PRACTICES[example.practice]);
  const units = unitsOf(decided);
  const value = (key: string) => {
    const decision = decisionOf(decided, key);
    return decision?.value ? partsText(valueParts(decision.value, units)) : 'open';
  };
  return {
    ...example,
    is: `${value('opening.role')}, ${value('sizing.leafThickness')}`,
    set: decided.items.map(
      (item) =>
        `${item.quantity} ${item.unit === 'pair' ? 'pr ' : ''}${itemText(item, units.language)}`,
    ),
    findings: decided.findings
      .filter(({ level }) => level !== 'note')
      .map(({ level, code }) => `${level} ${code}`),
  };
}
