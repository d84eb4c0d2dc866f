import { workerJob } from '../../base/work/workerJobs.js';

/** Strength of passwords, which takes long to work out. */
export const PEOPLE_JOBS = {
  passwordStrength: workerJob('bodies', async (input: { password: string; own: string[] }) =>
    (await import('./passwordStrength.js')).passwordStrength(input),
  ),
};

type Jobs = typeof PEOPLE_JOBS;
declare module '../../base/work/workerJobs.js' {
  interface WorkerJobs extends Jobs {}
}
