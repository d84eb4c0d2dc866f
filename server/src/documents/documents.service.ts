import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import {
  phraseText,
  projectBasis,
  readBuilding,
  readEditedPractices,
  readKeying,
  readLocks,
  readProducts,
  type Building,
  type EditedPractice,
  type LockSpec,
  type Product,
  type ProjectBasis,
  type Result,
} from '@riegel/core';
import type { DocumentChange } from '../events/event.entity.js';
import { invalid, Problem } from '../http/problem.js';
import { Project } from '../projects/project.entity.js';
import { ProjectDocument, type DocumentName } from './document.entity.js';

/** A document to be written as part of an event. */
export interface DocumentWrite {
  name: DocumentName;
  /** The version it was made from; 0 when there was none. */
  version: number;
  body: unknown;
}

export interface DocumentView {
  name: DocumentName;
  version: number;
  body: unknown;
}

/** Building, practices, catalogue, lock functions, keys and list memory of a project: documents written within the project's events. */
@Injectable()
export class DocumentsService {
  constructor(private readonly source: DataSource) {}

  async one(projectId: string, name: DocumentName): Promise<DocumentView> {
    const row = await this.source.getRepository(ProjectDocument).findOneBy({ projectId, name });
    return { name, version: row?.version ?? 0, body: row?.body ?? null };
  }

  /** What every opening of the project is decided with. */
  async basis(projectId: string): Promise<ProjectBasis> {
    const project = await this.source.getRepository(Project).findOneByOrFail({ id: projectId });
    const { practices, building, products, locks } = await this.forDeciding(projectId);
    return projectBasis(project.practice, practices, building, products, locks);
  }

  async forDeciding(projectId: string): Promise<{
    practices: EditedPractice[];
    building: Building | undefined;
    products: Product[];
    locks: LockSpec[];
  }> {
    const [practices, building, catalogue, locks] = await Promise.all([
      this.one(projectId, 'practices'),
      this.one(projectId, 'building'),
      this.one(projectId, 'catalogue'),
      this.one(projectId, 'locks'),
    ]);
    return {
      practices: (practices.body ?? []) as EditedPractice[],
      building: (building.body ?? undefined) as Building | undefined,
      products: (catalogue.body ?? []) as Product[],
      locks: (locks.body ?? []) as LockSpec[],
    };
  }

  /** Writes documents inside a transaction; a stale one answers 409 with the current state. */
  async write(
    manager: EntityManager,
    projectId: string,
    writes: DocumentWrite[],
  ): Promise<DocumentChange[]> {
    const changes: DocumentChange[] = [];
    for (const { name, version, body } of writes) {
      const current = await manager.findOne(ProjectDocument, {
        where: { projectId, name },
        lock: { mode: 'pessimistic_write' },
      });
      if ((current?.version ?? 0) !== version) {
        throw new Problem(HttpStatus.CONFLICT, `Somebody changed the ${name} in the meantime.`, {
          document: { name, version: current?.version ?? 0, body: current?.body ?? null },
        });
      }
      await this.put(manager, projectId, name, body, current);
      changes.push({ document: name, before: current?.body ?? null, after: body });
    }
    return changes;
  }

  /** Puts a document's earlier (or later) body back. */
  async restore(
    manager: EntityManager,
    projectId: string,
    name: DocumentName,
    body: unknown,
  ): Promise<void> {
    const current = await manager.findOneBy(ProjectDocument, { projectId, name });
    await this.put(manager, projectId, name, body, current);
  }

  private async put(
    manager: EntityManager,
    projectId: string,
    name: DocumentName,
    body: unknown,
    current: ProjectDocument | null,
  ): Promise<void> {
    if (current) {
      await manager.update(
        ProjectDocument,
        { projectId, name },
        { body: body as never, version: current.version + 1 },
      );
    } else {
      await manager.insert(ProjectDocument, { projectId, name, body: body as never, version: 1 });
    }
  }
}

const READERS: Record<Exclude<DocumentName, 'lists'>, (body: unknown) => Result<unknown>> = {
  building: readBuilding,
  practices: readEditedPractices,
  catalogue: readProducts,
  locks: readLocks,
  keying: readKeying,
};

const MOST_LIST_CHARACTERS = 8_000_000;

/** Checks a document's body by its name; throws the problem that names what is wrong. */
export function checkedDocument(name: DocumentName, body: unknown): unknown {
  if (name === 'lists') {
    if (typeof body !== 'object' || body === null || Array.isArray(body))
      throw invalid([{ field: name, message: 'What is remembered of lists is one object.' }]);
    if (JSON.stringify(body).length > MOST_LIST_CHARACTERS)
      throw invalid([{ field: name, message: 'The list is too long to be remembered.' }]);
    return body;
  }
  const read = READERS[name](body);
  if (read.ok) return read.value;
  throw invalid([{ field: name, message: phraseText(read.fault, { system: 'inch' }) }]);
}
