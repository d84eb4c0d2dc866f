import {
  decideOpenings,
  projectBasis,
  scheduleOf,
  withWays,
  type Building,
  type EditedPractice,
  type Keying,
  type KnownSet,
  type LockSpec,
  type OpeningFacts,
  type Product,
  type ProjectBasis,
  type Schedule,
  type ScheduledOpening,
  type ScheduleSettings,
} from '@riegel/core';
import type { Progress } from '../progress.js';
import { frontPages, type Revision } from './frontMatter.js';
import { indexPages } from './indexPages.js';
import { openItems } from './openItems.js';
import { openingPages, roomPages } from './otherViews.js';
import { setPages } from './bySet.js';
import { Sheet } from '../pdf/sheet.js';

/** How a schedule is arranged. */
export const SCHEDULE_VIEWS = ['set', 'opening', 'room'] as const;
export type ScheduleBy = (typeof SCHEDULE_VIEWS)[number];

/** Everything a schedule is made from; plain data, so that it crosses to a worker thread. */
export interface ScheduleJob {
  projectName: string;
  practice: string;
  practices: EditedPractice[];
  building: Building | undefined;
  products: Product[];
  locks: LockSpec[];
  settings: ScheduleSettings;
  /** Who holds which keys. */
  keying?: Keying | undefined;
  note: string;
  /** Shown on every page, as the server's clock has it. */
  date: string;
  openings: { id: string; facts: OpeningFacts }[];
  known: KnownSet[];
  revisions?: Revision[];
  /** Openings that changed since the release before: they bear a bar. */
  changed?: string[];
}

/** What is worked out of a job once, however many documents are made of it. */
function oncePerJob<T>(make: (job: ScheduleJob) => T): (job: ScheduleJob) => T {
  const made = new WeakMap<ScheduleJob, T>();
  return (job) => {
    const before = made.get(job);
    if (before !== undefined) return before;
    const value = make(job);
    made.set(job, value);
    return value;
  };
}

/** What the job's openings are decided with. */
export const basisOf = oncePerJob((job): ProjectBasis =>
  withWays(
    projectBasis(job.practice, job.practices, job.building, job.products, job.locks),
    job.openings.map(({ facts }) => facts),
  ),
);

/** A job's openings, decided. */
export const openingsOf = oncePerJob((job): ScheduledOpening[] => {
  const all = decideOpenings(job.openings, basisOf(job));
  return Array.from(all, ([{ id, facts }, decided]) => ({
    id,
    mark: facts.mark,
    items: decided.items,
    decided,
  }));
});

/** A job's schedule. */
export const scheduleOfJob = oncePerJob((job): Schedule =>
  scheduleOf(openingsOf(job), job.known, job.settings),
);

/** The paper a schedule is printed on unless somebody says otherwise. */
export const paperOf = ({ settings }: ScheduleJob, { practice }: ProjectBasis) =>
  settings.paper ?? (practice.system === 'inch' ? 'Letter' : 'A4');

const WHAT: Record<ScheduleBy, string> = {
  set: 'Door hardware schedule by set',
  opening: 'Door hardware schedule by opening',
  room: 'Door hardware schedule by room',
};

/** The printable schedule. Open items and stops are printed, never hidden. */
export async function schedulePdf(
  job: ScheduleJob,
  by: ScheduleBy = 'set',
  told?: Progress,
): Promise<Buffer> {
  const basis = basisOf(job);
  const openings = openingsOf(job);
  const schedule = scheduleOfJob(job);
  const decided = new Map(openings.map((one) => [one.id, one.decided]));
  const sheet = new Sheet({
    title: `${job.projectName}: hardware schedule`,
    paper: paperOf(job, basis),
    footer: `${job.projectName} · hardware schedule · ${job.date}`,
  });
  frontPages(sheet, {
    projectName: job.projectName,
    what: WHAT[by],
    date: job.date,
    note: job.note,
    settings: job.settings,
    practice: basis.practice,
    decided: [...decided.values()],
    schedule,
    revisions: job.revisions ?? [],
  });
  if (by === 'set') {
    const index = indexPages(sheet, schedule);
    setPages(sheet, schedule, decided, job, index, told);
    openItems(sheet, schedule);
    index.fill();
    return sheet.finish();
  }
  (by === 'opening' ? openingPages : roomPages)(sheet, schedule);
  openItems(sheet, schedule);
  return sheet.finish();
}
