import { CORE_VERSION, compareReleased, releasedOf, type ReleasedOpening } from '@riegel/core';
import {
  numbersOf,
  openingsOf,
  questionsPdf,
  scheduleCsv,
  scheduleOfJob,
  schedulePdf,
  scheduleXlsx,
  takeOffXlsx,
  type MadeFile,
} from '@riegel/paper';
import { unfold, type StoredScheduleJob } from '../schedule/makeSchedule.js';
import { writeProjectFile } from '../projects/writeProjectFile.js';
import { PDF, XLSX } from '../http/mediaTypes.js';

/** The openings of a job in words, as a release keeps them. */
export function releasedOfJob(stored: StoredScheduleJob): ReleasedOpening[] {
  const job = unfold(stored);
  const openings = openingsOf(job);
  return releasedOf(openings, numbersOf(openings, job.known, job));
}

/** What a release is made of: its files, its openings in words, by which core. */
export interface MadeRelease {
  files: MadeFile[];
  openings: string;
  coreVersion: string;
}

/**
 * Makes every file of a release of one state of the project.
 *
 * @param before the openings of the release before, in words, by which changes are marked
 */
export async function makeRelease({
  before,
  ...stored
}: StoredScheduleJob & { before: string | null }): Promise<MadeRelease> {
  const openings = releasedOfJob(stored);
  const difference =
    before === null
      ? undefined
      : compareReleased(JSON.parse(before) as ReleasedOpening[], openings);
  const changed = difference && [
    ...difference.added.map(({ id }) => id),
    ...difference.changed.map(({ id }) => id),
  ];
  const job = { ...unfold(stored), ...(changed ? { changed } : {}) };
  const text = (name: string, type: string, content: string): MadeFile => ({
    name,
    type,
    bytes: new TextEncoder().encode(content),
  });
  const files: MadeFile[] = [
    { name: 'schedule.pdf', type: PDF, bytes: new Uint8Array(await schedulePdf(job)) },
    text('schedule.csv', 'text/csv; charset=utf-8', scheduleCsv(scheduleOfJob(job))),
    { name: 'schedule.xlsx', type: XLSX, bytes: new Uint8Array(await scheduleXlsx(job)) },
    {
      name: 'take-off.xlsx',
      type: XLSX,
      bytes: new Uint8Array(await takeOffXlsx(job, { by: 'all', spares: 0, pairs: false })),
    },
    { name: 'questions.pdf', type: PDF, bytes: new Uint8Array(await questionsPdf(job)) },
    text(
      'project.json',
      'application/json',
      writeProjectFile({
        name: stored.projectName,
        practice: stored.practice,
        note: stored.note,
        deciding: stored.deciding,
        keying: stored.keying,
        schedule: JSON.stringify(stored.settings),
        openings: stored.openings.map(({ facts }) => facts),
      }),
    ),
    ...(difference
      ? [text('changes.txt', 'text/plain; charset=utf-8', changeList(difference))]
      : []),
  ];
  return { files, openings: JSON.stringify(openings), coreVersion: CORE_VERSION };
}

/** A change list to send: what came, went and changed, with what and why. */
export function changeList({
  added,
  gone,
  changed,
  same,
}: ReturnType<typeof compareReleased>): string {
  const marks = (list: readonly { mark: string }[]) => list.map(({ mark }) => mark).join(', ');
  return [
    ...(added.length > 0 ? [`Added: ${marks(added)}`] : []),
    ...(gone.length > 0 ? [`Gone: ${marks(gone)}`] : []),
    `Unchanged: ${same}`,
    ...changed.flatMap(({ mark, changes }) => [
      '',
      mark,
      ...changes.map(
        ({ what, from, to, why }) =>
          `  ${what}: ${from || '–'} → ${to || '–'}${why ? ` (${why})` : ''}`,
      ),
    ]),
    '',
  ].join('\r\n');
}

/** A state of a project: its openings in words, or what they are made from, decided by today's core. */
type State = string | StoredScheduleJob;

const inWords = (state: State): ReleasedOpening[] =>
  typeof state === 'string' ? (JSON.parse(state) as ReleasedOpening[]) : releasedOfJob(state);

/** Two states held against each other, as JSON. */
export const compareStates = ({ before, after }: { before: State; after: State }): string =>
  JSON.stringify(compareReleased(inWords(before), inWords(after)));
