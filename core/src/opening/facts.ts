import type { Ticks } from '../measure/index.js';
import type { FrameMaterial, LeafConstruction, UseClass } from '../practice/index.js';
import type { SetStage } from './stages.js';

/** A fact somebody looked for and could not find out. Absent means nobody has said anything yet. */
export type Unknown = 'unknown';
export type Fact<T> = T | Unknown;

export const OPENING_KINDS = [
  'single',
  'pair',
  'unequal-pair',
  'double-acting',
  'double-egress',
  'sliding',
  'pocket',
  'stable',
  'bi-fold',
] as const;
export type OpeningKind = (typeof OPENING_KINDS)[number];

export type Side = 'left' | 'right';
export type Swing = 'in' | 'out';

/**
 * What somebody saw on site, kept as seen. From a face: on which hand the hinges were and whether
 * the knuckles showed. From within the frame, back to the hinge jamb: to which hand it swings, and
 * whether it opens towards the outside.
 */
export type Observation =
  | {
      stood: 'outside' | 'inside' | 'knuckle-side' | 'other-side';
      hinges: Side;
      knuckles?: 'seen' | 'not-seen' | undefined;
      by?: string | undefined;
      at?: string | undefined;
    }
  | {
      stood: 'in-frame';
      swingsTo: Side;
      opensOutward?: boolean | undefined;
      by?: string | undefined;
      at?: string | undefined;
    };

/** How the edges of a pair meet. */
export type MeetingEdge = 'square' | 'rebated' | 'astragal' | 'mullion';

export const HANGING_DEVICES = [
  'butt',
  'continuous',
  'concealed',
  'adjustable-concealed',
  'spring-hinge',
  'spring-concealed',
  'offset-pivot',
  'centre-pivot',
  'double-acting-spring',
  'sliding-gear',
  'folding-gear',
] as const;
export type HangingDevice = (typeof HANGING_DEVICES)[number];

/**
 * One reading of a survey, kept as it was taken. Nothing is overwritten: a later reading of the same
 * thing names the ones it replaces, so that two taken apart are both there.
 */
export interface Reading {
  id: string;
  /** What was read; see `survey/names.ts`. */
  name: string;
  /** Lengths in ticks, choices and texts as they are; absent when it was skipped. */
  value?: number | string | undefined;
  /** Why it was not taken. */
  skipped?: string | undefined;
  how: 'tape' | 'digital';
  by: string;
  /** When, ISO 8601 in UTC, by the clock of the device. */
  at: string;
  replaces?: string[] | undefined;
}

/** Steps of a lock's acceptance test as they were seen; those of another function no longer count. */
export interface LockTest {
  /** The function that was tested, its id. */
  function: string;
  /** By number of the step, from 1: as it should be, or not. */
  steps: Record<string, 'ok' | 'fault'>;
  by: string;
  /** When last, ISO 8601 in UTC. */
  at: string;
}

/** A line of hardware a person wrote into a stage by hand. */
export interface WrittenItem {
  stage: SetStage;
  quantity: number;
  unit: 'each' | 'pair' | 'set' | 'length';
  description: string;
  size?: string | undefined;
  finish?: string | undefined;
}

/** A decision a person took otherwise than Riegel, with the reason. */
export interface Choice {
  value: string | number;
  reason: string;
  /** The version of the decisions' names it was made under; absent for the first. */
  version?: number | undefined;
}

/** Kinds of lock by how they sit in or on the leaf. */
export const LOCK_KINDS = [
  'none',
  'cylindrical',
  'tubular',
  'deadbolt',
  'mortise',
  'profile',
  'sash',
  'rim-lock',
  'night-latch',
  'unit',
  'narrow-stile',
  'rim-exit',
  'mortise-exit',
  'rods-surface',
  'rods-concealed',
  'sliding',
  'roller',
  'gate',
] as const;
export type LockKind = (typeof LOCK_KINDS)[number];

