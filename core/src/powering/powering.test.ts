import fc from 'fast-check';
import { LOCK_SPECS } from '../catalogue/index.js';
import { decideOpening, decisionOf } from '../deciding/index.js';
import { inches } from '../measure/index.js';
import type { OpeningFacts } from '../opening/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { batteryFor, currentsOf, leastWire, voltageDrop } from './current.js';
import { narrativeOf } from './narrative.js';
import { passingIn } from './passing.js';

const decide = (facts: Partial<OpeningFacts>, practice: PracticeId = 'us-commercial') =>
  decideOpening({ ...DOOR, ...facts }, PRACTICES[practice]);
const codes = (facts: Partial<OpeningFacts>) => decide(facts).findings.map(({ code }) => code);
const lock = (id: string) => LOCK_SPECS.find((one) => one.id === id)!;
const reader = { lockUse: 'reader', role: 'server', access: 'reader', closer: 'any' } as const;

describe('currents and wires', () => {
  it('worked by hand: a lock and a reader 40 m away at 24 V', () => {
    const { hold, inrush, supply } = currentsOf(
      [
        { hold: 0.35, inrush: 0.6 },
        { hold: 0.15, inrush: 0.15 },
      ],
      1.25,
    );
    expect([hold, inrush, supply]).toEqual([0.5, 0.75, 0.9375]);
    // Half an ampere for four hours, four fifths of it usable.
    expect(batteryFor(hold, 4, 0.8)).toBe(2.5);
    // 2 × 40 m × 0.75 A × 33.3 Ω/km.
    expect(voltageDrop(40, 0.75, 33.3)).toBeCloseTo(1.998, 9);
  });
  it('takes the thinnest wire that loses no more, and none where none does', () => {
    const wires = [{ ohmsPerKm: 36 }, { ohmsPerKm: 18 }, { ohmsPerKm: 9 }];
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 500 }),
        fc.double({ min: 0.01, max: 5, noNaN: true }),
        (metres, amperes) => {
          const found = leastWire(wires, metres, amperes, 2.4);
          const drops = wires.map(({ ohmsPerKm }) => voltageDrop(metres, amperes, ohmsPerKm));
          const at = drops.findIndex((drop) => drop <= 2.4);
          expect(found?.wire).toBe(at < 0 ? undefined : wires[at]);
          if (found) expect(found.drop).toBe(drops[at]);
        },
      ),
    );
    expect(leastWire([{ ohmsPerKm: 10 }], 120, 1, 2.4)?.drop).toBe(2.4);
  });
  it('are decided by what the opening has, and asked for where the run is not known', () => {
    const { currents, wire, loads } = decide({ ...reader, cableRun: 40 }).results.powering;
    expect(loads).toEqual(['lock', 'reader']);
    expect([currents?.supply, wire?.name]).toEqual([0.9375, 'AWG 20']);
    expect(decisionOf(decide(reader), 'powering.wire')?.status).toBe('open');
    const held = { role: 'cross-corridor', holdOpen: true, rating: 20 } as const;
    expect(decisionOf(decide(held), 'powering.wire')).toBeUndefined();
    expect(codes({ ...reader, cableRun: 2000 })).toContain('powering.noWire');
  });
});

describe('who passes an electrified lock', () => {
  const of = (id: string, alarm: boolean) =>
    passingIn(lock(id), alarm).map(({ state, enter, leave }) => `${state} ${enter} ${leave}`);
  it('fail secure: let in, in an alarm too, by key without power; out always', () => {
    expect(of('electric-fail-secure', true)).toEqual([
      'normal released anybody',
      'alarm released anybody',
      'power-lost key anybody',
    ]);
  });
  it('fail safe: free without power, and in an alarm that reaches it', () => {
    expect(of('electric-fail-safe', true)).toEqual([
      'normal released anybody',
      'alarm anybody anybody',
      'power-lost anybody anybody',
    ]);
    expect(of('electric-fail-safe', false)[1]).toBe('alarm released anybody');
  });
  it('nobody is ever held inside by any that ships', () => {
    for (const spec of LOCK_SPECS.filter(({ power, delayed }) => power !== 'none' && !delayed))
      for (const one of passingIn(spec, true))
        expect([spec.id, one.state, one.leave]).toEqual([spec.id, one.state, 'anybody']);
  });
});

