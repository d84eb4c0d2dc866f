import { Inject, Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { CONFIG, type Config } from '../../base/config.js';
import { MailService } from '../../base/mail/mail.service.js';
import { LinksService } from './links.service.js';
import { PeopleService } from './people.service.js';
import type { Person } from '../../base/entities/person.entity.js';

/** Letters with a reset that one person gets in an hour. */
const MAX_AN_HOUR = 5;

/** Sends people the link by which they set a new password; nobody else ever sees it. */
@Injectable()
export class ResetsService {
  constructor(
    private readonly source: DataSource,
    private readonly people: PeopleService,
    private readonly links: LinksService,
    private readonly mail: MailService,
    @Inject(CONFIG) private readonly config: Config,
  ) {}

  /** Somebody forgot their password. Whether the address has an account is not told. */
  async forgotten(email: string): Promise<Person | undefined> {
    const person = await this.people.byEmail(email);
    if (!person || person.demo) return undefined;
    return (await this.send(person, 'You asked for it, or somebody who gave your address.'))
      ? person
      : undefined;
  }

  /** Sends the letter, unless this person had enough of them lately. */
  async send(person: Person, why: string, createdBy?: string): Promise<boolean> {
    const [row] = (await this.source.query(
      "SELECT COUNT(*) AS count FROM invitation WHERE person_id = ? AND kind = 'reset' AND created_at > ?",
      [person.id, new Date(Date.now() - 3600 * 1000)],
    )) as { count: string | number }[];
    if (Number(row?.count) >= MAX_AN_HOUR) return false;
    const token = await this.links.make({
      kind: 'reset',
      personId: person.id,
      ...(createdBy ? { createdBy } : {}),
    });
    await this.mail.send(
      person.email,
      'A new password for Riegel',
      [
        `${person.name},`,
        '',
        `by this link you set a new password. ${why} It works once, within an hour:`,
        '',
        `${this.config.publicUrl}/reset#${token}`,
        '',
        'If you want no new password, do nothing; the old one stays.',
      ].join('\n'),
    );
    return true;
  }
}
