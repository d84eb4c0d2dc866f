import { defineRules } from '../model/index.js';

/** What may be found in powering: how grave each is, and who answers. */
export const POWERING_RULES = defineRules({
  'powering.noAlarm': { levels: ['stop'], who: 'electrician' },
  'powering.volts': { levels: ['check'], who: 'electrician' },
  'powering.magnetAlarm': { levels: ['check'], who: 'electrician' },
  'powering.magnetButton': { levels: ['note'], who: 'electrician' },
  'powering.operatorMains': { levels: ['note'], who: 'electrician' },
  'powering.magnetNoAlarm': { levels: ['stop'], who: 'electrician' },
  'powering.magnetLatch': { levels: ['check'], who: 'electrician' },
  'powering.magnetHazard': { levels: ['stop'], who: 'electrician' },
  'powering.nothingToRelease': { levels: ['check'], who: 'electrician' },
  'powering.alarmUnknown': { levels: ['note'], who: 'electrician' },
  'powering.inrush': { levels: ['note'], who: 'electrician' },
  'powering.noWire': { levels: ['check'], who: 'electrician' },
  'powering.operatorLatch': { levels: ['check'], who: 'electrician' },
  'powering.noSwitch': { levels: ['check'], who: 'electrician' },
  'powering.delayed': { levels: ['note'], who: 'electrician' },
  'powering.delayedWhere': { levels: ['check'], who: 'electrician' },
  'powering.stair': { levels: ['check'], who: 'electrician' },
  'powering.reentryUnknown': { levels: ['check', 'note'], who: 'electrician' },
  'powering.delayedNoAlarm': { levels: ['stop'], who: 'electrician' },
  'powering.reentryAlarm': { levels: ['check'], who: 'electrician' },
  'powering.reentryLocked': { levels: ['check'], who: 'electrician' },
});

type Declared = typeof POWERING_RULES;
declare module '../model/registry.js' {
  interface Rules extends Declared {}
}
