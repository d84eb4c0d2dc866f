import type { System, Ticks } from '../measure/index.js';
import type { Sourced } from './sourcedValue.js';
import type { SecuringValues } from './securingTypes.js';

/** Leaf constructions with their surface mass. */
export type LeafConstruction =
  | 'steel-honeycomb-18'
  | 'steel-honeycomb-16'
  | 'steel-honeycomb-14'
  | 'steel-stiffened-16'
  | 'timber-particle'
  | 'timber-tubular'
  | 'timber-stave'
  | 'timber-mineral'
  | 'timber-panelled-softwood'
  | 'timber-panelled-hardwood'
  | 'timber-hollow'
  | 'aluminium-narrow'
  | 'glass';

export type FrameMaterial = 'steel' | 'timber' | 'aluminium';

export type UseClass = 'high' | 'medium' | 'low';

/** Surface mass of a construction, scaled with thickness where the leaf is solid. */
export interface SurfaceMass {
  gramsPerSquareMetre: number;
  /** Thickness the figure is given at. */
  at: Ticks;
  scales: boolean;
}

/** One row of the butt-hinge height table: a leaf up to this thickness and width takes this hinge. */
export interface ButtRow {
  toThickness: Ticks;
  toWidth: Ticks;
  /** Metric practices also limit a row by mass. Grams. */
  toMass?: number;
  height: Ticks;
  heavy?: boolean;
}

/** A number of hinges up to a leaf height. */
export interface CountRow {
  toHeight: Ticks;
  count: number;
}

/** A hinge grade and the mass it carries. */
export interface GradeRow {
  grade: number;
  toMass: number;
}

export interface NominalSize {
  name: string;
  width: Ticks;
  height: Ticks;
}

/** Where the hinges of a leaf stand, as data; see `hanging/positions.ts` for how it is read. */
export interface HingePattern {
  id: string;
  top: { from: 'leaf-top' | 'frame-head'; to: 'edge' | 'centre'; distance: Ticks };
  bottom: { from: 'leaf-bottom' | 'floor'; to: 'edge' | 'centre'; distance: Ticks };
  rest: 'equal' | 'high' | 'as-measured';
  /** With `rest: high`: the clear distance of the second hinge below the first. */
  highDistance?: Ticks;
  /** With `rest: as-measured`: the top edges below the top hinge's, in order. */
  below?: Ticks[];
}

/** The most that may be taken off each edge of a leaf. Ticks. */
export interface TrimLimits {
  hinge: Ticks;
  head: Ticks;
  lock: Ticks;
  bottom: Ticks;
}

/** A number of hinges and the mass they carry together. */
export interface CarriedRow {
  count: number;
  toMass: number;
}

/** Things let into or put onto a leaf or a frame, whose usual size a practice gives. */
export const BODY_NAMES = [
  'lockCase',
  'lockBore',
  'latchBore',
  'rimCase',
  'rod',
  'concealedRod',
  'flushBolt',
  'surfaceBolt',
  'surfaceCloser',
  'concealedCloser',
  'headCloserArm',
  'floorCloserArm',
  'pivotFoot',
  'pivotHead',
  'offsetFoot',
  'offsetHead',
  'jambPivot',
  'intermediatePivot',
  'concealedHinge',
  'concealedHingeFrame',
  'adjustableHinge',
  'adjustableHingeFrame',
  'sweep',
  'dropSurface',
  'dropHalf',
  'dropFull',
  'kickPlate',
  'wire',
  'sashCase',
  'deadCase',
  'profileCase',
  'narrowCase',
  'hookCase',
  'rollerCase',
  'unitNotch',
  'rimLock',
  'nightLatch',
  'narrowExit',
  'gateLock',
  'rose',
  'knob',
  'lever',
] as const;
export type BodyName = (typeof BODY_NAMES)[number];

/**
 * The usual size of a body, in ticks: across the leaf's width, up its height, through its thickness;
 * 0 where the leaf or a recorded fact gives it. `keep` is the material wanted around it.
 */
export interface Body {
  across: Ticks;
  up: Ticks;
  through: Ticks;
  keep: Ticks;
}

