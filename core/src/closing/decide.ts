import { sourceIn, HELD_OPEN, LEAVES_IN_ORDER } from '../practice/index.js';
import {
  valueOrUndefined,
  meetsInMiddle,
  message,
  slides,
  swings,
  swingsBothWays,
} from '../model/index.js';
import { swingPlan } from '../hanging/index.js';
import { framingOf, measured } from '../sizing/index.js';
import { armSweep, type ArmSweep } from './arm.js';
import { ARMS } from './armNames.js';
import { armRow } from './armRow.js';
import {
  CLOSER_DEVICES,
  HOLD_OPENS,
  STOPS,
  type CloserDevice,
  type ClosingRecord,
  type HoldOpen,
  type StopKind,
} from './decisions.js';
import { closerAlternatives, closerFor, isSurface, type CloserCase } from './device.js';
import { findClosing, findHeldOpen, findKeptLocked, findPoolOpen } from './findings.js';
import {
  latchesShut,
  openingForce,
  shuttingResistance,
  sizesMade,
  type OpeningForce,
} from './force.js';
import { closingItems } from './items.js';
import { asksOfRated, closingNeed } from './need.js';
import { closerSize, type SizedCloser } from './size.js';
import { againstStop, stopFor, type StopCase } from './stops.js';
import type { Closing, ClosingInput } from './result.js';
import { ROLE, standsInTheOpen } from '../roles/index.js';

const OPEN: Closing = {
  closes: undefined,
  device: undefined,
  size: undefined,
  force: undefined,
  sweep: undefined,
  holdOpen: 'none',
  stop: undefined,
  backCheck: false,
  selector: false,
  dropPlate: undefined,
};

/** Decides whether and by what the leaf closes, its size, force, arm, hold-open, stop and selector. */
export function decideClosing(input: ClosingInput, record: ClosingRecord): Closing {
  const { facts, practice, results } = input;
  const need = closingNeed(facts, practice, results.opening);
  if (!need) {
    // What its role does follows from its rating.
    if (results.opening.role && facts.rating === undefined && facts.closer !== 'unknown')
      record.ask('closes', 'ask.closesRated', ['rating', 'closer']);
    else if (asksOfRated(facts, practice, results.opening.role)) {
      const { source } = practice.values.roleClosing;
      record.ask('closes', () => message('ask.closesDwelling', { source }), ['closer']);
    } else record.ask('closes', 'ask.closes', ['closer', 'role', 'rating']);
    return swings(facts.kind) ? { ...OPEN, stop: decideStop(input, record, undefined) } : OPEN;
  }
  record.decide('closes', need.closes ? 'yes' : 'none', {
    basis: need.basis,
    reasons: () => [need.why()],
    facts: ['closer', 'rating', 'role'],
  });
  if (!need.closes) {
    const stop = slides(facts.kind) ? undefined : decideStop(input, record, undefined);
    const holdOpen = decideHoldOpen(input, record, undefined);
    const closing = { ...OPEN, closes: false, stop, holdOpen };
    findHeldOpen(record, input, holdOpen);
    findKeptLocked(record, input);
    findPoolOpen(record, input);
    closingItems(record.items, input, closing);
    return closing;
  }
  const device = decideDevice(input, record);
  const sized = device && decideSize(input, record, device);
  const sweep = device && decideArm(input, record, device);
  const holdOpen = decideHoldOpen(input, record, device);
  const backCheck = decideBackCheck(input, record, device);
  const stop = decideStop(input, record, device, holdOpen);
  const selector = decideSelector(input, record);
  const closing: Closing = {
    closes: true,
    device,
    size: sized?.size,
    force: sized?.force,
    sweep,
    holdOpen,
    stop,
    backCheck,
    selector,
    dropPlate: device && railTooLow(input, device),
  };
  findClosing(record, input, closing);
  findHeldOpen(record, input, holdOpen);
  closingItems(record.items, input, closing);
  return closing;
}

/** Whether the room that the closer belongs in, away from the public, is on the pull side. */
function insidePull({ facts, results }: ClosingInput): CloserCase['insidePull'] {
  const { hand } = results.handing;
  const { role } = results.opening;
  if (facts.exterior !== true && role && ROLE[role].closing.eitherSide) return 'either';
  return hand && hand.swing === 'in';
}

