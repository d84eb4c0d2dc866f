import { valueOrUndefined } from '../model/index.js';
import type { SecuringRecord } from './decisions.js';
import type { Practice } from '../practice/index.js';
import type { LockFit } from './fit.js';
import { hasRods, isExit } from './lockForms.js';
import type { LockSpec } from '../catalogue/index.js';
import type { StrikeFit } from './strike.js';
import type { ThroughLengths } from './thickness.js';
import { exitCase, type ExitFit } from './exitDevice.js';

const at = (ticks: number, rounding: 'down' | 'up' | 'nearest' = 'nearest') => ({
  ticks,
  rounding,
});

/** What does not fit between the lock and its leaf. */
export function findFit(record: SecuringRecord, practice: Practice, fit: LockFit): void {
  const { values } = practice;
  const parts = ['securing.backset', 'stileWidth'];
  if (fit.case && fit.case.needed > fit.case.has)
    record.report(
      'stop',
      'securing.caseWide',
      { needed: at(fit.case.needed, 'up'), has: at(fit.case.has, 'down') },
      values.caseMargin.source,
      parts,
    );
  else if (fit.trim && fit.trim.needed > fit.trim.has)
    record.report(
      'check',
      `securing.trimOver.${fit.solid!.by}`,
      { needed: at(fit.trim.needed, 'up'), has: at(fit.trim.has, 'down') },
      values.trimMargin.source,
      parts,
    );
  // Locks of sliding leaves are made for their thickness.
  if (fit.skin && fit.kind !== 'sliding' && fit.skin.has < fit.skin.needed)
    record.report(
      thinness(fit.skin.has, values.caseSkinLeast.value, values.nearlyFits.value / 2),
      'securing.thinLeaf',
      { has: at(fit.skin.has, 'down'), needed: at(fit.skin.needed) },
      values.caseSkin.source,
      ['securing.kind', 'leafThickness'],
    );
  const { from, to } = values.boredLeaf.value;
  if (fit.bore && (fit.proper < from || fit.proper > to))
    record.report(
      fit.proper < from - values.nearlyFits.value ? 'stop' : 'check',
      fit.proper < from ? 'securing.boredThin' : 'securing.boredThick',
      { leaf: at(fit.proper), from: at(from), to: at(to) },
      values.boredLeaf.source,
      ['securing.kind', 'leafThickness'],
    );
  const least = Math.min(fit.fingersPull, fit.fingersPush);
  if (
    (fit.pocket ?? fit.bore) &&
    fit.kind !== 'sliding' &&
    fit.kind !== 'roller' &&
    // A narrow stile has an offset pull or a paddle, no grip beside the stop.
    fit.kind !== 'narrow-stile' &&
    least < values.fingerRoom.value
  )
    record.report(
      'check',
      'securing.fingers',
      { has: at(Math.max(0, least), 'down'), needed: at(values.fingerRoom.value) },
      values.fingerRoom.source,
      ['securing.backset', 'handle', 'stopWidth'],
    );
}

/** How grave it is that a skin is thin: below the least by a shaving it may be made to fit. */
const thinness = (has: number, least: number, nearly: number): 'stop' | 'check' | 'note' =>
  has >= least ? 'note' : has >= least - nearly ? 'check' : 'stop';

/** Bolts that do not come far enough into their strike, and a pin that falls into its opening. */
export function findStrike(
  record: SecuringRecord,
  practice: Practice,
  strike: StrikeFit,
  spec: LockSpec | undefined,
): void {
  const { latchWarn, latchLeast, boltWarn, ratedPairThrow } = practice.values;
  const parts = ['securing.engagement', 'lockGap'];
  const latches = spec ? spec.latch === 'spring' || spec.latch === 'dead-latching' : true;
  // What the practice itself comes to is told, not warned of; a recorded figure is.
  const { facts } = record;
  const own = [facts.lockGap, facts.meetingGap, facts.leafWidth, facts.latchThrow, facts.boltThrow];
  const warn = own.some((fact) => valueOrUndefined(fact) !== undefined) ? 'check' : 'note';
  const short = (
    level: 'stop' | 'check' | 'note',
    code: 'securing.shortLatch' | 'securing.shortBolt',
    has: number,
    wanted: number,
    source: string,
  ) =>
    record.report(
      level,
      code,
      // As fine as it was compared: rounded, a warning can look untrue.
      {
        in: { ...at(has, 'down'), fine: true },
        gap: { ...at(strike.gap), fine: true },
        wanted: at(wanted),
      },
      source,
      parts,
    );
  if (latches && strike.latchThrow > 0) {
    if (strike.latchIn < latchLeast.value)
      short('stop', 'securing.shortLatch', strike.latchIn, latchLeast.value, latchLeast.source);
    else if (strike.latchIn < latchWarn.value)
      short(warn, 'securing.shortLatch', strike.latchIn, latchWarn.value, latchWarn.source);
  }
  if (strike.boltThrow > 0 && strike.boltIn < boltWarn.value)
    short(warn, 'securing.shortBolt', strike.boltIn, boltWarn.value, boltWarn.source);
  if (
    latches &&
    strike.on === 'leaf' &&
    (valueOrUndefined(record.facts.rating) ?? 0) > 0 &&
    strike.latchThrow < ratedPairThrow.value
  )
    record.report(
      'check',
      'securing.ratedThrow',
      { throw: at(strike.latchThrow), wanted: at(ratedPairThrow.value) },
      ratedPairThrow.source,
      ['securing.engagement', 'rating'],
    );
  const cut = valueOrUndefined(record.facts.strikeCutWidth);
  const depth = valueOrUndefined(record.facts.strikeDepth);
  if (spec?.latch === 'dead-latching' && cut !== undefined && depth !== undefined) {
    // The pin reaches its middle beyond the opening's edge before it is held in.
    const middle = (strike.pin[0] + strike.pin[1]) / 2;
    if (depth > middle)
      record.report(
        'stop',
        'securing.pinFalls',
        { over: at(depth - middle, 'up') },
        'trade practice',
        ['strikeDepth', 'securing.strike'],
      );
  }
}

