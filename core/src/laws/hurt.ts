import { valueOrUndefined } from '../model/index.js';
import { broken, defineLaw, everyRegion, KEPT, lacking, NO_CONCERN } from './law.js';
import { oppositeOf, roomParam, SIDES } from './sides.js';

/** A garage does not open straight into where people sleep. */
export const GARAGE = defineLaw({
  id: 'garage',
  stage: 'opening',
  source: {
    us: 'IRC R302.5.1: no openings from a garage directly into a room used for sleeping',
    british: 'Approved Document B, volume 1; trade practice',
    continental: 'GarVO; trade practice',
    australasian: 'NCC volume 2, H3; trade practice',
  },
  hold(state) {
    const garage = SIDES.find((side) => state[side].place.has('garage'));
    if (!garage || !state[oppositeOf(garage)].place.has('sleeping')) return NO_CONCERN;
    const us = state.practice.region === 'us';
    return broken('law.garageSleeping', us ? 'stop' : 'check', ['from', 'to'], {
      room: roomParam(state, oppositeOf(garage)),
    });
  },
});

/** A gate or door to a pool opens away from the water. */
export const POOL = defineLaw({
  id: 'pool',
  stage: 'handing',
  source: {
    us: 'ISPSC 305.3; ASTM F1908',
    british: 'trade practice; BS EN 16582 where it is adopted',
    continental: 'EN 16582; EN 17125; trade practice',
    australasian: 'AS 1926.1',
  },
  saidBy: ['checking.poolSwing'],
  hold(state) {
    const pool = SIDES.find((side) => state[side].place.has('pool'));
    const other = pool && state[oppositeOf(pool)].place;
    if (!pool || !(other!.has('open') || other!.size === 0) || other!.has('pool'))
      return NO_CONCERN;
    if (!state.opensInto) return lacking('swing', 'hingeSide');
    return state.opensInto === pool
      ? broken('checking.poolSwing', 'stop', ['swing', 'handing.hand'])
      : KEPT;
  },
});

/** Who breaks the pane beside it cannot reach in and turn it open. */
export const REACH_IN = defineLaw({
  id: 'reachIn',
  stage: 'securing',
  source: everyRegion('trade practice: within an arm’s length of a pane that can be broken'),
  saidBy: ['securing.doubleKeyed'],
  hold(state) {
    const { facts, practice, lock } = state;
    if (!lock || valueOrUndefined(facts.secured) === false) return NO_CONCERN;
    const turned =
      lock.insideTurn.length > 0 || (lock.insideHandle === 'moves' && lock.bolt === false);
    const exterior = valueOrUndefined(facts.exterior);
    if (!turned || exterior === false) return NO_CONCERN;
    const away = valueOrUndefined(facts.glassFromLock);
    if (away === undefined) return exterior ? lacking('glassFromLock') : NO_CONCERN;
    const { nearGlass } = practice.values;
    return away >= nearGlass.value
      ? KEPT
      : broken('law.reachIn', 'note', ['glassFromLock', 'securing.function'], {
          away: { ticks: away },
          far: { ticks: nearGlass.value },
        });
  },
});

/** Who comes through a leaf that swings both ways is seen from the other side. */
export const SEEN = defineLaw({
  id: 'seen',
  stage: 'sizing',
  source: {
    us: 'trade practice; IBC 1010.3.1',
    british: 'Approved Document M, volume 2, 3.10; Approved Document K, 10',
    continental: 'ASR A1.7, 5: transparent parts in swing doors',
    australasian: 'NCC; trade practice',
  },
  hold(state) {
    const { facts } = state;
    if (!facts.kind.startsWith('double-acting')) return NO_CONCERN;
    if (facts.leafConstruction === 'glass') return KEPT;
    const height = valueOrUndefined(facts.glassHeight);
    if (height === undefined) return lacking('glassHeight');
    return height > 0 ? KEPT : broken('law.unseen', 'check', ['glassHeight', 'kind'], {});
  },
});
