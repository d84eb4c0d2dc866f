import { fieldOf, type FactValue, type OpeningFacts, type Practice } from '@riegel/core';
import { factLabel, factWords } from '../../opening/factNames.js';
import { termText } from '../../base/words.js';

/** A value of a fact as a person would say it. */
export function valueWords(fact: string, value: FactValue, practice: Practice): string {
  if (fact === 'hand')
    return termText(`${practice.handNames === 'four-hand' ? 'hand' : 'handKnuckle'}.${value}`);
  const field = fieldOf(fact);
  if (!field) return String(value);
  if (field.type === 'minutes') return value === 0 ? 'not rated' : `${value} min`;
  return factWords(field, { mark: '', kind: 'single', [fact]: value } as OpeningFacts, practice);
}

/** What a question asks for, as the label of its field. */
export function askedName(column: string): string {
  if (column === 'size') return 'Size, width × height';
  if (column === 'hand') return 'Hand';
  const field = fieldOf(column);
  return field ? factLabel(field, 'single') : column;
}

/** What an answer comes to, in a few words. */
export function comesTo(settles: number, findings: number): string {
  const parts = [
    settles > 0
      ? `decides ${settles}`
      : settles < 0
        ? `asks ${-settles} more`
        : 'decides nothing more',
    findings > 0 ? `${findings} more to check` : findings < 0 ? `${-findings} fewer to check` : '',
  ];
  return parts.filter(Boolean).join(', ');
}
