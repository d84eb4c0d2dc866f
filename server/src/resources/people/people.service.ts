import { randomBytes, randomUUID } from 'node:crypto';
import { HttpStatus, Injectable } from '@nestjs/common';
import { hash, verify } from '@node-rs/argon2';
import { DataSource, In, type EntityManager } from 'typeorm';
import { invalid, Problem } from '../../base/http/problem.js';
import { WorkService } from '../../base/work/work.service.js';
import { Person } from '../../base/entities/person.entity.js';
import { SignInDelays } from './signInDelays.js';

/** argon2id is the library's default; the cost follows the usual 19 MiB and two passes. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

export interface NewPerson {
  name: string;
  email: string;
  password: string;
  demo?: boolean;
}

/** People and their passwords. */
@Injectable()
export class PeopleService {
  /** A hash nobody's password has: verified against when the address is unknown, to take as long. */
  private readonly nobody = hash(randomBytes(16).toString('hex'), COST);

  constructor(
    private readonly source: DataSource,
    private readonly work: WorkService,
    private readonly delays: SignInDelays,
  ) {}

  private get people() {
    return this.source.getRepository(Person);
  }

  /** Adds somebody; who comes while nobody looks after the installation does. */
  async add(person: NewPerson, manager: EntityManager = this.source.manager): Promise<Person> {
    const passwordHash = await hash(person.password, COST);
    return this.insert({ ...person, passwordHash }, manager);
  }

  /** The hash under which a password is kept, once it is found strong enough. */
  async hashed(password: string, own: string[]): Promise<string> {
    const weak = await this.work.run('passwordStrength', { password, own });
    if (weak) throw invalid([{ field: 'password', message: weak }]);
    return hash(password, COST);
  }

  async insert(
    person: { name: string; email: string; passwordHash: string; demo?: boolean },
    manager: EntityManager,
  ): Promise<Person> {
    const demo = person.demo ?? false;
    const first = !demo && (await manager.countBy(Person, { admin: true })) === 0;
    const row = this.people.create({
      id: randomUUID(),
      name: person.name,
      email: person.email.toLowerCase(),
      passwordHash: person.passwordHash,
      demo,
      admin: first,
    });
    try {
      await manager.insert(Person, row);
    } catch (error) {
      if ((error as { code?: string }).code !== 'ER_DUP_ENTRY') throw error;
      throw new Problem(
        HttpStatus.CONFLICT,
        'This link cannot be used with that address. If you have an account, sign in first.',
      );
    }
    // What was put in comes back as the database spells it, a flag as a number.
    return { ...row, demo, admin: first };
  }

  find(id: string): Promise<Person | null> {
    return this.people.findOneBy({ id });
  }

  byEmail(email: string): Promise<Person | null> {
    return this.people.findOneBy({ email: email.toLowerCase() });
  }

  named(ids: string[]): Promise<Person[]> {
    return ids.length === 0 ? Promise.resolve([]) : this.people.findBy({ id: In(ids) });
  }

  all(): Promise<Person[]> {
    return this.people.find({ order: { name: 'ASC', id: 'ASC' } });
  }

  demoPeople(): Promise<Person[]> {
    return this.people.find({ where: { demo: true }, order: { createdAt: 'ASC', name: 'ASC' } });
  }

  count(): Promise<number> {
    return this.people.count();
  }

  /**
   * The person of that address and password; otherwise one and the same answer for either fault. Every
   * failure makes the next wait longer, whether the account is there or not.
   */
  async authenticate(email: string, password: string): Promise<Person> {
    const account = email.toLowerCase();
    await this.delays.enter(account);
    const person = await this.byEmail(account);
    const right = await verify(person?.passwordHash ?? (await this.nobody), password);
    if (!person || !right) {
      throw new Problem(HttpStatus.UNAUTHORIZED, 'Address and password do not belong together.');
    }
    await this.delays.clear(account);
    return person;
  }

  /** Whether a password is the person's own, asked before something that matters; slowed down likewise. */
  async confirm(personId: string, password: string): Promise<Person> {
    const person = await this.find(personId);
    if (!person) throw new Problem(HttpStatus.UNAUTHORIZED, 'Sign in first.');
    await this.delays.enter(person.email);
    if (!(await verify(person.passwordHash, password)))
      throw invalid([{ field: 'current', message: 'This is not your password.' }]);
    await this.delays.clear(person.email);
    return person;
  }

  async setPassword(personId: string, passwordHash: string): Promise<void> {
    await this.people.update({ id: personId }, { passwordHash });
  }

  /** Makes somebody an administrator or no longer; one always stays. */
  async setAdmin(personId: string, admin: boolean): Promise<void> {
    await this.source.transaction(async (manager) => {
      const all = await manager.find(Person, {
        where: { admin: true },
        lock: { mode: 'pessimistic_write' },
      });
      if (!admin && all.every((one) => one.id === personId))
        throw new Problem(HttpStatus.CONFLICT, 'An installation needs an administrator.');
      await manager.update(Person, { id: personId }, { admin });
    });
  }
}
