import {
  practiceFor,
  questionRows,
  questionsOf,
  type ProjectBasis,
  type ProjectQuestion,
} from '@riegel/core';
import { basisOf, paperOf, type ScheduleJob } from './schedulePdf.js';
import { Sheet, type Column } from '../pdf/sheet.js';

const COLUMNS: Column[] = [
  { title: 'ref', share: 9 },
  { title: 'question', share: 50 },
  { title: 'openings', share: 25 },
  { title: 'answer', share: 26 },
];

/** The questions of a project on paper, those to one office together, with room for the answers. */
export function questionsPdf(job: ScheduleJob): Promise<Buffer> {
  const basis: ProjectBasis = basisOf(job);
  const practice = practiceFor(undefined, basis);
  const questions = questionsOf(job.openings, basis);
  const sheet = new Sheet({
    title: `${job.projectName}: questions`,
    paper: paperOf(job, basis),
    footer: `${job.projectName} · questions · ${job.date}`,
  });
  sheet.title(job.projectName);
  sheet.paragraph(
    `Questions about the door hardware · ${job.date} · ${job.openings.length} openings`,
  );
  sheet.paragraph(
    'Please answer beside each, or send the reference with the answer. “Yes” confirms what is assumed. What nobody answers stays open, and is shown as such.',
  );
  const offices = new Map<string, ProjectQuestion[]>();
  for (const question of questions)
    offices.set(question.goesTo, [...(offices.get(question.goesTo) ?? []), question]);
  for (const list of offices.values()) {
    const rows = questionRows(list, practice).slice(1);
    sheet.heading(`To the ${rows[0]![1]}`, `${list.length}`);
    sheet.table(
      COLUMNS,
      rows.map(([ref, , text, openings, likely]) => [
        ref!,
        text!,
        openings!,
        likely && likely !== 'yes' ? `( ${likely} )` : '',
      ]),
    );
  }
  return sheet.finish();
}
