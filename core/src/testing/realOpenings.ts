import { decideOpening, decisionOf } from '../deciding/index.js';
import type { OpeningFacts } from '../model/index.js';
import { itemText, partsText, valueParts } from '../phrasing/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { unitsOf } from '../scheduling/index.js';

/** An opening as people meet it, what a specifier expects of it, and where that comes from. */
export interface RealOpening {
  name: string;
  facts: OpeningFacts;
  /** Rule or usage that the answer follows. */
  source: string;
  role: string;
  kind: string;
  lock: string;
  /** Number and device. */
  hinges: string;
  securing: string[];
  /** Stops and checks. */
  findings: string[];
}

/** The same opening with what is decided of it. */
export function reads(opening: RealOpening, practice: PracticeId): RealOpening {
  const decided = decideOpening(opening.facts, PRACTICES[practice]);
  const units = unitsOf(decided);
  const value = (key: string) => {
    const decision = decisionOf(decided, key);
    if (!decision) return 'none';
    return decision.value ? partsText(valueParts(decision.value, units)) : 'open';
  };
  const items = (stage: string) =>
    decided.items
      .filter((item) => item.stage === stage)
      .map((item) => `${item.quantity} ${itemText(item, units.language)}`);
  return {
    ...opening,
    role: value('opening.role'),
    kind: value('securing.kind'),
    lock: value('securing.function'),
    hinges: items('hanging')
      .map((line) => line.split(',')[0])
      .join('; '),
    securing: items('securing'),
    findings: decided.findings
      .filter(({ level }) => level !== 'note')
      .map(({ level, code }) => `${level} ${code}`),
  };
}
