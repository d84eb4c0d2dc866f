import { DOCUMENTS } from '@riegel/paper';
import type { JobKinds } from '../jobs/jobKinds.js';

const BACKGROUND = DOCUMENTS.filter(({ background }) => background);

/** Documents that are made in the background, by their id. */
export const JOB_KIND_IDS: readonly string[] = BACKGROUND.map(({ id }) => id);

/** What a job of each kind runs, and what its file is. */
export const DOCUMENT_JOB_KINDS: JobKinds = Object.fromEntries(
  BACKGROUND.map(({ id, type, heavy }) => [
    id,
    {
      job: heavy ? 'heavyDocument' : 'document',
      type,
      // What waits since an earlier version names no document: its kind is one.
      inputOf: (stored: object) => ({ document: id, ...stored }),
    },
  ]),
);
