import { workerJob } from '../../base/work/workerJobs.js';
import type { ComparedStates, ReleaseJob } from './makeRelease.js';

/** Releases: their files, and two states compared. */
export const RELEASE_JOBS = {
  releaseFiles: workerJob('documents', async (input: ReleaseJob) =>
    (await import('./makeRelease.js')).makeRelease(input),
  ),
  compareRelease: workerJob('documents', async (input: ComparedStates) =>
    (await import('./makeRelease.js')).compareStates(input),
  ),
};

type Jobs = typeof RELEASE_JOBS;
declare module '../../base/work/workerJobs.js' {
  interface WorkerJobs extends Jobs {}
}
