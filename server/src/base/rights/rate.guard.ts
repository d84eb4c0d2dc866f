import { Inject, Injectable, type ExecutionContext } from '@nestjs/common';
import { ThrottlerGuard, type ThrottlerLimitDetail } from '@nestjs/throttler';
import type { Request } from 'express';
import { AuditService } from '../audit/audit.service.js';

/** Refuses who asks too often, and writes that down once a minute. */
@Injectable()
export class RateGuard extends ThrottlerGuard {
  @Inject(AuditService)
  private readonly audit: AuditService;

  protected override async throwThrottlingException(
    context: ExecutionContext,
    detail: ThrottlerLimitDetail,
  ): Promise<void> {
    const request = context.switchToHttp().getRequest<Request>();
    // A database that is away must not turn a refusal into something else.
    await this.audit
      .oncePerMinute({
        kind: 'limited',
        personId: request.session?.personId ?? null,
        subject: `${request.method} ${request.path}`,
        address: request.ip ?? '',
      })
      .catch(() => undefined);
    return super.throwThrottlingException(context, detail);
  }
}
