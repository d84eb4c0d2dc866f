import { workerJob } from '../../base/work/workerJobs.js';
import type { StoredProject } from './writeProjectFile.js';

/** Project files in and out. */
export const PROJECT_FILE_JOBS = {
  readProjectFile: workerJob('bodies', async (input: Uint8Array) =>
    (await import('./readProjectFile.js')).readProjectFile(input),
  ),
  writeProjectFile: workerJob('documents', async (input: StoredProject) =>
    (await import('./writeProjectFile.js')).writeProjectFile(input),
  ),
};

type Jobs = typeof PROJECT_FILE_JOBS;
declare module '../../base/work/workerJobs.js' {
  interface WorkerJobs extends Jobs {}
}
