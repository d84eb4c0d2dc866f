import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, IsNull, MoreThan, type EntityManager } from 'typeorm';
import { inTransaction } from '../../base/database/transaction.js';
import { notFound, Problem } from '../../base/http/problem.js';
import { Membership, type Role } from '../../base/entities/membership.entity.js';
import { SessionRow } from '../../base/entities/session.entity.js';
import { Invitation, type InvitationKind } from '../../base/entities/invitation.entity.js';
import { PeopleService } from './people.service.js';
import { Person } from '../../base/entities/person.entity.js';

const HOUR = 3600 * 1000;
const LASTS: Record<InvitationKind, number> = {
  account: 7 * 24 * HOUR,
  project: 7 * 24 * HOUR,
  reset: HOUR,
};

const hashOf = (token: string) => createHash('sha256').update(token).digest('hex');

const spent = () =>
  new Problem(HttpStatus.GONE, 'This link was used already, or has run out. Ask for a new one.');

/** One-time links: into the installation, into a project, to a new password. */
@Injectable()
export class LinksService {
  constructor(
    private readonly source: DataSource,
    private readonly people: PeopleService,
  ) {}

  /** Makes a link's token; it is shown once and kept only as a hash. */
  async make(
    link: {
      kind: InvitationKind;
      projectId?: string;
      role?: Role;
      personId?: string;
      createdBy?: string;
    } = { kind: 'account' },
  ): Promise<string> {
    const token = randomBytes(24).toString('base64url');
    await this.source.getRepository(Invitation).insert({
      id: randomUUID(),
      tokenHash: hashOf(token),
      kind: link.kind,
      projectId: link.projectId ?? null,
      role: link.role ?? null,
      personId: link.personId ?? null,
      createdBy: link.createdBy ?? null,
      expiresAt: new Date(Date.now() + LASTS[link.kind]),
    });
    return token;
  }

  /** A first link, while there is nobody at all. */
  async firstToken(): Promise<string | undefined> {
    return (await this.people.count()) === 0 ? this.make() : undefined;
  }

  /** Takes a link for its one use, as part of the transaction that does what it is for. */
  private async spend(
    manager: EntityManager,
    token: string,
    kinds: InvitationKind[],
  ): Promise<Invitation> {
    const usable = {
      tokenHash: hashOf(token),
      usedAt: IsNull(),
      revokedAt: IsNull(),
      expiresAt: MoreThan(new Date()),
    };
    const link = await manager.findOne(Invitation, {
      where: usable,
      lock: { mode: 'pessimistic_write' },
    });
    if (!link || !kinds.includes(link.kind)) throw spent();
    await manager.update(Invitation, { id: link.id }, { usedAt: new Date() });
    return link;
  }

  /** Whether a link could be used now; asked before a password is weighed for it. */
  private async usable(token: string): Promise<void> {
    const found = await this.source.getRepository(Invitation).countBy({
      tokenHash: hashOf(token),
      usedAt: IsNull(),
      revokedAt: IsNull(),
      expiresAt: MoreThan(new Date()),
    });
    if (found === 0) throw spent();
  }

  /** Uses a link, account and membership in one: makes the account, or takes the signed-in one. */
  async accept(
    token: string,
    who: { personId: string } | { name: string; email: string; password: string },
  ): Promise<{ person: Person; projectId: string | null; role: Role | null; fresh: boolean }> {
    await this.usable(token);
    const passwordHash =
      'password' in who ? await this.people.hashed(who.password, [who.name, who.email]) : '';
    return inTransaction(this.source, async (manager) => {
      const { projectId, role } = await this.spend(manager, token, ['account', 'project']);
      const person =
        'personId' in who
          ? await manager.findOneBy(Person, { id: who.personId })
          : await this.people.insert({ ...who, passwordHash }, manager);
      if (!person) throw spent();
      if (projectId && role) {
        await manager
          .createQueryBuilder()
          .insert()
          .into(Membership)
          .orIgnore()
          .values({ projectId, personId: person.id, role })
          .execute();
      }
      return { person, projectId, role, fresh: !('personId' in who) };
    });
  }

  /** Sets a new password by a reset's link; every session of the person ends. */
  async reset(token: string, password: string): Promise<Person> {
    await this.usable(token);
    const owner = await this.source
      .getRepository(Invitation)
      .findOneBy({ tokenHash: hashOf(token), kind: 'reset' });
    const before = owner?.personId ? await this.people.find(owner.personId) : null;
    if (!before) throw spent();
    const passwordHash = await this.people.hashed(password, [before.name, before.email]);
    return inTransaction(this.source, async (manager) => {
      const link = await this.spend(manager, token, ['reset']);
      await manager.update(Person, { id: link.personId! }, { passwordHash });
      // Other resets that wait are worth nothing any more.
      await manager.update(
        Invitation,
        { personId: link.personId!, kind: 'reset', usedAt: IsNull(), revokedAt: IsNull() },
        { revokedAt: new Date() },
      );
      await manager.delete(SessionRow, { personId: link.personId! });
      return before;
    });
  }

  /** The links into a project that could still be used. */
  async open(projectId: string) {
    const links = await this.source.getRepository(Invitation).find({
      where: { projectId, usedAt: IsNull(), revokedAt: IsNull(), expiresAt: MoreThan(new Date()) },
      order: { createdAt: 'ASC', id: 'ASC' },
    });
    const makers = new Map(
      (
        await this.people.named([
          ...new Set(links.flatMap(({ createdBy }) => (createdBy ? [createdBy] : []))),
        ])
      ).map(({ id, name }) => [id, name]),
    );
    return links.map(({ id, role, createdAt, expiresAt, createdBy }) => ({
      id,
      role,
      at: createdAt.toISOString(),
      until: expiresAt.toISOString(),
      by: makers.get(createdBy ?? '') ?? 'somebody',
    }));
  }

  /** Makes a link into a project worthless. */
  async revoke(projectId: string, id: string): Promise<Role | null> {
    const links = this.source.getRepository(Invitation);
    const { affected } = await links.update(
      { id, projectId, usedAt: IsNull(), revokedAt: IsNull() },
      { revokedAt: new Date() },
    );
    if (affected !== 1) throw notFound('The link');
    return (await links.findOneBy({ id }))?.role ?? null;
  }
}
