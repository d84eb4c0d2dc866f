import { workerJob, type Told } from '../../base/work/workerJobs.js';
import type { StoredDocumentJob } from './makeStored.js';

const make = async (input: StoredDocumentJob, told?: Told) =>
  (await import('./makeStored.js')).makeStored(input, told);

/** Every document: those that take long have a lane of their own. */
export const PRINTING_JOBS = {
  document: workerJob('documents', make),
  heavyDocument: workerJob('batch', make),
};

type Jobs = typeof PRINTING_JOBS;
declare module '../../base/work/workerJobs.js' {
  interface WorkerJobs extends Jobs {}
}
