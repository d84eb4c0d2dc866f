import { LISTED, HELD_OPEN, POOL_GATE } from '../practice/index.js';
import { swingPlan } from '../hanging/index.js';
import { isAssumed, valueOrUndefined, slides } from '../model/index.js';
import { toMm, wholeDown } from '../measure/index.js';
import { bodyBeyond } from './arm.js';
import { ARMS } from './armNames.js';
import { armRow } from './armRow.js';
import type { ClosingInput, Closing } from './result.js';
import type { ClosingRecord } from './decisions.js';
import { closerSide } from './device.js';
import { closingMoment, latchesShut, shuttingResistance, sizeAgainst, sizesMade } from './force.js';
import { forceCounts } from './size.js';

/** What speaks against the closer that was decided: force, pressure, arm, surroundings. */
export function findClosing(record: ClosingRecord, input: ClosingInput, closing: Closing): void {
  if (slides(input.facts.kind)) return;
  findForce(record, input, closing);
  findPressure(record, input, closing);
  findArm(record, input, closing);
  findPlace(record, input, closing);
  findTimes(record, input, closing);
}

/** Held open by something that nothing lets go in a fire (NFPA 101 7.2.1.8.2; EN 1155). */
export function findHeldOpen(
  record: ClosingRecord,
  { facts }: ClosingInput,
  holdOpen: Closing['holdOpen'],
): void {
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0 || facts.smoke === true;
  if (rated && holdOpen !== 'none' && holdOpen !== 'magnet')
    record.report('stop', 'closing.heldRated', {}, HELD_OPEN, ['closing.holdOpen', 'rating']);
}

/** A gate to a pool that nothing closes (ISPSC 305.3; AS 1926.1). */
export function findPoolOpen(record: ClosingRecord, { results }: ClosingInput): void {
  if (results.opening.pool)
    record.report('stop', 'closing.poolOpen', {}, POOL_GATE, ['closer', 'closing.closes']);
}

/** A rated leaf without a closer, because nobody leaves it unlocked. */
export function findKeptLocked(
  record: ClosingRecord,
  { facts, practice, results }: ClosingInput,
): void {
  const { roleClosing } = practice.values;
  const { role } = results.opening;
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  if (rated && role && facts.closer === undefined && roleClosing.value[role] === 'locked')
    record.report('note', 'closing.keptLocked', {}, roleClosing.source, [
      'closing.closes',
      'rating',
    ]);
}

/** More than anybody may be asked to push on an accessible route. */
function findForce(
  record: ClosingRecord,
  { facts, practice }: ClosingInput,
  { force, holdOpen }: Closing,
): void {
  // Held open while people pass, it is not opened at all.
  if (!force || holdOpen === 'magnet' || !forceCounts(facts, practice)) return;
  const { accessForce, accessForceRated } = practice.values;
  if (force.newtons <= accessForce.value) return;
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  const params = {
    force: { newtons: force.newtons },
    limit: { newtons: accessForce.value },
    at: { ticks: force.at },
  };
  const parts = ['closing.size', 'closing.force', 'accessible'];
  if (rated)
    record.report(
      accessForceRated.value ? 'check' : 'note',
      'closing.forceRated',
      params,
      accessForceRated.source,
      parts,
    );
  else
    record.report(
      'check',
      facts.exterior === true || facts.windy === true
        ? 'closing.forceOutside'
        : 'closing.forceNone',
      params,
      accessForce.source,
      parts,
    );
}

/** Whether it still closes against what the air, the latch and the seals push back with. */
function findPressure(
  record: ClosingRecord,
  { facts, practice, results }: ClosingInput,
  { size }: Closing,
): void {
  if (!size) return;
  const pressure = valueOrUndefined(facts.pressure) ?? 0;
  const resistance = shuttingResistance(facts, practice, latchesShut(facts, results.securing));
  const { width, height } = results.hanging.leaves[0]!.leaf;
  if (width === undefined || height === undefined || pressure + resistance === 0) return;
  const moment = closingMoment(width, height, pressure, resistance);
  if (size.felt.closing >= moment) return;
  const against = { moment: { newtonMetres: moment }, has: { newtonMetres: size.felt.closing } };
  if (pressure === 0) {
    record.report(
      // Only taken to be accessible, a larger size may be set.
      isAssumed(facts, 'accessible') ? 'note' : 'check',
      'closing.latches',
      against,
      'latch and seals × width',
      ['closing.size', 'stopSeal', 'lowFrictionLatch'],
    );
    return;
  }
  const enough = sizeAgainst(sizesMade(practice), moment);
  const params = {
    ...against,
    pressure,
    area: { squareMetres: (toMm(width) * toMm(height)) / 1e6 },
  };
  const parts = ['closing.size', 'pressure', 'stopSeal'];
  if (enough)
    record.report(
      'check',
      'closing.pressure',
      { ...params, size: enough.size },
      'ΔP × area × width / 2',
      parts,
    );
  else record.report('stop', 'closing.pressureNone', params, 'ΔP × area × width / 2', parts);
}