describe('the chain', () => {
  it('tells a lock without a switch, a switch without a lock, a holder without its alarm', () => {
    expect(codes({ ...reader, access: 'none' })).toContain('powering.noSwitch');
    expect(codes(reader)).not.toContain('powering.noSwitch');
    expect(codes({ lockUse: 'store', access: 'keypad' })).toContain('powering.nothingToRelease');
    const held = { role: 'cross-corridor', rating: 20, holdOpen: true } as const;
    expect(codes({ ...held, alarmReleases: false })).toContain('powering.noAlarm');
    expect(codes(held)).toContain('powering.alarmUnknown');
    expect(
      codes({ ...held, alarmReleases: true }).filter((code) => code.startsWith('powering')),
    ).toEqual([]);
  });
  it('asks for re-entry from a stair locked without power', () => {
    const stair = { role: 'stair', lockUse: 'reader', access: 'reader' } as const;
    expect(codes(stair)).toContain('powering.stair');
    const safe = { 'securing.function': { value: 'electric-fail-safe', reason: 're-entry' } };
    expect(codes({ ...stair, choices: safe })).not.toContain('powering.stair');
  });
  it('takes the wire through the hinges that pass it, a transfer at pivots and for latch retraction', () => {
    const path = (facts: Partial<OpeningFacts>) => decide(facts).results.powering.path;
    expect(path(reader)).toBe('hinge');
    expect(
      path({ ...reader, choices: { 'hanging.device': { value: 'offset-pivot', reason: 'x' } } }),
    ).toBe('transfer');
    const strike = { 'securing.function': { value: 'electric-strike', reason: 'in the frame' } };
    expect(path({ ...reader, choices: strike })).toBe('frame');
    const pair = {
      kind: 'pair',
      active: 'left',
      frameWidth: inches(72),
      lockKind: 'rods-concealed',
    } as const;
    const retraction = { 'securing.function': { value: 'exit-retraction', reason: 'x' } };
    const drawn = decide({ ...pair, lockUse: 'reader', access: 'reader', choices: retraction });
    expect(drawn.results.powering.path).toBe('transfer');
    expect(drawn.results.powering.loads).toEqual(['retraction', 'retraction', 'reader']);
  });
  it('puts into the set what releases, feeds and watches it, the hinge once', () => {
    const items = (facts: Partial<OpeningFacts>) =>
      decide(facts)
        .items.filter(({ stage }) => stage === 'powering')
        .map(({ term }) => term);
    expect(items(reader)).toEqual([
      'item.power.reader',
      'item.power.hinge',
      'item.power.contact',
      'item.power.supply',
    ]);
    expect(items({ ...reader, wireToLeaf: true })).not.toContain('item.power.hinge');
    expect(items({ ...reader, monitored: false })).not.toContain('item.power.contact');
    expect(items({ lockUse: 'store' })).toEqual([]);
  });
  it('is told in sentences: enter, leave, without power, in an alarm', () => {
    const told = (facts: Partial<OpeningFacts>) => {
      const { facts: recorded, results } = decide(facts);
      return narrativeOf(recorded, results).map(({ code }) => code.split('.')[2]);
    };
    expect(told(reader)).toEqual(['locked', 'enter', 'leave', 'lostSecure', 'alarmStays']);
    const safe = { 'securing.function': { value: 'electric-fail-safe', reason: 'x' } };
    expect(told({ ...reader, choices: safe, alarmReleases: true })).toEqual([
      'locked',
      'enter',
      'leave',
      'lostSafe',
      'alarmReleases',
    ]);
    expect(told({ role: 'cross-corridor', rating: 20, holdOpen: true })).toEqual([
      'held',
      'alarmHeld',
    ]);
    expect(told({ lockUse: 'store' })).toEqual([]);
  });
});
