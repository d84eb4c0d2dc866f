import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { isId } from '../http/ids.js';
import { forbidden, notFound } from '../http/problem.js';
import { atLeast, type Role } from './membership.entity.js';

/** Who may do what, asked before every read and write of a project. */
@Injectable()
export class Access {
  constructor(private readonly source: DataSource) {}

  /** The person's role; a project one is no member of looks the same as none at all. */
  async need(projectId: string, personId: string, needed: Role): Promise<Role> {
    const [membership] = isId(projectId)
      ? ((await this.source.query(
          'SELECT role FROM membership WHERE project_id = ? AND person_id = ?',
          [projectId, personId],
        )) as { role: Role }[])
      : [];
    if (!membership) throw notFound('The project');
    if (!atLeast(membership.role, needed)) {
      throw forbidden(
        `As ${membership.role} you can look at this project but not do that; ask its owner.`,
      );
    }
    return membership.role;
  }
}
