import type { LaneName } from './lanes.js';

/** Told the share of a piece of work that is done, 0 to 1. */
export type Told = (done: number) => void;

/** Work that runs in a worker thread: plain data in, plain data out. */
export interface WorkerJob<In, Out> {
  lane: LaneName;
  run: (input: In, told?: Told) => Out | Promise<Out>;
}

/**
 * Declares work for a worker thread. A thread loads only what its work needs, so `run` imports it when it is called.
 *
 * @param lane the threads it runs on, with their bounds
 */
export const workerJob = <In, Out>(
  lane: LaneName,
  run: (input: In, told?: Told) => Out | Promise<Out>,
): WorkerJob<In, Out> => ({ lane, run });

/**
 * Every kind of work by its name: each resource adds its own (`interface WorkerJobs extends …`).
 *
 * @internal merged into by declaration
 */
export interface WorkerJobs {}

export type JobName = keyof WorkerJobs & string;
/* eslint-disable @typescript-eslint/no-explicit-any -- what goes in and comes out is the job's own */
export type JobInput<J extends JobName> =
  WorkerJobs[J] extends WorkerJob<infer In, any> ? In : never;
export type JobOutput<J extends JobName> =
  WorkerJobs[J] extends WorkerJob<any, infer Out> ? Awaited<Out> : never;
export type AnyJobs = Readonly<Record<string, WorkerJob<any, any>>>;
/* eslint-enable @typescript-eslint/no-explicit-any */

/** Where the application has put the jobs of all resources together. */
export const WORKER_JOBS = Symbol('worker jobs');
