import type { ReadFile } from './bounds.js';
import { readFile } from './readFile.js';
import { writeWorkbook } from './writeWorkbook.js';

export type ListJob = { read: Uint8Array } | { write: string[][] };

/** Runs in a worker thread with a bounded heap: neither a hostile file nor a long list harms anybody else. */
export default async function work(job: ListJob): Promise<ReadFile | Uint8Array> {
  if ('read' in job) return readFile(job.read);
  return new Uint8Array(await writeWorkbook(job.write));
}
