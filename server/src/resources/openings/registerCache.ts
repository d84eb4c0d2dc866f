import { promisify } from 'node:util';
import { gunzip, gzip } from 'node:zlib';
import { Injectable } from '@nestjs/common';
import { FeedService } from '../events/feed.service.js';
import { OpeningsService } from './openings.service.js';
import { openingJson } from '../../base/openingRows/openingText.js';

const zip = promisify(gzip);
const unzip = promisify(gunzip);

/** Compressed bytes kept over all projects. */
const KEPT_BYTES = 48_000_000;

/** Openings joined to text in one go. */
const JOINED = 1000;

interface Kept {
  seq: number;
  body: Promise<Buffer>;
  bytes: number;
}

const pause = () => new Promise<void>((resolve) => setImmediate(resolve));

/** The openings of a project as one body, read and compressed once for each state of the project. */
@Injectable()
export class RegisterCache {
  private readonly kept = new Map<string, Kept>();

  constructor(
    private readonly openings: OpeningsService,
    private readonly feed: FeedService,
  ) {}

  /** The body as of the event `seq` or a later one, gzipped. Who asks while it is made waits for it. */
  async zipped(projectId: string, seq: number): Promise<{ seq: number; body: Buffer }> {
    const known = this.kept.get(projectId);
    if (known && known.seq === seq) {
      this.kept.delete(projectId);
      this.kept.set(projectId, known);
      return { seq, body: await known.body };
    }
    const entry: Kept = { seq, body: Promise.resolve(Buffer.alloc(0)), bytes: 0 };
    entry.body = this.make(projectId).then(({ seq: made, body }) => {
      entry.seq = made;
      entry.bytes = body.length;
      return body;
    });
    this.kept.delete(projectId);
    this.kept.set(projectId, entry);
    try {
      const body = await entry.body;
      this.forget();
      return { seq: entry.seq, body };
    } catch (error) {
      if (this.kept.get(projectId) === entry) this.kept.delete(projectId);
      throw error;
    }
  }

  /** The same for who takes no compression. */
  async plain(projectId: string, seq: number): Promise<{ seq: number; body: Buffer }> {
    const { seq: made, body } = await this.zipped(projectId, seq);
    return { seq: made, body: await unzip(body) };
  }

  private async make(projectId: string): Promise<{ seq: number; body: Buffer }> {
    const { seq, openings } = await this.openings.list(projectId);
    const parts: Buffer[] = [Buffer.from(`{"place":"${this.feed.place(seq)}","openings":[`)];
    for (let at = 0; at < openings.length; at += JOINED) {
      const text = openings
        .slice(at, at + JOINED)
        .map(openingJson)
        .join(',');
      parts.push(Buffer.from(at === 0 ? text : `,${text}`));
      await pause();
    }
    parts.push(Buffer.from(']}'));
    return { seq, body: await zip(Buffer.concat(parts), { level: 4 }) };
  }

  private forget(): void {
    let sum = [...this.kept.values()].reduce((total, { bytes }) => total + bytes, 0);
    for (const [projectId, { bytes }] of this.kept) {
      if (sum <= KEPT_BYTES) return;
      this.kept.delete(projectId);
      sum -= bytes;
    }
  }
}
