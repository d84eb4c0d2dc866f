import { passingIn, type Magnet, type Release } from '../machines/index.js';
import { ROLE } from '../roles/index.js';
import type { LockSpec } from '../catalogue/index.js';
import {
  valueOrUndefined,
  meetsInMiddle,
  message,
  slides,
  type HangingDevice,
  type Message,
} from '../model/index.js';
import { isExit } from '../securing/index.js';
import { batteryFor, currentsOf, leastWire, type Currents } from './current.js';
import { WIRE_PATHS, type PoweringRecord, type WirePath } from './decisions.js';
import type { ELECTRIC_LOCKS } from './facts.js';
import { findPowering } from './findings.js';
import { poweringItems } from './items.js';
import type { Powering, PoweringInput } from './result.js';
import type { Load, LoadRow } from './values.js';

const MAGNETS: Readonly<Record<(typeof ELECTRIC_LOCKS)[number], Magnet>> = {
  none: 'none',
  'sensor-magnet': 'sensor',
  'hardware-magnet': 'hardware',
};

/** Decides the chain from supply over switch to load, the way of the wire, supply, battery and wire. */
export function decidePowering(input: PoweringInput, record: PoweringRecord): Powering {
  const { facts, practice, results } = input;
  const { spec } = results.securing;
  const access = valueOrUndefined(facts.access);
  const loads = loadsOf(input);
  const operator = valueOrUndefined(facts.operator) === true;
  const electric = loads.length > 0 || operator;
  const rows = practice.values.loads.value;
  const drawing = loads.filter((load) => rows[load].hold > 0);
  record.decide('electric', electric ? 'yes' : spec?.battery ? 'battery' : 'none', {
    reasons: () => [
      drawing.length === 0
        ? message(
            operator
              ? 'powering.operator'
              : spec?.battery
                ? 'powering.ownBattery'
                : 'powering.none',
          )
        : drawing.length === 1
          ? message('powering.electric', { load: { term: `load.${drawing[0]!}` } })
          : message('powering.electric.more', {
              load: { term: `load.${drawing[0]!}` },
              count: drawing.length - 1,
            }),
    ],
    facts: ['lockKind', 'lockUse', 'electricLock', 'holdOpen', 'operator', 'access'],
  });
  const lock = spec !== undefined && spec.power !== 'none';
  const magnet = valueOrUndefined(facts.electricLock) ?? 'none';
  const reentry = valueOrUndefined(facts.stairReentry);
  const delay = lock && spec.delayed ? practice.values.exitDelay.value : 0;
  if (magnet !== 'none')
    record.decide('electricLock', magnet, {
      basis: record.basisOf('electricLock'),
      reasons: () => [
        magnet === 'sensor-magnet'
          ? message('powering.magnet.sensor')
          : message('powering.magnet.hardware'),
      ],
      facts: ['electricLock'],
    });
  if (delay > 0)
    record.decide('exitDelay', delay, {
      reasons: () => [message('powering.delay', { source: practice.values.exitDelay.source })],
      facts: ['securing.function'],
    });
  const { role } = results.opening;
  const hasReentry = role !== undefined && ROLE[role].lock.reentry;
  if (hasReentry && reentry !== undefined)
    record.decide('stairReentry', reentry, {
      basis: record.basisOf('stairReentry'),
      facts: ['stairReentry'],
    });
  if (lock || magnet !== 'none') {
    if (access !== undefined)
      record.decide('access', access, { basis: record.basisOf('access'), facts: ['access'] });
    else record.ask('access', 'ask.access', ['access']);
  }
  if (lock) {
    const state = spec.power === 'fail-safe' ? 'fail-safe' : 'fail-secure';
    record.decide('failState', state, {
      reasons: () => [whatFails(spec)],
      facts: ['securing.function'],
    });
  }
  const currents =
    loads.length > 0
      ? currentsOf(
          loads.map((load, at) => inTurn(rows[load], loads.indexOf(load) < at ? load : undefined)),
          practice.values.supplyMargin.value,
        )
      : undefined;
  const toLeaf = (lock && !spec.battery) || loads.includes('exit-switch');
  const path = toLeaf ? decidePath(input, record, currents) : undefined;
  const wire = currents && decideSupply(input, record, currents);
  const release: Release | undefined =
    lock || magnet !== 'none'
      ? {
          magnet: MAGNETS[magnet],
          delay,
          command: hasReentry && reentry === 'command',
          alarm: facts.alarmReleases === true,
        }
      : undefined;
  const letIn = access !== undefined && access !== 'none';
  const passing = release ? passingIn(lock ? spec : undefined, release, letIn) : [];
  const powering: Powering = { loads, access, path, currents, wire, release, passing };
  findPowering(record, input, powering);
  if (electric) poweringItems(record.items, input, powering);
  return powering;
}

/** What becomes of a lock without its power. */
function whatFails({ battery, delayed, power }: LockSpec): Message {
  if (battery) return message('powering.fail.battery');
  if (delayed) return message('powering.fail.delayed');
  return message(power === 'fail-safe' ? 'powering.fail.safe' : 'powering.fail.secure');
}

/** Retractions of two leaves fire one after the other: the second only holds while the first fires. */
const inTurn = (row: LoadRow, again: Load | undefined): LoadRow =>
  again === 'retraction' ? { ...row, inrush: row.hold } : row;

