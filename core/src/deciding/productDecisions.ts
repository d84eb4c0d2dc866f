import type { Product } from '../catalogue/index.js';
import type { Hanging } from '../hanging/index.js';
import {
  Settling,
  term,
  type Decision,
  type Finding,
  type OpeningFacts,
} from '../opening/index.js';
import type { Securing } from '../securing/index.js';
import type { Sizes } from '../sizing/index.js';
import { missing, needsOf, type ProductSlot } from './products.js';

/** The products an opening names, as decisions, with findings for what they lack or are not there for. */
export function productDecisions(
  facts: OpeningFacts,
  sizes: Sizes,
  hanging: Hanging,
  securing: Securing,
  named: ReadonlyMap<ProductSlot, Product>,
  gone: readonly ProductSlot[],
): { decisions: Decision[]; findings: Finding[] } {
  if (named.size === 0 && gone.length === 0) return { decisions: [], findings: [] };
  const decisions: Decision[] = [];
  const findings: Finding[] = [];
  const needs = needsOf(facts, sizes, hanging, securing);
  const stageOf = (slot: ProductSlot) =>
    slot.split('.')[0] as 'hanging' | 'securing' | 'closing' | 'sealing';
  for (const slot of gone) {
    const settling = new Settling(facts, stageOf(slot));
    settling.find(
      'check',
      'catalogue.gone',
      { product: String(facts.choices![slot]!.value) },
      'catalogue',
      [slot],
    );
    findings.push(...settling.findings);
  }
  for (const [slot, product] of named) {
    const settling = new Settling(facts, stageOf(slot));
    const need = needs.find((one) => one.slot === slot);
    const lacks = need ? missing(need, product) : [];
    settling.fix(slot.split('.')[1]!, term(`=${product.maker} ${product.model}`), {
      basis: 'chosen',
      reasons: lacks,
      facts: [slot],
    });
    for (const lack of lacks)
      settling.find('stop', lack.code, lack.params, `${product.maker} ${product.model}`, [slot]);
    decisions.push(...settling.decisions);
    findings.push(...settling.findings);
  }
  return { decisions, findings };
}
