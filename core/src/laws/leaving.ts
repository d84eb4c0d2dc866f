import {
  CONDITIONS,
  motionsToOpen,
  exploreLock,
  passageOf,
  type Condition,
  type Holding,
  type LockFace,
} from '../machines/index.js';
import { memoize } from '../measure/index.js';
import { valueOrUndefined } from '../model/index.js';
import type { LockSpec } from '../catalogue/index.js';
import type { FinalState, SideName } from './finalState.js';
import { broken, defineLaw, everyRegion, KEPT, lacking, NO_CONCERN, type Verdict } from './law.js';
import { oppositeOf, roomParam, SIDES } from './sides.js';

/**
 * The face of the lock that somebody coming from a side stands before: an exit device’s bar is pushed, so that its
 * inside is the side the leaf does not open into. Of leaves that swing opposite ways, each with its own bar, one is
 * pushed from either side.
 */
export function faceOf({ outside, facts, bar, opensInto }: FinalState, side: SideName): LockFace {
  if (bar && facts.kind === 'double-egress') return 'inside';
  return side === (bar && opensInto ? opensInto : outside) ? 'outside' : 'inside';
}

/** The same of one lock with nothing electric beside it: worked out once for each. */
const shutInBy = memoize((spec: LockSpec, face: LockFace): Condition | undefined =>
  firstShut({ locks: [spec], release: undefined }, face),
);

/** Whether anybody gets through does not depend on who is let in. */
const firstShut = (holding: Holding, face: LockFace): Condition | undefined =>
  CONDITIONS.find((condition) => passageOf(holding, face, condition, false).who !== 'anybody');

/** The first condition in which nobody gets through from a face with bare hands. */
function shutIn(state: FinalState, face: LockFace): Condition | undefined {
  const { holding, release } = state;
  // A magnet shuts in whatever the lock beside it is.
  if (!holding) return firstShut({ locks: [], release }, face);
  const { locks } = holding;
  if (holding.release || locks.length > 1) return firstShut(holding, face);
  const [only] = locks;
  return only && shutInBy(only, face);
}

/** What would let them through: the lock turned round, or a side of it that is never locked. */
function freedBy(state: FinalState, side: SideName): string {
  const other = faceOf(state, oppositeOf(side));
  const otherLeaves = state[oppositeOf(side)].leaves;
  return shutIn(state, other) === undefined && otherLeaves === undefined
    ? 'law.free.turn'
    : 'law.free.never';
}

const RANK = { recorded: 2, guessed: 1, plausible: 0 } as const;

/**
 * Whoever leaves gets through: from each side that people leave from, in every condition, with bare hands. What is
 * recorded stops; what is guessed asks.
 */
function holdThrough(state: FinalState): Verdict {
  const sides = SIDES.filter((side) => state[side].leaves !== undefined);
  if (sides.length === 0) return NO_CONCERN;
  if (!state.holding && !state.release) return lacking('lockUse', 'lockKind');
  const shut = sides.flatMap((side) => {
    const when = shutIn(state, faceOf(state, side));
    return when ? [{ side, when, sure: state[side].leaves! }] : [];
  });
  if (shut.length === 0) return state.holding ? KEPT : lacking('lockUse', 'lockKind');
  const surest = shut.reduce((a, b) => (RANK[b.sure] > RANK[a.sure] ? b : a));
  // While nobody said which way, one side that lets out is enough to wait for the answer.
  if (surest.sure === 'plausible' && shut.length < sides.length) return lacking('escape');
  const { side, when, sure } = surest;
  const params = {
    room: roomParam(state, side),
    when: { term: `law.when.${when}` },
    free: { term: freedBy(state, side) },
  };
  const parts = ['securing.function', 'escape', 'outside', 'egress'];
  return sure === 'recorded'
    ? broken('law.shutIn', 'stop', parts, params)
    : broken('law.shutInAsked', 'check', parts, params);
}

/** Who leaves gets through without key or tool, in every condition. */
export const THROUGH = defineLaw({
  id: 'through',
  stage: 'securing',
  source: {
    us: 'IBC 1010.2: from the egress side without key, special knowledge or effort',
    british: 'Approved Document B, volume 2, 5.7 to 5.9; BS EN 179, BS EN 1125',
    continental: 'ASR A2.3; MBO; EN 179, EN 1125: from inside at any time without a key',
    australasian: 'NCC D3D26: without a key from the side that faces a person seeking egress',
  },
  saidBy: [
    'securing.traps',
    'powering.stair',
    'securing.barOnPull',
    'securing.escapeBoth',
    'law.barAsked',
  ],
  hold: holdThrough,
});

/** Whether somebody can lock himself in by what is inside so that neither key nor tool gets to him. */
const locksOthersOut = memoize((spec: LockSpec): boolean => {
  if (spec.insideTurn.length === 0 && !spec.insideButton) return false;
  return [...exploreLock(spec).states.values()].some(
    (state) =>
      state.closed &&
      state.powered &&
      motionsToOpen(spec, state, [
        'outside-handle',
        'outside-push',
        'outside-key-free',
        'emergency',
      ]) === undefined,
  );
});