export interface Gaps {
  hinge: Ticks;
  lock: Ticks;
  head: Ticks;
  meeting: Ticks;
  undercut: Ticks;
  undercutOverThreshold: Ticks;
}

/** The figures that several stages use. */
export interface BaseValues extends SecuringValues {
  gapsSteel: Sourced<Gaps>;
  gapsTimber: Sourced<Gaps>;
  continuousHingeGap: Sourced<Ticks>;
  ratedGapLimitTimber: Sourced<Ticks>;
  ratedGapLimitSteel: Sourced<Ticks>;
  ratedUndercutLimit: Sourced<Ticks>;
  rebate: Sourced<Ticks>;
  stableGap: Sourced<Ticks>;
  stableDivision: Sourced<Ticks>;
  slidingOverlap: Sourced<Ticks>;
  slidingUndercut: Sourced<Ticks>;
  floorRiseClearance: Sourced<Ticks>;
  stopWidth: Sourced<Ticks>;
  steelFrameFace: Sourced<Ticks>;
  timberJamb: Sourced<Ticks>;
  packingSteel: Sourced<Ticks>;
  packingTimber: Sourced<Ticks>;
  leafThickness: Sourced<Ticks>;
  clearWidth: Sourced<Ticks>;
  nominalSizes: Sourced<NominalSize[]>;
  nominalNames: Sourced<'frame opening' | 'leaf'>;
  /**
   * The module of walls: its step, 0 where walls follow none; how much wider than it an opening is built; how much
   * less than it the leaf that is named for it.
   */
  wallModule: Sourced<{ step: Ticks; wall: Ticks; leaf: Ticks }>;
  nominalLeast: Sourced<Ticks>;
  nominalMost: Sourced<Ticks>;
  lockBevel: Sourced<number>;
  /** How far the readings of one opening may disagree before they are to be taken again. */
  surveyTolerance: Sourced<Ticks>;
  /** What may come off each edge, by construction; rated leaves only as their listing says. */
  trimLimits: Sourced<Record<LeafConstruction, TrimLimits>>;
  /** More than this is sawn before it is planed. */
  sawFrom: Sourced<Ticks>;
  /** Across the grain, per 1 % moisture: flat-sawn and quarter-sawn. */
  movementFlat: Sourced<number>;
  movementQuarter: Sourced<number>;
  /** Width of one board of a boarded leaf, whose joints take up what it gains. */
  boardWidth: Sourced<Ticks>;
  /** Moisture change to allow for in an outside leaf, per cent. */
  moistureSwing: Sourced<number>;
  /** Width of one stile of a framed leaf. */
  stileWidth: Sourced<Ticks>;
  mullionWidth: Sourced<Ticks>;
  /** What the wall board's tapered edge needs beyond the wall's own thickness. */
  boardAllowance: Sourced<Ticks>;
  /** Stands out from the leaf's face at the lock edge: lever or knob. */
  handleProjection: Sourced<Ticks>;
  handleInset: Sourced<Ticks>;

  surfaceMasses: Sourced<Record<LeafConstruction, SurfaceMass>>;
  /** Glass of a leaf where nobody recorded it: a pane, and the panes of a sealed unit together. */
  usualGlass: Sourced<{ pane: Ticks; unit: Ticks }>;
  glassPerMm: Sourced<number>;
  hardwareAllowance: Sourced<number>;
  liftAlone: Sourced<number>;

