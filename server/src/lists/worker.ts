import type { ReadFile } from './bounds.js';
import { readFile } from './readFile.js';

/** Runs in a worker thread with a bounded heap: a hostile file must not harm anybody else. */
export default function work(bytes: Uint8Array): Promise<ReadFile> {
  return readFile(bytes);
}
