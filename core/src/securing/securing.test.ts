import fc from 'fast-check';
import { LOCK_SPECS, readLockSpec, type LockSpec } from '../catalogue/index.js';
import { decideOpening } from '../deciding/index.js';
import { inches } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import { TERMS } from '../phrasing/index.js';
import {
  actionsOf,
  exploreLock,
  LOCK_ACTIONS,
  lockStep,
  restingState,
  stateKey,
} from '../machines/index.js';
import {
  acceptanceTest,
  findLocks,
  LOCK_WISHES,
  propertiesOf,
  testSheet,
  type LockProperties,
} from './index.js';

const of = (id: string) => LOCK_SPECS.find((one) => one.id === id)!;
const yes = (spec: LockSpec) =>
  Object.entries(propertiesOf(spec))
    .filter(([, value]) => value)
    .map(([name]) => name as keyof LockProperties);

/** What the trade says of each, against which what is derived is held. */
const SAID: Record<string, { is: (keyof LockProperties)[]; not: (keyof LockProperties)[] }> = {
  passage: { is: ['canStayOpen', 'freeOut'], not: ['canBeLocked', 'canTrap'] },
  privacy: {
    is: ['locksFromInside', 'emergencyEnters', 'freeOut'],
    not: ['keyAlwaysEnters', 'canLockOut', 'locksFromOutside', 'canTrap'],
  },
  office: {
    is: ['locksFromInside', 'keyAlwaysEnters', 'freeOut', 'canLockOut'],
    not: ['locksItself', 'canTrap'],
  },
  entrance: {
    is: ['locksFromInside', 'locksFromOutside', 'freeOut', 'keyAlwaysEnters'],
    not: ['canTrap', 'twoMotions'],
  },
  classroom: {
    is: ['locksFromOutside', 'freeOut'],
    not: ['locksFromInside', 'locksFromInsideByKey', 'locksItself'],
  },
  'classroom-inside': {
    is: ['locksFromInsideByKey', 'freeOut'],
    not: ['locksFromInside', 'canTrap'],
  },
  storeroom: {
    is: ['locksItself', 'keyAlwaysEnters', 'freeOut', 'canLockOut'],
    not: ['canStayOpen', 'canTrap'],
  },
  'guest-card': {
    is: ['locksItself', 'freeOut', 'emergencyEnters', 'powerMatters'],
    not: ['canStayOpen', 'canTrap', 'twoMotions'],
  },
  'battery-reader': {
    is: ['powerMatters', 'freeOut', 'keyAlwaysEnters', 'locksItself'],
    not: ['canStayOpen', 'canTrap'],
  },
  'exit-trim-fail-safe': {
    is: ['powerMatters', 'freeOut', 'keyAlwaysEnters', 'canStayOpen'],
    not: ['canTrap'],
  },
  'exit-trim-fail-secure': {
    is: ['powerMatters', 'freeOut', 'keyAlwaysEnters', 'locksItself'],
    not: ['canStayOpen', 'canTrap'],
  },
  // Button or outside key locks it; inside lever and closing free it.
  corridor: {
    is: ['canStayOpen', 'freeOut', 'locksFromInside', 'locksFromOutside', 'keyAlwaysEnters'],
    not: ['canTrap', 'locksItself', 'canLockOut', 'twoMotions'],
  },
  'corridor-bolting': {
    is: ['locksItself', 'freeOut', 'locksFromInside'],
    not: ['canTrap', 'canStayOpen'],
  },
  'privacy-bolt': {
    is: ['locksFromInside', 'emergencyEnters', 'freeOut', 'latches'],
    not: ['keyAlwaysEnters', 'canLockOut', 'locksFromOutside', 'canTrap', 'twoMotions'],
  },
  'privacy-latch': {
    is: ['locksFromInside', 'emergencyEnters', 'freeOut', 'latches'],
    not: ['keyAlwaysEnters', 'canLockOut', 'locksFromOutside', 'canTrap'],
  },
  // The handle draws the latch only: out is the turn, then the handle.
  'privacy-bathroom': {
    is: ['locksFromInside', 'emergencyEnters', 'twoMotions'],
    not: ['keyAlwaysEnters', 'canLockOut', 'freeOut', 'canTrap'],
  },
  'office-key': {
    is: ['locksFromInside', 'keyAlwaysEnters', 'freeOut', 'canStayOpen'],
    not: ['locksItself', 'canLockOut', 'canTrap'],
  },
  'office-push-turn': {
    is: ['locksFromInside', 'keyAlwaysEnters', 'freeOut', 'canStayOpen', 'canLockOut'],
    not: ['locksItself', 'canTrap'],
  },
  'classroom-hold-back': {
    is: ['locksFromOutside', 'freeOut', 'canBeHeldBack'],
    not: ['locksFromInside', 'locksItself', 'canTrap'],
  },
  apartment: {
    is: ['locksItself', 'keyAlwaysEnters', 'freeOut', 'canLockOut'],
    not: ['canStayOpen', 'canTrap', 'twoMotions'],
  },
  guest: {
    is: ['locksItself', 'freeOut', 'emergencyEnters', 'canLockOut'],
    // The bolt keeps the guest’s and every other usual key out.
    not: ['keyAlwaysEnters', 'canStayOpen', 'canTrap', 'twoMotions'],
  },
  'staff-toilet': {
    is: ['locksItself', 'freeOut', 'emergencyEnters'],
    not: ['keyAlwaysEnters', 'canStayOpen', 'canTrap', 'twoMotions'],
  },
  intruder: {
    is: ['locksFromInsideByKey', 'locksFromOutside', 'freeOut', 'keyAlwaysEnters'],
    not: ['locksFromInside', 'canTrap', 'twoMotions'],
  },
  vestibule: {
    is: ['locksFromInsideByKey', 'freeOut', 'keyAlwaysEnters', 'canStayOpen'],
    not: ['locksFromInside', 'locksFromOutside', 'canTrap'],
  },
  'service-station': {
    is: ['locksFromInside', 'keyAlwaysEnters', 'freeOut', 'canStayOpen'],
    not: ['locksItself', 'canLockOut', 'canTrap'],
  },
  patio: {
    is: ['locksFromInside', 'freeOut', 'canStayOpen'],
    not: ['keyAlwaysEnters', 'canLockOut', 'emergencyEnters', 'canTrap'],
  },
  // Each room locks the other out, and so can lock somebody in who has no other way.
  communicating: { is: ['locksFromInside', 'canTrap'], not: ['freeOut', 'keyAlwaysEnters'] },
  'communicating-half': {
    is: ['locksItself', 'freeOut'],
    not: ['keyAlwaysEnters', 'canStayOpen', 'canTrap', 'twoMotions'],
  },
  'sash-turn': {
    is: ['locksFromInside', 'locksFromOutside', 'twoMotions', 'canStayOpen'],
    not: ['freeOut', 'canTrap', 'locksItself'],
  },
  'sash-escape': {
    is: ['locksFromInside', 'locksFromOutside', 'freeOut', 'canStayOpen'],
    not: ['canTrap', 'twoMotions', 'locksItself'],
  },
  changeover: {
    is: ['locksItself', 'keyAlwaysEnters', 'twoMotions', 'canLockOut'],
    not: ['canStayOpen', 'canTrap', 'freeOut'],
  },
  'panic-changeover': {
    is: ['locksItself', 'keyAlwaysEnters', 'freeOut', 'canLockOut'],
    not: ['canStayOpen', 'canTrap', 'twoMotions'],
  },
  'panic-split': {
    is: ['freeOut', 'locksFromOutside', 'canStayOpen', 'keyAlwaysEnters'],
    not: ['canTrap', 'twoMotions', 'locksFromInside'],
  },
  // Once somebody escaped the handle outside opens it too.
  'panic-passage': {
    is: ['freeOut', 'locksFromOutside', 'canStayOpen', 'keyAlwaysEnters'],
    not: ['canTrap', 'twoMotions', 'locksFromInside', 'locksItself'],
  },
  'sliding-privacy': {
    is: ['freeOut', 'locksFromInside', 'emergencyEnters'],
    not: ['canTrap', 'keyAlwaysEnters', 'locksItself', 'latches'],
  },
  'gate-latch': {
    is: ['locksItself', 'keyAlwaysEnters', 'freeOut'],
    not: ['canStayOpen', 'canTrap'],
  },
  'cold-room': {
    is: ['locksFromOutside', 'freeOut', 'canStayOpen'],
    not: ['canTrap', 'twoMotions', 'locksFromInside'],
  },
  'exit-classroom-inside': {
    is: ['freeOut', 'canStayOpen', 'locksFromInsideByKey'],
    not: ['canTrap', 'locksFromInside'],
  },
  'exit-delayed': { is: ['freeOut', 'keyAlwaysEnters'], not: ['canTrap', 'locksFromInside'] },
  'exit-retraction': {
    is: ['freeOut', 'locksItself', 'keyAlwaysEnters', 'powerMatters', 'canBeHeldBack'],
    not: ['canTrap', 'canStayOpen'],
  },
  'electric-strike': {
    is: ['freeOut', 'locksItself', 'keyAlwaysEnters', 'powerMatters'],
    not: ['canTrap', 'canStayOpen'],
  },
  'dummy-half': { is: ['canStayOpen', 'freeOut'], not: ['canBeLocked', 'canTrap', 'latches'] },
  dormitory: {
    is: ['locksFromInside', 'freeOut'],
    not: ['locksItself', 'canLockOut', 'twoMotions'],
  },
  store: { is: ['canTrap'], not: ['freeOut'] },
  institution: { is: ['canTrap', 'keyAlwaysEnters'], not: ['freeOut', 'canStayOpen'] },
  'deadbolt-single': { is: ['freeOut', 'locksFromInside'], not: ['canTrap', 'locksItself'] },
  'deadbolt-battery': {
    is: ['freeOut', 'locksFromInside', 'keyAlwaysEnters'],
    not: ['canTrap', 'locksItself', 'powerMatters'],
  },
  'deadbolt-double': { is: ['canTrap', 'locksFromInsideByKey'], not: ['freeOut'] },
  'deadbolt-classroom': {
    is: ['freeOut', 'locksFromOutside'],
    not: ['locksFromInside', 'canTrap'],
  },
  'sash-lock': { is: ['canTrap'], not: ['locksItself'] },
  'rim-night-latch': {
    is: ['locksItself', 'canBeSlipped', 'freeOut', 'canLockOut'],
    not: ['canTrap'],
  },
  'exit-only': { is: ['freeOut', 'locksItself'], not: ['keyAlwaysEnters', 'canStayOpen'] },
  'exit-night-latch': { is: ['freeOut', 'keyAlwaysEnters', 'locksItself'], not: ['canStayOpen'] },
  'exit-classroom': { is: ['freeOut', 'canStayOpen', 'canBeLocked'], not: ['canTrap'] },
  'push-pull': { is: ['canStayOpen', 'freeOut'], not: ['canBeLocked'] },
  'electric-fail-secure': {
    is: ['powerMatters', 'freeOut', 'keyAlwaysEnters'],
    not: ['canStayOpen', 'canTrap'],
  },
  'electric-fail-safe': { is: ['powerMatters', 'freeOut', 'canStayOpen'], not: ['canTrap'] },
  'mortise-passage': { is: ['canStayOpen', 'freeOut'], not: ['canBeLocked', 'canTrap'] },
  'mortise-office': {
    is: ['locksFromInside', 'keyAlwaysEnters', 'freeOut'],
    not: ['locksItself', 'locksFromOutside', 'canTrap', 'twoMotions'],
  },
  'mortise-classroom': {
    is: ['locksFromOutside', 'keyAlwaysEnters', 'freeOut'],
    not: ['locksFromInside', 'locksFromInsideByKey', 'locksItself', 'canTrap'],
  },
  'mortise-storeroom': {
    is: ['locksItself', 'keyAlwaysEnters', 'freeOut', 'canLockOut'],
    not: ['canStayOpen', 'canTrap', 'canBeSlipped'],
  },
  utility: { is: ['locksItself', 'keyAlwaysEnters', 'freeOut'], not: ['canStayOpen', 'canTrap'] },
  'rim-deadlock': { is: ['canTrap', 'locksFromInsideByKey'], not: ['freeOut', 'locksItself'] },
  'sliding-hook': { is: ['freeOut', 'locksFromInside'], not: ['canTrap', 'locksItself'] },
  'exit-passage': { is: ['canStayOpen', 'freeOut'], not: ['canBeLocked', 'canTrap'] },
  dummy: { is: ['canStayOpen', 'freeOut'], not: ['canBeLocked', 'canTrap', 'keyAlwaysEnters'] },
};

