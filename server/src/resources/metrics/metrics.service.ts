import { timingSafeEqual } from 'node:crypto';
import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';
import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client';
import { DataSource } from 'typeorm';
import { CONFIG, type Config } from '../../base/config.js';
import { EventsService } from '../events/events.service.js';
import { WorkService } from '../../base/work/work.service.js';

/** Seconds that requests are sorted by. */
const BUCKETS = [0.005, 0.02, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10];

/** What a server tells a Prometheus about itself. */
@Injectable()
export class MetricsService implements OnModuleDestroy {
  private readonly registry = new Registry();
  private readonly requests: Histogram<'method' | 'route' | 'status'>;
  private readonly away: Counter;

  constructor(
    @Inject(CONFIG) private readonly config: Config,
    source: DataSource,
    events: EventsService,
    work: WorkService,
  ) {
    const registers = [this.registry];
    collectDefaultMetrics({ register: this.registry });
    this.requests = new Histogram({
      name: 'riegel_request_seconds',
      help: 'Requests by route and status, without streams.',
      labelNames: ['method', 'route', 'status'],
      buckets: BUCKETS,
      registers,
    });
    this.away = new Counter({
      name: 'riegel_database_away_total',
      help: 'Answers 503: the database did not answer in time.',
      registers,
    });
    new Gauge({
      name: 'riegel_streams',
      help: 'Open event streams.',
      registers,
      collect() {
        this.set(events.streams);
      },
    });
    new Gauge({
      name: 'riegel_work',
      help: 'Pieces of work in threads, by lane.',
      labelNames: ['lane', 'state'],
      registers,
      collect() {
        this.reset();
        for (const [lane, { running, waiting }] of Object.entries(work.waiting())) {
          this.set({ lane, state: 'running' }, running);
          this.set({ lane, state: 'waiting' }, waiting);
        }
      },
    });
    new Gauge({
      name: 'riegel_jobs',
      help: 'Work of many openings in the database, by state.',
      labelNames: ['state'],
      registers,
      async collect() {
        this.reset();
        const rows = (await source
          .query(
            "SELECT state, COUNT(*) AS count FROM job WHERE state IN ('waiting', 'running') GROUP BY state",
          )
          .catch(() => [])) as { state: string; count: string }[];
        for (const { state, count } of rows) this.set({ state }, Number(count));
      },
    });
  }

  /** Whether somebody may read them: who has the token of the installation, nobody where there is none. */
  mayRead(authorization: string | undefined): boolean {
    const { metricsToken } = this.config;
    if (!metricsToken || !authorization?.startsWith('Bearer ')) return false;
    const [given, wanted] = [Buffer.from(authorization.slice(7)), Buffer.from(metricsToken)];
    return given.length === wanted.length && timingSafeEqual(given, wanted);
  }

  text(): Promise<string> {
    return this.registry.metrics();
  }

  get type(): string {
    return this.registry.contentType;
  }

  /** Times a request under its route's pattern: addresses with their ids would be without number. */
  timing = (request: Request, response: Response, next: NextFunction): void => {
    const started = process.hrtime.bigint();
    response.on('finish', () => {
      const { path } = (request.route ?? {}) as { path?: string };
      // A stream lasts as long as its page; what leads nowhere has no pattern.
      if (path?.endsWith('/stream')) return;
      const seconds = Number(process.hrtime.bigint() - started) / 1e9;
      this.requests.observe(
        { method: request.method, route: path ?? 'none', status: response.statusCode },
        seconds,
      );
      if (response.statusCode === 503) this.away.inc();
    });
    next();
  };

  onModuleDestroy(): void {
    this.registry.clear();
  }
}
