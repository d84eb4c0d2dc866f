import { randomUUID } from 'node:crypto';
import { Injectable } from '@nestjs/common';
import { DataSource, LessThan } from 'typeorm';
import { Letter } from '../entities/letter.entity.js';

const MAX_LETTERS = 100;
const KEPT_DAYS = 30;

/** Sends letters into the simulated mailbox, which shows what would be sent. */
@Injectable()
export class MailService {
  constructor(private readonly source: DataSource) {}

  async send(recipient: string, subject: string, body: string): Promise<void> {
    await this.source.getRepository(Letter).insert({ id: randomUUID(), recipient, subject, body });
  }

  /** The newest letters first. */
  async box() {
    const letters = await this.source
      .getRepository(Letter)
      .find({ order: { createdAt: 'DESC', id: 'ASC' }, take: MAX_LETTERS });
    return letters.map(({ createdAt, ...letter }) => ({ ...letter, at: createdAt.toISOString() }));
  }

  async sweep(): Promise<void> {
    await this.source
      .getRepository(Letter)
      .delete({ createdAt: LessThan(new Date(Date.now() - KEPT_DAYS * 24 * 3600 * 1000)) });
  }
}