/** The side that is inside. */
const insideOf = (state: FinalState): SideName => oppositeOf(state.outside);

/** Whoever locked himself in can be helped from outside. */
export const HELP = defineLaw({
  id: 'help',
  stage: 'securing',
  source: {
    us: 'ICC A117.1; trade practice: an emergency release outside',
    british: 'Approved Document M, volume 2, section 5; BS 8300: opened from outside in need',
    continental: 'DIN 18040-1, 5.3.3; DIN 18251: opened from outside in need',
    australasian: 'AS 1428.1, 15: opened from outside in need; NCC F4D8',
  },
  hold(state) {
    const inside = state[insideOf(state)];
    const asks =
      inside.place.has('sanitary') || inside.place.has('patient') || inside.place.has('child');
    if (!asks) return NO_CONCERN;
    if (!state.holding) return lacking('lockUse', 'lockKind');
    return state.holding.locks.some(locksOthersOut)
      ? broken('law.noHelp', 'check', ['securing.function'], {
          room: roomParam(state, insideOf(state)),
        })
      : KEPT;
  },
});

/** Children and patients cannot lock what is theirs against those who look after them. */
export const CHILD = defineLaw({
  id: 'child',
  stage: 'securing',
  source: {
    us: 'trade practice; the licensing authority of child care',
    british: 'trade practice; the inspectorate of nurseries',
    continental: 'DGUV Vorschrift 82; trade practice',
    australasian: 'NCC D3D26; the regulator of early childhood services',
  },
  hold(state) {
    const inside = state[insideOf(state)];
    if (!inside.place.has('child') && !inside.place.has('kept')) return NO_CONCERN;
    if (!state.holding) return lacking('lockUse', 'lockKind');
    const turns = state.holding.locks.some(
      ({ insideTurn, insideButton }) => insideTurn.length > 0 || insideButton,
    );
    return turns
      ? broken('law.childLocks', 'check', ['securing.function'], {
          room: roomParam(state, insideOf(state)),
        })
      : KEPT;
  },
});

/** Whoever steps out onto a balcony, roof or yard comes back in. */
export const BACK_IN = defineLaw({
  id: 'backIn',
  stage: 'securing',
  source: {
    us: 'IBC 1010.2.4; trade practice: nobody is shut out where there is no other way',
    british: 'trade practice: nobody is shut out where there is no other way',
    continental: 'trade practice: nobody is shut out where there is no other way',
    australasian: 'trade practice: nobody is shut out where there is no other way',
  },
  hold(state) {
    const out = SIDES.find(
      (side) => state[side].place.has('refuge') || state[side].place.has('yard'),
    );
    if (!out || state[oppositeOf(out)].place.has('open')) return NO_CONCERN;
    if (!state.holding) return lacking('lockUse', 'lockKind');
    if (passageOf(state.holding, faceOf(state, out), 'day', false).who === 'anybody') return KEPT;
    // A yard may have a gate to the street: nobody knows of a roof or a balcony that has.
    const level = state[out].place.has('refuge') ? 'check' : 'note';
    return broken('law.shutOut', level, ['securing.function', 'closer'], {
      room: roomParam(state, out),
      closes: { term: state.closes ? 'law.closes.yes' : 'law.closes.no' },
    });
  },
});

/** Whoever is in a stair comes back to a storey. */
export const REENTRY = defineLaw({
  id: 'reentry',
  stage: 'securing',
  source: {
    us: 'IBC 1010.2.7: stair doors open from both sides without a key, but for its exceptions',
    british: 'trade practice: who is in a stair that fills with smoke comes back to a storey',
    continental: 'trade practice: who is in a stair that fills with smoke comes back to a storey',
    australasian: 'NCC D3D27: re-entry from fire-isolated exits',
  },
  saidBy: ['powering.stair', 'powering.reentryUnknown', 'powering.reentryAlarm', 'law.shutIn'],
  hold(state) {
    const stair = SIDES.find((side) => state[side].place.has('stair'));
    const storey = stair && state[oppositeOf(stair)].place;
    if (!stair || !storey!.has('passage') || storey!.has('open')) return NO_CONCERN;
    if (!state.holding) return lacking('lockUse', 'lockKind');
    const when = shutIn(state, faceOf(state, stair));
    if (!when) return KEPT;
    const strict = ['us', 'australasian'].includes(state.practice.region);
    return broken(
      'law.stairLocked',
      strict ? 'check' : 'note',
      ['securing.function', 'stairReentry'],
      {
        room: roomParam(state, stair),
        when: { term: `law.when.${when}` },
      },
    );
  },
});

