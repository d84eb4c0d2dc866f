import { fixesOf, whoAnswers } from '../checking/index.js';
import { mm, inches } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { bareBasis, PRACTICES } from '../project/index.js';
import type { PracticeId } from '../practice/index.js';
import { DOOR } from '../testing/door.js';
import { decideOpening, evaluateFixes } from './index.js';

const tried = (
  code: string,
  given: Partial<OpeningFacts>,
  practice: PracticeId = 'us-commercial',
) => {
  const facts = { ...DOOR, ...given } as OpeningFacts;
  const { findings } = decideOpening(facts, PRACTICES[practice]);
  const finding = findings.find((one) => one.code === code);
  if (!finding) throw new Error(`${code} is not found`);
  return evaluateFixes(facts, bareBasis(PRACTICES[practice]), fixesOf(finding, facts)).map(
    (one) => ({
      way: one.way.term.split('.')[1],
      gone: one.gone.map((of) => of.code),
      come: one.come.map((of) => of.code),
    }),
  );
};

const chosen = (key: string, value: string | number) => ({ [key]: { value, reason: 'x' } });
const STAIR = {
  role: 'stair',
  lockUse: 'reader',
  access: 'reader',
  choices: chosen('securing.function', 'electric-fail-safe'),
} as const;
const KEPT = {
  role: 'stair',
  lockUse: undefined,
  secured: undefined,
  stairReentry: 'command',
} as const;
const STORE_EXIT = { role: 'final-exit', lockKind: 'rim-exit', lockUse: 'reader' } as const;

