import { createHash, randomBytes, randomUUID } from 'node:crypto';
import { HttpStatus, Injectable } from '@nestjs/common';
import { hash, verify } from '@node-rs/argon2';
import { DataSource, In, IsNull, MoreThan } from 'typeorm';
import { Problem } from '../http/problem.js';
import { Membership, type Role } from '../projects/membership.entity.js';
import { Invitation } from './invitation.entity.js';
import { Person } from './person.entity.js';

/** argon2id is the library's default; the cost follows the usual 19 MiB and two passes. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

const INVITATION_MS = 7 * 24 * 3600 * 1000;

const hashOf = (token: string) => createHash('sha256').update(token).digest('hex');

/** People, their passwords, and the one-time links by which they come in. */
@Injectable()
export class PeopleService {
  /** A hash nobody's password has: verified against when the address is unknown, to take as long. */
  private readonly nobody = hash(randomBytes(16).toString('hex'), COST);

  constructor(private readonly source: DataSource) {}

  private get people() {
    return this.source.getRepository(Person);
  }

  async add(person: {
    name: string;
    email: string;
    password: string;
    demo?: boolean;
  }): Promise<Person> {
    const row = this.people.create({
      id: randomUUID(),
      name: person.name,
      email: person.email.toLowerCase(),
      passwordHash: await hash(person.password, COST),
      demo: person.demo ?? false,
    });
    try {
      await this.people.insert(row);
    } catch (error) {
      if ((error as { code?: string }).code !== 'ER_DUP_ENTRY') throw error;
      throw new Problem(
        HttpStatus.CONFLICT,
        'This link cannot be used with that address. If you have an account, sign in first.',
      );
    }
    return row;
  }

  find(id: string): Promise<Person | null> {
    return this.people.findOneBy({ id });
  }

  named(ids: string[]): Promise<Person[]> {
    return ids.length === 0 ? Promise.resolve([]) : this.people.findBy({ id: In(ids) });
  }

  demoPeople(): Promise<Person[]> {
    return this.people.find({ where: { demo: true }, order: { createdAt: 'ASC', name: 'ASC' } });
  }

  /** The person of that address and password; otherwise one and the same answer for either fault. */
  async authenticate(email: string, password: string): Promise<Person> {
    const person = await this.people.findOneBy({ email: email.toLowerCase() });
    const right = await verify(person?.passwordHash ?? (await this.nobody), password);
    if (!person || !right) {
      throw new Problem(HttpStatus.UNAUTHORIZED, 'Address and password do not belong together.');
    }
    return person;
  }

  /** Makes a one-time link's token; it is shown once and kept only as a hash. */
  async invite(project?: { id: string; role: Role }): Promise<string> {
    const token = randomBytes(24).toString('base64url');
    await this.source.getRepository(Invitation).insert({
      id: randomUUID(),
      tokenHash: hashOf(token),
      projectId: project?.id ?? null,
      role: project?.role ?? null,
      expiresAt: new Date(Date.now() + INVITATION_MS),
    });
    return token;
  }

  /** A first link, while there is nobody at all. */
  async firstToken(): Promise<string | undefined> {
    return (await this.people.count()) === 0 ? this.invite() : undefined;
  }

  /** Uses a link: makes the account (or takes the signed-in one) and the membership it grants. */
  async accept(
    token: string,
    who: { personId: string } | { name: string; email: string; password: string },
  ): Promise<{ person: Person; projectId: string | null }> {
    const invitations = this.source.getRepository(Invitation);
    const usable = { tokenHash: hashOf(token), usedAt: IsNull(), expiresAt: MoreThan(new Date()) };
    const invitation = await invitations.findOneBy(usable);
    const spent = new Problem(
      HttpStatus.GONE,
      'This link was used already, or has run out. Ask for a new one.',
    );
    if (!invitation) throw spent;
    const person = 'personId' in who ? await this.find(who.personId) : await this.add(who);
    if (!person) throw spent;
    await this.source.transaction(async (manager) => {
      const { affected } = await manager.update(Invitation, usable, { usedAt: new Date() });
      if (affected !== 1) throw spent;
      if (invitation.projectId && invitation.role) {
        await manager
          .createQueryBuilder()
          .insert()
          .into(Membership)
          .orIgnore()
          .values({ projectId: invitation.projectId, personId: person.id, role: invitation.role })
          .execute();
      }
    });
    return { person, projectId: invitation.projectId };
  }
}
