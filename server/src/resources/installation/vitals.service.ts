import { monitorEventLoopDelay } from 'node:perf_hooks';
import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { EventsService } from '../events/events.service.js';
import { WorkService } from '../../base/work/work.service.js';

const RESOLUTION_MS = 10;
const milliseconds = (nanoseconds: number) => Math.max(0, nanoseconds / 1e6 - RESOLUTION_MS);

/** How this server is doing: what to watch. */
@Injectable()
export class VitalsService implements OnModuleDestroy {
  private readonly delay = monitorEventLoopDelay({ resolution: RESOLUTION_MS });

  constructor(
    private readonly events: EventsService,
    private readonly work: WorkService,
  ) {
    this.delay.enable();
  }

  /** Since the reading before: how long the thread that answers was held; and what stands now. */
  read() {
    const { rss, heapUsed } = process.memoryUsage();
    const vitals = {
      uptimeSeconds: Math.round(process.uptime()),
      loopDelayMs: {
        p50: milliseconds(this.delay.percentile(50)),
        p99: milliseconds(this.delay.percentile(99)),
        max: milliseconds(this.delay.max),
      },
      memoryMb: { rss: rss / 1e6, heap: heapUsed / 1e6 },
      streams: this.events.streams,
      work: this.work.waiting(),
    };
    this.delay.reset();
    return vitals;
  }

  onModuleDestroy(): void {
    this.delay.disable();
  }
}
