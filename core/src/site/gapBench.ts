import type { Ticks } from '../measure/index.js';
import { valueOrUndefined, type LeafId, type OpeningFacts, type Results } from '../model/index.js';
import type { Practice, TrimLimits } from '../practice/index.js';
import type { HungGeometry } from './places.js';
import type { MoveReach, PlaneReach, WantedGaps, WorkCosts } from './solveGaps.js';
import type { HingeReach } from './values.js';

/** How the hinges of a leaf are moved; undefined where they cannot be. */
export interface HingeMeans {
  /** Packed or let in deeper by hand, or moved by their own screws. */
  by: 'pack' | 'screws';
  reach: MoveReach;
  /** What one turn of a screw moves by; 0 where there is none. Ticks. */
  aTurn: Ticks;
  /** Knuckles may be bent: light plain butts of leaves that are not rated. */
  bend: boolean;
  /** Why a recess is not deepened or a knuckle not bent. */
  rated: boolean;
}

/** All that reading, judging and solving the gaps of one leaf takes. */
export interface GapBench {
  leaf: LeafId;
  geometry: HungGeometry;
  wanted: WantedGaps;
  means: HingeMeans | undefined;
  /** What may be planed off each edge, and in which steps. */
  plane: PlaneReach;
  costs: WorkCosts;
  /** What a tape reads: what is less is told as no fault. Ticks. */
  reads: Ticks;
  /** Differences that are no fault. */
  least: Ticks;
  /** A gap beyond this is asked about. */
  readMost: Ticks;
  /** How far knuckles are bent, where they may be. */
  bendMost: Ticks;
  /** What the strike takes up without being moved. */
  strikeTakes: Ticks;
}

type Bench = Pick<Results, 'sizing' | 'hanging' | 'securing'>;

/** The gap bench of each leaf that swings; empty while its size or its hinges are open. */
export function gapBenches(facts: OpeningFacts, practice: Practice, results: Bench): GapBench[] {
  const { sizing, hanging, securing } = results;
  const { values } = practice;
  const reach = values.hingeReach.value[hanging.device];
  return hanging.leaves.flatMap((hung): GapBench[] => {
    const { width, height, bottom = 0, id } = hung.leaf;
    if (width === undefined || height === undefined || width <= 0 || height <= 0) return [];
    const positions = hung.positions ?? [];
    const half = (hung.hingeHeight ?? 0) / 2;
    const hinges =
      positions.length >= 2
        ? positions.map((down) => height - down - half)
        : // Pivots and continuous hinges act at the ends of the leaf.
          [height, 0];
    const latch =
      securing.height !== undefined && securing.leaf?.id === id
        ? securing.height - bottom
        : undefined;
    return [
      {
        leaf: id,
        geometry: { width, height, hinges, inset: values.gapInset.value, latch },
        wanted: wantedGaps(facts, practice, sizing),
        means: reach && meansOf(facts, practice, reach, hung),
        plane: { trim: trimOf(facts, practice), step: values.planeStep.value },
        costs: values.gapWork.value,
        reads: values.gapReads.value,
        least: values.gapSlope.value,
        readMost: values.gapReadMost.value,
        bendMost: values.bendMost.value,
        strikeTakes: values.strikeTakes.value,
      },
    ];
  });
}

const isRated = ({ rating }: OpeningFacts) => (valueOrUndefined(rating) ?? 0) > 0;

function meansOf(
  facts: OpeningFacts,
  { values }: Practice,
  reach: HingeReach,
  hung: Results['hanging']['leaves'][number],
): HingeMeans {
  const { step, most } = values.shims.value;
  const rated = isRated(facts);
  const packed = reach.aTurn === 0;
  const far = packed ? Math.min(reach.side, most) : reach.side;
  // What is let in deeper is cut; a listed leaf or frame is not cut again.
  const side: readonly [Ticks, Ticks] = [packed && rated ? 0 : -far, far];
  return {
    by: packed ? 'pack' : 'screws',
    aTurn: reach.aTurn,
    reach: {
      side,
      height: [-reach.height || 0, reach.height],
      step: packed ? step : reach.aTurn / 4,
    },
    bend: packed && !rated && hung.bearing === 'plain' && hung.weight === 'standard',
    rated,
  };
}

function wantedGaps(
  facts: OpeningFacts,
  { values }: Practice,
  sizes: Results['sizing'],
): WantedGaps {
  const rated = isRated(facts);
  const timber =
    valueOrUndefined(facts.leafConstruction)?.startsWith('timber') ??
    valueOrUndefined(facts.frameMaterial) === 'timber';
  const limit = (timber ? values.ratedGapLimitTimber : values.ratedGapLimitSteel).value;
  const usual = (timber ? values.gapsTimber : values.gapsSteel).value;
  const off = values.gapOff.value;
  const side = (wanted: Ticks) => ({
    wanted,
    least: Math.min(
      wanted,
      Math.max(rated ? values.ratedGapLeast.value : values.gapLeast.value, wanted - off),
    ),
    // A leaf planned with a wider gap (a continuous hinge) is held to its plan.
    most: rated && wanted <= limit ? limit : wanted + off,
  });
  const floor = sizes.undercut ?? usual.undercut;
  const floorOff = values.floorGapOff.value;
  const under = values.ratedUndercutLimit.value;
  return {
    hinge: side(sizes.hingeGap ?? usual.hinge),
    lock: side(sizes.meetingGap ?? sizes.lockGap ?? usual.lock),
    head: side(sizes.headGap ?? usual.head),
    floor: {
      wanted: floor,
      least: Math.max(0, floor - floorOff),
      most: rated && floor <= under ? Math.min(under, floor + floorOff) : floor + floorOff,
    },
  };
}

function trimOf(facts: OpeningFacts, { values }: Practice): PlaneReach['trim'] {
  const construction = valueOrUndefined(facts.leafConstruction);
  const limits: TrimLimits | undefined = construction && values.trimLimits.value[construction];
  if (!limits) return { lock: 0, head: 0, floor: 0 };
  const listed = isRated(facts) ? (valueOrUndefined(facts.listedTrim) ?? 0) : Infinity;
  return {
    lock: Math.min(limits.lock, listed),
    head: Math.min(limits.head, listed),
    floor: Math.min(limits.bottom, listed),
  };
}
