import type { HeightItem, StrikeForm, ThrowForm } from './securingTypes.js';
import type { BodyName } from './types.js';

/** By which figures of a practice a kind of lock is measured. */
export interface LockFigures {
  /** The body it is of; bores and what sits nowhere have none. */
  body: BodyName | undefined;
  throws: ThrowForm;
  strike: StrikeForm;
  height: HeightItem;
}

const row = (
  body: BodyName | undefined,
  throws: ThrowForm,
  strike: StrikeForm,
  height: HeightItem = 'lock',
): LockFigures => ({ body, throws, strike, height });

/** For every kind of lock. */
export const LOCK_FIGURES = {
  none: row(undefined, 'bored', 'bored'),
  cylindrical: row(undefined, 'bored', 'mortise'),
  tubular: row(undefined, 'bored', 'bored'),
  deadbolt: row(undefined, 'bored', 'bored', 'deadbolt'),
  mortise: row('lockCase', 'mortise', 'mortise'),
  profile: row('profileCase', 'mortise', 'long'),
  multipoint: row('profileCase', 'mortise', 'long'),
  sash: row('sashCase', 'mortise', 'mortise'),
  'mortise-dead': row('deadCase', 'mortise', 'mortise', 'deadbolt'),
  'rim-lock': row('rimLock', 'rim', 'rim'),
  'night-latch': row('nightLatch', 'rim', 'rim', 'nightLatch'),
  unit: row('unitNotch', 'bored', 'mortise'),
  'narrow-stile': row('narrowCase', 'mortise', 'mortise'),
  'rim-exit': row('rimCase', 'exit', 'rim', 'exit'),
  'mortise-exit': row('lockCase', 'mortise', 'mortise', 'exit'),
  'rods-surface': row('rimCase', 'exit', 'rim', 'exit'),
  'rods-concealed': row('rimCase', 'exit', 'rim', 'exit'),
  sliding: row('hookCase', 'sliding', 'keep'),
  roller: row('rollerCase', 'bored', 'bored', 'roller'),
  gate: row('gateLock', 'rim', 'rim'),
  // A patch is cut by the glass maker; it stands at a corner or as a box at the handle.
  patch: row(undefined, 'mortise', 'keep'),
  'cold-room': row('gateLock', 'rim', 'keep'),
} as const satisfies Record<string, LockFigures>;
