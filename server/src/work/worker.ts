import type { MessagePort } from 'node:worker_threads';
import { JOBS, type JobName } from './jobs.js';

/** A worker thread's one entry. */
export default async function work({
  job,
  input,
  port,
}: {
  job: JobName;
  input: never;
  port?: MessagePort;
}): Promise<unknown> {
  try {
    return await (JOBS[job] as (input: never, told?: (done: number) => void) => unknown)(
      input,
      port && ((done) => port.postMessage(done)),
    );
  } finally {
    port?.close();
  }
}
