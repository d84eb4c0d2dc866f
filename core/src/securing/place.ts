import type { LockSpec } from '../catalogue/index.js';
import { valueOrUndefined, message, type MeasuredLeaf, type Message } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { decideBackset } from './backset.js';
import { isBevelled, type SecuringInput } from './input.js';
import type { SecuringRecord } from './decisions.js';
import { decideBar, type ExitFit } from './exitDevice.js';
import type { LockKind } from './facts.js';
import {
  findCylinder,
  findExit,
  findFit,
  findHeight,
  findPoolLatch,
  findStrike,
} from './findings.js';
import { fitLock, type LockFit } from './fit.js';
import { heightRow, lockHeightOf } from './heights.js';
import { isExit, LOCK_FORMS } from './lockForms.js';
import type { Securing } from './secured.js';
import { fitStrike, strikeReuse, type StrikeFit } from './strike.js';
import { type StrikeReuse } from './strikeReuse.js';
import { throughLengths, type ThroughLengths } from './thickness.js';

/** A lock that is to be placed in its leaf. */
export interface Placing {
  input: SecuringInput;
  leaf: MeasuredLeaf | undefined;
  kind: LockKind;
  spec: LockSpec | undefined;
  outsidePull: boolean;
  /** Whether a bored dead bolt stands above it, as dwellings have it. */
  boltAbove: boolean;
}

/** Where the lock sits and what it meets. */
export type Placed = Pick<
  Securing,
  'backset' | 'height' | 'secondHeight' | 'leaf' | 'fit' | 'strike' | 'reuse' | 'lengths' | 'exit'
>;

/** No lock, or nothing known of where it goes. */
export const NOT_PLACED: Placed = {
  backset: undefined,
  height: undefined,
  secondHeight: undefined,
  leaf: undefined,
  fit: undefined,
  strike: undefined,
  reuse: undefined,
  lengths: {},
  exit: undefined,
};

/** Decides height, backset, cylinder, strike and what an exit device is cut to. */
export function decidePlace(record: SecuringRecord, at: Placing): Placed {
  const { input, leaf, kind, spec, outsidePull, boltAbove } = at;
  const { facts, practice, results } = input;
  const { pool } = results.opening;
  const raised = results.sizing.fitting?.copied?.gains.head[1] ?? 0;
  const height = decideHeight(record, practice, leaf, kind, pool !== undefined, raised);
  const secondHeight = decideSecondHeight(record, practice, leaf, kind, height, boltAbove);
  const backset = decideBackset(record, practice, leaf, kind, height);
  if (!leaf) return { ...NOT_PLACED, height, secondHeight, backset };
  const { sizing: sizes } = results;
  const fit = fitLock({
    facts,
    practice,
    sizes,
    leaf,
    kind,
    backset,
    y: height - leaf.bottom,
    bevelled: isBevelled(input),
    bevelRead: sizes.fitting?.copied?.bevelLock,
  });
  findFit(record, practice, fit);
  const lengths = throughLengths(kind, leaf.thickness, fit.z, outsidePull, practice);
  decideCylinder(record, practice, lengths, spec);
  const { throws } = LOCK_FORMS[kind];
  const strike = fitStrike({
    facts,
    practice,
    sizes,
    kind,
    thickness: leaf.thickness,
    z: fit.z,
    latches: spec ? spec.latch !== 'none' : throws !== 'sliding',
    bolts: spec ? spec.bolt : throws === 'sliding',
  });
  decideStrike(record, strike);
  findStrike(record, practice, strike, spec);
  const reuse = strikeReuse(facts, practice, strike, height - strike.below);
  if (reuse) decideOldStrike(record, reuse);
  const exit = isExit(kind) ? decideExit(record, practice, leaf, fit) : undefined;
  return { backset, height, secondHeight, leaf, fit, strike, reuse, lengths, exit };
}

function whyHeight(
  practice: Practice,
  kind: LockKind,
  from: ReturnType<typeof lockHeightOf>['from'],
): Message[] {
  const { heights, poolLatch } = practice.values;
  switch (from) {
    case 'pool':
      return [message('securing.height.pool', { source: poolLatch.source })];
    case 'practice': {
      const item = { term: `heightItem.${LOCK_FORMS[kind].height}` };
      return [message('securing.height.practice', { item, source: heights.source })];
    }
    case 'strike':
      return [message('securing.height.strike')];
    case 'leaf':
      return [message('securing.height.leaf')];
    case 'top':
      return [message('securing.height.top')];
    case 'recorded':
      return [];
  }
}

