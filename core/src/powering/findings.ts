import { LISTED, HELD_OPEN, REENTRY } from '../practice/index.js';
import { valueOrUndefined, swings } from '../model/index.js';
import type { PoweringInput, Powering } from './result.js';
import type { PoweringRecord } from './decisions.js';
import { ROLE } from '../roles/index.js';

const LOCKS: ReadonlySet<string> = new Set([
  'strike',
  'lock',
  'exit-trim',
  'retraction',
  'delayed',
]);

/** What is missing in the chain, or can hurt somebody. */
export function findPowering(
  record: PoweringRecord,
  input: PoweringInput,
  { loads, access, currents }: Powering,
): void {
  const { facts, practice, results } = input;
  const battery = results.securing.spec?.battery === true;
  const lock = battery || loads.some((load) => LOCKS.has(load));
  // A device that waits is passed from inside; whoever may pass at once has its key.
  const operated = facts.operator === true;
  if (lock && access === 'none' && !loads.includes('delayed') && !operated)
    record.report('check', 'powering.noSwitch', {}, 'source, switch, load', ['access']);
  // A lock that somebody wrote may be what is released.
  const written = facts.manualItems?.some(({ stage }) => stage === 'securing') === true;
  const shut = loads.includes('magnet');
  // An operator opens what nothing locks; a button beside it is its own.
  const opened = operated && (access === 'button' || results.securing.kind === 'none');
  if (!lock && !shut && !written && access !== undefined && access !== 'none' && !opened)
    record.report(
      'check',
      'powering.nothingToRelease',
      { access: { term: `access.${access}` } },
      'source, switch, load',
      ['access', 'securing.function'],
    );
  findMagnet(record, input);
  findStair(record, input);
  if (loads.includes('holder')) {
    if (facts.alarmReleases === false)
      record.report('stop', 'powering.noAlarm', {}, HELD_OPEN, [
        'alarmReleases',
        'closing.holdOpen',
      ]);
    else if (facts.alarmReleases !== true)
      record.report('note', 'powering.alarmUnknown', {}, HELD_OPEN, ['alarmReleases']);
  }
  if (loads.includes('retraction') && currents)
    record.report(
      'note',
      'powering.inrush',
      {
        inrush: { amount: practice.values.loads.value.retraction.inrush, unit: 'A' },
      },
      practice.values.loads.source,
      ['powering.supply', 'cableRun'],
    );
  if (loads.includes('delayed')) {
    const { exitDelay } = practice.values;
    const occupancy = valueOrUndefined(facts.occupancy);
    const kept = occupancy !== undefined && NOT_DELAYED.has(occupancy);
    record.report(
      kept ? 'check' : 'note',
      kept ? 'powering.delayedWhere' : 'powering.delayed',
      kept
        ? { occupancy: { term: `occupancy.${occupancy}` }, seconds: exitDelay.value }
        : { seconds: exitDelay.value },
      exitDelay.source,
      ['securing.function', 'occupancy'],
    );
    if (facts.alarmReleases === false)
      record.report('stop', 'powering.delayedNoAlarm', {}, exitDelay.source, [
        'alarmReleases',
        'securing.function',
      ]);
  }
  if (operated) findOperator(record, input, loads);
  const volts = valueOrUndefined(facts.supplyVolts);
  if (volts !== undefined && loads.length > 0 && volts !== practice.values.supplyVolts.value)
    record.report(
      'check',
      'powering.volts',
      {
        rated: { amount: practice.values.supplyVolts.value, unit: 'V' },
        volts: { amount: volts, unit: 'V' },
      },
      practice.values.loads.source,
      ['supplyVolts'],
    );
}

/** Where people are kept waiting only by an exception: many of them, or danger. */
const NOT_DELAYED: ReadonlySet<string> = new Set(['assembly', 'education', 'high-hazard']);

/** A magnet holds until something lets it go: sensor, button or hardware, the alarm, the want of power. */
function findMagnet(record: PoweringRecord, { facts, practice, results }: PoweringInput): void {
  const magnet = valueOrUndefined(facts.electricLock) ?? 'none';
  if (magnet === 'none') return;
  const { exitButtonLow, exitButtonHigh, exitButtonNear, exitButtonSeconds } = practice.values;
  const { source } = exitButtonLow;
  if (facts.alarmReleases !== true)
    record.report(
      facts.alarmReleases === false ? 'stop' : 'check',
      facts.alarmReleases === false ? 'powering.magnetNoAlarm' : 'powering.magnetAlarm',
      {},
      source,
      ['alarmReleases', 'electricLock'],
    );
  if (magnet === 'sensor-magnet')
    record.report(
      'note',
      'powering.magnetButton',
      {
        low: { ticks: exitButtonLow.value },
        high: { ticks: exitButtonHigh.value },
        near: { ticks: exitButtonNear.value },
        seconds: exitButtonSeconds.value,
      },
      source,
      ['electricLock'],
    );
  if (valueOrUndefined(facts.occupancy) === 'high-hazard')
    record.report('stop', 'powering.magnetHazard', {}, source, ['electricLock', 'occupancy']);
  const { kind, spec } = results.securing;
  const latches = kind !== undefined && kind !== 'none' && spec?.latch !== 'none';
  if (kind !== undefined && !latches && (valueOrUndefined(facts.rating) ?? 0) > 0)
    record.report('check', 'powering.magnetLatch', {}, LISTED, ['electricLock', 'securing.kind']);
}

/** Back from a stair: locks that fail safe and let go on command or alarm, or none. */
function findStair(record: PoweringRecord, { facts, practice, results }: PoweringInput): void {
  const { spec } = results.securing;
  const { role } = results.opening;
  if (!role || !ROLE[role].lock.reentry || spec === undefined || spec.power === 'none') return;
  const reentry = valueOrUndefined(facts.stairReentry);
  const source = REENTRY;
  if (spec.power === 'fail-secure')
    record.report('check', 'powering.stair', {}, source, ['securing.function', 'stairReentry']);
  else if (reentry === undefined)
    record.report(
      practice.language === 'us' ? 'check' : 'note',
      'powering.reentryUnknown',
      {},
      source,
      ['stairReentry'],
    );
  else if (reentry === 'alarm' && facts.alarmReleases !== true)
    record.report('check', 'powering.reentryAlarm', {}, source, ['stairReentry', 'alarmReleases']);
  else if (reentry === 'free')
    record.report('check', 'powering.reentryLocked', {}, source, [
      'stairReentry',
      'securing.function',
    ]);
}

const OPERATORS = 'ANSI/BHMA A156.10, A156.19; EN 16005';

/** What an operator wants beside it: mains, and a latch that lets go before it pulls. */
function findOperator(
  record: PoweringRecord,
  { facts, results }: PoweringInput,
  loads: Powering['loads'],
): void {
  record.report('note', 'powering.operatorMains', {}, OPERATORS, ['operator']);
  const { kind, spec } = results.securing;
  const drawn = loads.includes('strike') || loads.includes('retraction');
  if (!spec || spec.latch === 'none' || drawn || !swings(facts.kind)) return;
  record.report(
    'check',
    'powering.operatorLatch',
    { kind: { term: `lockKind.${kind}` } },
    OPERATORS,
    ['operator', 'securing.function'],
  );
}
