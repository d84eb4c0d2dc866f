import { workerJob } from '../../base/work/workerJobs.js';
import type { CatalogueJob, ListJob } from './writeList.js';

/** Door lists and catalogues in and out. */
export const LIST_JOBS = {
  writeList: workerJob('documents', async (input: ListJob) =>
    (await import('./writeList.js')).writeList(input),
  ),
  writeCatalogue: workerJob('documents', async (input: CatalogueJob) =>
    (await import('./writeList.js')).writeCatalogue(input),
  ),
  readList: workerJob('files', async (input: Uint8Array) =>
    (await import('./readFile.js')).readFileText(input),
  ),
};

type Jobs = typeof LIST_JOBS;
declare module '../../base/work/workerJobs.js' {
  interface WorkerJobs extends Jobs {}
}