/** What the lock is for, in plain words; see `securing/uses.ts` for what follows. */
export const LOCK_USES = [
  'passage',
  'privacy',
  'office',
  'classroom',
  'lock-down',
  'store',
  'entrance',
  'dormitory',
  'exit',
] as const;
export type LockUse = (typeof LOCK_USES)[number];

/** What holds the inactive leaf of a pair. */
export const LEAF_BOLTS = ['none', 'flush', 'automatic', 'constant', 'surface'] as const;
export type LeafBolts = (typeof LEAF_BOLTS)[number];

/** Kinds of closer by where they are and what they take out of leaf, frame or floor. */
export const CLOSER_KINDS = [
  'surface-pull',
  'surface-push',
  'concealed-overhead',
  'floor',
  'head',
] as const;
export type CloserKind = (typeof CLOSER_KINDS)[number];

/** What seals the gap under the leaf, by where it is fixed. */
export const BOTTOM_SEALS = [
  'none',
  'sweep',
  'drop-surface',
  'drop-half',
  'drop-full',
  'threshold',
] as const;
export type BottomSeal = (typeof BOTTOM_SEALS)[number];

/** Which leaf of an opening; equal leaves are decided once, as `leaf`. */
export const LEAF_IDS = ['leaf', 'active', 'inactive', 'upper', 'lower'] as const;
export type LeafId = (typeof LEAF_IDS)[number];

/** How a figure came to be known. */
export type How = 'given' | 'measured';

/**
 * Everything a person may record about one opening. All lengths in ticks, masses in grams.
 * Every field but `mark` and `kind` may be absent (nobody has said) or `'unknown'` (asked in vain).
 */
export interface OpeningFacts {
  mark: string;
  kind: OpeningKind;
  from?: string | undefined;
  to?: string | undefined;
  storey?: string | undefined;
  note?: string | undefined;
  /** Practice of this opening alone: a shipped one or one of the project's own. */
  practice?: string | undefined;

  work?: Fact<'new' | 'replacement'> | undefined;
  passagesPerDay?: Fact<number> | undefined;
  use?: Fact<UseClass> | undefined;
  /** Fire rating in minutes; 0 is not rated. */
  rating?: Fact<number> | undefined;
  exterior?: Fact<boolean> | undefined;
  salt?: Fact<boolean> | undefined;
  acidTimber?: Fact<boolean> | undefined;
  /** Whether the door is locked against people on one side. */
  secured?: Fact<boolean> | undefined;
  closer?: Fact<'none' | 'closer' | 'back-check'> | undefined;
  accessible?: Fact<boolean> | undefined;
  /** Whether people leave the building this way. */
  wayOut?: Fact<boolean> | undefined;
  /** People the way out serves. */
  occupants?: Fact<number> | undefined;

  frameMaterial?: Fact<FrameMaterial> | undefined;
  frameWidth?: Fact<Ticks> | undefined;
  frameHeight?: Fact<Ticks> | undefined;
  frameFace?: Fact<Ticks> | undefined;
  stopWidth?: Fact<Ticks> | undefined;
  wallWidth?: Fact<Ticks> | undefined;
  wallHeight?: Fact<Ticks> | undefined;
  packing?: Fact<Ticks> | undefined;
  wallThickness?: Fact<Ticks> | undefined;
  trimProjection?: Fact<Ticks> | undefined;
  /** A wall square to the opening beside the hinge jamb, on the pull side: how far from the rabbet. */
  sideWall?: Fact<Ticks> | undefined;
  /** Something the leaf would meet on the pull side: along the wall from the hinge rabbet, and out. */
  obstacleAlong?: Fact<Ticks> | undefined;
  obstacleOut?: Fact<Ticks> | undefined;
  handleProjection?: Fact<Ticks> | undefined;
  clearWanted?: Fact<Ticks> | undefined;

