import { readColumn, writeField, type FactsPatch } from '../exchange/index.js';
import { normaliseText, type Fault } from '../measure/index.js';
import { phraseText, TERMS } from '../phrasing/index.js';
import type { Practice } from '../practice/index.js';
import { fieldOf } from '../stageRegistry/index.js';
import type { FactValue, ProjectQuestion } from './questions.js';

/** The columns of a sheet of questions that is sent out and comes back. */
export const QUESTION_COLUMNS = ['Ref', 'To', 'Question', 'Openings', 'Likely', 'Answer'] as const;

/** What confirms an assumption in a sheet that came back. */
const YES = new Set(['yes', 'y', 'ok', 'confirmed', 'correct', 'right', 'agreed', 'ja']);

/** A value of a fact as a list writes it. */
export function answerText(column: string, value: FactValue, practice: Practice): string {
  const field = fieldOf(column);
  if (!field) return String(value);
  if (field.options) return TERMS[`${field.terms}.${String(value)}`] ?? String(value);
  return writeField(field, value, practice.system);
}

/** A question in one sentence; of an assumption what is assumed. */
export function questionText(question: ProjectQuestion, practice: Practice): string {
  const said = phraseText(question.said, practice);
  if (question.about === 'open') return said;
  const taken = question.assumed
    .map(({ fact, value }) => `${TERMS[`fact.${fact}`]}: ${answerText(fact, value, practice)}`)
    .join('; ');
  return `Assumed: ${taken}. Is that right?`;
}

/** Questions as rows under {@link QUESTION_COLUMNS}, the answer left blank. */
export function questionRows(
  questions: readonly ProjectQuestion[],
  practice: Practice,
): string[][] {
  return [
    [...QUESTION_COLUMNS],
    ...questions.map((question) => [
      question.ref,
      TERMS[`addressee.${question.goesTo}`]!,
      questionText(question, practice),
      question.openings.map(({ mark }) => mark).join(', '),
      question.about === 'assumed'
        ? 'yes'
        : question.answers
            .map(({ value }) => answerText(question.column, value, practice))
            .join(' / '),
      '',
    ]),
  ];
}

/** Questions as a letter’s text, numbered, each with its reference and openings. */
export function questionLetter(questions: readonly ProjectQuestion[], practice: Practice): string {
  return questions
    .map((question, at) => {
      const [ref, , text, openings, likely] = questionRows([question], practice)[1]!;
      const offer = question.about === 'open' && likely ? `\n   Likely: ${likely}` : '';
      return `${at + 1}. [${ref}] ${text}${offer}\n   Openings: ${openings}`;
    })
    .join('\n\n');
}

/** What came back. */
export interface ReadAnswers {
  changes: { id: string; patch: FactsPatch }[];
  /** Questions that were answered, by reference. */
  answered: string[];
  /** Answers that cannot be read, and references that no question has any more. */
  faults: { ref: string; typed: string; fault: Fault | undefined }[];
}

/**
 * Reads answers out of a sheet’s cells: a row of headings with `Ref` and `Answer`, or lines whose first cell is
 * a reference and whose last is the answer. `yes` confirms what is assumed.
 */
export function readAnswers(
  cells: readonly (readonly string[])[],
  questions: readonly ProjectQuestion[],
  practice: Practice,
): ReadAnswers {
  const heads = (cells[0] ?? []).map((cell) => normaliseText(cell));
  const [refAt, answerAt] = [heads.indexOf('ref'), heads.indexOf('answer')];
  const headed = refAt >= 0 && answerAt >= 0;
  const by = new Map(questions.map((question) => [question.ref, question]));
  const patches = new Map<string, FactsPatch>();
  const read: ReadAnswers = { changes: [], answered: [], faults: [] };
  for (const row of headed ? cells.slice(1) : cells) {
    const filled = row.filter((cell) => cell.trim() !== '');
    const ref = (headed ? (row[refAt] ?? '') : (filled[0] ?? '')).replace(/[[\]]/g, '').trim();
    const typed = (headed ? (row[answerAt] ?? '') : (filled[filled.length - 1] ?? '')).trim();
    if (ref === '' || typed === '' || (!headed && filled.length < 2)) continue;
    const question = by.get(ref.toUpperCase());
    if (!question) {
      read.faults.push({ ref, typed, fault: undefined });
      continue;
    }
    const confirms = question.about === 'assumed' && YES.has(normaliseText(typed));
    const value = confirms ? undefined : readColumn(question.column, typed, practice);
    if (value && !value.ok) {
      read.faults.push({ ref, typed, fault: value.fault });
      continue;
    }
    read.answered.push(question.ref);
    for (const { id, confirm } of question.openings)
      patches.set(id, { ...patches.get(id), ...(value ? value.value : confirm) });
  }
  read.changes = [...patches].map(([id, patch]) => ({ id, patch }));
  return read;
}
