import { workerJob } from '../../base/work/workerJobs.js';

/** Pictures that people send, decoded away from everything else. */
export const PHOTO_JOBS = {
  picture: workerJob('pictures', async (input: Uint8Array) =>
    (await import('./readPicture.js')).readPicture(input),
  ),
};

type Jobs = typeof PHOTO_JOBS;
declare module '../../base/work/workerJobs.js' {
  interface WorkerJobs extends Jobs {}
}
