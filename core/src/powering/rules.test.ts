import { asDeclared, chosen, tried, UNKNOWN, type TriedRule } from '../testing/triedRule.js';

const magnet = { electricLock: 'sensor-magnet', access: 'reader', alarmReleases: true } as const;
const stair = { role: 'stair', lockUse: 'reader', access: 'reader' } as const;
const safe = { ...stair, choices: chosen('securing.function', 'electric-fail-safe') };
const delayed = {
  role: 'final-exit',
  lockKind: 'rim-exit',
  lockUse: 'reader',
  alarmReleases: true,
  choices: chosen('securing.function', 'exit-delayed'),
} as const;

const RULES: Readonly<Record<string, TriedRule>> = {
  'powering.operatorLatch': {
    found: { operator: true, lockUse: 'passage' },
    not: { choices: chosen('securing.function', 'electric-strike') },
    unknown: { operator: UNKNOWN },
  },
  'powering.magnetAlarm': {
    found: { ...magnet, alarmReleases: UNKNOWN },
    not: { alarmReleases: true },
    unknown: { electricLock: UNKNOWN },
  },
  'powering.magnetNoAlarm': {
    found: { ...magnet, alarmReleases: false },
    not: { alarmReleases: true },
    unknown: { alarmReleases: UNKNOWN },
  },
  'powering.magnetButton': {
    found: magnet,
    not: { electricLock: 'hardware-magnet' },
    unknown: { electricLock: UNKNOWN },
  },
  'powering.magnetHazard': {
    found: { ...magnet, occupancy: 'high-hazard' },
    not: { occupancy: 'business' },
    unknown: { occupancy: UNKNOWN },
  },
  'powering.magnetLatch': {
    found: { ...magnet, lockKind: 'none', rating: 20, closer: 'any' },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
  },
  'powering.delayed': {
    found: { ...delayed, occupancy: 'business' },
    not: { choices: {} },
    // Who may be kept waiting is the more reason to say how long.
    unknown: { occupancy: UNKNOWN },
    unknownToo: true,
  },
  'powering.delayedNoAlarm': {
    found: { ...delayed, alarmReleases: false },
    not: { alarmReleases: true },
    unknown: { alarmReleases: UNKNOWN },
  },
  'powering.stair': {
    found: { ...stair, choices: chosen('securing.function', 'electric-fail-secure') },
    not: { choices: safe.choices },
    unknown: { role: undefined },
  },
  'powering.reentryUnknown': {
    level: 'check',
    found: safe,
    not: { stairReentry: 'command' },
    unknown: { role: undefined },
  },
  'powering.reentryAlarm': {
    found: { ...safe, stairReentry: 'alarm', alarmReleases: false },
    not: { alarmReleases: true },
    unknown: { stairReentry: UNKNOWN },
  },
  'powering.reentryLocked': {
    found: { ...safe, stairReentry: 'free' },
    not: { stairReentry: 'command' },
    unknown: { stairReentry: UNKNOWN },
  },
};

describe('a rule of powering', () => {
  it.each(Object.entries(RULES))(
    '%s is found where it is so, not where it just is not, and not of what is unknown',
    (code, rule) => expect(tried(code, rule)).toEqual(asDeclared(code, rule)),
  );
});
