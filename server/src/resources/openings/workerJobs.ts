import { workerJob } from '../../base/work/workerJobs.js';

/** Bulk writes, parsed and checked away from the thread that answers. */
export const OPENING_JOBS = {
  readWrites: workerJob('bodies', async (input: Uint8Array) =>
    (await import('./readWrites.js')).readWrites(input),
  ),
};

type Jobs = typeof OPENING_JOBS;
declare module '../../base/work/workerJobs.js' {
  interface WorkerJobs extends Jobs {}
}
