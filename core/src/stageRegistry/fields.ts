import {
  NEEDED_FACTS,
  retiredFacts,
  type FactSpec,
  type FieldName,
  type OpeningFacts,
  type Stage,
} from '../model/index.js';
import { STAGE_LIST } from './list.js';

/** A fact with its name and the stage it is recorded under. */
export interface Field extends FactSpec {
  name: FieldName;
  stage: Stage;
}

function fieldsOf(stage: Stage, specs: Readonly<Record<string, FactSpec>>): Field[] {
  return Object.entries(specs).map(([name, spec]) => ({ ...spec, name: name as FieldName, stage }));
}

/** Every fact that is a single value, in the order it is asked. */
export const FIELDS: readonly Field[] = [
  ...fieldsOf('opening', NEEDED_FACTS),
  ...STAGE_LIST.flatMap(({ id, facts }) => fieldsOf(id as Stage, facts)),
];

const BY_NAME = new Map(FIELDS.map((field) => [field.name as string, field]));

/** The field of that name, or undefined for lists, maps and anything unknown. */
export function fieldOf(name: string): Field | undefined {
  return BY_NAME.get(name);
}

/**
 * The ways a fact of a version is read: as that version had it, then as it is now, for files that people
 * write by hand without saying a version. Empty where there is and was no such fact.
 */
export function fieldsAt(name: string, version: number): readonly Field[] {
  const now = BY_NAME.get(name);
  const retired = retiredFacts(version);
  if (!Object.hasOwn(retired, name)) return now ? [now] : [];
  const was: Field = { ...retired[name]!, name: name as FieldName, stage: now?.stage ?? 'opening' };
  return now ? [was, now] : [was];
}

/** Whether a fact means something for a kind of opening: no lock gap on a pair, no swing on a slider. */
export function fieldApplies(name: FieldName, kind: OpeningFacts['kind']): boolean {
  return BY_NAME.get(name)?.applies(kind) ?? true;
}