/** The arm over the whole swing: how far it lets the leaf open, what it would strike. */
function findArm(
  record: ClosingRecord,
  { facts, practice, results }: ClosingInput,
  { sweep, device, stop }: Closing,
): void {
  if (!sweep || !device) return;
  const wanted = valueOrUndefined(facts.openTo) ?? 90;
  if (sweep.widest < wanted)
    record.report(
      'check',
      'closing.armShort',
      { angle: { degrees: sweep.widest }, wanted: { degrees: wanted } },
      practice.values.closerArms.source,
      ['closing.device', 'closing.armAngle', 'openTo'],
    );
  if (stop === 'overhead' && closerSide(device) === 'pull')
    record.report('check', 'closing.armStop', {}, 'arm and stop over the swing', [
      'closing.stop',
      'closing.device',
    ]);
  const wall = valueOrUndefined(facts.sideWall);
  if (wall === undefined || closerSide(device) !== 'pull') return;
  const plan = swingPlan(practice, results.sizing, results.hanging);
  const name = ARMS.find((one) => one === device);
  if (!plan || !name) return;
  // No wider than the leaf opens beside that wall at all.
  const angle = Math.min(wanted, results.hanging.widest ?? wanted);
  const { surfaceCloser } = practice.values.bodies.value;
  const beyond = bodyBeyond(armRow(name, facts, practice), plan, surfaceCloser, angle);
  if (beyond > wall)
    record.report(
      'stop',
      'closing.bodyWall',
      {
        beyond: { ticks: Math.round(beyond), rounding: 'up' },
        angle: { degrees: wholeDown(angle) },
        wall: { ticks: wall },
      },
      'body and wall over the swing',
      ['closing.device', 'sideWall'],
    );
}

/** Reveal, head, ceiling, transom: what a body or shoe is fixed to. */
function findPlace(
  record: ClosingRecord,
  { facts, practice, results }: ClosingInput,
  { device, size, dropPlate }: Closing,
): void {
  const { revealMost, topJambFace, bodies, topRail } = practice.values;
  const side = device && closerSide(device);
  const reveal = valueOrUndefined(facts.reveal);
  if (
    (device === 'parallel' || device === 'track-push') &&
    reveal !== undefined &&
    reveal > revealMost.value
  )
    record.report(
      'note',
      'closing.reveal',
      { reveal: { ticks: reveal }, most: { ticks: revealMost.value } },
      revealMost.source,
      ['reveal', 'closing.device'],
    );
  const face = valueOrUndefined(facts.frameFace);
  if (device === 'top-jamb' && face !== undefined && face < topJambFace.value)
    record.report(
      'check',
      'closing.headFace',
      { has: { ticks: face }, needed: { ticks: topJambFace.value } },
      topJambFace.source,
      ['frameFace', 'closing.device'],
    );
  const room = valueOrUndefined(facts.ceilingAbove);
  if (device === 'regular' && room !== undefined && room < bodies.value.surfaceCloser.through)
    record.report('stop', 'closing.ceiling', { room: { ticks: room } }, 'arm and ceiling', [
      'ceilingAbove',
      'closing.device',
    ]);
  if (dropPlate !== undefined)
    record.report(
      'note',
      'closing.rail',
      { rail: { ticks: dropPlate }, body: { ticks: bodies.value.surfaceCloser.up } },
      topRail.source,
      ['topRail', 'closing.device'],
    );
  if (side && facts.transom === true && facts.frameKind === 'stopless')
    record.report('check', 'closing.transom', {}, 'trade practice', ['transom', 'closing.device']);
  if (size?.beyond)
    record.report(
      'check',
      'closing.beyond',
      { size: size.felt.size },
      practice.values.closerSizes.source,
      ['closing.size', 'leafWidth'],
    );
  if (device === 'spring' && (valueOrUndefined(facts.rating) ?? 0) > 0)
    record.report('check', 'closing.springRated', {}, LISTED, ['hanging.device', 'rating']);
  if (
    device === 'regular' &&
    (results.hanging.device === 'concealed' || results.hanging.device === 'adjustable-concealed')
  )
    record.report('check', 'closing.movingAxis', {}, 'maker’s template', [
      'closing.device',
      'hanging.device',
    ]);
}

function findTimes(
  record: ClosingRecord,
  { facts, practice }: ClosingInput,
  { device }: Closing,
): void {
  const rated = (valueOrUndefined(facts.rating) ?? 0) > 0;
  if (facts.delayed === true && (rated || facts.smoke === true))
    record.report('check', 'closing.delayed', {}, 'trade practice: no delay on smoke leaves', [
      'delayed',
      'rating',
    ]);
  if (facts.accessible !== true || device === undefined) return;
  const { sweepLeast, springLeast } = practice.values;
  if (device === 'operator') return;
  if (device === 'spring')
    record.report(
      'note',
      'closing.timeSpring',
      { seconds: springLeast.value },
      springLeast.source,
      ['closing.device', 'accessible'],
    );
  else
    record.report('note', 'closing.time', { seconds: sweepLeast.value }, sweepLeast.source, [
      'closing.size',
      'accessible',
    ]);
}
