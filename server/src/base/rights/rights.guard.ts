import { HttpStatus, Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { Request } from 'express';
import { DataSource } from 'typeorm';
import { AuditService } from '../audit/audit.service.js';
import { Problem } from '../http/problem.js';
import { Person } from '../entities/person.entity.js';
import { Access } from './access.js';
import { RIGHT, type Right } from './requireRole.js';

/** Lets through who has the route's right, before anything of the request's body is read. */
@Injectable()
export class RightsGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly access: Access,
    private readonly source: DataSource,
    private readonly audit: AuditService,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const request = context.switchToHttp().getRequest<Request>();
    const right = this.reflector.getAllAndOverride<Right | undefined>(RIGHT, [
      context.getHandler(),
      context.getClass(),
    ]);
    if (right === 'anyone') return true;
    const personId = request.session?.personId;
    if (!personId) throw new Problem(HttpStatus.UNAUTHORIZED, 'Sign in first.');
    if (right === 'signed-in') return true;
    try {
      if (right === undefined) throw new Problem(HttpStatus.FORBIDDEN, 'Nobody may do that here.');
      if (right === 'administrator') await this.administrator(personId);
      else await this.access.need(String(request.params['projectId']), personId, right);
    } catch (error) {
      if (error instanceof Problem && error.getStatus() === (HttpStatus.FORBIDDEN as number))
        await this.audit.refused(request, personId);
      throw error;
    }
    return true;
  }

  private async administrator(personId: string): Promise<void> {
    const admin = { id: personId, admin: true };
    if (!(await this.source.getRepository(Person).existsBy(admin)))
      throw new Problem(HttpStatus.FORBIDDEN, 'Only an administrator may do that.');
  }
}