describe('a way out', () => {
  it.each<[string, Partial<OpeningFacts>, PracticeId?]>([
    [
      'closing.forceOutside',
      {
        closer: 'any',
        exterior: true,
        accessible: true,
        frameWidth: mm(926),
        frameHeight: mm(2040),
      },
      'british',
    ],
    [
      'closing.forceRated',
      { rating: 30, accessible: true, frameWidth: mm(926), frameHeight: mm(2040) },
      'british',
    ],
    ['closing.pressureNone', { closer: 'any', pressure: 300 }],
    [
      'closing.heldRated',
      {
        rating: 20,
        holdOpen: true,
        choices: { 'closing.holdOpen': { value: 'arm', reason: 'x' } },
      },
    ],
    ['checking.ratedNoCloser', { rating: 20, closer: 'none', role: 'stair' }],
    ['checking.knob', { accessible: true, handle: 'knob', closer: 'none' }],
    ['protecting.label', { rating: 20, kickPlate: inches(34) }],
    ['sealing.airUnder', { airUnder: true, sound: 30, leafSound: 35 }, 'continental'],
    ['sealing.soundFloor', { sound: 30, leafSound: 40, floorTexture: 'carpet' }, 'continental'],
    ['powering.noSwitch', { lockUse: 'reader', access: 'none' }],
    [
      'powering.noAlarm',
      { role: 'cross-corridor', rating: 20, holdOpen: true, alarmReleases: false },
    ],
    ['powering.stair', { role: 'stair', lockUse: 'reader', access: 'reader' }],
    ['powering.magnetNoAlarm', { electricLock: 'sensor-magnet', alarmReleases: false }],
    ['powering.magnetAlarm', { electricLock: 'hardware-magnet' }],
    ['powering.magnetHazard', { electricLock: 'sensor-magnet', occupancy: 'high-hazard' }],
    ['powering.magnetLatch', { electricLock: 'sensor-magnet', lockKind: 'none', rating: 45 }],
    [
      'powering.delayedNoAlarm',
      { ...STORE_EXIT, choices: chosen('securing.function', 'exit-delayed'), alarmReleases: false },
    ],
    ['powering.reentryUnknown', { ...STAIR }],
    ['powering.reentryAlarm', { ...STAIR, stairReentry: 'alarm' }],
    ['powering.reentryLocked', { ...STAIR, stairReentry: 'free' }],
    ['hanging.plainBearing', { rating: 20, choices: chosen('hanging.bearing', 'plain') }],
    ['hanging.fewHinges', { rating: 20, choices: chosen('hanging.count', 2) }],
    [
      'securing.traps',
      {
        lockKind: 'deadbolt',
        lockUse: 'store',
        choices: chosen('securing.function', 'deadbolt-double'),
      },
    ],
    [
      'finishing.outside',
      { exterior: true, finish: 'satin chrome', choices: chosen('hanging.metal', 'steel') },
    ],
    ['finishing.none', { finish: 'zinc', kickPlate: inches(10) }],
    ['powering.nothingToRelease', { lockUse: 'store', access: 'keypad' }],
    ['powering.operatorLatch', { lockUse: 'passage', operator: true }],
    ['powering.operatorLatch', { lockUse: 'passage', operator: true }, 'british'],
    [
      'powering.operatorLatch',
      { kind: 'pair', active: 'left', frameWidth: inches(72), lockUse: 'exit', operator: true },
    ],
    ['securing.stairSide', { ...KEPT, from: 'Corridor', to: 'Stair 2' }],
  ])('of %s: the first offered makes it go', (...[code, facts, practice]) => {
    expect(tried(code, facts, practice)[0]!.gone).toContain(code);
  });
  it('keyed from the stair is the same leaf, seen from there', () => {
    const facts = {
      ...DOOR,
      ...KEPT,
      from: 'Corridor',
      to: 'Stair 2',
      hingeSide: 'left',
      swing: 'out',
    } as OpeningFacts;
    const keyed = (room: string) => ({ code: 'securing.stairSide' as const, params: { room } });
    const [fromThere] = fixesOf(keyed('Stair 2'), facts);
    expect(fromThere!.patch).toEqual({ outside: 'to', hingeSide: 'right', swing: 'in' });
    // A stair by its use in the building, whatever it is called.
    const [other] = fixesOf(keyed('Core A'), {
      ...facts,
      from: 'Core A',
      to: 'Office',
      kind: 'pair',
      active: 'left',
    });
    expect(other!.patch).toMatchObject({ outside: 'from', active: 'right' });
  });
  it('of a latch that an operator pulls at is its own retraction or a strike, by its kind', () => {
    const drawn = (kind?: string) =>
      fixesOf(
        { code: 'powering.operatorLatch', ...(kind ? { params: { kind: { term: kind } } } : {}) },
        DOOR,
      ).map(({ term }) => term);
    for (const kind of ['rim-exit', 'mortise-exit', 'rods-surface', 'rods-concealed'])
      expect(drawn(`lockKind.${kind}`)).toEqual(['wayOut.retraction']);
    for (const kind of ['cylindrical', 'mortise', 'sash'])
      expect(drawn(`lockKind.${kind}`)).toEqual(['wayOut.strike']);
    expect(drawn()).toEqual(['wayOut.strike']);
  });
  it('says what comes with it', () => {
    const open = tried(
      'closing.forceRated',
      { rating: 30, accessible: true, frameWidth: mm(926), frameHeight: mm(2040) },
      'british',
    );
    expect(open.map(({ way }) => way)).toEqual(['operator', 'magnet']);
    expect(open[1]!.come).toEqual([]);
  });
  it('is none for what only somebody else can answer', () => {
    expect(fixesOf({ code: 'hanging.slabUnknown' }, DOOR)).toEqual([]);
  });
});

describe('who must answer', () => {
  it.each([
    ['hanging.slabUnknown', 'hanging', 'trade practice', 'structure'],
    ['checking.noBlocking', 'closing', 'trade practice', 'leafMaker'],
    ['closing.heldRated', 'closing', 'NFPA 101 7.2.1.8.2; EN 1155', 'authority'],
    ['powering.noAlarm', 'powering', 'NFPA 101', 'electrician'],
    ['sealing.dropShort', 'sealing', 'trade practice: drop seals', 'specifier'],
  ] as const)('%s: %s', (code, _stage, source, who) => {
    expect(whoAnswers({ code, source })).toBe(who);
  });
});