describe('lock functions', () => {
  it.each(Object.entries(SAID))(
    '%s does what the trade says of it, found in its states',
    (id, { is, not }) => {
      const found = yes(of(id));
      expect(found).toEqual(expect.arrayContaining(is));
      expect(found.filter((one) => not.includes(one))).toEqual([]);
    },
  );

  it('are all described in words of the trade', () => {
    expect(Object.keys(SAID).sort()).toEqual(LOCK_SPECS.map((one) => one.id).sort());
  });

  it('keep to few states, come back from each, and are named in words', () => {
    for (const spec of LOCK_SPECS) {
      const graph = exploreLock(spec);
      expect(graph.states.size).toBeLessThanOrEqual(16);
      expect(readLockSpec(JSON.parse(JSON.stringify(spec)))).toEqual(spec);
      expect(TERMS[`lock.${spec.id}`]).toBeDefined();
    }
    for (const action of LOCK_ACTIONS) expect(TERMS[`act.${action}`]).toBeDefined();
    for (const wish of LOCK_WISHES) expect(TERMS[`wish.lock.${wish}`]).toBeDefined();
    for (const name of Object.keys(propertiesOf(of('passage'))))
      expect(TERMS[`prop.${name}`]).toBeDefined();
    expect(readLockSpec({ id: 'own-1', latch: 'glue' })).toBeUndefined();
    expect(readLockSpec({ id: 'own-1', trap: true })).toBeUndefined();
  });

  it('a change that traps a person is caught, whichever function it is made to', () => {
    for (const spec of LOCK_SPECS.filter((one) => propertiesOf(one).freeOut)) {
      // The inside loses what lets people out, while something still holds the leaf.
      const bolts = spec.bolt && (spec.outsideKey.includes('bolt') || spec.boltsOnClosing);
      const holds = spec.latch === 'spring' || spec.latch === 'dead-latching' || bolts;
      if (!holds) continue;
      const worse: LockSpec = {
        ...spec,
        insideHandle: 'rigid',
        insideTurn: [],
        handleDrawsBolt: false,
      };
      expect([spec.id, propertiesOf(worse).freeOut]).toEqual([spec.id, false]);
      expect([spec.id, propertiesOf(worse).canTrap]).toEqual([spec.id, true]);
    }
    // A bolt that the handle no longer draws takes two motions.
    const two = propertiesOf({ ...of('dormitory'), handleDrawsBolt: false });
    expect([two.freeOut, two.twoMotions, two.canTrap]).toEqual([false, true, false]);
  });

  it('does not let the leaf close on a thrown bolt, and closes it once it is withdrawn', () => {
    for (const spec of LOCK_SPECS.filter((one) => one.bolt)) {
      const open = { ...restingState(spec), closed: false };
      expect(lockStep(spec, { ...open, bolt: true }, 'close').state.closed).toBe(false);
      const closed = lockStep(spec, open, 'close').state;
      expect(closed.closed).toBe(true);
      expect(closed.bolt).toBe(spec.boltsOnClosing);
    }
  });

  it('never opens by itself and never loses a state: any actions in any order', () => {
    const anyLock = fc.constantFrom(...LOCK_SPECS);
    fc.assert(
      fc.property(
        anyLock,
        fc.array(fc.constantFrom(...LOCK_ACTIONS), { maxLength: 20 }),
        (spec, actions) => {
          const graph = exploreLock(spec);
          let state = restingState(spec);
          for (const action of actions) {
            const step = lockStep(spec, state, action);
            expect(graph.states.has(stateKey(step.state))).toBe(true);
            if (step.opens) {
              expect(state.closed).toBe(true);
              expect(step.state.bolt).toBe(false);
            }
            if (!actionsOf(spec).includes(action)) expect(step.state).toBe(state);
            state = step.state;
          }
        },
      ),
    );
  });
});