/** Nobody is shut in where he comes to harm before he is missed. */
export const COLD = defineLaw({
  id: 'cold',
  stage: 'securing',
  source: {
    us: 'IBC 1010.2; trade practice: opened from inside at all times',
    british: 'Workplace Regulations 1992, 18; trade practice: opened from inside at all times',
    continental: 'DGUV Regel 100-500, 2.35; ASR A2.3: opened from inside at all times',
    australasian: 'NCC G1D3: cool rooms open from inside without a key',
  },
  saidBy: ['law.shutIn'],
  hold(state) {
    const cold = SIDES.find((side) => state[side].place.has('cold'));
    if (!cold || state[oppositeOf(cold)].place.has('cold')) return NO_CONCERN;
    if (!state.holding) return lacking('lockUse', 'lockKind');
    const when = shutIn(state, faceOf(state, cold));
    return when
      ? broken('law.shutInCold', 'stop', ['securing.function', 'outside'], {
          room: roomParam(state, cold),
          when: { term: `law.when.${when}` },
        })
      : KEPT;
  },
});

/** The bar of an exit device stands on the side that people come from. */
export const BAR = defineLaw({
  id: 'bar',
  stage: 'securing',
  source: {
    us: 'IBC 1010.1.2.1; ANSI/BHMA A156.3: the actuating bar is on the push side',
    british: 'BS EN 1125; Approved Document B, 5.6',
    continental: 'EN 1125; ASR A2.3',
    australasian: 'NCC D3D26; AS 4145.5',
  },
  hold(state) {
    const { bar, opensInto } = state;
    if (!bar) return NO_CONCERN;
    // Of leaves that swing opposite ways one is pushed from either side.
    if (state.facts.kind === 'double-egress') return KEPT;
    if (!opensInto) return lacking('swing', 'hingeSide');
    // It is pushed open from the side it does not open into.
    const against = state[opensInto].leaves;
    if (!against) return KEPT;
    const other = state[oppositeOf(opensInto)].leaves;
    const parts = ['escape', 'swing', 'securing.kind'];
    if (against === 'recorded' && !other) return broken('securing.barOnPull', 'stop', parts);
    if (other && against === 'plausible') return lacking('escape');
    if (other) {
      // Few people find the lever on the other face; a crowd wants a bar.
      if (!state.crowd) return lacking('occupants');
      return state.crowd.people >= state.practice.values.panicFrom.value
        ? broken('securing.escapeBoth', 'check', parts)
        : KEPT;
    }
    return broken('law.barAsked', 'check', parts, { room: roomParam(state, opensInto) });
  },
});

/** Both leaves of a pair open for those who need both. */
export const BOTH_LEAVES = defineLaw({
  id: 'bothLeaves',
  stage: 'securing',
  source: {
    us: 'IBC 1010.2.5: no manually operated bolts where both leaves are needed',
    british: 'Approved Document B, volume 2, 5.7; BS EN 1125',
    continental: 'EN 1125; DIN 18263-4; ASR A2.3',
    australasian: 'NCC D3D26',
  },
  saidBy: [
    'securing.against.manualWayOut',
    'securing.against.manualRated',
    'securing.against.manualWidth',
  ],
  hold(state) {
    const { second, crowd, from, to, clearActive } = state;
    if (state.facts.kind !== 'pair' && state.facts.kind !== 'unequal-pair') return NO_CONCERN;
    if (!from.leaves && !to.leaves) return NO_CONCERN;
    if (second === undefined) return lacking('bolts');
    if (second !== 'byHand') return KEPT;
    const wanted = valueOrUndefined(state.facts.clearWanted);
    const sure = from.leaves === 'recorded' || to.leaves === 'recorded';
    if (wanted !== undefined && clearActive !== undefined && clearActive < wanted)
      return broken('law.secondByHand', sure ? 'stop' : 'check', ['securing.bolts', 'clearWanted']);
    if (!crowd) return lacking('occupants');
    return crowd.people >= state.practice.values.panicFrom.value
      ? broken('law.secondByHand', sure && crowd.recorded ? 'stop' : 'check', [
          'securing.bolts',
          'occupants',
        ])
      : KEPT;
  },
});

/** Who visits one of many dwellings is let in from there. */
export const LET_IN = defineLaw({
  id: 'letIn',
  stage: 'powering',
  source: everyRegion('trade practice: door station, release, deliveries'),
  hold(state) {
    const open = SIDES.find((side) => state[side].place.has('open'));
    const inner = open && state[oppositeOf(open)].place;
    if (!inner || !(inner.has('stair') || inner.has('passage'))) return NO_CONCERN;
    if (valueOrUndefined(state.facts.occupancy) !== 'residential') return NO_CONCERN;
    if (state.facts.egress === false || valueOrUndefined(state.facts.secured) === false)
      return NO_CONCERN;
    return valueOrUndefined(state.facts.access) === undefined ? lacking('access') : KEPT;
  },
});
