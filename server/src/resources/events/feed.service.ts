import { Injectable, type OnModuleInit } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { notFound } from '../../base/http/problem.js';

/**
 * How far a project's feed is. Numbers are told with the database's epoch: after a restore the same
 * number may stand for something else.
 */
@Injectable()
export class FeedService implements OnModuleInit {
  epoch = '';

  constructor(private readonly source: DataSource) {}

  async onModuleInit(): Promise<void> {
    const [row] = (await this.source.query(
      "SELECT value FROM installation WHERE name = 'epoch'",
    )) as { value: string }[];
    this.epoch = row?.value ?? 'none';
  }

  /** The number of the newest event. */
  async seq(
    projectId: string,
    manager: Pick<EntityManager, 'query'> = this.source,
  ): Promise<number> {
    const [row] = (await manager.query('SELECT seq FROM project_feed WHERE project_id = ?', [
      projectId,
    ])) as { seq: string | number }[];
    if (!row) throw notFound('The project');
    return Number(row.seq);
  }

  /** A place in the feed, as it goes out and comes back. */
  place(seq: number): string {
    return `${this.epoch}-${seq}`;
  }

  /** The number of a place that came back; nothing for one of another epoch, or none at all. */
  read(place: string): number | undefined {
    const [epoch, seq] = [
      place.slice(0, place.lastIndexOf('-')),
      place.slice(place.lastIndexOf('-') + 1),
    ];
    return epoch === this.epoch && /^\d{1,15}$/.test(seq) ? Number(seq) : undefined;
  }
}
