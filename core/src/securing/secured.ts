import type { LockSpec } from '../catalogue/index.js';
import type { MeasuredLeaf } from '../model/index.js';
import type { ExitFit } from './exitDevice.js';
import type { LeafBolts, LockKind } from './facts.js';
import type { LockFit } from './fit.js';
import type { StrikeFit } from './strike.js';
import type { StrikeReuse } from './strikeReuse.js';
import type { ThroughLengths } from './thickness.js';

/** What later stages, drawings and sheets read of the lock. */
export interface Securing {
  readonly kind: LockKind | undefined;
  readonly spec: LockSpec | undefined;
  /** Of the second leaf, where each leaf has an exit device of its own. */
  readonly secondSpec: LockSpec | undefined;
  /** Of the lock, in ticks; height above the finished floor. Undefined while open or without a lock. */
  readonly backset: number | undefined;
  readonly height: number | undefined;
  /** Of a bored dead bolt above it. */
  readonly secondHeight: number | undefined;
  readonly leaf: MeasuredLeaf | undefined;
  readonly fit: LockFit | undefined;
  readonly strike: StrikeFit | undefined;
  readonly reuse: StrikeReuse | undefined;
  readonly lengths: ThroughLengths;
  readonly exit: ExitFit | undefined;
  /** Of the second leaf's own device, where that leaf has another width. */
  readonly secondExit: ExitFit | undefined;
  readonly bolts: LeafBolts | undefined;
  readonly coordinator: boolean;
  /** Whether its strike is held by long screws into the stud: entrances and dead bolts in timber frames. */
  readonly longScrews: boolean;
  /** Whether the outside is the pull face; taken so while the hand is open. */
  readonly outsidePull: boolean;
}
