import { applyDecorators, SetMetadata } from '@nestjs/common';
import { ApiExtension } from '@nestjs/swagger';
import type { Role } from '../entities/membership.entity.js';

/** Who may use a route: a role is one in the project the path names, or more. */
export type Right = 'anyone' | 'signed-in' | 'administrator' | Role;

export const RIGHT = Symbol('right');

/** The extension by which the interface's documents tell a route's right. */
const RIGHT_EXTENSION = 'x-riegel-right';

/** Every route says who may use it; one that does not is open to nobody. */
export const RequireRole = (right: Right) =>
  applyDecorators(SetMetadata(RIGHT, right), ApiExtension(RIGHT_EXTENSION, right));
