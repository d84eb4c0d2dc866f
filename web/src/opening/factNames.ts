import {
  fieldApplies,
  fieldOf,
  phraseNamed,
  type Decision,
  type Field,
  type FieldName,
  type OpeningFacts,
  type Param,
  type Practice,
  type Units,
} from '@riegel/core';
import { termText } from '../base/words.js';
import { fieldText, optionText } from '../parts/FieldInput.js';

/** Members of a stack that are recorded under another fact than their own name. */
const STACK: Record<string, FieldName> = {
  'leafWidth@inactive': 'inactiveWidth',
  'leafHeight@lower': 'lowerLeafHeight',
  mullion: 'mullionWidth',
  foldGap: 'meetingGap',
  liningDepth: 'wallThickness',
  outsideWidth: 'frameFace',
  outsideHeight: 'frameFace',
};

/** The fact in which a figure of the stack is recorded; undefined where it only follows from others. */
export function stackFact(part: string, kind: OpeningFacts['kind']): FieldName | undefined {
  if (!part.startsWith('sizing.')) return undefined;
  const name = part.slice('sizing.'.length);
  const fact = STACK[name] ?? (name.replace(/@.*$/, '') as FieldName);
  return fieldOf(fact) && (fact === 'meetingGap' || fieldApplies(fact, kind)) ? fact : undefined;
}

/** The fact that says a decision's value outright; undefined where it can only follow or be chosen. */
export function ownFact(
  { key, name, facts }: Pick<Decision, 'key' | 'name' | 'facts'>,
  kind: OpeningFacts['kind'],
): FieldName | undefined {
  const stack = stackFact(key, kind);
  if (stack) return stack;
  const end = name.toLowerCase();
  return facts.find((fact) => fieldOf(fact) && fact.toLowerCase().endsWith(end)) as
    FieldName | undefined;
}

/** The option of a fact that a term names; undefined where the fact has no such option. */
export function optionOf(name: FieldName, term: string): string | undefined {
  const field = fieldOf(name);
  return field?.options?.find((option) => `${field.terms}.${option}` === term);
}

function saysSame(field: Field, value: unknown, param: Param): boolean {
  if (typeof param === 'object' && 'ticks' in param)
    return field.type === 'length' && value === param.ticks;
  if (typeof param === 'number')
    return (field.type === 'count' || field.type === 'minutes') && value === param;
  if (typeof param === 'object' && 'term' in param)
    return field.terms !== undefined && param.term === `${field.terms}.${String(value)}`;
  return typeof param === 'string' && field.type === 'text' && value === param;
}

/** The recorded fact a part of a reason tells of, if it tells of one. */
export function factOfPart(
  about: string | undefined,
  param: Param | undefined,
  decision: Pick<Decision, 'name' | 'facts' | 'key'>,
  facts: OpeningFacts,
): FieldName | undefined {
  if (about === undefined) return undefined;
  if (decision.key.startsWith('sizing.') && about === 'total')
    return /Height/.test(decision.name) ? 'frameHeight' : 'frameWidth';
  const member = stackFact(`sizing.${about}`, facts.kind);
  if (member && fieldOf(member)?.type === 'length') return member;
  if (param === undefined) return undefined;
  return decision.facts.find((name) => {
    const field = fieldOf(name);
    const value = facts[name as keyof OpeningFacts];
    return field !== undefined && value !== undefined && saysSame(field, value, param);
  }) as FieldName | undefined;
}

/** What a fact is called for this opening. */
export function factLabel({ name }: Pick<Field, 'name'>, kind: OpeningFacts['kind']): string {
  if (name === 'leafWidth' && kind === 'unequal-pair') return 'Active leaf width';
  if (name === 'leafHeight' && kind === 'stable') return 'Upper leaf height';
  return termText(`fact.${name}`);
}

/** A recorded fact in words. */
export function factWords(field: Field, facts: OpeningFacts, practice: Practice): string {
  const value = facts[field.name];
  if (value === undefined) return '–';
  if (value === 'unknown') return 'unknown';
  if (field.type === 'choice') return optionText(field, String(value));
  if (field.type === 'yes-no') return value ? 'yes' : 'no';
  const text = fieldText(field, facts, practice);
  return field.type === 'length' ? `${text} ${practice.system === 'inch' ? 'in' : 'mm'}` : text;
}

/** The facts that stand in a decision's reasons already, as figures that lead to them, and the one it is. */
export function factsShown(decision: Decision, facts: OpeningFacts, units: Units): Set<FieldName> {
  const shown = new Set<FieldName>();
  for (const said of decision.reasons)
    for (const { about } of phraseNamed(said, units)) {
      const fact = factOfPart(about, about ? said.params[about] : undefined, decision, facts);
      if (fact) shown.add(fact);
    }
  const own = ownFact(decision, facts.kind);
  if (own) shown.add(own);
  return shown;
}
