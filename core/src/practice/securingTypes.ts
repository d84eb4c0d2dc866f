import type { Ticks } from '../measure/index.js';
import type { Sourced } from './sourcedValue.js';

/** Things a hand works, whose height above the finished floor a practice gives. */
export const HEIGHT_ITEMS = [
  'lock',
  'deadbolt',
  'nightLatch',
  'exit',
  'pushPlate',
  'pull',
  'bar',
  'roller',
  'viewer',
] as const;
export type HeightItem = (typeof HEIGHT_ITEMS)[number];

/** Usual height of a thing, and the range the trade keeps it in. */
export interface HeightRow {
  usual: Ticks;
  from: Ticks;
  to: Ticks;
}

/** Strike plates by what they belong to. */
export const STRIKE_FORMS = ['bored', 'mortise', 'long', 'rim', 'keep'] as const;
export type StrikeForm = (typeof STRIKE_FORMS)[number];

/** A strike plate: its height, the width of its cut-out, its thickness and corner radius. */
export interface StrikePlate {
  height: Ticks;
  width: Ticks;
  gauge: Ticks;
  radius: Ticks;
}

/** Fronts let into the lock edge: of bored locks as made, of cases so much longer than the case. */
export const FRONT_FORMS = ['bored', 'pocket'] as const;
export type FrontForm = (typeof FRONT_FORMS)[number];

/** Screws whose holes are drilled before. */
export const PILOTS = ['front', 'strike', 'strikeLong', 'surface'] as const;
export type Pilot = (typeof PILOTS)[number];

/** How far latch and bolt come out, by how the lock is made; 0 where there is none. */
export interface Throw {
  latch: Ticks;
  bolt: Ticks;
}
export const THROW_FORMS = ['bored', 'mortise', 'rim', 'exit', 'sliding'] as const;
export type ThrowForm = (typeof THROW_FORMS)[number];

/** The figures of locks, strikes and bolts. */
export interface SecuringValues {
  heights: Sourced<Record<HeightItem, HeightRow>>;
  /** What everybody shall reach, and what opens a way out. */
  reach: Sourced<{ from: Ticks; to: Ticks }>;
  escape: Sourced<{ from: Ticks; to: Ticks }>;
  /** Made backsets, and those of locks for narrow metal stiles. */
  backsets: Sourced<Ticks[]>;
  narrowBacksets: Sourced<Ticks[]>;
  /** The usual kind of lock, and that of doors of high use. */
  lockUsual: Sourced<string>;
  lockHighUse: Sourced<string>;
  /** Solid wood wanted beyond the trim; behind a case; on each side of it in the thickness. */
  trimMargin: Sourced<Ticks>;
  caseMargin: Sourced<Ticks>;
  caseSkin: Sourced<Ticks>;
  /** Room for fingers between grip and stop. */
  fingerRoom: Sourced<Ticks>;
  /** Leaf thickness that bored locks are made for. */
  boredLeaf: Sourced<{ from: Ticks; to: Ticks }>;
  /** Width of the solid piece in the core at the lock, from the edge. */
  lockBlocking: Sourced<Ticks>;
  throws: Sourced<Record<ThrowForm, Throw>>;
  latchWarn: Sourced<Ticks>;
  latchLeast: Sourced<Ticks>;
  boltWarn: Sourced<Ticks>;
  /** Latch throw that listings of rated pairs often ask for. */
  ratedPairThrow: Sourced<Ticks>;
  /** How far the middle of the latch is below the lock's own reference. */
  latchOffset: Sourced<Ticks>;
  /** Thickness of a latch bolt, and of the dead-latch pin beside it. */
  latchBolt: Sourced<Ticks>;
  deadLatchPin: Sourced<Ticks>;
  /** Play of the leaf at its stop. */
  stopPlay: Sourced<{ none: Ticks; silencer: Ticks; seal: Ticks }>;
  /** How far the jamb's edge stands beyond the pull face of the closed leaf. */
  jambBeyond: Sourced<{ steel: Ticks; timber: Ticks }>;
  strikes: Sourced<Record<StrikeForm, StrikePlate>>;
  lipPast: Sourced<Ticks>;
  lipStep: Sourced<Ticks>;
  /** Beyond the bolt: depth of its hole, and room around it in the opening of the strike. */
  holeBeyond: Sourced<Ticks>;
  strikeSpare: Sourced<Ticks>;
  /** How far an existing strike may be off and still be used. */
  strikeTolerance: Sourced<Ticks>;
  strikeScrew: Sourced<Ticks>;
  /** Profile cylinders: made steps, the shortest half, and how far one may stand out of its plate. */
  cylinderStep: Sourced<Ticks>;
  cylinderLeast: Sourced<Ticks>;
  cylinderProud: Sourced<Ticks>;
  /** Thickness of rose or plate on a face. */
  plateThickness: Sourced<Ticks>;
  /** Mortise cylinders: made lengths, and how far one screws into the case. */
  mortiseCylinders: Sourced<Ticks[]>;
  cylinderInto: Sourced<Ticks>;
  /** How far a spindle goes into each handle; made steps of spindles and screws. */
  spindleGrip: Sourced<Ticks>;
  screwStep: Sourced<Ticks>;
  /** From the lever of a flush bolt to its end; the highest a lever is reached. */
  flushBoltReach: Sourced<Ticks>;
  flushBoltLever: Sourced<Ticks>;
  /** Made lengths of exit bars; what of the leaf they leave free. */
  barLengths: Sourced<Ticks[]>;
  barMargin: Sourced<Ticks>;
  /** People from which a leaf opens the way out, and an occupancy that is not known takes exit devices. */
  panicFrom: Sourced<number>;
  fronts: Sourced<Record<FrontForm, StrikePlate>>;
  pilots: Sourced<Record<Pilot, Ticks>>;
  /** Holes in the faces for spindle and key, of locks in a pocket; for a profile cylinder its width. */
  faceHoles: Sourced<{ spindle: Ticks; key: Ticks; profile: Ticks }>;
  /** From spindle to key in a case. */
  centres: Sourced<{ mortise: Ticks; profile: Ticks; sash: Ticks }>;
  /** Made steps of bits. */
  bitStep: Sourced<Ticks>;
  /** How much wider than the case a pocket is bored. */
  pocketOver: Sourced<Ticks>;
}
