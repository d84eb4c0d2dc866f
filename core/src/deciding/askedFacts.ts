import type { Stage } from '../model/index.js';
import { fieldApplies, FIELDS, type Field } from '../stageRegistry/index.js';
import type { DecidedOpening } from './decided.js';

/** A fact nobody recorded, with what recording it would do. */
export interface AskedFact {
  field: Field;
  /** Keys of open decisions it would help to settle. */
  settles: string[];
  /** Stages with a finding that points at it and is not accepted. */
  told: Stage[];
  /** How many decisions it has a say in. */
  touches: number;
}

/**
 * The facts that nobody recorded and that mean something for this kind of opening, the most telling first:
 * what settles most open decisions, then what a finding points at, then what is asked first of every opening, then
 * what has a say in most.
 */
export function askedFacts({
  facts,
  decisions,
  findings,
}: Pick<DecidedOpening, 'facts' | 'decisions' | 'findings'>): AskedFact[] {
  const settles = new Map<string, string[]>();
  const touches = new Map<string, number>();
  for (const decision of decisions)
    for (const name of decision.facts) {
      touches.set(name, (touches.get(name) ?? 0) + 1);
      if (decision.status === 'open')
        settles.set(name, [...(settles.get(name) ?? []), decision.key]);
    }
  const told = new Map<string, Stage[]>();
  for (const { stage, parts, accepted } of findings)
    if (!accepted) for (const name of parts) told.set(name, [...(told.get(name) ?? []), stage]);
  return FIELDS.filter(({ name }) => facts[name] === undefined && fieldApplies(name, facts.kind))
    .map((field, at) => ({
      field,
      settles: settles.get(field.name) ?? [],
      told: told.get(field.name) ?? [],
      touches: touches.get(field.name) ?? 0,
      at,
    }))
    .sort(
      (a, b) =>
        b.settles.length - a.settles.length ||
        b.told.length - a.told.length ||
        Number(b.field.first ?? false) - Number(a.field.first ?? false) ||
        b.touches - a.touches ||
        a.at - b.at,
    )
    .map(({ at: _, ...asked }) => asked);
}
