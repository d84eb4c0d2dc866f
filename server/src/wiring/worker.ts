import type { MessagePort } from 'node:worker_threads';
import { ALL_JOBS } from './workerJobs.js';

/** A worker thread's one entry: runs a job by its name. */
export default async function work({
  job,
  input,
  port,
}: {
  job: string;
  input: unknown;
  port?: MessagePort;
}): Promise<unknown> {
  try {
    return await ALL_JOBS[job]!.run(input, port && ((done) => port.postMessage(done)));
  } finally {
    port?.close();
  }
}
