import { inches, mm, wholeUp, type Ticks } from '../measure/index.js';
import { valueOrUndefined } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { FinalState } from './finalState.js';
import { broken, defineLaw, KEPT, lacking, NO_CONCERN, type Verdict } from './law.js';
import { oppositeOf, roomParam, SIDES } from './sides.js';

/**
 * Works out the clear width that so many people need: the step they fall in, above the last one so much a person.
 *
 * @param people how many
 * @param practice whose figures (`widthSteps`, `widthPerPerson`)
 * @returns ticks
 */
export function widthNeeded(people: number, { values, system }: Practice): Ticks {
  const unit = system === 'inch' ? inches : mm;
  const steps = values.widthSteps.value;
  const step = steps.find((one) => people <= one.people);
  if (step) return unit(step.clear);
  const least = steps.length === 1 ? steps[0]!.clear : 0;
  return unit(Math.max(least, wholeUp(people * values.widthPerPerson.value)));
}

/** Whether many may leave by it: people are counted, it is a way out of the building, or a room of many. */
const isWayOut = ({ crowd, facts, from, to }: FinalState): boolean =>
  (from.leaves !== undefined || to.leaves !== undefined) &&
  (crowd !== undefined ||
    facts.egress === true ||
    from.place.has('crowd') ||
    to.place.has('crowd'));

/** The people who leave find it wide enough. */
export const WIDTH = defineLaw({
  id: 'width',
  stage: 'opening',
  source: {
    us: 'IBC 1005.3.2, 1010.1.1',
    british: 'Approved Document B, volume 2, table 2.3',
    continental: 'ASR A2.3, table 2; VStättVO 7',
    australasian: 'NCC D2D8 to D2D11',
  },
  hold(state) {
    const { crowd, clear, facts, practice } = state;
    if (facts.egress === false || (!crowd && !isWayOut(state))) return NO_CONCERN;
    if (!crowd) return lacking('occupants');
    // Nobody’s way out leads through it.
    if (crowd.share === 0) return NO_CONCERN;
    const needed = widthNeeded(crowd.share, practice);
    if (clear === undefined) return lacking('frameWidth');
    if (clear >= needed) return KEPT;
    return broken(
      'checking.way.narrow',
      'check',
      ['hanging.clearWidth', 'frameWidth', 'occupants'],
      {
        people: crowd.share,
        needed: { ticks: needed },
        clear: { ticks: clear, rounding: 'down' },
      },
      practice.values.widthSteps.source,
    );
  },
});

/** From so many people on the leaf opens the way they leave. */
export const SWING = defineLaw({
  id: 'swing',
  stage: 'handing',
  source: {
    us: 'IBC 1010.1.2.1: with egress from 50 people, or high hazard',
    british: 'Approved Document B, volume 2, 5.10: with escape above 60 people',
    continental: 'ASR A2.3; VStättVO 9: with escape where many leave, at emergency exits always',
    australasian: 'NCC D3D25: with egress, but for its exceptions',
  },
  hold: holdSwing,
});

const OUT_ALWAYS: ReadonlySet<string> = new Set(['continental', 'australasian']);

function holdSwing(state: FinalState): Verdict {
  const { crowd, opensInto, facts, practice } = state;
  if (!isWayOut(state)) return NO_CONCERN;
  const hazard = valueOrUndefined(facts.occupancy) === 'high-hazard';
  const { value: from } = practice.values.panicFrom;
  if (!hazard && crowd && crowd.people < from) return NO_CONCERN;
  if (facts.kind === 'double-egress' || facts.kind.startsWith('double-acting')) return KEPT;
  const open = SIDES.find((side) => state[side].place.has('open'));
  // There a final exit opens out, whatever their number.
  const always = OUT_ALWAYS.has(practice.region) && open !== undefined && facts.egress === true;
  if (!hazard && !crowd && always && opensInto === oppositeOf(open) && state[opensInto].leaves)
    return broken('law.swingExit', 'check', ['swing', 'occupants']);
  if (!hazard && !crowd) return lacking('occupants');
  if (!opensInto) return lacking('swing', 'hingeSide');
  const against = state[opensInto].leaves;
  if (!against) return KEPT;
  const other = state[oppositeOf(opensInto)].leaves;
  if (against === 'plausible' && other) return lacking('escape');
  const parts = ['escape', 'swing', 'occupants'];
  if (hazard) {
    const told = facts.occupancy === state.recorded.occupancy && against === 'recorded';
    return broken('law.swingHazard', told ? 'stop' : 'check', ['occupancy', ...parts]);
  }
  const params = { people: crowd!.people, from };
  // Both ways: whichever it opens, somebody comes against it.
  if (other) return broken('law.swingBoth', 'check', parts, params);
  return against === 'recorded' && crowd!.recorded
    ? broken('securing.swingsAgainst', 'stop', parts, params)
    : broken('law.swingAsked', 'check', parts, { ...params, room: roomParam(state, opensInto) });
}