  highUse: Sourced<number>;
  mediumUse: Sourced<number>;
  heavyMass: Sourced<number>;
  heavyWidth: Sourced<Ticks>;
  butts: Sourced<ButtRow[]>;
  hingeWidths: Sourced<Ticks[]>;
  setBack: Sourced<Ticks>;
  setBackThick: Sourced<Ticks>;
  setBackThickFrom: Sourced<Ticks>;
  trimAllowance: Sourced<Ticks>;
  leastClearance: Sourced<Ticks>;
  counts: Sourced<CountRow[]>;
  countStep: Sourced<Ticks>;
  countWideFrom: Sourced<Ticks>;
  countThreeAlways: Sourced<boolean>;
  /** Mass a full set of each class carries before one more hinge is called for. Grams. */
  massCarried: Sourced<Record<'standard' | 'heavy', number>>;
  /** Leaf thickness of the hinge itself: the depth of its recess. */
  recess: Sourced<Record<'standard' | 'heavy', Ticks>>;
  assumedUse: Sourced<UseClass>;
  grades: Sourced<GradeRow[]>;
  closerRaise: Sourced<number>;
  backCheckRaise: Sourced<number>;
  patterns: Sourced<HingePattern[]>;
  /** Residual up to which a hinge fits, and up to which it can be eased. */
  hingeFit: Sourced<Ticks>;
  hingeEase: Sourced<Ticks>;
  patternSteel: Sourced<string>;
  patternTimber: Sourced<string>;
  offsetPivotOut: Sourced<Ticks>;
  centrePivotIn: Sourced<Ticks>;
  continuousBarrel: Sourced<Ticks>;
  /** How far a swing-clear hinge's axis stands out of the pull face. */
  swingClearOut: Sourced<Ticks>;
  /** Where a concealed hinge's axis comes to lie, out of the pull face, at 90°. */
  concealedAxisOut: Sourced<Ticks>;
  concealedMasses: Sourced<CarriedRow[]>;
  adjustableMasses: Sourced<CarriedRow[]>;
  concealedLeaf: Sourced<Ticks>;
  adjustableLeaf: Sourced<Ticks>;
  concealedJamb: Sourced<Ticks>;
  adjustableJamb: Sourced<Ticks>;
  /** The heaviest leaf a spring hinge lets come to without slamming. */
  springMass: Sourced<number>;
  springCount: Sourced<number>;
  /** Mass above which each hinge gets a long screw into the wall behind. */
  longScrewMass: Sourced<number>;
  longScrew: Sourced<Ticks>;
  corner: Sourced<'square' | 'round-quarter' | 'round-five-eighths'>;
  /** What a floor-set foot with its case needs of the slab, and a leaf to be lifted off it. */
  floorCase: Sourced<Ticks>;
  liftOut: Sourced<Ticks>;

  topRail: Sourced<Ticks>;
  midRail: Sourced<Ticks>;
  midRailAt: Sourced<Ticks>;
  bottomRail: Sourced<Ticks>;
  narrowStile: Sourced<Ticks>;
  /** Material left behind a recess, before a face or an edge breaks out. */
  leastSkin: Sourced<Ticks>;
  bodies: Sourced<Record<BodyName, Body>>;
  backset: Sourced<Ticks>;
  lockHeight: Sourced<Ticks>;
  plateMargin: Sourced<Ticks>;
}

/** Every figure that the stages use: the shared ones, and those that a stage brings (`stageValues.ts`). */
export interface PracticeValues extends BaseValues {}

/** The name of a practice's value. */
export type ValueName = keyof PracticeValues;

/** Where the codes come from that govern; every source is one region’s. */
export const REGIONS = ['us', 'british', 'continental', 'australasian'] as const;
export type Region = (typeof REGIONS)[number];

/** How a practice says and spells things. */
export type Language = 'us' | 'british' | 'continental' | 'australian';

export interface Practice {
  /** A shipped practice's id, or a project's own (`own-…`). */
  id: string;
  name: string;
  system: System;
  /** Whose codes govern. */
  region: Region;
  /** Whose words and spelling it is put in. */
  language: Language;
  /** Finest inch fraction shown; metric practices show half millimetres. */
  denominator: number;
  /** How hands are named first: by the four-hand codes, or from the side where the knuckles show. */
  handNames: 'four-hand' | 'knuckle-side';
  /** The shipped practice that it is, or is made from. */
  base: PracticeId;
  /** Country and editions that somebody chose, by the code's id. */
  editions: Readonly<Record<string, string>>;
  /** What the country and the editions that a project adopts are cited as, in place of the usual. */
  cites: readonly (readonly [usual: string, here: string])[];
  values: PracticeValues;
}

export const PRACTICE_IDS = [
  'us-commercial',
  'us-residential',
  'british',
  'continental',
  'australasian',
] as const;

export type PracticeId = (typeof PRACTICE_IDS)[number];
