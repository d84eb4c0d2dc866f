import fc from 'fast-check';
import { LOCK_SPECS, type LockSpec } from '../catalogue/index.js';
import { decideOpening, decisionOf } from '../deciding/index.js';
import { inches } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { batteryFor, currentsOf, leastWire, voltageDrop } from './current.js';
import { narrativeOf } from './narrative.js';
import {
  passingIn,
  unlockDelay,
  releaseStep,
  RESTING_RELEASE,
  type Release,
  type ReleaseEvent,
} from '../machines/index.js';
import { wiringOf } from './wiring.js';

const decide = (facts: Partial<OpeningFacts>, practice: PracticeId = 'us-commercial') =>
  decideOpening({ ...DOOR, ...facts }, PRACTICES[practice]);
const codes = (facts: Partial<OpeningFacts>) => decide(facts).findings.map(({ code }) => code);
const lock = (id: string) => LOCK_SPECS.find((one) => one.id === id)!;
const PLAIN: Release = { magnet: 'none', delay: 0, command: false, alarm: false };
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
    passingIn(lock(id), { ...PLAIN, alarm }, true).map(
      ({ state, enter, leave }) => `${state} ${enter} ${leave}`,
    );
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
      for (const one of passingIn(spec, { ...PLAIN, alarm: true }, true))
        expect([spec.id, one.state, one.leave]).toEqual([spec.id, one.state, 'anybody']);
  });
});