  leafConstruction?: Fact<LeafConstruction> | undefined;
  leafWidth?: Fact<Ticks> | undefined;
  leafHeight?: Fact<Ticks> | undefined;
  leafThickness?: Fact<Ticks> | undefined;
  leafMass?: Fact<number> | undefined;
  inactiveWidth?: Fact<Ticks> | undefined;
  lowerLeafHeight?: Fact<Ticks> | undefined;
  meetingEdge?: Fact<MeetingEdge> | undefined;
  /** Width of a removable mullion. */
  mullionWidth?: Fact<Ticks> | undefined;
  /** How many leaves a bi-fold door has. */
  foldLeaves?: Fact<number> | undefined;
  /** Boards side by side, moving over the whole width. */
  boarded?: Fact<boolean> | undefined;
  sawn?: Fact<'flat' | 'quarter'> | undefined;
  /** Moisture change to allow for, per cent. */
  moistureChange?: Fact<number> | undefined;
  glassWidth?: Fact<Ticks> | undefined;
  glassHeight?: Fact<Ticks> | undefined;
  glassThickness?: Fact<Ticks> | undefined;
  /** Lower edge of the glass above the leaf's bottom, and its edge in from the lock edge. */
  glassAt?: Fact<Ticks> | undefined;
  glassFromLock?: Fact<Ticks> | undefined;
  /** Members of a framed leaf: widths of stiles, heights of rails, the mid rail's lower edge. */
  stileWidth?: Fact<Ticks> | undefined;
  topRail?: Fact<Ticks> | undefined;
  midRail?: Fact<Ticks> | undefined;
  midRailAt?: Fact<Ticks> | undefined;
  bottomRail?: Fact<Ticks> | undefined;
  /** Solid blocking in the core of a flush leaf. */
  blocking?: Fact<'none' | 'lock' | 'all'> | undefined;
  /** A board planted later on the pull face: the lock sits in the leaf proper. */
  faceFiller?: Fact<Ticks> | undefined;
  /** Depth of the frame's rabbet, from the stop to the jamb's edge. */
  rabbetDepth?: Fact<Ticks> | undefined;
  /** Whether the frame has a rebate or stops for the leaf to close against. */
  frameKind?: Fact<'rebated' | 'stopless'> | undefined;

  /** Whether the screw holes of the frame still hold. */
  screwHold?: Fact<'sound' | 'worn'> | undefined;
  /** Depth of jamb and backing that a concealed hinge may be let into. */
  jambDepth?: Fact<Ticks> | undefined;
  /** What the floor is where a case would be let in. */
  slab?: Fact<'free' | 'post-tensioned' | 'heated' | 'waterproofed'> | undefined;
  slabDepth?: Fact<Ticks> | undefined;
  /** Room above the leaf to lift it out. */
  headroom?: Fact<Ticks> | undefined;
  /** How far the leaf shall open, degrees. */
  openTo?: Fact<number> | undefined;
  /** Whether the hardware that carries and closes the leaf shall not be seen. */
  nothingVisible?: Fact<boolean> | undefined;
  holdOpen?: Fact<boolean> | undefined;
  /** Whether power or a signal passes from frame to leaf. */
  wireToLeaf?: Fact<boolean> | undefined;
  /** Where hinges were set by hand: top edges below the leaf's top, by leaf. */
  hingePositions?: Partial<Record<LeafId, Ticks[]>> | undefined;

