import type { Answerer, Finding, Rule } from '../model/index.js';
import { RULES } from './allRules.js';

/** Sources that an authority interprets: codes of fire, escape and access. */
const CODES =
  /NFPA|IBC|IRC|ADA|UL \d|EN 1634|EN 1155|Approved Document|national rule|DIN 18040|AS 1428/;

/**
 * Finds who must answer a finding, as its rule has it.
 *
 * @example whoAnswers({ code: 'powering.noAlarm', source: '' }) // 'electrician'
 */
export function whoAnswers({ code, source }: Pick<Finding, 'code' | 'source'>): Answerer {
  const rule: Rule | undefined = RULES[code];
  if (rule && rule.who !== 'source') return rule.who;
  return CODES.test(source) ? 'authority' : 'specifier';
}