describe('the acceptance test of a lock', () => {
  it('takes every transition, each from where the one before led, and is seen when replayed', () => {
    for (const spec of LOCK_SPECS) {
      const graph = exploreLock(spec);
      const sheet = testSheet(spec, graph);
      let state = restingState(spec);
      const taken = new Set<string>();
      for (const { action, from, to, opens, latch } of sheet) {
        expect(stateKey(state)).toBe(from);
        const step = lockStep(spec, state, action);
        expect([step.opens, step.latch, stateKey(step.state)]).toEqual([opens, latch, to]);
        taken.add(`${from} ${action}`);
        state = step.state;
      }
      expect(taken.size).toBe(graph.transitions.length);
    }
  });

  it('is as short as can be: no other way to double transitions takes fewer', () => {
    const permutations = (list: string[]): string[][] =>
      list.length < 2
        ? [list]
        : list.flatMap((one, at) =>
            permutations([...list.slice(0, at), ...list.slice(at + 1)]).map((rest) => [
              one,
              ...rest,
            ]),
          );
    let compared = 0;
    for (const spec of LOCK_SPECS) {
      const graph = exploreLock(spec);
      const steps = (from: string, to: string) => {
        const far = new Map([[from, 0]]);
        for (const [at, count] of far)
          for (const one of graph.transitions)
            if (one.from === at && !far.has(one.to)) far.set(one.to, count + 1);
        return far.get(to) ?? Infinity;
      };
      const surplus = new Map<string, number>();
      for (const { from, to } of graph.transitions) {
        surplus.set(to, (surplus.get(to) ?? 0) + 1);
        surplus.set(from, (surplus.get(from) ?? 0) - 1);
      }
      const many = (sign: number) =>
        [...surplus].flatMap(([key, count]) =>
          new Array<string>(Math.max(0, sign * count)).fill(key),
        );
      const [starts, ends] = [many(1), many(-1)];
      if (starts.length > 6) continue;
      const least = Math.min(
        ...permutations(ends).map((order) =>
          order.reduce((sum, to, at) => sum + steps(starts[at]!, to), 0),
        ),
      );
      if (!Number.isFinite(least)) continue;
      compared += 1;
      expect([spec.id, testSheet(spec, graph).length]).toEqual([
        spec.id,
        graph.transitions.length + least,
      ]);
    }
    expect(compared).toBeGreaterThan(20);
  });
});

