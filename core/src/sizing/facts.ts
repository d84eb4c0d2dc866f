import type { LeafConstruction } from '../practice/index.js';
import {
  choiceFact,
  countFact,
  lengthFact,
  meetsInMiddle,
  settledChoice,
  slides,
  swings,
  yesNoFact,
  type Applies,
  type FactsOf,
} from '../model/index.js';

export const LEAF_CONSTRUCTIONS = [
  'steel-honeycomb-18',
  'steel-honeycomb-16',
  'steel-honeycomb-14',
  'steel-stiffened-16',
  'timber-particle',
  'timber-stave',
  'timber-mineral',
  'timber-panelled-softwood',
  'timber-panelled-hardwood',
  'timber-hollow',
  'aluminium-narrow',
  'glass',
] as const satisfies readonly LeafConstruction[];

/** How the edges of a pair meet. */
export const MEETING_EDGES = ['square', 'rebated', 'astragal', 'mullion'] as const;
export type MeetingEdge = (typeof MEETING_EDGES)[number];

const hasGaps: Applies = (kind) => !slides(kind) || kind === 'bi-fold';

/** Facts about wall, frame and leaf. */
export const SIZING_FACTS = {
  frameMaterial: choiceFact(['steel', 'timber', 'aluminium'], 'frameMaterial', { first: true }),
  frameWidth: lengthFact({ first: true }),
  frameHeight: lengthFact({ first: true }),
  leafConstruction: choiceFact(LEAF_CONSTRUCTIONS, 'construction', { first: true }),
  /** Whether the leaf's edges are rebated and lie over the frame; its sizes are then those over all. */
  leafEdge: choiceFact(['flush', 'rebated'], 'leafEdge', { applies: (kind) => kind === 'single' }),
  leafThickness: lengthFact({ first: true }),
  leafWidth: lengthFact({ first: true }),
  leafHeight: lengthFact({ first: true }),
  inactiveWidth: lengthFact({ first: true, applies: (kind) => kind === 'unequal-pair' }),
  lowerLeafHeight: lengthFact({ first: true, applies: (kind) => kind === 'stable' }),
  meetingEdge: choiceFact(MEETING_EDGES, 'meetingEdge', { first: true, applies: meetsInMiddle }),
  /** `sealing` where it carries the seal of the gap under the leaf. */
  threshold: choiceFact(['none', 'plain', 'sealing'], 'threshold', { first: true }),
  mullionWidth: lengthFact({ applies: meetsInMiddle }),
  /** How many leaves a bi-fold door has. */
  foldLeaves: countFact(8, { applies: (kind) => kind === 'bi-fold' }),
  hingeGap: lengthFact({ applies: hasGaps }),
  lockGap: lengthFact({ applies: hasGaps }),
  headGap: lengthFact(),
  meetingGap: lengthFact({ applies: meetsInMiddle }),
  undercut: lengthFact(),
  /** Which gap gives way when frame and leaf are both fixed. */
  widthGives: settledChoice(['hingeGap', 'lockGap', 'meetingGap'], 'widthGives'),
  heightGives: settledChoice(['headGap', 'undercut'], 'heightGives'),
  thresholdHeight: lengthFact(),
  /** Floor finish still to be laid on the floor that the frame height was taken from. */
  floorFinish: lengthFact(),
  floorRise: lengthFact({ applies: swings }),
  /** What the listing lets be taken off each edge of a rated leaf. */
  listedTrim: lengthFact(),
  /** Boards side by side, moving over the whole width. */
  boarded: yesNoFact(),
  sawn: choiceFact(['flat', 'quarter'], 'sawn'),
  /** Moisture change to allow for, per cent. */
  moistureChange: countFact(20),
  stopWidth: lengthFact(),
  frameFace: lengthFact(),
  packing: lengthFact(),
  wallWidth: lengthFact(),
  wallHeight: lengthFact(),
  wallThickness: lengthFact(),
  /** Members of a framed leaf: widths of stiles, heights of rails, the mid rail's lower edge. */
  stileWidth: lengthFact(),
  topRail: lengthFact(),
  midRail: lengthFact(),
  midRailAt: lengthFact(),
  bottomRail: lengthFact(),
  /** Sheet lead in the leaf, its thickness; the frame and the lock's cut-out are lined too. */
  leadThickness: lengthFact(),
  /** What is cut through the leaf besides lock and glass. */
  leafHole: choiceFact(['none', 'viewer', 'letter-plate', 'vent', 'flap'], 'leafHole'),
  /** Solid blocking in the core of a flush leaf. */
  blocking: choiceFact(['none', 'lock', 'all'], 'blocking'),
  /** Whether the frame has a rebate or stops for the leaf to close against. */
  frameKind: choiceFact(['rebated', 'stopless'], 'frameKind', { applies: swings }),
  /** A board planted later on the pull face: the lock sits in the leaf proper. */
  faceFiller: lengthFact(),
  /** Depth of the frame's rabbet, from the stop to the jamb's edge. */
  rabbetDepth: lengthFact({ applies: swings }),
};

declare module '../model/registry.js' {
  interface SingleFacts extends FactsOf<typeof SIZING_FACTS> {}
}
