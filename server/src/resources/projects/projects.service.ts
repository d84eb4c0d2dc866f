import { randomUUID } from 'node:crypto';
import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import { inTransaction } from '../../base/database/transaction.js';
import { ProjectFeed } from '../../base/entities/feed.entity.js';
import { notFound, Problem } from '../../base/http/problem.js';
import { PeopleService } from '../people/people.service.js';
import { Membership, type Role } from '../../base/entities/membership.entity.js';
import { Project } from '../../base/entities/project.entity.js';

@Injectable()
export class ProjectsService {
  constructor(
    private readonly source: DataSource,
    private readonly people: PeopleService,
  ) {}

  /** The projects a person is a member of, with how many openings each has. */
  async listFor(personId: string) {
    const rows: {
      id: string;
      name: string;
      practice: string;
      note: string;
      version: number;
      role: Role;
      openings: string;
      changed: Date | null;
    }[] = await this.source.query(
      `SELECT p.id, p.name, p.practice, p.note, p.version, m.role,
         (SELECT COUNT(*) FROM opening o WHERE o.project_id = p.id) AS openings,
         (SELECT e.created_at FROM event e WHERE e.project_id = p.id AND e.seq IS NOT NULL ORDER BY e.seq DESC LIMIT 1) AS changed
       FROM project p JOIN membership m ON m.project_id = p.id WHERE m.person_id = ? ORDER BY p.name, p.id`,
      [personId],
    );
    return rows.map((row) => ({
      ...row,
      openings: Number(row.openings),
      changed: row.changed ? new Date(row.changed).toISOString() : null,
    }));
  }

  async get(id: string): Promise<Project> {
    const project = await this.source.getRepository(Project).findOneBy({ id });
    if (!project) throw notFound('The project');
    return project;
  }

  async create(
    personId: string,
    values: { name: string; practice: string; note?: string },
  ): Promise<Project> {
    return inTransaction(this.source, (manager) => this.createIn(manager, personId, values));
  }

  /** Makes a project within a transaction; its maker owns it. */
  async createIn(
    manager: EntityManager,
    personId: string,
    values: { name: string; practice: string; note?: string },
  ): Promise<Project> {
    const project = manager.create(Project, {
      id: randomUUID(),
      version: 1,
      note: '',
      ...values,
    });
    await manager.insert(Project, project);
    await manager.insert(ProjectFeed, { projectId: project.id, seq: '0' });
    await manager.insert(Membership, { projectId: project.id, personId, role: 'owner' });
    return project;
  }

  async update(
    id: string,
    version: number,
    values: Partial<Pick<Project, 'name' | 'practice' | 'note'>>,
  ): Promise<Project> {
    const { affected } = await this.source
      .getRepository(Project)
      .update({ id, version }, { ...values, version: version + 1 });
    const project = await this.get(id);
    if (affected !== 1)
      throw new Problem(HttpStatus.CONFLICT, 'Somebody changed the project in the meantime.', {
        current: project,
      });
    return project;
  }

  async remove(id: string): Promise<void> {
    await this.source.getRepository(Project).delete({ id });
  }

  async members(projectId: string) {
    const memberships = await this.source.getRepository(Membership).findBy({ projectId });
    const people = new Map(
      (await this.people.named(memberships.map((one) => one.personId))).map((person) => [
        person.id,
        person,
      ]),
    );
    return memberships
      .map((one) => ({
        personId: one.personId,
        role: one.role,
        name: people.get(one.personId)?.name ?? '',
        email: people.get(one.personId)?.email ?? '',
      }))
      .sort((a, b) => a.name.localeCompare(b.name));
  }

  /** Changes or (with `null`) ends a membership; a project always keeps an owner. */
  async setRole(projectId: string, personId: string, role: Role | null): Promise<void> {
    await inTransaction(this.source, async (manager) => {
      const all = await manager.find(Membership, {
        where: { projectId },
        lock: { mode: 'pessimistic_write' },
      });
      if (!all.some((one) => one.personId === personId)) throw notFound('The member');
      const owners = all.filter(
        (one) => one.role === 'owner' && (one.personId !== personId || role === 'owner'),
      );
      if (owners.length === 0)
        throw new Problem(
          HttpStatus.CONFLICT,
          'A project needs an owner; make somebody else owner first.',
        );
      if (role === null) await manager.delete(Membership, { projectId, personId });
      else await manager.update(Membership, { projectId, personId }, { role });
    });
  }
}
