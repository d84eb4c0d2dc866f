import {
  message,
  type Choice,
  type Decision,
  type Finding,
  type Stage,
  type RuleCode,
} from '../model/index.js';
import { isStage, SET_STAGES } from '../stageRegistry/index.js';

const SOURCE = 'a choice recorded for this opening';

/**
 * Tells of every choice that does not hold: one that this opening does not take (any more), and one for
 * something that is not decided here. A choice is never dropped without a word.
 *
 * @param named keys that are read elsewhere: the products an opening names
 */
export function choiceFindings(
  choices: Readonly<Record<string, Choice>>,
  decisions: readonly Decision[],
  named: readonly string[],
): Finding[] {
  const findings: Finding[] = [];
  for (const [key, { reason }] of Object.entries(choices)) {
    if (named.includes(key)) continue;
    const decision = decisions.find((one) => one.key === key);
    // What is open waits for its question; the choice comes into force with the answer.
    if (decision && (decision.basis === 'chosen' || decision.status === 'open')) continue;
    const told = decision
      ? message('choice.notTaken', {
          decision: { term: `name.${decision.stage}.${decision.name}` },
          reason,
        })
      : message('choice.nothing', { key, reason });
    findings.push({
      ...told,
      code: told.code as RuleCode,
      level: 'check',
      source: SOURCE,
      parts: [key],
      stage: decision?.stage ?? stageOf(key),
    });
  }
  return findings;
}

/** The stage a key names; of one that names none the first a set has. */
function stageOf(key: string): Stage {
  const name = key.split('.')[0]!;
  return isStage(name) ? name : SET_STAGES[0]!;
}