describe('what is let go beside the lock', () => {
  const rows = (release: Partial<Release>, spec?: LockSpec, letIn = true) =>
    passingIn(spec, { ...PLAIN, ...release }, letIn).map(
      ({ state, enter, leave, after, by }) =>
        `${state}: ${enter} in, ${leave} out after ${after} by ${by ?? 'nothing'}`,
    );
  it('a magnet with a sensor lets out by the sensor, and by the button where it sees nobody', () => {
    expect(rows({ magnet: 'sensor', alarm: true })).toEqual([
      'normal: released in, anybody out after 0 by approach',
      'sensor-blind: released in, anybody out after 0 by button',
      'alarm: anybody in, anybody out after 0 by nothing',
      'power-lost: anybody in, anybody out after 0 by nothing',
    ]);
    // With no alarm that reaches it, it is let go as on any day.
    expect(rows({ magnet: 'sensor' })[2]).toBe(
      'alarm: released in, anybody out after 0 by approach',
    );
    expect(rows({ magnet: 'sensor' }, undefined, false)[0]).toMatch(/^normal: nobody in, anybody/);
  });
  it('a magnet with a switch in the hardware lets out by the handle, in one motion', () => {
    expect(rows({ magnet: 'hardware', alarm: true })).toEqual([
      'normal: released in, anybody out after 0 by handle',
      'alarm: anybody in, anybody out after 0 by nothing',
      'power-lost: anybody in, anybody out after 0 by nothing',
    ]);
  });
  it('a device that waits lets out when it has, at once in an alarm and without power', () => {
    const delayed = LOCK_SPECS.find((one) => one.delayed)!;
    const told = rows({ delay: 15, alarm: true }, delayed);
    expect(told[0]).toMatch(/anybody out after 15 by wait$/);
    // With nothing that lets in from outside a key does.
    expect(rows({ delay: 15 }, delayed, false)[0]).toMatch(/^normal: key in/);
    expect(told[1]).toMatch(/^alarm: .*anybody out after 0 by nothing$/);
    expect(told[2]).toMatch(/^power-lost: .*anybody out after 0 by nothing$/);
    expect(rows({ delay: 15 }, delayed)[1]).toMatch(/^alarm: .*after 15 by wait$/);
  });
  it('a stair’s lock that fails safe is free on command, one that fails secure is not', () => {
    const on = (id: string) => rows({ command: true }, lock(id))[1];
    expect(on('electric-fail-safe')).toBe('command: anybody in, anybody out after 0 by nothing');
    expect(on('electric-fail-secure')).toBe('command: released in, anybody out after 0 by nothing');
  });
  it('nobody inside is kept in for good, whatever happened before', () => {
    const event = fc.constantFrom<ReleaseEvent>(
      'approach',
      'button',
      'handle',
      'wait',
      'card',
      'alarm',
      'command',
      'power-off',
      'blind',
    );
    const anyRelease = fc.record({
      magnet: fc.constantFrom('none', 'sensor', 'hardware'),
      delay: fc.constantFrom(0, 15, 30),
      command: fc.boolean(),
      alarm: fc.boolean(),
    }) as fc.Arbitrary<Release>;
    fc.assert(
      fc.property(anyRelease, fc.array(event, { maxLength: 8 }), (release, events) => {
        let state = RESTING_RELEASE;
        for (const one of events) {
          state = releaseStep(release, state, one);
          const out = unlockDelay(release, state);
          // Whatever happened, somebody inside gets out, and waits only at a device that waits.
          expect(out).toBeDefined();
          expect(out!.seconds === 0 || (release.delay > 0 && out!.by.includes('wait'))).toBe(true);
          if (!state.powered) expect(out).toEqual({ by: [], seconds: 0 });
        }
      }),
      { numRuns: 500 },
    );
  });

  const shut = { electricLock: 'sensor-magnet', lockKind: 'none', access: 'reader' } as const;
  it('is part of the set, of the currents and of what is told', () => {
    const decided = decide({ ...shut, alarmReleases: true });
    expect(decided.results.powering.loads).toEqual(['magnet', 'sensor', 'exit-button', 'reader']);
    const items = decided.items.filter(({ stage }) => stage === 'powering');
    expect(items.map(({ term, quantity }) => [term, quantity])).toEqual([
      ['item.power.reader', 1],
      ['item.power.magnet', 1],
      ['item.power.sensor', 1],
      ['item.power.exitButton', 1],
      ['item.power.supply', 1],
    ]);
    const pair = decide({ ...shut, kind: 'pair' }).items;
    expect(pair.find(({ term }) => term === 'item.power.magnet')?.quantity).toBe(2);
    const switched = decide({ electricLock: 'hardware-magnet', lockUse: 'passage' });
    expect(switched.results.powering.loads).toEqual(['magnet', 'exit-switch']);
    // Its switch is in the leaf: a wire crosses to it, of few conductors and no current.
    expect(switched.results.powering.path).toBe('hinge');
    expect(switched.items.map(({ term }) => term)).toEqual(
      expect.arrayContaining(['item.power.exitSwitch', 'item.power.hinge']),
    );
    expect(wiringOf(switched.results.powering, switched.practice)[1]).toMatchObject({
      at: 'leaf',
      through: 'hinge',
      conductors: 4,
      hold: 0,
    });
    const runs = wiringOf(decided.results.powering, decided.practice);
    expect(runs.map(({ load, at, conductors, hold }) => [load, at, conductors, hold])).toEqual([
      ['magnet', 'frame', 4, 0.5],
      ['sensor', 'frame', 4, 0.06],
      ['exit-button', 'wall', 4, 0],
      ['reader', 'wall', 6, 0.15],
    ]);
    expect(runs.every(({ count, through, wire }) => count === 1 && !through && !wire)).toBe(true);
    const lockRun = wiringOf(decide(reader).results.powering, decided.practice)[0]!;
    expect([lockRun.at, lockRun.through, lockRun.conductors]).toEqual(['leaf', 'hinge', 8]);
  });
  it('is told of where nothing lets it go, where it must not be, and where nothing latches', () => {
    expect(codes({ ...shut, alarmReleases: false })).toContain('powering.magnetNoAlarm');
    expect(codes(shut)).toContain('powering.magnetAlarm');
    const sure = codes({ ...shut, alarmReleases: true });
    expect(sure).not.toContain('powering.magnetAlarm');
    expect(sure).not.toContain('powering.magnetNoAlarm');
    expect(sure).toContain('powering.magnetButton');
    expect(codes({ ...shut, electricLock: 'hardware-magnet' })).not.toContain(
      'powering.magnetButton',
    );
    expect(codes({ ...shut, electricLock: 'none' })).not.toContain('powering.magnetAlarm');
    expect(sure).not.toContain('powering.nothingToRelease');
    expect(codes({ ...shut, occupancy: 'high-hazard' })).toContain('powering.magnetHazard');
    expect(codes({ ...shut, occupancy: 'business' })).not.toContain('powering.magnetHazard');
    expect(codes({ ...shut, rating: 45 })).toContain('powering.magnetLatch');
    expect(sure).not.toContain('powering.magnetLatch');
    expect(codes({ ...shut, lockKind: 'mortise', lockUse: 'passage', rating: 45 })).not.toContain(
      'powering.magnetLatch',
    );
  });
  it('back from a stair by what was recorded, told where it does not agree with its lock', () => {
    const stair = { role: 'stair', lockUse: 'reader', access: 'reader' } as const;
    const of = (id: string, facts: Partial<OpeningFacts> = {}) => ({
      ...stair,
      choices: { 'securing.function': { value: id, reason: 'x' } },
      ...facts,
    });
    const found = (id: string, facts: Partial<OpeningFacts> = {}) =>
      codes(of(id, facts)).filter((code) => /stair|reentry/.test(code));
    expect(found('electric-fail-secure')).toEqual(['powering.stair']);
    expect(found('electric-fail-safe')).toEqual(['powering.reentryUnknown']);
    expect(found('electric-fail-safe', { stairReentry: 'command' })).toEqual([]);
    expect(found('electric-fail-safe', { stairReentry: 'alarm' })).toEqual([
      'powering.reentryAlarm',
    ]);
    expect(found('electric-fail-safe', { stairReentry: 'alarm', alarmReleases: true })).toEqual([]);
    expect(found('electric-fail-safe', { stairReentry: 'free' })).toEqual([
      'powering.reentryLocked',
    ]);
    expect(found('electric-fail-safe', { role: 'server', stairReentry: 'free' })).toEqual([]);
    const states = (facts: Partial<OpeningFacts>) =>
      decide(of('electric-fail-safe', facts)).results.powering.passing.map(({ state }) => state);
    expect(states({ stairReentry: 'command' })).toContain('command');
    expect(states({ stairReentry: 'alarm' })).not.toContain('command');
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
  it('a pair of retractions fires in turn, each leaf with its wire', () => {
    const pair = {
      kind: 'pair',
      active: 'left',
      swing: 'out',
      role: 'entrance',
      frameWidth: inches(72),
      lockUse: 'reader',
      lockKind: 'rods-surface',
      access: 'reader',
      occupants: 300,
      occupancy: 'assembly',
    } as const;
    const { results, items } = decide(pair);
    expect(results.securing.spec?.id).toBe('exit-retraction');
    expect(results.securing.secondSpec?.id).toBe('exit-retraction');
    expect(results.powering.loads).toEqual(['retraction', 'retraction', 'reader']);
    // One fires at 16 A while the other holds at 1 A, beside the reader.
    expect(results.powering.currents).toMatchObject({ hold: 2.15, inrush: 17.15 });
    const way = items.find(({ term }) => /power.(transfer|loop|hinge)/.test(term ?? ''));
    expect(way?.quantity).toBe(2);
  });
  it('a final exit keeps its bar, whoever is let in by it', () => {
    const exit = {
      role: 'final-exit',
      access: 'reader',
      lockUse: undefined,
      swing: 'out',
    } as const;
    expect(decide(exit).results.securing).toMatchObject({
      kind: 'rim-exit',
      spec: { id: 'exit-retraction' },
    });
  });
  it('lets in at an entrance what lets in elsewhere, and orders the strike that does', () => {
    const entrance = { role: 'entrance', secured: undefined, lockUse: undefined } as const;
    const narrow = {
      ...entrance,
      leafConstruction: 'aluminium-narrow',
      frameMaterial: 'aluminium',
      access: 'intercom',
    } as const;
    const items = (facts: Partial<OpeningFacts>) =>
      decide(facts).items.flatMap(({ term, quantity }) =>
        term?.startsWith('item.power.') ? [`${quantity} ${term.slice(11)}`] : [],
      );
    expect(decide(narrow).results.securing.spec?.id).toBe('electric-strike');
    expect(items(narrow)).toEqual(['1 intercom', '1 strike', '1 supply']);
    // What a magnet shuts has nothing else to let go.
    const shut = { ...narrow, electricLock: 'sensor-magnet' } as const;
    expect(decide(shut).results.securing.spec?.power ?? 'none').toBe('none');
    expect(items(shut)).not.toContain('1 strike');
  });
  it('a lock on its own battery has no wire and no supply, and is released by what is in it', () => {
    const guest = { role: 'guest-room', secured: undefined, lockUse: undefined } as const;
    const decided = decide(guest);
    const { loads, path, wire, passing, access } = decided.results.powering;
    expect(decided.results.securing.spec?.id).toBe('guest-card');
    expect([loads, path, wire, access]).toEqual([[], undefined, undefined, 'reader']);
    expect(decisionOf(decided, 'powering.electric')?.value).toMatchObject({
      term: 'electric.battery',
    });
    expect(passing.map(({ state, enter, leave }) => `${state} ${enter} ${leave}`)).toEqual([
      'normal released anybody',
      'alarm released anybody',
      'power-lost key anybody',
    ]);
    expect(decided.items.filter(({ stage }) => stage === 'powering')).toEqual([]);
    expect(decided.items.map(({ term }) => term)).toContain('item.trim.reader');
    expect(codes(guest).filter((code) => code.startsWith('powering.'))).toEqual([]);
    expect(
      narrativeOf(decided.facts, decided.results, PRACTICES['us-commercial']).map(
        ({ code }) => code.split('.')[2],
      ),
    ).toEqual(['locked', 'enter', 'leave', 'lostBattery', 'alarmStays']);
    // An intercom beside it stands on the wall, and draws from somewhere.
    const spoken = decide({ ...guest, access: 'intercom' });
    expect(spoken.results.powering.loads).toEqual(['intercom']);
    const offered = { 'securing.function': { value: 'battery-reader', reason: 'no wires' } };
    expect(decide({ ...reader, choices: offered }).results.powering.loads).toEqual([]);
  });
  it('a stair that is kept fails safe, on a lock or on the trim of a device', () => {
    const stair = {
      role: 'stair',
      stairReentry: 'command',
      secured: undefined,
      lockUse: undefined,
    } as const;
    const on = (facts: Partial<OpeningFacts>) => {
      const { kind, spec } = decide({ ...stair, ...facts }).results.securing;
      return [kind, spec?.id];
    };
    expect(on({})).toEqual(['mortise', 'electric-fail-safe']);
    expect(on({ lockKind: 'rim-exit' })).toEqual(['rim-exit', 'exit-trim-fail-safe']);
    expect(decide({ ...stair, lockKind: 'rim-exit' }).results.powering.loads).toEqual([
      'exit-trim',
    ]);
    expect(on({ stairReentry: 'free' })).toEqual(['mortise', 'mortise-passage']);
  });
  it('an operator opens by its button what nothing locks, not what a dead bolt holds', () => {
    const told = (facts: Partial<OpeningFacts>) =>
      codes({ operator: true, lockUse: 'shop', ...facts }).includes('powering.nothingToRelease');
    expect(told({ access: 'intercom', lockKind: 'narrow-stile' })).toBe(true);
    expect(told({ access: 'button', lockKind: 'narrow-stile' })).toBe(false);
    expect(told({ access: 'intercom', lockUse: 'push-pull', lockKind: 'none' })).toBe(false);
    expect(told({ access: 'intercom', lockKind: 'narrow-stile', operator: false })).toBe(true);
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
      const told = narrativeOf(recorded, results, PRACTICES['us-commercial']);
      return told.map(({ code }) => code.split('.')[2]);
    };
    expect(told({ electricLock: 'sensor-magnet', lockKind: 'none', access: 'reader' })).toEqual([
      'magnet',
      'enterMagnet',
      'leaveSensor',
      'lostMagnet',
      'alarmMagnetStays',
    ]);
    expect(
      told({ electricLock: 'hardware-magnet', lockKind: 'none', alarmReleases: true }),
    ).toEqual(['magnet', 'enterNobody', 'leaveHardware', 'lostMagnet', 'alarmMagnet']);
    const delayed = { 'securing.function': { value: 'exit-delayed', reason: 'x' } };
    const rim = { ...reader, role: 'final-exit', lockKind: 'rim-exit', choices: delayed } as const;
    const waits = ['locked', 'enter', 'delayed', 'delayedLost'];
    expect(told({ ...rim, alarmReleases: true })).toEqual([...waits, 'delayedAlarm']);
    expect(told(rim)).toEqual([...waits, 'delayedStays']);
    expect(codes({ ...rim, access: 'none' })).not.toContain('powering.noSwitch');
    const safeStair = {
      ...reader,
      role: 'stair',
      stairReentry: 'command',
      choices: { 'securing.function': { value: 'electric-fail-safe', reason: 'x' } },
    } as const;
    expect(told(safeStair)).toContain('command');
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
