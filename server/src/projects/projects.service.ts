import { randomUUID } from 'node:crypto';
import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { faultPlace, phraseText, readProjectObject, writeProject, type Keying } from '@riegel/core';
import { DocumentsService, type DocumentWrite } from '../documents/documents.service.js';
import { invalid, notFound, Problem } from '../http/problem.js';
import { OpeningsService } from '../openings/openings.service.js';
import { PeopleService } from '../people/people.service.js';
import { Membership, type Role } from './membership.entity.js';
import { Project } from './project.entity.js';

@Injectable()
export class ProjectsService {
  constructor(
    private readonly source: DataSource,
    private readonly openings: OpeningsService,
    private readonly people: PeopleService,
    private readonly documents: DocumentsService,
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
         (SELECT MAX(e.created_at) FROM event e WHERE e.project_id = p.id) AS changed
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
    const project = this.source
      .getRepository(Project)
      .create({ id: randomUUID(), version: 1, note: '', ...values });
    await this.source.transaction(async (manager) => {
      await manager.insert(Project, project);
      await manager.insert(Membership, { projectId: project.id, personId, role: 'owner' });
    });
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

  /** Makes a project from a project file: all of it or nothing, one event. */
  async fromFile(personId: string, file: unknown): Promise<Project> {
    const read = readProjectObject(file);
    if (!read.ok) {
      throw invalid(
        read.faults.map((fault) => ({
          field: fault.where,
          message: faultPlace(fault) + phraseText(fault.fault, { system: 'inch' }),
        })),
      );
    }
    const { name, practice, note, openings, practices, building, products } = read.project;
    const { locks, keying } = read.project;
    const documents: DocumentWrite[] = [
      ...(practices ? [{ name: 'practices' as const, version: 0, body: practices }] : []),
      ...(building ? [{ name: 'building' as const, version: 0, body: building }] : []),
      ...(products ? [{ name: 'catalogue' as const, version: 0, body: products }] : []),
      ...(locks ? [{ name: 'locks' as const, version: 0, body: locks }] : []),
      ...(keying ? [{ name: 'keying' as const, version: 0, body: keying }] : []),
    ];
    const project = await this.create(personId, { name, practice, ...(note ? { note } : {}) });
    try {
      if (openings.length + documents.length > 0) {
        await this.openings.write(
          project.id,
          personId,
          openings.map((facts) => ({ op: 'create' as const, facts })),
          'import',
          documents,
        );
      }
    } catch (error) {
      await this.remove(project.id);
      throw error;
    }
    return project;
  }

  /** The project as its file. */
  async toFile(id: string): Promise<string> {
    const project = await this.get(id);
    const openings = (await this.openings.list(id)).map((opening) => opening.facts);
    const { practices, building, products, locks } = await this.documents.forDeciding(id);
    const keying = (await this.documents.one(id, 'keying')).body as Keying | null;
    return writeProject({
      ...(practices.length > 0 ? { practices } : {}),
      ...(building ? { building } : {}),
      ...(products.length > 0 ? { products } : {}),
      ...(locks.length > 0 ? { locks } : {}),
      ...(keying ? { keying } : {}),
      name: project.name,
      practice: project.practice,
      ...(project.note ? { note: project.note } : {}),
      openings,
    });
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
    await this.source.transaction(async (manager) => {
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