function closerCase(input: ClosingInput): CloserCase {
  const { facts, practice, results } = input;
  return {
    facts,
    practice,
    hung: results.hanging.device,
    thickness: results.sizing.leaves[0]!.thickness,
    headFace: valueOrUndefined(facts.frameFace),
    insidePull: insidePull(input),
  };
}

function decideDevice(input: ClosingInput, record: ClosingRecord): CloserDevice | undefined {
  const at = closerCase(input);
  const wanted = closerFor(at);
  if (!wanted) {
    record.ask('device', 'ask.closerSide', ['swing', 'hingeSide', 'closer']);
    return undefined;
  }
  const device = record.propose('device', wanted.device, {
    reasons: () => [wanted.why()],
    alternatives: () =>
      wanted.device === 'spring' || wanted.device === 'operator'
        ? [{ value: wanted.device }]
        : closerAlternatives(at),
    facts: ['closer', 'swing', 'exterior', 'nothingVisible', 'slab', 'frameFace'],
  });
  return CLOSER_DEVICES.includes(device) ? device : undefined;
}

interface SizedForce {
  size: SizedCloser;
  force: OpeningForce;
}

function decideSize(
  { facts, practice, results }: ClosingInput,
  record: ClosingRecord,
  device: CloserDevice,
): SizedForce | undefined {
  let widest = results.hanging.leaves[0]!;
  for (const one of results.hanging.leaves)
    if ((one.leaf.width ?? 0) > (widest.leaf.width ?? 0)) widest = one;
  const { width, height } = widest.leaf;
  if (width === undefined || height === undefined) {
    record.ask('size', 'ask.sizeFirst', ['frameWidth', 'frameHeight']);
    return undefined;
  }
  if (device === 'spring' || device === 'operator') return undefined;
  const { backset } = results.securing;
  const { size, reasons } = closerSize({
    resistance: shuttingResistance(facts, practice, latchesShut(facts, results.securing)),
    facts,
    practice,
    width,
    height,
    mass: widest.mass,
    device,
    backset,
  });
  const sizes = sizesMade(practice);
  const set = record.propose('size', size.set, {
    reasons,
    alternatives: () => sizes.map((one) => ({ value: one.size })),
    within: [1, sizes.length],
    facts: [
      'leafWidth',
      'leafMass',
      'exterior',
      'rating',
      'windy',
      'pressure',
      'stopSeal',
      'lowFrictionLatch',
    ],
  });
  const felt =
    sizes[Math.max(0, Math.min(sizes.length, set - (size.set - size.felt.size)) - 1)] ?? size.felt;
  const taken: SizedCloser = { ...size, set, felt };
  const force = openingForce(felt, practice, width, backset);
  record.decide('force', force.newtons, {
    reasons: () => [
      message('closing.force', {
        moment: { newtonMetres: force.moment },
        closing: { newtonMetres: felt.closing },
        efficiency: felt.efficiency,
        at: { ticks: force.at },
      }),
    ],
    facts: ['leafWidth', 'accessible'],
  });
  return { size: taken, force };
}

/** Height of the top rail where it is lower than the body of a closer on the leaf. */
function railTooLow(
  { facts, practice, results }: ClosingInput,
  device: CloserDevice,
): number | undefined {
  const leaf = measured(results.sizing.leaves[0]!);
  if (!leaf || !isSurface(device) || device === 'top-jamb') return undefined;
  const rail = framingOf(facts, practice, leaf)?.topRail;
  return rail !== undefined && rail < practice.values.bodies.value.surfaceCloser.up
    ? rail
    : undefined;
}

/** The arm's template points, and how far it lets the leaf open. */
function decideArm(
  { facts, practice, results }: ClosingInput,
  record: ClosingRecord,
  device: CloserDevice,
): ArmSweep | undefined {
  const name = ARMS.find((one) => one === device);
  const plan = swingPlan(practice, results.sizing, results.hanging);
  if (!name || !plan) return undefined;
  const row = armRow(name, facts, practice);
  const sweep = armSweep(name, row, plan);
  record.decide('template', [row.spindleAlong, row.shoeAlong], {
    reasons: () => [message('closing.template', { source: practice.values.closerArms.source })],
    facts: ['openTo'],
  });
  record.decide('armAngle', sweep.widest, {
    reasons: () => [
      message(row.fore === 0 ? 'closing.arm.track' : 'closing.arm', {
        out: { ticks: Math.round(sweep.outClosed) },
      }),
    ],
    facts: ['openTo'],
  });
  return sweep;
}

