import { known } from '../opening/index.js';
import type { Powering, PoweringInput } from './decide.js';
import type { PoweringRecord } from './decisions.js';

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
  { facts, practice, results }: PoweringInput,
  { loads, access, currents }: Powering,
): void {
  const { spec } = results.securing;
  const { role } = results.opening;
  const rated = (known(facts.rating) ?? 0) > 0;
  const lock = loads.some((load) => LOCKS.has(load));
  if (lock && access === 'none')
    record.report('check', 'powering.noSwitch', {}, 'source, switch, load', ['access']);
  // A lock that somebody wrote may be what is released.
  const written = facts.manualItems?.some(({ stage }) => stage === 'securing') === true;
  if (!lock && !written && access !== undefined && access !== 'none' && facts.operator !== true)
    record.report(
      'check',
      'powering.nothingToRelease',
      { access: { term: `access.${access}` } },
      'source, switch, load',
      ['access', 'securing.function'],
    );
  if (loads.includes('holder')) {
    if (facts.alarmReleases === false)
      record.report('stop', 'powering.noAlarm', {}, 'NFPA 101 7.2.1.8.2; EN 1155', [
        'alarmReleases',
        'closing.holdOpen',
      ]);
    else if (facts.alarmReleases !== true)
      record.report('note', 'powering.alarmUnknown', {}, 'NFPA 101 7.2.1.8.2; EN 1155', [
        'alarmReleases',
      ]);
  }
  if (spec?.power === 'fail-safe' && loads.includes('strike') && rated)
    record.report('stop', 'powering.safeRated', {}, 'NFPA 80', ['securing.function', 'rating']);
  if (role === 'stair' && spec?.power === 'fail-secure')
    record.report('check', 'powering.stair', {}, 'IBC 1010.2.7; NFPA 101', ['securing.function']);
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
  if (loads.includes('delayed'))
    record.report('note', 'powering.delayed', {}, 'IBC 1010.2.13; NFPA 101', ['securing.function']);
  if (facts.operator === true)
    record.report('note', 'powering.operatorMains', {}, 'ANSI/BHMA A156.10, A156.19; EN 16005', [
      'operator',
    ]);
  const volts = known(facts.supplyVolts);
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