describe('the acceptance test as it is gone through', () => {
  it('asks once for what must not move, where it is held, beside the round', () => {
    for (const spec of LOCK_SPECS) {
      const steps = acceptanceTest(spec);
      const refused = steps.filter((one) => one.refused);
      expect(steps.filter((one) => !one.refused)).toEqual(testSheet(spec));
      expect(new Set(refused.map((one) => one.action)).size).toBe(refused.length);
      const graph = exploreLock(spec);
      for (const { action, from } of refused) {
        const state = graph.states.get(from)!;
        const step = lockStep(spec, state, action);
        expect([state.closed, step.latch, stateKey(step.state)]).toEqual([true, false, from]);
      }
      // Whatever can be refused in some closed state is asked for.
      for (const action of ['outside-handle', 'inside-handle', 'outside-slip'] as const) {
        const can = [...graph.states.values()].some((state) => {
          const step = lockStep(spec, state, action);
          return (
            actionsOf(spec).includes(action) &&
            state.closed &&
            !step.latch &&
            stateKey(step.state) === stateKey(state)
          );
        });
        expect([spec.id, action, refused.some((one) => one.action === action)]).toEqual([
          spec.id,
          action,
          can,
        ]);
      }
    }
  });
  it('finds that a card opens a spring latch and no dead latch', () => {
    const slipped = (id: string) => lockStep(of(id), restingState(of(id)), 'outside-slip').opens;
    expect([
      slipped('rim-night-latch'),
      slipped('changeover'),
      slipped('utility'),
      slipped('storeroom'),
    ]).toEqual([true, false, false, false]);
    expect(
      acceptanceTest(of('storeroom'))
        .slice(0, 2)
        .map((one) => one.action),
    ).toEqual(['outside-handle', 'outside-slip']);
  });
});

