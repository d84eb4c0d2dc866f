import type { AnyJobs } from '../base/work/workerJobs.js';
import { LIST_JOBS } from '../resources/lists/workerJobs.js';
import { OPENING_JOBS } from '../resources/openings/workerJobs.js';
import { PEOPLE_JOBS } from '../resources/people/workerJobs.js';
import { PHOTO_JOBS } from '../resources/photos/workerJobs.js';
import { PRINTING_JOBS } from '../resources/printing/workerJobs.js';
import { PROJECT_FILE_JOBS } from '../resources/projectFiles/workerJobs.js';
import { RELEASE_JOBS } from '../resources/releases/workerJobs.js';
import { SCHEDULE_JOBS } from '../resources/schedule/workerJobs.js';

/** The work of all resources that runs in worker threads. */
export const ALL_JOBS: AnyJobs = {
  ...OPENING_JOBS,
  ...PEOPLE_JOBS,
  ...PROJECT_FILE_JOBS,
  ...SCHEDULE_JOBS,
  ...PRINTING_JOBS,
  ...RELEASE_JOBS,
  ...LIST_JOBS,
  ...PHOTO_JOBS,
};
