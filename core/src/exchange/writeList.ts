import { FIELDS } from '../stageRegistry/index.js';
import { practiceFor } from '../project/index.js';
import type { OpeningFacts, ProjectBasis } from '../model/index.js';
import { TERMS } from '../phrasing/index.js';
import { writeField, type FieldValue } from './fieldText.js';

/** Columns that a list always has, filled or not. */
const ALWAYS = new Set(['mark', 'kind', 'from', 'to']);

/**
 * The openings as a list: a heading row of the facts' names, then a row an opening, every value as
 * text that reads back to the same value. Facts that no opening has get no column.
 */
export function listCells(openings: OpeningFacts[], basis: ProjectBasis): string[][] {
  const fields = FIELDS.filter(
    (field) => ALWAYS.has(field.name) || openings.some((facts) => facts[field.name] !== undefined),
  );
  const heading = fields.map((field) => TERMS[`fact.${field.name}`] ?? field.name);
  const rows = openings.map((facts) => {
    const { system } = practiceFor(facts.practice, basis);
    return fields.map((field) => writeField(field, facts[field.name] as FieldValue, system));
  });
  return [heading, ...rows];
}
