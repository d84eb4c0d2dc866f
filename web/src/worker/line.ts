/** A worker that answers, what ends it, and what is told when it dies. */
export interface Answering<T> {
  remote: T;
  end(): void;
  /** Told once, when the worker broke down. */
  died(listener: () => void): void;
}

/** The worker broke down twice over one question. */
export class WorkerFailed extends Error {
  constructor() {
    super('What decides openings broke down. Nothing is lost; load the page again.');
  }
}

/**
 * A line to a worker. One that breaks down (no memory, a damaged script) is replaced and asked again, once;
 * whoever asks is answered or told, never left waiting.
 */
export class WorkerLine<T> {
  private current: { answering: Answering<T>; broken: Promise<never> } | undefined;

  constructor(private readonly make: () => Answering<T>) {}

  async ask<R>(work: (remote: T) => Promise<R>): Promise<R> {
    for (let attempt = 0; ; attempt++) {
      const line = (this.current ??= this.open());
      try {
        return await Promise.race([work(line.answering.remote), line.broken]);
      } catch (error) {
        if (error !== BROKEN) throw error;
        if (attempt > 0) throw new WorkerFailed();
      }
    }
  }

  private open() {
    const answering = this.make();
    const broken = new Promise<never>((_, reject) => {
      answering.died(() => {
        if (this.current?.answering === answering) this.current = undefined;
        answering.end();
        reject(BROKEN);
      });
    });
    broken.catch(() => undefined);
    return { answering, broken };
  }
}

const BROKEN = new Error('the worker broke down');
