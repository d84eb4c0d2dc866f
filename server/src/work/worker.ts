import { JOBS, type JobName } from './jobs.js';

/** A worker thread's one entry. */
export default function work({ job, input }: { job: JobName; input: never }): unknown {
  return JOBS[job](input);
}