/** Into a stair a leaf opens with the people who leave; a hand that says otherwise is asked about. */
export const STAIR_SWING = defineLaw({
  id: 'stairSwing',
  stage: 'handing',
  source: {
    us: 'IBC 1010.1.2.1; trade practice',
    british: 'Approved Document B, volume 2, 5.10; trade practice',
    continental: 'trade practice; ASR A2.3',
    australasian: 'NCC D3D25',
  },
  saidBy: ['securing.swingsAgainst', 'law.swingAsked', 'law.swingExit', 'law.swingHazard'],
  hold(state) {
    const { facts, crowd, opensInto, practice } = state;
    if (facts.kind !== 'single' && facts.kind !== 'pair') return NO_CONCERN;
    const stair = SIDES.find((side) => state[side].place.has('stair'));
    const other = stair && oppositeOf(stair);
    if (!other || state[other].place.has('stair') || state[other].place.size === 0)
      return NO_CONCERN;
    // From a stair people leave into the open and into lobbies on their way; in a dwelling it is no stair of escape.
    const on = state[other].place;
    if (on.has('open') || on.has('entrance') || on.has('sleeping') || on.has('sanitary'))
      return NO_CONCERN;
    const kept = (valueOrUndefined(facts.rating) ?? 0) > 0 || facts.egress === true;
    if (!kept || facts.egress === false || valueOrUndefined(facts.occupancy) === 'dwelling')
      return NO_CONCERN;
    if (state[other].leaves === undefined || state[stair].leaves === 'recorded') return NO_CONCERN;
    if (crowd?.recorded && crowd.people < practice.values.panicFrom.value) return NO_CONCERN;
    if (!opensInto) return lacking('swing', 'hingeSide');
    return opensInto === stair
      ? KEPT
      : broken('law.swingStair', 'check', ['swing', 'hingeSide', 'occupants'], {
          room: roomParam(state, other),
        });
  },
});

/** Whoever falls behind the door of a toilet can be reached, and a wheelchair turns before it closes. */
export const TOILET = defineLaw({
  id: 'toilet',
  stage: 'handing',
  source: {
    us: 'ADA 603.2.3: not over the clear floor space of a fixture, but for its exceptions',
    british: 'Approved Document M, volume 2, 5.10; BS 8300-2: opens outwards',
    continental: 'DIN 18040-1, 5.3.3: must not swing into the sanitary room',
    australasian: 'AS 1428.1, 13 and 15; NCC F4D8',
  },
  hold(state) {
    const room = SIDES.find(
      (side) => state[side].place.has('sanitary') && state[side].place.has('single'),
    );
    if (!room || state[oppositeOf(room)].place.has('sanitary')) return NO_CONCERN;
    const accessible = valueOrUndefined(state.facts.accessible);
    if (accessible === false) return NO_CONCERN;
    if (state.facts.kind !== 'single') return KEPT;
    if (!state.opensInto) return lacking('swing', 'hingeSide');
    if (state.opensInto !== room) return KEPT;
    if (accessible === undefined) return lacking('accessible');
    const forbids = state.practice.region === 'continental' && state.recorded.accessible === true;
    const params = { room: roomParam(state, room) };
    const parts = ['swing', 'accessible'];
    // There the floor decides, not the swing.
    if (state.practice.region === 'us') return broken('law.toiletFloor', 'note', parts, params);
    return broken('law.toiletIn', forbids ? 'stop' : 'check', parts, params);
  },
});

/** Rooms that somebody comes to with a hoist are as wide as it. */
const HOIST = /changing places|accessible adult change|toilette für alle/i;

/** What is wide by what it is for is as wide. */
export const SPECIAL_WIDTH = defineLaw({
  id: 'specialWidth',
  stage: 'hanging',
  source: {
    us: 'ADA 404.2.3',
    british: 'Approved Document M, volume 2, 5.6; BS 8300-2: Changing Places 1000 mm',
    continental: 'DIN 18040-1',
    australasian: 'NCC Specification 27',
  },
  hold(state) {
    const side = SIDES.find((one) => HOIST.test(state[one].name ?? ''));
    const { value: needed, source } = state.practice.values.hoistClear;
    if (!side || needed === 0) return NO_CONCERN;
    if (state.clear === undefined) return lacking('frameWidth');
    return state.clear >= needed
      ? KEPT
      : broken(
          'law.specialWidth',
          'check',
          ['hanging.clearWidth', 'frameWidth'],
          {
            room: roomParam(state, side),
            needed: { ticks: needed },
            clear: { ticks: state.clear, rounding: 'down' },
          },
          source,
        );
  },
});

/** Rooms whose contents may burst or arc open away from who flees them. */
export const FAULT = defineLaw({
  id: 'fault',
  stage: 'handing',
  source: {
    us: 'NFPA 70, 110.26(C)(3) and 110.33(A)(3); trade practice',
    british: 'BS 7671, section 729; trade practice',
    continental: 'EltBauVO; FeuVO: opens out',
    australasian: 'AS/NZS 3000, 2.10: opens in the direction of egress',
  },
  saidBy: ['securing.swingsAgainst'],
  hold(state) {
    const room = SIDES.find((side) => state[side].place.has('fault'));
    if (!room || state[oppositeOf(room)].place.has('fault')) return NO_CONCERN;
    if (!state.opensInto)
      return state.facts.kind === 'single' || state.facts.kind === 'pair'
        ? lacking('swing', 'hingeSide')
        : NO_CONCERN;
    if (state.opensInto !== room) return KEPT;
    const amperes = valueOrUndefined(state.recorded.amperes);
    const limit = state.practice.values.electricalPanic.value;
    const must =
      state.practice.region === 'continental' ||
      (amperes !== undefined && limit > 0 && amperes >= limit);
    return broken('law.faultIn', must ? 'stop' : 'check', ['swing', 'amperes'], {
      room: roomParam(state, room),
    });
  },
});
