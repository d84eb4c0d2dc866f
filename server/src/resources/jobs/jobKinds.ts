import type { JobName } from '../../base/work/workerJobs.js';

/** What jobs there are, by the kind they are kept under; told by whoever has work to be done in the background. */
export type JobKinds = Readonly<
  Record<
    string,
    {
      job: JobName;
      /** Media type of the file that comes of it. */
      type: string;
      /** What the work takes, from what is stored. */
      inputOf: (stored: object) => unknown;
    }
  >
>;

/** Where the application has put them. */
export const JOB_KINDS = Symbol('job kinds');
