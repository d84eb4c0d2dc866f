import {
  fieldOf,
  formatLength,
  formatQuantity,
  type Observation,
  type Practice,
} from '@riegel/core';
import { termText } from '../../base/words.js';

/** A stored value of a fact as people read it. */
export function factShown(fact: string, value: unknown, practice: Practice): string {
  if (value === undefined || value === null || value === '') return 'nothing';
  if (value === 'unknown') return 'unknown';
  const { system, denominator } = practice;
  const field = fieldOf(fact);
  switch (field?.type) {
    case 'length':
      return formatLength(Number(value), { system, denominator });
    case 'mass':
      return formatQuantity(Number(value), 'mass', system);
    case 'yes-no':
      return value === true ? 'yes' : 'no';
    case 'minutes':
      return value === 0 ? 'not rated' : `${String(value)} min`;
    case 'choice':
      return termText(`${field.terms}.${String(value)}`);
    case 'text':
    case 'count':
      return String(value);
    default:
      return fact === 'observations'
        ? (value as Observation[])
            .map((seen) =>
              'hinges' in seen ? `hinges ${seen.hinges} from the ${seen.stood}` : seen.stood,
            )
            .join('; ')
        : 'changed';
  }
}
