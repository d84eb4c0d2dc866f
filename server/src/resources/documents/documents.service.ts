import { HttpStatus, Injectable } from '@nestjs/common';
import { DataSource, type EntityManager } from 'typeorm';
import type { DocumentChange } from '../../base/entities/event.entity.js';
import { Problem } from '../../base/http/problem.js';
import { ProjectDocument, type DocumentName } from '../../base/entities/document.entity.js';
import type { DocumentWrite } from './readDocument.js';

/** A document as stored; version 0 and no body while there is none. */
export interface DocumentText {
  name: DocumentName;
  version: number;
  body: string | null;
}

/** What openings are decided with, as stored; unfolded where deciding runs. */
export interface DecidingTexts {
  practices: string | null;
  building: string | null;
  catalogue: string | null;
  locks: string | null;
}

/** Building, practices, catalogue, lock functions, keys and list memory of a project: documents written within the project's events. */
@Injectable()
export class DocumentsService {
  constructor(private readonly source: DataSource) {}

  /** Some documents of a project, in the order asked for. */
  async some(
    projectId: string,
    names: readonly DocumentName[],
    manager: Pick<EntityManager, 'query'> = this.source,
  ): Promise<DocumentText[]> {
    const rows = (await manager.query(
      `SELECT name, version, body FROM project_document WHERE project_id = ? AND name IN (${names.map(() => '?').join(', ')})`,
      [projectId, ...names],
    )) as { name: DocumentName; version: number; body: string }[];
    return names.map(
      (name) => rows.find((row) => row.name === name) ?? { name, version: 0, body: null },
    );
  }

  async one(projectId: string, name: DocumentName): Promise<DocumentText> {
    return (await this.some(projectId, [name]))[0]!;
  }

  async forDeciding(projectId: string): Promise<DecidingTexts> {
    const names = ['practices', 'building', 'catalogue', 'locks'] as const;
    const [practices, building, catalogue, locks] = await this.some(projectId, names);
    return {
      practices: practices!.body,
      building: building!.body,
      catalogue: catalogue!.body,
      locks: locks!.body,
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
      const current = await this.locked(manager, projectId, name);
      // Written already: the answer to it was lost on the way.
      if (current && current.version > version && current.body === body) continue;
      if ((current?.version ?? 0) !== version) throw stale(name, current);
      await this.put(manager, projectId, name, body, current);
      changes.push({ document: name, before: current?.body ?? null, after: body });
    }
    return changes;
  }

  /** Puts a document's earlier (or later) body back, unless somebody changed it since. */
  async restore(
    manager: EntityManager,
    projectId: string,
    name: DocumentName,
    from: string | null,
    to: string | null,
  ): Promise<void> {
    const current = await this.locked(manager, projectId, name);
    if (empty(current?.body ?? null) !== empty(from))
      throw new Problem(
        HttpStatus.CONFLICT,
        `Somebody changed the ${name} after that; it cannot be taken back as a whole.`,
        { document: unfoldedDocument(name, current) },
      );
    await this.put(manager, projectId, name, to ?? 'null', current);
  }

  private async locked(
    manager: EntityManager,
    projectId: string,
    name: DocumentName,
  ): Promise<ProjectDocument | null> {
    return manager.findOne(ProjectDocument, {
      where: { projectId, name },
      lock: { mode: 'pessimistic_write' },
    });
  }

  private async put(
    manager: EntityManager,
    projectId: string,
    name: DocumentName,
    body: string,
    current: ProjectDocument | null,
  ): Promise<void> {
    if (current) {
      await manager.update(
        ProjectDocument,
        { projectId, name },
        { body, version: current.version + 1 },
      );
    } else {
      await manager.insert(ProjectDocument, { projectId, name, body, version: 1 });
    }
  }
}

/** A document that was taken back is kept as `null`, which counts as none. */
const empty = (body: string | null) => (body === 'null' ? null : body);

const unfoldedDocument = (name: DocumentName, current: ProjectDocument | null) => ({
  name,
  version: current?.version ?? 0,
  body: current ? (JSON.parse(current.body) as unknown) : null,
});

function stale(name: DocumentName, current: ProjectDocument | null): Problem {
  return new Problem(HttpStatus.CONFLICT, `Somebody changed the ${name} in the meantime.`, {
    document: unfoldedDocument(name, current),
  });
}

/** A document as the interface gives it. */
export function documentJson({ name, version, body }: DocumentText): string {
  return `{"name":"${name}","version":${version},"body":${body ?? 'null'}}`;
}
