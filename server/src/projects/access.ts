import { Injectable } from '@nestjs/common';
import { DataSource } from 'typeorm';
import { forbidden, notFound } from '../http/problem.js';
import { atLeast, Membership, type Role } from './membership.entity.js';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** Who may do what, asked before every read and write of a project. */
@Injectable()
export class Access {
  constructor(private readonly source: DataSource) {}

  /** The person's role; a project one is no member of looks the same as none at all. */
  async need(projectId: string, personId: string, needed: Role): Promise<Role> {
    const membership = UUID.test(projectId)
      ? await this.source.getRepository(Membership).findOneBy({ projectId, personId })
      : null;
    if (!membership) throw notFound('The project');
    if (!atLeast(membership.role, needed)) {
      throw forbidden(
        `As ${membership.role} you can look at this project but not do that; ask its owner.`,
      );
    }
    return membership.role;
  }
}
