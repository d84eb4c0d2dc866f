import { currentRound, decideOpening, siteState, type SiteRecord } from '@riegel/core';
import { Sheet } from '../pdf/sheet.js';
import { basisOf, paperOf, type ScheduleJob } from '../schedule/schedulePdf.js';
import { roundPages } from './roundPages.js';

/** A record of one opening: which, what was kept of it, and of which round it is told. */
export interface RecordJob extends ScheduleJob {
  wanted: string;
  records: readonly SiteRecord[];
  /** The last that was signed, or the one under way, where none is named. */
  round: string | undefined;
}

/** What was found at an opening, and by whom, as PDF. */
export function recordPdf(job: RecordJob): Promise<Buffer> {
  const basis = basisOf(job);
  const paper = paperOf(job, basis);
  const state = siteState(job.records);
  const round = job.round ?? state.signed.at(-1)?.round ?? currentRound(state, job.date);
  const facts = job.openings.find(({ id }) => id === job.wanted)?.facts;
  const decided = decideOpening(facts ?? { mark: '', kind: 'single' }, basis);
  const sheet = new Sheet({
    title: `${decided.facts.mark}: record`,
    paper: paper === 'Tabloid' ? 'Letter' : paper === 'A3' ? 'A4' : paper,
    footer: `${job.projectName} · ${decided.facts.mark} · ${round} · printed ${job.date}`,
  });
  roundPages(sheet, decided, job.records, round, job.projectName);
  return sheet.finish();
}
