import type { Decision, Value } from '../model/index.js';
import type { DecidedOpening } from './decided.js';

/** A decision that comes out otherwise; a value is absent where it is open or not there. */
export interface DecisionChange {
  key: string;
  stage: Decision['stage'];
  name: string;
  before: Value | undefined;
  after: Value | undefined;
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);

/** The decisions of an opening that differ between two ways of deciding it, in working order. */
export function changesBetween(before: DecidedOpening, after: DecidedOpening): DecisionChange[] {
  const old = new Map(before.decisions.map((decision) => [decision.key, decision]));
  const changes: DecisionChange[] = [];
  for (const decision of after.decisions) {
    const was = old.get(decision.key);
    old.delete(decision.key);
    if (same(was?.value, decision.value)) continue;
    const { key, stage, name, value } = decision;
    changes.push({ key, stage, name, before: was?.value, after: value });
  }
  for (const { key, stage, name, value } of old.values())
    if (value) changes.push({ key, stage, name, before: value, after: undefined });
  return changes;
}
