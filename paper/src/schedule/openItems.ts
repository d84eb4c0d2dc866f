import type { Schedule } from '@riegel/core';
import type { Sheet } from '../pdf/sheet.js';

const joined = (marks: readonly string[]) => marks.join(', ');

/** What is found, open, accepted and assumed: printed, never hidden. */
export function openItems(sheet: Sheet, schedule: Schedule): void {
  const { findings, open, accepted, assumed, checked } = schedule;
  const empty = [findings, open, accepted, assumed, checked].every(({ length }) => length === 0);
  if (empty) return;
  sheet.part('Open items');
  sheet.doc.addPage();
  if (findings.length > 0) {
    sheet.heading('Findings', 'not accepted by anybody', 'findings');
    sheet.table(
      [
        { title: 'level', share: 6 },
        { title: 'finding', share: 54 },
        { title: 'openings', share: 20 },
        { title: 'source', share: 20 },
      ],
      findings.flatMap(({ level, source, told }) =>
        told.map(({ text, marks }, at) => [
          at === 0 ? level : '',
          text,
          joined(marks),
          at === 0 ? source : '',
        ]),
      ),
    );
  }
  if (open.length > 0) {
    sheet.heading('Open questions', '', 'questions');
    sheet.table(
      [
        { title: 'stage', share: 10 },
        { title: 'question', share: 60 },
        { title: 'openings', share: 30 },
      ],
      open.map(({ stage, text, marks }) => [stage, text, joined(marks)]),
    );
  }
  if (assumed.length > 0) {
    sheet.heading('Assumed', 'confirmed by nobody yet', 'assumed');
    sheet.table(
      [
        { title: 'assumed', share: 40 },
        { title: 'openings', share: 60 },
      ],
      assumed.map(({ text, marks }) => [text, joined(marks)]),
    );
  }
  if (checked.length > 0) {
    sheet.heading(
      'Checked',
      'what was held against each opening, and what could not be',
      'checked',
    );
    sheet.table(
      [
        { title: 'what is to hold', share: 40 },
        { title: 'holds at', share: 8 },
        { title: 'does not', share: 16 },
        { title: 'not checked: not recorded', share: 36 },
      ],
      checked.map(({ text, kept, broken, notChecked }) => [
        text,
        kept > 0 ? String(kept) : '–',
        joined(broken) || '–',
        notChecked.map(({ lacks, marks }) => `${lacks}: ${joined(marks)}`).join('; ') || '–',
      ]),
    );
  }
  if (accepted.length > 0) {
    sheet.heading('Accepted findings', 'by whom and why', 'accepted');
    sheet.table(
      [
        { title: 'finding', share: 42 },
        { title: 'openings', share: 18 },
        { title: 'by', share: 12 },
        { title: 'reason', share: 28 },
      ],
      accepted.map(({ text, marks, by, reason }) => [text, joined(marks), by, reason]),
    );
  }
}