describe('finding a function', () => {
  it('puts first what keeps every wish, simplest first, and says which wish the others break', () => {
    const found = findLocks({ egress: true, locksItself: true, deadBolt: false }, LOCK_SPECS);
    expect(found[0]!.breaks).toEqual([]);
    expect(propertiesOf(found[0]!.spec).locksItself).toBe(true);
    const broken = found.find((one) => one.spec.id === 'deadbolt-double')!;
    expect(broken.breaks).toEqual(['locksItself', 'deadBolt', 'egress']);
    const privacy = findLocks({ privacy: true, keyless: true }, LOCK_SPECS)[0]!;
    expect(privacy.spec.id).toBe('privacy');
    const secure = findLocks({ lockDown: true, fromOutside: true, egress: true }, LOCK_SPECS)[0]!;
    expect(secure.spec.id).toBe('classroom-inside');
    expect(findLocks({}, LOCK_SPECS).every((one) => one.breaks.length === 0)).toBe(true);
  });
});

describe('the lock function of an opening', () => {
  const facts: OpeningFacts = {
    mark: '1',
    kind: 'single',
    frameMaterial: 'steel',
    frameWidth: inches(36),
    frameHeight: inches(84),
    leafConstruction: 'timber-stave',
    hingeSide: 'left',
    swing: 'in',
    rating: 0,
  };
  const decide = (more: Partial<OpeningFacts>) =>
    decideOpening({ ...facts, ...more }, PRACTICES['us-commercial']);
  const lock = (more: Partial<OpeningFacts>) =>
    decide(more).decisions.find((one) => one.key === 'securing.function');

  it('follows from whether it is locked against people, and is open while nobody has said', () => {
    expect(lock({})).toBeUndefined();
    expect(lock({ lockKind: 'cylindrical' })).toMatchObject({
      status: 'open',
      question: { code: 'ask.secured' },
    });
    expect(lock({ lockKind: 'cylindrical', secured: true, lockUse: 'store' })!.value).toEqual({
      type: 'term',
      term: 'lock.storeroom',
    });
    expect(lock({ lockKind: 'cylindrical', secured: false })!.value).toEqual({
      type: 'term',
      term: 'lock.passage',
    });
    expect(
      lock({ lockKind: 'rods-surface', secured: true, lockUse: 'store' })!.value,
    ).toMatchObject({
      term: expect.stringMatching(/^lock\.exit-/) as string,
    });
  });
  it('warns of what traps people, and throws the stage’s bolt once it is decided', () => {
    const trapped = decide({
      lockKind: 'mortise',
      secured: true,
      lockUse: 'store',
      choices: { 'securing.function': { value: 'institution', reason: 'asked for' } },
    });
    expect(trapped.findings.map((one) => `${one.level} ${one.code}`)).toContain(
      'stop securing.traps',
    );
    const bolt = (more: Partial<OpeningFacts>) =>
      decide(more).progress.find((one) => one.stage === 'securing')!.state;
    expect(bolt({ lockKind: 'mortise', secured: true, lockUse: 'store' })).toBe('decided');
    expect(bolt({ lockKind: 'mortise' })).toBe('open');
    expect(bolt({})).toBe('open');
  });
});