/** What of the opening draws current: its lock, what holds it open, what releases it. */
function loadsOf({ facts, results }: PoweringInput): Load[] {
  const { spec, kind } = results.securing;
  const loads: Load[] = [];
  // A lock on its own battery has its reader in it, and draws nothing from here.
  const own = spec?.battery === true;
  if (spec && spec.power !== 'none' && !own) {
    const load: Load =
      spec.id === 'electric-strike'
        ? 'strike'
        : spec.id === 'exit-retraction'
          ? 'retraction'
          : spec.delayed
            ? 'delayed'
            : kind !== undefined && isExit(kind)
              ? 'exit-trim'
              : 'lock';
    // Both leaves of a pair have a device of their own.
    const both = results.securing.secondSpec?.power === spec.power;
    loads.push(load, ...(both ? [load] : []));
  }
  const shut = valueOrUndefined(facts.electricLock) ?? 'none';
  if (shut !== 'none') {
    // One on each leaf of a pair.
    loads.push('magnet');
    if (meetsInMiddle(facts.kind)) loads.push('magnet');
    if (shut === 'sensor-magnet') loads.push('sensor', 'exit-button');
    else loads.push('exit-switch');
  }
  if (results.closing.holdOpen === 'magnet')
    for (const { leaf } of results.hanging.leaves)
      for (let one = 0; one < leaf.quantity; one++) loads.push('holder');
  const access = valueOrUndefined(facts.access);
  const apart = access === 'intercom' || (!own && (access === 'reader' || access === 'keypad'));
  if (apart) loads.push(access);
  return loads;
}

/** Amperes that are no question of the wire’s gauge. */
const SMALL = 0.2;

/** Hinges that are made with a wire through them. */
const WIRED: ReadonlySet<HangingDevice> = new Set([
  'butt',
  'continuous',
  'concealed',
  'adjustable-concealed',
]);

/** What an electric hinge carries, amperes. */
const HINGE_MOST = 4;

function decidePath(
  { facts, practice, results }: PoweringInput,
  record: PoweringRecord,
  currents: Currents | undefined,
): WirePath | undefined {
  const { spec } = results.securing;
  if (slides(facts.kind)) return undefined;
  const { device } = results.hanging;
  const inrush = currents?.inrush ?? 0;
  // Power, and signals of bolt, handle and contact; of a switch alone its contacts.
  const { conductors } = practice.values;
  const electric = spec !== undefined && spec.power !== 'none';
  const count = { count: conductors.value[electric ? 'lock' : 'exit-switch'] };
  const [path, why]: [WirePath, Message] =
    spec?.id === 'electric-strike'
      ? ['frame', message('powering.path.frame')]
      : inrush > HINGE_MOST
        ? ['transfer', message('powering.path.inrush', { inrush: { amount: inrush, unit: 'A' } })]
        : WIRED.has(device)
          ? ['hinge', message('powering.path.hinge', count)]
          : device === 'offset-pivot' || device === 'centre-pivot'
            ? ['transfer', message('powering.path.transfer', count)]
            : ['loop', message('powering.path.loop')];
  return record.propose('path', path, {
    reasons: () => [why],
    alternatives: () => WIRE_PATHS.map((value) => ({ value })),
    facts: ['hanging.device', 'securing.function'],
  });
}

function decideSupply(
  { facts, practice }: PoweringInput,
  record: PoweringRecord,
  currents: Currents,
): Powering['wire'] {
  const { supplyMargin, batteryUse, standbyHours, dropMost, wires } = practice.values;
  const volts = valueOrUndefined(facts.supplyVolts) ?? practice.values.supplyVolts.value;
  const hours = valueOrUndefined(facts.standbyHours) ?? standbyHours.value;
  const amperes = (amount: number) => ({ amount, unit: 'A' as const });
  record.decide('supply', currents.supply, {
    reasons: () => [
      message('powering.supply', {
        hold: amperes(currents.hold),
        inrush: amperes(currents.inrush),
        margin: supplyMargin.value,
      }),
    ],
    facts: ['supplyVolts', 'access', 'holdOpen'],
  });
  record.decide('battery', batteryFor(currents.hold, hours, batteryUse.value), {
    reasons: () => [
      message('powering.battery', {
        hold: amperes(currents.hold),
        hours,
        use: Math.round(batteryUse.value * 100),
      }),
    ],
    facts: ['standbyHours'],
  });
  const run = valueOrUndefined(facts.cableRun);
  if (run === undefined) {
    // Holders alone draw so little that any bell wire feeds them.
    if (currents.inrush > SMALL) record.ask('wire', 'ask.cableRun', ['cableRun']);
    return undefined;
  }
  const most = (volts * dropMost.value) / 100;
  const least = leastWire(wires.value, run, currents.inrush, most);
  if (!least) {
    record.report(
      'check',
      'powering.noWire',
      { most: dropMost.value, length: run, amperes: amperes(currents.inrush) },
      wires.source,
      ['powering.supply', 'cableRun'],
    );
    return undefined;
  }
  record.decide('wire', `=${least.wire.name}`, {
    reasons: () => [
      message('powering.wire', {
        drop: { amount: least.drop, unit: 'V' },
        volts: { amount: volts, unit: 'V' },
        length: run,
        amperes: amperes(currents.inrush),
        most: dropMost.value,
      }),
    ],
    facts: ['cableRun', 'supplyVolts'],
  });
  return { name: least.wire.name, drop: least.drop };
}
