import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { ask } from '../database/ask.js';
import { isId } from '../http/ids.js';
import { forbidden, notFound } from '../http/problem.js';
import { requestContext } from './requestContext.js';
import { atLeast, type Role } from '../entities/membership.entity.js';

/** Who may do what, asked before every read and write of a project. */
@Injectable()
export class Access {
  constructor(private readonly source: DataSource) {}

  /** The person's role; a project one is no member of looks the same as none at all. */
  async need(projectId: string, personId: string, needed: Role): Promise<Role> {
    const role = await this.role(projectId, personId);
    if (!role) throw notFound('The project');
    if (!atLeast(role, needed)) {
      throw forbidden(`As ${role} you can look at this project but not do that; ask its owner.`);
    }
    return role;
  }

  private async role(projectId: string, personId: string): Promise<Role | null> {
    if (!isId(projectId)) return null;
    // Told with the session of this request, where it is about this project.
    const known = requestContext();
    if (known?.role !== undefined && known.projectId === projectId && known.personId === personId)
      return known.role;
    const [membership] = await ask<{ role: Role }>(
      this.source,
      'SELECT role FROM membership WHERE project_id = ? AND person_id = ?',
      [projectId, personId],
    );
    return membership?.role ?? null;
  }
}