  lockKind?: Fact<LockKind> | undefined;
  backset?: Fact<Ticks> | undefined;
  /** Middle of the lock above the finished floor. */
  lockHeight?: Fact<Ticks> | undefined;
  /** What the lock is for. */
  lockUse?: Fact<LockUse> | undefined;
  /** Whether a dead bolt is wanted. */
  deadBolt?: Fact<boolean> | undefined;
  /** What the hand takes hold of. */
  handle?: Fact<'lever' | 'knob'> | undefined;
  /** How far latch and dead bolt come out, where the lock is there already. */
  latchThrow?: Fact<Ticks> | undefined;
  boltThrow?: Fact<Ticks> | undefined;
  /** Existing strike: its middle above the floor, from the stop to its cut-out's far edge, the cut-out. */
  strikeAt?: Fact<Ticks> | undefined;
  strikeDepth?: Fact<Ticks> | undefined;
  strikeCutHeight?: Fact<Ticks> | undefined;
  strikeCutWidth?: Fact<Ticks> | undefined;
  /** Whether the floor must stay plain, or carts would hit a bottom rod. */
  plainFloor?: Fact<boolean> | undefined;
  /** Bolts that hold the inactive leaf. */
  bolts?: Fact<LeafBolts> | undefined;
  closerKind?: Fact<CloserKind> | undefined;
  /** Height of a kick plate. */
  kickPlate?: Fact<Ticks> | undefined;
  bottomSeal?: Fact<BottomSeal> | undefined;
  /** What the leaf comes to rest on at its stop. */
  stopSeal?: Fact<'none' | 'silencer' | 'seal'> | undefined;
  /** Whether the gap under the leaf shall be sealed. */
  bottomSealed?: Fact<boolean> | undefined;
  /** Finish wanted on all that is seen. */
  finish?: string | undefined;

  hingeGap?: Fact<Ticks> | undefined;
  lockGap?: Fact<Ticks> | undefined;
  headGap?: Fact<Ticks> | undefined;
  meetingGap?: Fact<Ticks> | undefined;
  undercut?: Fact<Ticks> | undefined;
  threshold?: Fact<'none' | 'present'> | undefined;
  thresholdHeight?: Fact<Ticks> | undefined;
  /** Floor finish still to be laid on the floor that the frame height was taken from. */
  floorFinish?: Fact<Ticks> | undefined;
  floorRise?: Fact<Ticks> | undefined;
  /** What the listing lets be taken off each edge of a rated leaf. */
  listedTrim?: Fact<Ticks> | undefined;
  /** Which gap gives way when frame and leaf are both fixed. */
  widthGives?: 'hingeGap' | 'lockGap' | 'meetingGap' | undefined;
  heightGives?: 'headGap' | 'undercut' | undefined;

  /** Which room is the outside: the side the door is locked against people. */
  outside?: Fact<'from' | 'to'> | undefined;
  hingeSide?: Fact<Side> | undefined;
  swing?: Fact<Swing> | undefined;
  slideTo?: Fact<Side> | undefined;
  /** Pairs: the active leaf, seen from outside. */
  active?: Fact<Side> | undefined;
  observations?: Observation[] | undefined;
  /** What was measured on site. */
  readings?: Reading[] | undefined;
  /** The acceptance test of the fitted lock, as far as it was gone through. */
  tested?: LockTest | undefined;

  /** How a figure came to be known; absent means given. */
  how?: Partial<Record<string, How>> | undefined;
  choices?: Record<string, Choice> | undefined;
  written?: WrittenItem[] | undefined;
  /** Stages deliberately left without hardware, with the reason. */
  none?: Partial<Record<SetStage, string>> | undefined;
}

/** The value of a fact, or undefined when it is absent or unknown. */
export function known<T>(fact: Fact<T> | undefined): T | undefined {
  return fact === undefined || fact === 'unknown' ? undefined : (fact as T);
}

/** Whether two leaves meet in the middle of the opening: every pair, double-egress too. */
export function meetsInMiddle(kind: OpeningKind): boolean {
  return kind === 'pair' || kind === 'unequal-pair' || kind === 'double-egress';
}

/** Whether the kind hangs on one side and swings one way only, so that it has a hand. */
export function hasHand(kind: OpeningKind): boolean {
  return kind !== 'double-acting' && !slides(kind);
}

/** Whether its leaves hang from a track: they slide, or fold together to one side. */
export function slides(kind: OpeningKind): boolean {
  return kind === 'sliding' || kind === 'pocket' || kind === 'bi-fold';
}
