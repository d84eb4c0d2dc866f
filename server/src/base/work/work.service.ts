import { HttpStatus, Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import { CONFIG, type Config } from '../config.js';
import { Problem } from '../http/problem.js';
import { LANES, type Lane, type LaneName } from './lanes.js';
import {
  WORKER_JOBS,
  type AnyJobs,
  type JobInput,
  type JobName,
  type JobOutput,
} from './workerJobs.js';

/** Work that was ended because it took more than it may; what is told depends on the work. */
export class TooMuchWork extends Error {}

/** Runs heavy work off the thread that answers requests, with bounds on time, memory and how much waits. */
@Injectable()
export class WorkService implements OnModuleDestroy {
  protected readonly lanes: Record<LaneName, Lane> = LANES;
  private readonly pools = new Map<LaneName, Piscina>();
  /** Pieces of work taken and not ended, those that wait too. */
  private readonly going = new Map<LaneName, number>();

  constructor(
    @Inject(CONFIG) private readonly config: Config,
    @Inject(WORKER_JOBS) private readonly jobs: AnyJobs,
  ) {}

  /**
   * Runs a job; throws {@link TooMuchWork} when it was ended, a 429 problem when too much waits already.
   * @param gone ends the work when whoever asked has left
   * @param told the share that is done, where the work says so
   */
  async run<J extends JobName>(
    job: J,
    input: JobInput<J>,
    gone?: AbortSignal,
    told?: (done: number) => void,
  ): Promise<JobOutput<J>> {
    const lane = this.jobs[job]!.lane;
    const { threads, queue, milliseconds } = this.lanes[lane];
    const going = this.going.get(lane) ?? 0;
    if (going >= threads + queue)
      throw new Problem(
        HttpStatus.TOO_MANY_REQUESTS,
        'Too much of this kind is being worked on already. Try again in a minute.',
      );
    this.going.set(lane, going + 1);
    const late = AbortSignal.timeout(milliseconds);
    try {
      const signal = gone ? AbortSignal.any([gone, late]) : late;
      if (!told) return (await this.pool(lane).run({ job, input }, { signal })) as JobOutput<J>;
      const { port1, port2 } = new MessageChannel();
      port1.on('message', (done: number) => told(done));
      port1.unref();
      return (await this.pool(lane).run(
        { job, input, port: port2 },
        { signal, transferList: [port2] },
      )) as JobOutput<J>;
    } catch (error) {
      if (gone?.aborted) throw error;
      if (late.aborted || (error as { code?: string }).code === 'ERR_WORKER_OUT_OF_MEMORY')
        throw new TooMuchWork(`${job} was ended`);
      throw error;
    } finally {
      this.going.set(lane, this.going.get(lane)! - 1);
    }
  }

  /** How much is being worked on and waits, by lane. */
  waiting(): Record<string, { running: number; waiting: number }> {
    return Object.fromEntries(
      [...this.going].map(([name, going]) => {
        const running = Math.min(going, this.lanes[name].threads);
        return [name, { running, waiting: going - running }];
      }),
    );
  }

  private pool(name: LaneName): Piscina {
    const { threads, megabytes } = this.lanes[name];
    const made =
      this.pools.get(name) ??
      new Piscina({
        filename: this.config.workerFile,
        minThreads: 0,
        maxThreads: threads,
        idleTimeout: 60_000,
        resourceLimits: { maxOldGenerationSizeMb: megabytes },
      });
    this.pools.set(name, made);
    return made;
  }

  async onModuleDestroy(): Promise<void> {
    await Promise.all([...this.pools.values()].map((pool) => pool.destroy()));
  }
}
