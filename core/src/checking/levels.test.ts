import { inches, mm } from '../measure/index.js';
import { decideOpening } from '../deciding/index.js';
import type { Level, OpeningFacts } from '../model/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { RULES } from './allRules.js';

type Facts = Partial<OpeningFacts>;
const CROWD = { egress: true, occupants: 300, occupancy: 'assembly' } as const;

/** Rules that may be of several levels, each in the opening that makes it of the other one. */
const ROWS: readonly [code: string, level: Level, facts: Facts, practice: PracticeId][] = [
  ['checking.knob', 'check', { accessible: true, handle: 'knob' }, 'british'],
  [
    'securing.thinLeaf',
    'stop',
    { lockKind: 'sash', secured: false, leafThickness: mm(28) },
    'british',
  ],
  [
    'securing.panicMissing',
    'check',
    { ...CROWD, occupancy: undefined, lockKind: 'mortise', lockUse: 'passage' },
    'us-commercial',
  ],
  [
    'law.shutOut',
    'note',
    { from: 'Yard', to: 'Office', exterior: true, lockUse: 'store' },
    'british',
  ],
  [
    'law.stairLocked',
    'note',
    { from: 'Stair', to: 'Corridor', lockUse: 'store', role: 'store', outside: 'from' },
    'british',
  ],
  [
    'law.swingHazard',
    'check',
    {
      from: 'Lab',
      to: 'Stair',
      egress: true,
      occupancy: 'high-hazard',
      swing: 'out',
      outside: 'from',
    },
    'us-commercial',
  ],
  [
    'law.toiletIn',
    'stop',
    { from: 'Flur', to: 'WC', accessible: true, swing: 'in' },
    'continental',
  ],
  ['law.toiletIn', 'check', { from: 'Flur', to: 'Behinderten-WC', swing: 'in' }, 'continental'],
  ['law.faultIn', 'check', { from: 'Corridor', to: 'Boiler room', swing: 'in' }, 'us-commercial'],
  [
    'law.faultIn',
    'check',
    { from: 'Corridor', to: 'Switchgear', swing: 'in', amperes: 799 },
    'us-commercial',
  ],
  [
    'law.faultIn',
    'stop',
    { from: 'Corridor', to: 'Switchgear', swing: 'in', amperes: 800 },
    'us-commercial',
  ],
  ['law.notRated', 'note', { from: 'Corridor', to: 'Boiler room', rating: 0 }, 'us-commercial'],
  ['law.garageSleeping', 'check', { from: 'Garage', to: 'Bedroom' }, 'british'],
  [
    'securing.noBottomRod',
    'note',
    {
      ...CROWD,
      kind: 'pair',
      active: 'left',
      frameWidth: inches(72),
      plainFloor: true,
      lockKind: 'rods-surface',
      lockUse: 'exit',
    },
    'us-commercial',
  ],
  [
    'powering.reentryUnknown',
    'note',
    {
      role: 'stair',
      secured: true,
      lockKind: 'mortise',
      electricLock: 'none',
      lockUse: 'stair-locked',
    },
    'british',
  ],
  [
    'hanging.fewHinges',
    'stop',
    {
      leafHeight: inches(84),
      leafWidth: inches(48),
      rating: 90,
      closer: 'any',
      choices: { 'hanging.count': { value: 2, reason: 'x' } },
    },
    'us-commercial',
  ],
  [
    'hanging.plainBearing',
    'check',
    { closer: 'any', choices: { 'hanging.bearing': { value: 'plain', reason: 'x' } } },
    'us-commercial',
  ],
];

it.each(ROWS)('%s is a %s there', (code, level, facts, practice) => {
  const found = decideOpening({ ...DOOR, ...facts } as OpeningFacts, PRACTICES[practice]).findings;
  expect(found.filter((one) => one.code === code).map((one) => one.level)).toEqual([level]);
});

it('speaks of rules that may be of several levels', () => {
  for (const [code, level] of ROWS) expect(RULES[code]?.levels).toContain(level);
});
