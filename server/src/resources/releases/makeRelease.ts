import { CORE_VERSION, compareReleased, releasedOf, type ReleasedOpening } from '@riegel/core';
import { DOCUMENTS, makeDocument, numbersOf, openingsOf, type MadeFile } from '@riegel/paper';
import { unfoldJob, type StoredScheduleJob } from '../schedule/storedJob.js';
import { writeProjectFile } from '../projectFiles/writeProjectFile.js';

/** The openings of a job in words, as a release keeps them. */
export function releasedOfJob(stored: StoredScheduleJob): ReleasedOpening[] {
  const job = unfoldJob(stored);
  const openings = openingsOf(job);
  return releasedOf(openings, numbersOf(openings, job.known, job));
}

/** One state of a project, and the openings of the release before in words (JSON). */
export type ReleaseJob = StoredScheduleJob & { before: string | null };

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
export async function makeRelease({ before, ...stored }: ReleaseJob): Promise<MadeRelease> {
  const openings = releasedOfJob(stored);
  const difference =
    before === null
      ? undefined
      : compareReleased(JSON.parse(before) as ReleasedOpening[], openings);
  const changed = difference && [
    ...difference.added.map(({ id }) => id),
    ...difference.changed.map(({ id }) => id),
  ];
  const job = { ...unfoldJob(stored), ...(changed ? { changed } : {}) };
  const text = (name: string, type: string, content: string): MadeFile => ({
    name,
    type,
    bytes: new TextEncoder().encode(content),
  });
  const documents: MadeFile[] = [];
  for (const { id, file, type } of DOCUMENTS.filter(({ released }) => released))
    documents.push({
      name: file,
      type,
      bytes: await makeDocument(id, { ...job, wanted: [], address: '', records: [] }),
    });
  const files: MadeFile[] = [
    ...documents,
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

/** Two states to be compared. */
export interface ComparedStates {
  before: State;
  after: State;
}

/** Compares two states; the difference as JSON. */
export const compareStates = ({ before, after }: ComparedStates): string =>
  JSON.stringify(compareReleased(inWords(before), inWords(after)));
