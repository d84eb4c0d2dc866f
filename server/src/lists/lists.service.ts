import { join } from 'node:path';
import { Inject, Injectable, type OnModuleDestroy } from '@nestjs/common';
import { stringify } from 'csv-stringify/sync';
import { Piscina } from 'piscina';
import { CONFIG, type Config } from '../config.js';
import { BOUNDS, guardCell, type ReadFile } from './bounds.js';
import { readFile } from './readFile.js';
import type { ListJob } from './worker.js';
import { writeWorkbook } from './writeWorkbook.js';

const TOO_HARD: ReadFile = {
  ok: false,
  why: 'The file takes too much to read. Save the list as CSV and try again.',
};

/** Door lists in and out: files are parsed in a worker thread with bounds on heap and time. */
@Injectable()
export class ListsService implements OnModuleDestroy {
  private pool: Piscina | undefined;

  constructor(@Inject(CONFIG) private readonly config: Config) {}

  private threads(): Piscina {
    this.pool ??= new Piscina({
      filename: join(import.meta.dirname, 'worker.js'),
      minThreads: 0,
      maxThreads: 1,
      idleTimeout: 30_000,
      maxQueue: 20,
      resourceLimits: { maxOldGenerationSizeMb: 512 },
    });
    return this.pool;
  }

  /** Reads a file; `gone` ends the work when whoever asked has left. */
  async read(bytes: Uint8Array, gone?: AbortSignal): Promise<ReadFile> {
    if (!this.config.workers) return readFile(bytes);
    const late = AbortSignal.timeout(BOUNDS.milliseconds);
    const job: ListJob = { read: bytes };
    try {
      return (await this.threads().run(job, {
        signal: gone ? AbortSignal.any([gone, late]) : late,
      })) as ReadFile;
    } catch (error) {
      if (gone?.aborted) throw error;
      return TOO_HARD;
    }
  }

  /** A list as CSV: UTF-8 with a byte-order mark, CRLF, no cell that a spreadsheet would run. */
  csv(cells: string[][]): string {
    return `\uFEFF${stringify(
      cells.map((row) => row.map(guardCell)),
      { record_delimiter: '\r\n' },
    )}`;
  }

  /** A list as an XLSX workbook of text cells. */
  async xlsx(cells: string[][]): Promise<Buffer> {
    if (!this.config.workers) return writeWorkbook(cells);
    const job: ListJob = { write: cells };
    return Buffer.from((await this.threads().run(job)) as Uint8Array);
  }

  async onModuleDestroy(): Promise<void> {
    await this.pool?.destroy();
  }
}
