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
  'timber-tubular',
  'timber-stave',
  'timber-mineral',
  'timber-panelled-softwood',
  'timber-panelled-hardwood',
  'timber-hollow',
  'aluminium-narrow',
  'glass',
] as const satisfies readonly LeafConstruction[];

/** How the edges of a pair meet. */
const MEETING_EDGES = ['square', 'rebated', 'astragal', 'mullion'] as const;
export type MeetingEdge = (typeof MEETING_EDGES)[number];

const hasGaps: Applies = (kind) => !slides(kind) || kind === 'bi-fold';

/** Facts about wall, frame and leaf. */
export const SIZING_FACTS = {
  frameMaterial: choiceFact(['steel', 'timber', 'aluminium'], 'frameMaterial', {
    by: 'architect',
    first: true,
  }),
  frameWidth: lengthFact({ by: 'architect', first: true }),
  frameHeight: lengthFact({ by: 'architect', first: true }),
  leafConstruction: choiceFact(LEAF_CONSTRUCTIONS, 'construction', {
    by: 'architect',
    first: true,
  }),
  /** Whether the leaf's edges are rebated and lie over the frame; its sizes are then those over all. */
  leafEdge: choiceFact(['flush', 'rebated'], 'leafEdge', {
    by: 'architect',
    applies: (kind) => kind === 'single',
  }),
  leafThickness: lengthFact({ by: 'leafMaker', first: true }),
  leafWidth: lengthFact({ by: 'architect', first: true }),
  leafHeight: lengthFact({ by: 'architect', first: true }),
  inactiveWidth: lengthFact({
    by: 'architect',
    first: true,
    applies: (kind) => kind === 'unequal-pair',
  }),
  lowerLeafHeight: lengthFact({
    by: 'architect',
    first: true,
    applies: (kind) => kind === 'stable',
  }),
  meetingEdge: choiceFact(MEETING_EDGES, 'meetingEdge', {
    by: 'architect',
    first: true,
    applies: meetsInMiddle,
  }),
  /** `sealing` where it carries the seal of the gap under the leaf. */
  threshold: choiceFact(['none', 'plain', 'sealing'], 'threshold', {
    by: 'architect',
    first: true,
  }),
  mullionWidth: lengthFact({ by: 'architect', applies: meetsInMiddle }),
  /** How many leaves a bi-fold door has. */
  foldLeaves: countFact(8, { by: 'architect', applies: (kind) => kind === 'bi-fold' }),
  hingeGap: lengthFact({ by: 'architect', applies: hasGaps }),
  lockGap: lengthFact({ by: 'architect', applies: hasGaps }),
  headGap: lengthFact({ by: 'architect' }),
  meetingGap: lengthFact({ by: 'architect', applies: meetsInMiddle }),
  undercut: lengthFact({ by: 'architect' }),
  /** Which gap gives way when frame and leaf are both fixed. */
  widthGives: settledChoice(['hingeGap', 'lockGap', 'meetingGap'], 'widthGives', {
    by: 'architect',
  }),
  heightGives: settledChoice(['headGap', 'undercut'], 'heightGives', { by: 'architect' }),
  thresholdHeight: lengthFact({ by: 'architect' }),
  /** Floor finish still to be laid on the floor that the frame height was taken from. */
  floorFinish: lengthFact({ by: 'architect' }),
  floorRise: lengthFact({ by: 'architect', applies: swings }),
  /** What the listing lets be taken off each edge of a rated leaf. */
  listedTrim: lengthFact({ by: 'leafMaker' }),
  /** Boards side by side, moving over the whole width. */
  boarded: yesNoFact({ by: 'architect' }),
  sawn: choiceFact(['flat', 'quarter'], 'sawn', { by: 'architect' }),
  /** Moisture change to allow for, per cent. */
  moistureChange: countFact(20, { by: 'architect' }),
  stopWidth: lengthFact({ by: 'frameMaker' }),
  frameFace: lengthFact({ by: 'frameMaker' }),
  packing: lengthFact({ by: 'architect' }),
  wallWidth: lengthFact({ by: 'architect' }),
  wallHeight: lengthFact({ by: 'architect' }),
  wallThickness: lengthFact({ by: 'architect' }),
  /** Members of a framed leaf: widths of stiles, heights of rails, the mid rail's lower edge. */
  stileWidth: lengthFact({ by: 'leafMaker' }),
  topRail: lengthFact({ by: 'leafMaker' }),
  midRail: lengthFact({ by: 'leafMaker' }),
  midRailAt: lengthFact({ by: 'architect' }),
  bottomRail: lengthFact({ by: 'leafMaker' }),
  /** Sheet lead in the leaf, its thickness; the frame and the lock's cut-out are lined too. */
  leadThickness: lengthFact({ by: 'architect' }),
  /** What is cut through the leaf besides lock and glass. */
  leafHole: choiceFact(['none', 'viewer', 'letter-plate', 'vent', 'flap'], 'leafHole', {
    by: 'architect',
  }),
  /** Solid blocking in the core of a flush leaf. */
  blocking: choiceFact(['none', 'lock', 'all'], 'blocking', { by: 'leafMaker' }),
  /** Whether the frame has a rebate or stops for the leaf to close against. */
  frameKind: choiceFact(['rebated', 'stopless'], 'frameKind', { by: 'architect', applies: swings }),
  /** A board planted later on the pull face: the lock sits in the leaf proper. */
  faceFiller: lengthFact({ by: 'architect' }),
  /** Depth of the frame's rabbet, from the stop to the jamb's edge. */
  rabbetDepth: lengthFact({ by: 'frameMaker', applies: swings }),
};

declare module '../model/registry.js' {
  interface SingleFacts extends FactsOf<typeof SIZING_FACTS> {}
}
