import { swings, swingsBothWays, valueOrUndefined } from '../model/index.js';
import { countedOf } from './counted.js';
import type { FinalState } from './finalState.js';
import { broken, defineLaw, everyRegion, KEPT, lacking, NO_CONCERN } from './law.js';
import { roomParam, SIDES } from './sides.js';

/** Whoever has little strength opens it. */
export const FORCE = defineLaw({
  id: 'force',
  stage: 'closing',
  source: {
    us: 'ADA 404.2.9; ICC A117.1, 404.2.8',
    british: 'Approved Document M, volume 2, 2.17; BS 8300-2',
    continental: 'DIN 18040-1, 4.3.3; EN 12217, class 3',
    australasian: 'AS 1428.1, 13.5',
  },
  saidBy: ['closing.forceNone', 'closing.forceOutside', 'closing.forceRated'],
  hold(state) {
    const { facts, practice, force } = state;
    const { accessForce, accessForceRated, accessForceOutside } = practice.values;
    if (state.closes === false || !swings(facts.kind)) return NO_CONCERN;
    const accessible = valueOrUndefined(facts.accessible);
    if (accessible === undefined)
      return SIDES.some((side) => state[side].place.has('plant'))
        ? NO_CONCERN
        : lacking('accessible');
    const outside = facts.exterior === true && !accessForceOutside.value;
    const rated = (valueOrUndefined(facts.rating) ?? 0) > 0 && !accessForceRated.value;
    if (!accessible || outside || rated) return NO_CONCERN;
    // Held open while people pass, or opened by an operator, nobody pushes it.
    if (state.heldOpen === 'released' || facts.operator === true) return KEPT;
    if (force === undefined)
      return state.closes === undefined ? lacking('closer') : lacking('frameWidth', 'leafWidth');
    return force.newtons <= accessForce.value
      ? KEPT
      : broken(
          facts.exterior === true || facts.windy === true
            ? 'closing.forceOutside'
            : 'closing.forceNone',
          'check',
          ['closing.size', 'closing.force', 'accessible'],
          {
            force: { newtons: force.newtons },
            limit: { newtons: accessForce.value },
            at: { ticks: force.at },
          },
          accessForce.source,
        );
  },
});

/** What a leaf hangs on carries its mass. */
export const CARRIED = defineLaw({
  id: 'carried',
  stage: 'hanging',
  source: everyRegion('trade practice, typical; the maker’s figure decides'),
  saidBy: ['hanging.tooHeavy', 'hanging.noButt', 'hanging.noGrade', 'hanging.springSlams'],
  hold({ mass, items, practice, writtenStages, omittedStages, openFor }) {
    if (writtenStages.has('hanging') || omittedStages.has('hanging')) return NO_CONCERN;
    // On what it hangs is not decided, and told so.
    if (openFor.has('hanging')) return NO_CONCERN;
    if (mass === undefined) return lacking('leafMass', 'leafConstruction', 'leafThickness');
    const { massCarried, buttsBeyond } = practice.values;
    const { heavy } = massCarried.value;
    return countedOf(items).butt > 0 && mass > heavy * buttsBeyond.value
      ? broken(
          'hanging.tooHeavy',
          'stop',
          ['hanging.device'],
          { mass: { grams: mass }, limit: { grams: heavy } },
          massCarried.source,
        )
      : KEPT;
  },
});

/** Where children are, no finger gets between the leaf and its frame at the hinges. */
export const FINGERS = defineLaw({
  id: 'fingers',
  stage: 'protecting',
  source: {
    us: 'trade practice; CPSC, child care: pinch points at hinges',
    british: 'BS 8300; statutory framework for the early years, premises; trade practice',
    continental: 'DGUV Regel 102-602, Kindertageseinrichtungen: guarded to 1.10 m',
    australasian: 'trade practice; regulations of education and care services, premises',
  },
  hold(state) {
    const { facts, items, practice } = state;
    const room = SIDES.find((side) => state[side].place.has('child'));
    if (!room || !swings(facts.kind)) return NO_CONCERN;
    if (state.writtenStages.has('protecting') || state.omittedStages.has('protecting'))
      return NO_CONCERN;
    if (countedOf(items).guards > 0) return KEPT;
    const must = practice.region === 'continental';
    return broken('law.fingers', must ? 'check' : 'note', ['fingerGuard', 'from', 'to'], {
      room: roomParam(state, room),
    });
  },
});

/** Whoever comes in a wheelchair reaches the handle and draws the leaf past. */
export const APPROACH = defineLaw({
  id: 'approach',
  stage: 'handing',
  source: {
    us: 'ADA 404.2.4.1',
    british: 'Approved Document M, volume 2, 2.17 and 3.10; BS 8300-2',
    continental: 'DIN 18040-1, 4.3.3',
    australasian: 'AS 1428.1, 13.3',
  },
  hold({ facts, practice }: FinalState) {
    if (valueOrUndefined(facts.accessible) !== true || !swings(facts.kind)) return NO_CONCERN;
    // Nobody draws what opens by itself, or is pushed from both sides.
    if (facts.operator === true || swingsBothWays(facts.kind)) return NO_CONCERN;
    const beside = valueOrUndefined(facts.besideLock);
    if (beside === undefined) return lacking('besideLock');
    const { besideLock } = practice.values;
    return beside >= besideLock.value
      ? KEPT
      : broken(
          'law.approach',
          'check',
          ['besideLock', 'accessible'],
          { has: { ticks: beside }, needed: { ticks: besideLock.value } },
          besideLock.source,
        );
  },
});
