import type { Product } from '../catalogue/index.js';
import {
  asCode,
  blankRecord,
  decisionTable,
  Recorder,
  type Decision,
  type Finding,
  type Stage,
  type RuleCode,
} from '../model/index.js';
import { unmetRequirements } from '../stageContract/index.js';
import { PRODUCT_SLOTS } from '../stageRegistry/index.js';
import type { AnyInput } from './input.js';
import { needsFor } from './products.js';

/** Each slot as a decision of its stage. */
const TABLES = new Map(
  PRODUCT_SLOTS.map((slot) => {
    const [stage, name] = slot.split('.') as [Stage, string];
    return [slot, { name, table: decisionTable(stage, { [name]: asCode() }) }] as const;
  }),
);

/** The products an opening names, as decisions, with findings for what they lack or are not there for. */
export function productDecisions(
  input: AnyInput,
  named: ReadonlyMap<string, Product>,
  gone: readonly string[],
): { decisions: readonly Decision[]; findings: readonly Finding[] } {
  if (named.size === 0 && gone.length === 0) return { decisions: [], findings: [] };
  const { facts, practice } = input;
  const needs = needsFor(input);
  const into = blankRecord();
  for (const slot of PRODUCT_SLOTS) {
    const { name, table } = TABLES.get(slot)!;
    const record = new Recorder(facts, table.stage as Stage, table, into, practice);
    const product = named.get(slot);
    if (gone.includes(slot))
      record.report(
        'check',
        'catalogue.gone',
        { product: String(facts.choices![slot]!.value) },
        'catalogue',
        [slot],
      );
    if (!product) continue;
    const need = needs.find((one) => one.slot === slot);
    const lacks = need ? unmetRequirements(need, product) : [];
    const called = `${product.maker} ${product.model}`;
    record.decide(name, `=${called}`, { basis: 'chosen', reasons: () => lacks, facts: [slot] });
    for (const lack of lacks)
      into.findings.push({
        ...lack,
        code: lack.code as RuleCode,
        level: 'stop',
        source: called,
        parts: [slot],
        stage: record.stage,
      });
  }
  return into;
}
