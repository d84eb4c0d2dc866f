import { inches } from '../measure/index.js';
import { asDeclared, chosen, tried, UNKNOWN, type TriedRule } from '../testing/triedRule.js';

const topJamb = {
  closer: 'any',
  swing: 'out',
  choices: chosen('closing.device', 'top-jamb'),
} as const;

const RULES: Readonly<Record<string, TriedRule>> = {
  'closing.forceRated': {
    level: 'check',
    found: { rating: 30, accessible: true, closer: 'any' },
    not: { rating: 0, closer: 'none' },
    unknown: { accessible: UNKNOWN },
    practice: 'british',
  },
  'closing.forceOutside': {
    found: { exterior: true, accessible: true, closer: 'any' },
    not: { accessible: false },
    unknown: { accessible: UNKNOWN },
    practice: 'british',
  },
  'closing.forceNone': {
    found: { accessible: true, closer: 'any', smoke: true, choices: chosen('closing.size', 5) },
    not: { choices: chosen('closing.size', 1), smoke: false },
    unknown: { accessible: UNKNOWN },
    practice: 'british',
  },
  // The arm at the head gives 128°.
  'closing.armShort': {
    found: { ...topJamb, openTo: 129 },
    not: { openTo: 128 },
    unknown: { openTo: UNKNOWN },
  },
  'closing.armStop': {
    found: { closer: 'any', choices: chosen('closing.stop', 'overhead') },
    not: { swing: 'out' },
    unknown: { swing: UNKNOWN },
  },
  // 16 N over 35 3/4 in are 14.5 N·m; what opens with 22 N has 9.
  'closing.poolOpen': {
    found: { role: 'gate', from: 'Garden', to: 'Pool', closer: 'none' },
    not: { closer: 'any' },
    unknown: { closer: UNKNOWN },
  },
  'closing.keptLocked': {
    found: { role: 'riser', rating: 30 },
    not: { closer: 'any' },
    unknown: { rating: UNKNOWN },
    practice: 'british',
  },
  'closing.latches': {
    level: 'check',
    found: {
      closer: 'any',
      accessible: true,
      lockUse: 'passage',
      lockKind: 'mortise',
      stopSeal: 'seal',
    },
    not: { stopSeal: 'silencer' },
    unknown: { stopSeal: UNKNOWN },
  },
  // 42 N m at 50 Pa on 1.92 m² against what is there, and 26 N m of the closer.
  'closing.pressure': {
    found: { closer: 'any', pressure: 35 },
    not: { pressure: 25 },
    unknown: { pressure: UNKNOWN },
  },
  'closing.pressureNone': {
    found: { closer: 'any', pressure: 300 },
    not: { pressure: 60 },
    unknown: { pressure: UNKNOWN },
  },
  // 2 1/2 in of body.
  'closing.rail': {
    found: {
      closer: 'any',
      leafConstruction: 'timber-panelled-hardwood',
      topRail: inches(2.4375),
    },
    not: { topRail: inches(2.5) },
    unknown: { topRail: UNKNOWN },
  },
  'closing.beyond': {
    found: { closer: 'any', frameWidth: inches(64) },
    not: { frameWidth: inches(48) },
    unknown: { frameWidth: UNKNOWN },
    practice: 'british',
  },
};

describe('a rule of closing', () => {
  it.each(Object.entries(RULES))(
    '%s is found where it is so, not where it just is not, and not of what is unknown',
    (code, rule) => expect(tried(code, rule)).toEqual(asDeclared(code, rule)),
  );
});