/** A latch that a child reaches over or beside. */
export function findPoolLatch(record: SecuringRecord, practice: Practice, height: number): void {
  const { poolLatch } = practice.values;
  if (height < poolLatch.value)
    record.report(
      'check',
      'securing.poolLatch',
      { height: at(height), least: at(poolLatch.value) },
      poolLatch.source,
      ['securing.height'],
    );
}

/** A height outside what everybody reaches, what opens a way out, or what the practice keeps to. */
export function findHeight(
  record: SecuringRecord,
  practice: Practice,
  height: number,
  row: { from: number; to: number },
): void {
  const { reach, escape, heights } = practice.values;
  const outside = (band: { from: number; to: number }) => height < band.from || height > band.to;
  // In an old house a handle that is a finger's breadth off stays where it is.
  const existing = record.facts.work === 'replacement';
  const grave = (band: { from: number; to: number }) =>
    existing && Math.max(band.from - height, height - band.to) <= practice.values.heightNearly.value
      ? 'note'
      : 'check';
  const tell = (
    level: 'check' | 'note',
    code: `securing.height.${'reach' | 'escape' | 'range'}`,
    band: { from: number; to: number },
    source: string,
  ) =>
    record.report(
      level,
      code,
      { height: at(height), from: at(band.from), to: at(band.to) },
      source,
      ['securing.height'],
    );
  if (valueOrUndefined(record.facts.accessible) === true && outside(reach.value))
    tell(grave(reach.value), 'securing.height.reach', reach.value, reach.source);
  if (valueOrUndefined(record.facts.egress) === true && outside(escape.value))
    tell(grave(escape.value), 'securing.height.escape', escape.value, escape.source);
  if (outside(row)) tell('note', 'securing.height.range', row, heights.source);
}

/** Cylinders that stand out of their plate, or are not made long enough. */
export function findCylinder(
  record: SecuringRecord,
  practice: Practice,
  lengths: ThroughLengths,
): void {
  const { cylinderProud } = practice.values;
  const outer = lengths.profile?.outer;
  if (outer && outer.proud > cylinderProud.value)
    record.report(
      'check',
      'securing.cylinderProud',
      { by: at(outer.proud, 'up'), most: at(cylinderProud.value) },
      cylinderProud.source,
      ['securing.cylinder', 'leafThickness'],
    );
}

/** What an exit device asks of leaf, floor and listing. */
export function findExit(
  record: SecuringRecord,
  practice: Practice,
  fit: ExitFit,
  lockFit: LockFit,
): void {
  const { kind } = lockFit;
  if (!isExit(kind)) return;
  if (fit.made === undefined)
    record.report(
      'stop',
      'securing.barShort',
      { needed: at(fit.bar), made: at(Math.max(...practice.values.barLengths.value)) },
      practice.values.barLengths.source,
      ['securing.kind', 'leafWidth'],
    );
  const { across } = exitCase(record.facts, practice);
  const stile = lockFit.solid;
  if (stile && stile.by !== 'blocking' && across > stile.width)
    record.report(
      'check',
      'securing.exitStile',
      { needed: at(across, 'up'), has: at(stile.width, 'down') },
      practice.values.bodies.source,
      ['securing.kind', 'stileWidth'],
    );
  const rated = (valueOrUndefined(record.facts.rating) ?? 0) > 0;
  if (rated)
    record.report('note', 'securing.fireExit', {}, practice.values.ratedLatch.source, [
      'securing.kind',
      'rating',
    ]);
  if (!hasRods(kind)) return;
  if (fit.bottomRod === 0)
    record.report(rated ? 'check' : 'note', 'securing.noBottomRod', {}, 'the device’s listing', [
      'plainFloor',
      'securing.kind',
    ]);
  else if (valueOrUndefined(record.facts.threshold) === undefined)
    record.report('note', 'securing.rodFloor', {}, 'trade practice', [
      'threshold',
      'securing.kind',
    ]);
}
