import type { LockSpec, Product } from '../catalogue/index.js';
import type { Practice } from '../practice/index.js';
import { roomKey, type Room } from './building.js';

/** What a project gives to each of its openings: practice, own practices, rooms, catalogue. */
export interface ProjectBasis {
  practice: Practice;
  /** The project's own practices. */
  practices: ReadonlyMap<string, Practice>;
  /** Those that ship. */
  shipped: readonly Practice[];
  rooms: ReadonlyMap<string, Room>;
  /** By id: what ships, and the project's own, which go before. */
  products: ReadonlyMap<string, Product>;
  /** Lock functions by id: what ships, and the project's own. */
  locks: ReadonlyMap<string, LockSpec>;
}

/** The room an opening names, where the building has it. */
export function roomNamed(name: string | undefined, basis: ProjectBasis): Room | undefined {
  return name === undefined || basis.rooms.size === 0 ? undefined : basis.rooms.get(roomKey(name));
}