function decideHoldOpen(
  { facts, results }: ClosingInput,
  record: ClosingRecord,
  device: CloserDevice | undefined,
): HoldOpen {
  const recorded = valueOrUndefined(facts.holdOpen);
  const { role } = results.opening;
  const cross = role !== undefined && ROLE[role].closing.heldOpen;
  if (recorded !== true && !(recorded === undefined && cross)) return 'none';
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0 || facts.rating === 'unknown';
  const byRelease = rated || cross || facts.smoke === true;
  const derived: HoldOpen = byRelease
    ? 'magnet'
    : device === 'floor' || device === 'head' || device === 'concealed'
      ? 'closer'
      : device === undefined || device === 'spring'
        ? 'kick-down'
        : 'arm';
  return record.propose('holdOpen', derived, {
    basis: recorded === undefined ? 'assumed' : 'derived',
    reasons: () => [
      byRelease
        ? message('closing.holdOpen.release', { source: sourceIn(HELD_OPEN, record.practice) })
        : message('closing.holdOpen.arm'),
    ],
    alternatives: () =>
      HOLD_OPENS.map((value) =>
        byRelease && value !== 'magnet' && value !== 'none'
          ? { value, against: message('closing.against.notReleased') }
          : { value },
      ),
    facts: ['holdOpen', 'rating', 'smoke'],
  });
}

function decideBackCheck(
  { facts, results }: ClosingInput,
  record: ClosingRecord,
  device: CloserDevice | undefined,
): boolean {
  if (device === undefined || device === 'spring' || device === 'operator') return false;
  const recorded = valueOrUndefined(facts.backCheck);
  const { role: door } = results.opening;
  const wanted =
    recorded ??
    (facts.exterior === true ||
      facts.windy === true ||
      facts.frequency === 'high' ||
      (door !== undefined && ROLE[door].closing.backCheck));
  record.decide('backCheck', wanted ? 'yes' : 'none', {
    basis: recorded === undefined ? 'derived' : record.basisOf('backCheck'),
    reasons: () =>
      recorded === undefined
        ? [message(wanted ? 'closing.backCheck.wanted' : 'closing.backCheck.none')]
        : [],
    facts: ['backCheck', 'exterior', 'frequency'],
  });
  return wanted;
}

function decideStop(
  input: ClosingInput,
  record: ClosingRecord,
  device: CloserDevice | undefined,
  holdOpen: HoldOpen = 'none',
): StopKind | undefined {
  const { facts, practice, results } = input;
  const { hand } = results.handing;
  // A leaf that swings both ways stops where its pivots or springs have it.
  if (swingsBothWays(facts.kind)) return undefined;
  const at: StopCase = {
    facts,
    practice,
    device,
    widest: results.hanging.widest,
    outward: hand ? hand.swing === 'out' : false,
    held: holdOpen === 'magnet',
    gate: standsInTheOpen(results.opening.role),
  };
  const wanted = stopFor(at);
  return record.propose('stop', wanted.stop, {
    basis: wanted.basis,
    reasons: () => [
      wanted.why(),
      ...(wanted.stop === 'floor'
        ? [message('closing.stop.inset', { inset: { ticks: practice.values.stopInset.value } })]
        : []),
    ],
    alternatives: () =>
      STOPS.map((value) => {
        const against = againstStop(value, at);
        return against ? { value, against } : { value };
      }),
    facts: ['openAgainst', 'sideWall', 'openTo', 'exterior'],
  });
}

/** Leaves that overlap must close one after the other. */
function decideSelector({ facts, results }: ClosingInput, record: ClosingRecord): boolean {
  if (!meetsInMiddle(facts.kind)) return false;
  const overlaps = facts.meetingEdge === 'rebated' || facts.meetingEdge === 'astragal';
  const coordinated = results.securing.coordinator;
  const wanted = overlaps && !coordinated;
  record.decide('selector', wanted ? 'yes' : 'none', {
    reasons: () => [
      coordinated
        ? message('closing.selector.coordinator')
        : overlaps
          ? message('closing.selector.overlap', {
              source: sourceIn(LEAVES_IN_ORDER, record.practice),
            })
          : message('closing.selector.free'),
    ],
    facts: ['meetingEdge'],
  });
  return wanted;
}
