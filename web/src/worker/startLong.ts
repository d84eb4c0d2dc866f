import { wrap, type Remote } from 'comlink';
import type { LongWorker } from './long.worker.js';

/** A worker of its own for one long piece of work; `end` cancels whatever it is doing. */
export function startLongWorker(): { remote: Remote<LongWorker>; end: () => void } {
  const worker = new Worker(new URL('./long.worker.ts', import.meta.url), { type: 'module' });
  return { remote: wrap<LongWorker>(worker), end: () => worker.terminate() };
}
