import { wholeUp } from '../measure/index.js';
import { valueOrUndefined, meetsInMiddle, type OpeningFacts } from '../model/index.js';
import type { LockKind } from './facts.js';
import type { Practice, StrikeForm } from '../practice/index.js';
import type { Sizes } from '../sizing/index.js';
import { boltGap } from './fit.js';
import { hasRods, LOCK_FORMS } from './lockForms.js';
import type { StrikeReuse } from './strikeReuse.js';

/** Where and how a strike is cut. Ticks; depths from the face of the stop towards the pull side. */
export interface StrikeFit {
  form: StrikeForm;
  /**
   * In the second leaf of a pair; in the jamb, mullion or slider's post; on the face of the frame
   * beside a rim lock or a rim device; or at head and floor, where rods end.
   */
  on: 'jamb' | 'leaf' | 'face' | 'ends';
  /** Play of the leaf at its stop. */
  play: number;
  /** From the stop to the latch's flat face, to its other face, and to the middle of the strike. */
  toFlat: number;
  toBevel: number;
  centre: number;
  /** Opening of the latch in the plate, from and to. */
  opening: [number, number];
  /** From the middle of the strike to the jamb's edge; how long the lip is made. Absent on a leaf. */
  toEdge?: number | undefined;
  lip?: number | undefined;
  lipShape: 'curved' | 'flat';
  /** The plate: height, width, depth of its recess, corner radius. */
  plate: { height: number; width: number; recess: number; radius: number };
  /** Depth of the holes behind it, for latch and bolt. */
  latchHole: number;
  boltHole: number;
  /** What comes out of the leaf, and how much of that is in the strike. */
  latchThrow: number;
  boltThrow: number;
  latchIn: number;
  boltIn: number;
  gap: number;
  /** How far its middle is below the lock's reference. */
  below: number;
  /** Where the dead-latch pin lies: it must meet the plate, not the opening. */
  pin: [number, number];
}

/** What a strike follows from. */
export interface StrikeCase {
  facts: OpeningFacts;
  practice: Practice;
  sizes: Sizes;
  kind: LockKind;
  /** Of the leaf. */
  thickness: number;
  /** Middle of the lock from the pull face. */
  z: number;
  /** What of the lock's function goes into it. */
  latches: boolean;
  bolts: boolean;
}

/**
 * The strike of a lock. The latch must drop in while the leaf just touches its stop: from the stop to
 * the latch's flat face is the play there, half the leaf and half the bolt (trade practice). The lip
 * reaches from the middle of the strike to the jamb's edge and a little beyond, to the next made
 * length.
 */
export function fitStrike(at: StrikeCase): StrikeFit {
  const { facts, practice, sizes, kind, thickness, z, latches, bolts } = at;
  const { values } = practice;
  const form = LOCK_FORMS[kind];
  const play = values.stopPlay.value[valueOrUndefined(facts.stopSeal) ?? usualStop(facts)];
  const half = values.latchBolt.value / 2;
  const centre = play + thickness - z;
  const onLeaf = meetsInMiddle(facts.kind) && facts.meetingEdge !== 'mullion';
  const beyond = values.jambBeyond.value;
  const rabbet = valueOrUndefined(facts.rabbetDepth);
  const rest =
    rabbet !== undefined
      ? rabbet - thickness - play
      : beyond[valueOrUndefined(facts.frameMaterial) === 'timber' ? 'timber' : 'steel'];
  const toEdge = z + rest;
  const past = Math.max(values.lipPast.value, valueOrUndefined(facts.trimProjection) ?? 0);
  const step = values.lipStep.value;
  const throws = values.throws.value[form.throws];
  const inRabbet = form.sits !== 'inside-face' && form.sits !== 'push-face';
  const ends = hasRods(kind);
  const gap = ends ? (sizes.headGap ?? 0) : boltGap(facts, sizes);
  const latchThrow = latches ? (valueOrUndefined(facts.latchThrow) ?? throws.latch) : 0;
  const boltThrow = bolts ? (valueOrUndefined(facts.boltThrow) ?? throws.bolt) : 0;
  // A rebated edge is crossed as well, unless the lock is made to follow it.
  const crossed =
    gap + (facts.meetingEdge === 'rebated' && form.sits !== 'pocket' && onLeaf ? sizes.rebate : 0);
  const plate = values.strikes.value[form.strike];
  const spare = values.strikeSpare.value;
  const pin = values.deadLatchPin.value;
  const hole = (out: number) => (out > 0 ? out - gap + values.holeBeyond.value : 0);
  return {
    form: form.strike,
    on: ends ? 'ends' : !inRabbet ? 'face' : onLeaf ? 'leaf' : 'jamb',
    play,
    toFlat: centre + half,
    toBevel: centre - half,
    centre,
    opening: [centre - half - spare, centre + half + spare],
    toEdge: onLeaf || !inRabbet ? undefined : toEdge,
    lip: onLeaf || !inRabbet ? undefined : wholeUp((toEdge + past) / step) * step,
    lipShape: onLeaf || (valueOrUndefined(facts.trimProjection) ?? 0) === 0 ? 'flat' : 'curved',
    plate: { height: plate.height, width: plate.width, recess: plate.gauge, radius: plate.radius },
    latchHole: hole(latchThrow),
    boltHole: hole(boltThrow),
    latchThrow,
    boltThrow,
    latchIn: Math.max(0, latchThrow - crossed),
    boltIn: boltThrow > 0 ? Math.max(0, boltThrow - crossed) : 0,
    gap,
    below: values.latchOffset.value,
    // Beside the latch, on its flat side, with a little between.
    pin: [centre + half + spare, centre + half + spare + pin],
  };
}

/** What a leaf usually comes to rest on where nobody has said: silencers on steel, nothing on timber. */
function usualStop(facts: OpeningFacts): 'none' | 'silencer' {
  return valueOrUndefined(facts.frameMaterial) === 'steel' ? 'silencer' : 'none';
}

/**
 * Whether an existing strike can stay: its middle, its depth and its cut-out agree within tolerance;
 * else it is moved, or a filler plate covers the old cut-out, or a new one is cut (trade practice).
 * Undefined where none was measured.
 *
 * @param centre height of the strike's middle that the lock asks for, above the floor
 */
export function strikeReuse(
  facts: OpeningFacts,
  practice: Practice,
  strike: StrikeFit,
  centre: number,
): StrikeReuse | undefined {
  const at = valueOrUndefined(facts.strikeAt);
  if (at === undefined) return undefined;
  const { strikeTolerance, strikeSpare } = practice.values;
  const tolerance = strikeTolerance.value;
  const depth = valueOrUndefined(facts.strikeDepth);
  const high = at - centre;
  const deep = depth === undefined ? undefined : depth - strike.opening[1];
  const cutHeight = valueOrUndefined(facts.strikeCutHeight);
  const cutWidth = valueOrUndefined(facts.strikeCutWidth);
  const small =
    (cutHeight !== undefined && cutHeight < strike.plate.height - strikeSpare.value) ||
    (cutWidth !== undefined && cutWidth < strike.plate.width - strikeSpare.value);
  const off = Math.max(Math.abs(high), Math.abs(deep ?? 0));
  const verdict =
    off <= tolerance
      ? small
        ? 'new'
        : 'keep'
      : // The new plate still covers the old cut-out: it can slide along it.
        off < strike.plate.height / 4
        ? 'move'
        : off < strike.plate.height
          ? 'filler'
          : 'new';
  return { verdict, high, deep };
}
