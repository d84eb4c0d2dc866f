import type { LockSpec, Product } from '../catalogue/index.js';
import type { Practice } from '../practice/index.js';
import { roomKey, type Room } from './building.js';

/** What the graph of rooms tells of the doors from one room to another. */
export interface EgressFlow {
  /** Which way people leave; undefined where nobody needs to. */
  escape: 'to' | 'from' | 'both' | undefined;
  /** People whose way out leads through any of these doors, all of them, as far as rooms are counted. */
  people: number;
  /** People for whom one of these doors must be wide enough. */
  share: number;
  /** Whether every room they come from is counted. */
  whole: boolean;
  /** Ways out of the room they come from, this one among them. */
  ways: number;
}

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
  /** Ways out by the two rooms of an opening (`wayKey`); empty where openings are not seen together. */
  ways: ReadonlyMap<string, EgressFlow>;
}

/** The key of the ways between two rooms, in their order. */
export function wayKey(from: string, to: string): string {
  return `${roomKey(from)}|${roomKey(to)}`;
}

/** The way through an opening, where the graph of rooms has one. */
export function wayBetween(
  from: string | undefined,
  to: string | undefined,
  { ways }: ProjectBasis,
): EgressFlow | undefined {
  return from && to && ways.size > 0 ? ways.get(wayKey(from, to)) : undefined;
}

/** The room an opening names, where the building has it. */
export function roomNamed(name: string | undefined, basis: ProjectBasis): Room | undefined {
  return name === undefined || basis.rooms.size === 0 ? undefined : basis.rooms.get(roomKey(name));
}