function decideHeight(
  record: SecuringRecord,
  practice: Practice,
  leaf: MeasuredLeaf | undefined,
  kind: LockKind,
  pool: boolean,
  raised: number,
): number {
  const { height, from } = lockHeightOf(record.facts, practice, kind, leaf, pool, raised);
  record.decide('height', height, {
    basis:
      from === 'recorded'
        ? record.basisOf('lockHeight')
        : from === 'top'
          ? record.basisOf('lockFromTop')
          : from === 'strike'
            ? 'measured'
            : 'derived',
    reasons: () => whyHeight(practice, kind, from),
    facts: ['lockHeight', 'lockFromTop', 'strikeAt'],
  });
  if (pool) findPoolLatch(record, practice, height);
  else findHeight(record, practice, height, heightRow(kind, practice));
  return height;
}

/** A bored lock has no dead bolt: one that is asked for stands above it, where there is room. */
function decideSecondHeight(
  record: SecuringRecord,
  practice: Practice,
  leaf: MeasuredLeaf | undefined,
  kind: LockKind,
  height: number,
  boltAbove: boolean,
): number | undefined {
  const { facts } = record;
  const wanted = valueOrUndefined(facts.deadBolt);
  if (!(wanted ?? boltAbove) || LOCK_FORMS[kind].sits !== 'bore' || kind === 'deadbolt')
    return undefined;
  const above = practice.values.heights.value.deadbolt.usual;
  // A stable door's lower leaf ends below it: its upper leaf has bolts of its own.
  if (leaf && above > leaf.bottom + leaf.height - practice.values.caseMargin.value)
    return undefined;
  record.decide('secondHeight', above, {
    reasons: () => [message('securing.height.second')],
    facts: ['deadBolt'],
  });
  const out = facts.egress === true && !boltAbove;
  record.report(
    // Who lives there knows of it, whoever asked for it.
    out ? 'stop' : boltAbove || valueOrUndefined(facts.occupancy) === 'dwelling' ? 'note' : 'check',
    out ? 'securing.secondLockOut' : 'securing.secondLock',
    {},
    boltAbove ? practice.values.doubleKeyed.source : practice.values.oneMotion.source,
    ['deadBolt', 'securing.secondHeight'],
  );
  return above > height ? above : undefined;
}

function decideStrike(record: SecuringRecord, strike: StrikeFit): void {
  // Rods have no strike beside the leaf, but one at each end.
  const ends = valueOrUndefined(record.facts.plainFloor) === true ? 'top-rod' : 'rods';
  record.decide('strike', strike.on === 'ends' ? ends : strike.form, {
    reasons: () => [
      message(`securing.strike.${strike.on}`, {
        flat: { ticks: strike.toFlat },
        play: { ticks: strike.play },
        lip: { ticks: strike.lip ?? 0 },
      }),
    ],
    facts: ['stopSeal', 'rabbetDepth', 'trimProjection'],
  });
  const byLatch = strike.latchThrow > 0;
  record.decide('engagement', byLatch ? strike.latchIn : strike.boltIn, {
    reasons: () => [
      message('securing.engagement', {
        throw: { ticks: byLatch ? strike.latchThrow : strike.boltThrow },
        gap: { ticks: strike.gap },
      }),
    ],
    facts: ['lockGap', 'meetingGap', 'latchThrow', 'boltThrow'],
  });
}

function decideOldStrike(record: SecuringRecord, reuse: StrikeReuse): void {
  record.decide('oldStrike', reuse.verdict, {
    reasons: () => [
      reuse.high === 0
        ? message('securing.oldStrike.level')
        : message('securing.oldStrike.off', {
            off: { ticks: Math.abs(reuse.high ?? 0) },
            way: { term: (reuse.high ?? 0) > 0 ? 'way.down' : 'way.up' },
          }),
    ],
    facts: ['strikeAt', 'strikeDepth', 'strikeCutHeight', 'strikeCutWidth'],
  });
}

function decideExit(
  record: SecuringRecord,
  practice: Practice,
  leaf: MeasuredLeaf,
  fit: LockFit,
): ExitFit {
  const exit = decideBar(record, practice, leaf, fit);
  findExit(record, practice, exit, fit);
  return exit;
}

/** Cylinder halves, or the mortise cylinder, where the function has a key. */
function decideCylinder(
  record: SecuringRecord,
  practice: Practice,
  lengths: ThroughLengths,
  spec: LockSpec | undefined,
): void {
  if (!spec || (spec.outsideKey.length === 0 && spec.insideKey.length === 0)) return;
  if (lengths.profile) {
    const { outer, inner } = lengths.profile;
    record.decide(
      'cylinder',
      { width: outer.length, height: inner.length },
      {
        reasons: () => [
          message('securing.cylinder.profile', {
            proud: { ticks: Math.max(0, outer.proud) },
          }),
        ],
        facts: ['leafThickness'],
      },
    );
    findCylinder(record, practice, lengths);
  } else if (lengths.mortise) {
    const { length, ring } = lengths.mortise;
    record.decide('cylinder', length, {
      reasons: () => [
        ring === 0
          ? message('securing.cylinder.even')
          : message('securing.cylinder.mortise', { ring: { ticks: ring } }),
      ],
      facts: ['leafThickness'],
    });
  }
}
