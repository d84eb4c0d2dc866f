import { createHash } from 'node:crypto';
import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, LessThan } from 'typeorm';
import { inTransaction } from '../../base/database/transaction.js';
import { Problem } from '../../base/http/problem.js';
import { SignInDelay } from '../../base/entities/signInDelay.entity.js';

/** So many failures cost nothing: a person may have forgotten which password it was. */
const FREE = 5;
const MAX_SECONDS = 300;

/** Failures are forgotten when nobody tried for so long. */
const FORGOTTEN_MS = 24 * 3600 * 1000;

/** Seconds to wait after so many failures: none at first, then twice as long each time. */
export function delayAfter(failures: number): number {
  return failures < FREE ? 0 : Math.min(MAX_SECONDS, 2 ** (failures - FREE));
}

const hashOf = (account: string) => createHash('sha256').update(account).digest('hex');

/** Slows down guessing at an account, in the database: for all servers, from whatever address. */
@Injectable()
export class SignInDelays {
  constructor(private readonly source: DataSource) {}

  /** Counts an attempt as failed before it is made, so that many at once cannot all be first. */
  async enter(account: string): Promise<void> {
    const key = hashOf(account);
    const wait = await inTransaction(this.source, async (manager) => {
      await manager.query(
        'INSERT IGNORE INTO sign_in_delay (account, failures, not_before) VALUES (?, 0, ?)',
        [key, new Date(0)],
      );
      const [row] = (await manager.query(
        'SELECT failures, not_before AS notBefore FROM sign_in_delay WHERE account = ? FOR UPDATE',
        [key],
      )) as { failures: number; notBefore: Date }[];
      const now = Date.now();
      const left = row!.notBefore.getTime() - now;
      if (left > 0) return Math.ceil(left / 1000);
      const failures = row!.failures + 1;
      await manager.query(
        'UPDATE sign_in_delay SET failures = ?, not_before = ? WHERE account = ?',
        [failures, new Date(now + delayAfter(failures) * 1000), key],
      );
      return 0;
    });
    if (wait > 0)
      throw new Problem(
        HttpStatus.TOO_MANY_REQUESTS,
        `Too many wrong passwords for this account. Try again in ${wait < 60 ? `${wait} seconds` : `${Math.ceil(wait / 60)} minutes`}.`,
        { wait },
      );
  }

  async clear(account: string): Promise<void> {
    await this.source.getRepository(SignInDelay).delete({ account: hashOf(account) });
  }

  async sweep(): Promise<void> {
    await this.source
      .getRepository(SignInDelay)
      .delete({ notBefore: LessThan(new Date(Date.now() - FORGOTTEN_MS)) });
  }
}
