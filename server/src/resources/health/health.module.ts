import { Module } from '@nestjs/common';
import { HealthController } from './health.controller.js';

/** Whether the server can work. */
@Module({
  controllers: [HealthController],
})
export class HealthModule {}
