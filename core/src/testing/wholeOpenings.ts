import { decideOpening, decisionOf } from '../deciding/index.js';
import type { OpeningFacts, Stage } from '../model/index.js';
import { itemText, partsText, valueParts } from '../phrasing/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { unitsOf } from '../scheduling/index.js';

/** An opening as people meet it, with what closes, protects, seals and powers it, and where that comes from. */
export interface WholeExample {
  name: string;
  practice: PracticeId;
  facts: OpeningFacts;
  /** Rule or usage that the answer follows. */
  source: string;
  /** Closer, size to set, stop. */
  closing: string;
  items: string[];
  /** Stops and checks of these stages. */
  findings: string[];
}

const STAGES: ReadonlySet<Stage> = new Set(['closing', 'protecting', 'sealing', 'powering']);

/** The same opening with what is decided of it. */
export function readsWhole(example: WholeExample): WholeExample {
  const decided = decideOpening(example.facts, PRACTICES[example.practice]);
  const units = unitsOf(decided);
  const value = (key: string) => {
    const decision = decisionOf(decided, key);
    if (!decision) return '–';
    return decision.value ? partsText(valueParts(decision.value, units)) : 'open';
  };
  return {
    ...example,
    closing: ['closing.device', 'closing.size', 'closing.stop'].map(value).join(', '),
    items: decided.items
      .filter(({ stage }) => STAGES.has(stage))
      .map((item) => `${item.quantity} ${itemText(item, units.language)}`),
    findings: decided.findings
      .filter(({ level, stage }) => level !== 'note' && STAGES.has(stage))
      .map(({ level, code }) => `${level} ${code}`),
  };
}
