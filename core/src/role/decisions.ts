import { asCount, asTerm, decisionTable, type Recorder } from '../model/index.js';
import type { Occupancy } from '../practice/index.js';
import type { Escape } from './facts.js';
import type { Role } from '../roles/index.js';

/** What is decided of the opening as a whole. */
export const ROLE_DECISIONS = decisionTable('opening', {
  role: asTerm<Role>('role'),
  escape: asTerm<Escape>('escape'),
  people: asCount(),
  occupancy: asTerm<Occupancy>('occupancy'),
});

export type RoleRecord = Recorder<(typeof ROLE_DECISIONS)['specs']>;

declare module '../model/registry.js' {
  interface Decisions {
    opening: (typeof ROLE_DECISIONS)['specs'];
  }
}
