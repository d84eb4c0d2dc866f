import { workerJob } from '../../base/work/workerJobs.js';
import type { StoredScheduleJob } from './storedJob.js';

/** The schedule, numbered, and building models with what was decided. */
export const SCHEDULE_JOBS = {
  schedule: workerJob('documents', async (input: StoredScheduleJob) =>
    (await import('./makeSchedule.js')).makeSchedule(input),
  ),
  writeModel: workerJob('documents', async (input: StoredScheduleJob & { model: Uint8Array }) =>
    (await import('./makeSchedule.js')).makeModel(input),
  ),
};

type Jobs = typeof SCHEDULE_JOBS;
declare module '../../base/work/workerJobs.js' {
  interface WorkerJobs extends Jobs {}
}
