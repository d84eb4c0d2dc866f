import { isLatching } from '../machines/index.js';
import { hasActiveLeaf, slides, swingsBothWays, valueOrUndefined } from '../model/index.js';
import type { FinalState } from './finalState.js';
import { broken, defineLaw, KEPT, lacking, NO_CONCERN, type SourceBy } from './law.js';
import { oppositeOf, roomParam, SIDES } from './sides.js';

const RATED: SourceBy = {
  us: 'NFPA 80, 6.1.4 and 6.4; IBC 716.2.6',
  british: 'Approved Document B, volume 2, appendix C; BS 8214',
  continental: 'MBO; DIN 4102-5; EN 1634-1; DIN 18250',
  australasian: 'AS 1905.1; NCC Specification 12',
};

const isRated = ({ facts }: FinalState) => (valueOrUndefined(facts.rating) ?? 0) > 0;
/** Whether nobody said whether it is rated. */
const ratingOpen = ({ facts }: FinalState) => valueOrUndefined(facts.rating) === undefined;

/** A rated leaf comes shut by itself. */
export const CLOSES = defineLaw({
  id: 'closes',
  stage: 'closing',
  source: RATED,
  saidBy: ['checking.ratedNoCloser', 'checking.ratedNoCloserWhere', 'closing.keptLocked'],
  hold(state) {
    if (ratingOpen(state)) return lacking('rating');
    if (!isRated(state)) return NO_CONCERN;
    if (state.closes === undefined) return lacking('closer');
    return state.closes ? KEPT : broken('law.ratedOpen', 'check', ['closing.closes', 'rating']);
  },
});

/** A rated leaf is held shut by what takes hold by itself. */
export const LATCHES = defineLaw({
  id: 'latches',
  stage: 'securing',
  source: {
    us: 'NFPA 80, 6.4.4: positive latching',
    british: 'the evidence of the tested door set (BS EN 1634-1, BS 476-22)',
    continental: 'DIN 18250; the approval of the door: latches by itself',
    australasian: 'AS 1905.1: as tested',
  },
  saidBy: [
    'securing.noLatch',
    'securing.noLatchTested',
    'securing.smokeBarrier',
    'powering.magnetLatch',
  ],
  hold(state) {
    if (ratingOpen(state)) return lacking('rating');
    if (!isRated(state) || slides(state.facts.kind)) return NO_CONCERN;
    if (!state.holding) return lacking('lockUse', 'lockKind');
    const latched = state.rods || state.holding.locks.some(isLatching);
    if (latched && !swingsBothWays(state.facts.kind)) return KEPT;
    const { value, source } = state.practice.values.ratedLatch;
    const always = value === 'always';
    return broken(
      always ? 'securing.noLatch' : 'securing.noLatchTested',
      always ? 'stop' : 'check',
      ['securing.function', 'rating'],
      {},
      source,
    );
  },
});

/** What stops fire or smoke stands open only while detection may let it go. */
export const STANDS_OPEN = defineLaw({
  id: 'standsOpen',
  stage: 'closing',
  source: {
    us: 'NFPA 80, 6.1.4.2; IBC 716.2.6.6',
    british: 'Approved Document B, volume 2, 3.67; BS EN 1155, BS 7273-4',
    continental: 'EN 1155; EN 14637; DIN 14677: a Feststellanlage only',
    australasian: 'NCC C4D5 and C4D6; AS 1670.1',
  },
  saidBy: ['closing.heldRated'],
  hold(state) {
    const smoke = valueOrUndefined(state.facts.smoke) === true;
    if (!isRated(state) && !smoke) return NO_CONCERN;
    return state.heldOpen === 'stays'
      ? broken('closing.heldRated', 'stop', ['closing.holdOpen', 'rating'])
      : KEPT;
  },
});

/** A leaf that holds smoke back is sealed around and below. */
export const SMOKE = defineLaw({
  id: 'smoke',
  stage: 'sealing',
  source: {
    us: 'NFPA 105; UL 1784',
    british: 'Approved Document B, table C1, suffix S; BS EN 1634-3',
    continental: 'DIN 18095; EN 1634-3',
    australasian: 'NCC Specification 12; AS 1530.7',
  },
  hold(state) {
    const { smoke } = state.facts;
    if (smoke === undefined || smoke === 'unknown')
      return isRated(state) ? lacking('smoke') : NO_CONCERN;
    if (!smoke) return NO_CONCERN;
    if (state.smokeAround === undefined) return lacking('stopSeal');
    if (!state.smokeAround)
      return broken('law.smokeAround', state.recorded.smoke === true ? 'stop' : 'check', [
        'sealing.perimeter',
        'smoke',
      ]);
    if (state.smokeUnder === undefined) return lacking('bottomSeal');
    return state.smokeUnder
      ? KEPT
      : broken('law.smokeUnder', 'check', ['sealing.bottom', 'undercut', 'smoke']);
  },
});

/** The second leaf of a rated pair is held by what takes hold by itself, and comes shut before the first. */
export const SECOND_LEAF = defineLaw({
  id: 'secondLeaf',
  stage: 'securing',
  source: {
    us: 'NFPA 80, 6.4.4; IBC 716.2.6.4',
    british: 'Approved Document B, appendix C; BS EN 1634-1; BS EN 1158',
    continental: 'EN 1158; EN 1634-1; the approval of the door',
    australasian: 'AS 1905.1',
  },
  saidBy: [
    'securing.against.manualRated',
    'securing.against.manualStore',
    'securing.noCoordinator',
    'securing.noLatch',
    'securing.noLatchTested',
    // Kept locked, it is nobody’s way.
    'closing.keptLocked',
  ],
  hold(state) {
    if (!hasActiveLeaf(state.facts.kind)) return NO_CONCERN;
    if (ratingOpen(state)) return lacking('rating');
    if (!isRated(state)) return NO_CONCERN;
    if (state.second === undefined) return lacking('bolts');
    if (state.second === 'byHand' || state.second === 'free')
      return broken('law.secondLoose', state.second === 'free' ? 'stop' : 'check', [
        'securing.bolts',
        'rating',
      ]);
    return KEPT;
  },
});

/** Of what no rated leaf is made, whatever stands on it. */
const NEVER_RATED: readonly unknown[] = ['timber-hollow'];
/** Of what a rated leaf is only where its listing says so. */
const SELDOM_RATED: readonly unknown[] = ['glass', 'aluminium-narrow', 'timber-panelled-softwood'];

/** The leaf is one that can have the rating. */
export const LEAF_RATED = defineLaw({
  id: 'leafRated',
  stage: 'sizing',
  source: RATED,
  hold(state) {
    if (ratingOpen(state)) return lacking('rating');
    if (!isRated(state)) return NO_CONCERN;
    const of = valueOrUndefined(state.facts.leafConstruction);
    if (of === undefined) return lacking('leafConstruction');
    const params = {
      leaf: { term: `construction.${of}` },
      minutes: valueOrUndefined(state.facts.rating)!,
    };
    if (NEVER_RATED.includes(of))
      return broken('law.leafNeverRated', 'stop', ['leafConstruction', 'rating'], params);
    return SELDOM_RATED.includes(of)
      ? broken('law.leafSeldomRated', 'check', ['leafConstruction', 'rating'], params)
      : KEPT;
  },
});

/** Leaf and frame are of one rating. */
export const FRAME_RATED = defineLaw({
  id: 'frameRated',
  stage: 'sizing',
  source: RATED,
  hold(state) {
    if (!isRated(state)) return NO_CONCERN;
    const frame = valueOrUndefined(state.facts.frameRating);
    if (frame === undefined) return lacking('frameRating');
    const leaf = valueOrUndefined(state.facts.rating)!;
    return frame >= leaf
      ? KEPT
      : broken('law.frameRated', 'stop', ['frameRating', 'rating'], { frame, leaf });
  },
});

/** Whether it stands between a stair and a corridor. */
const isPassage = (state: FinalState, side: (typeof SIDES)[number]): boolean =>
  state[side].place.has('stair') && state[oppositeOf(side)].place.has('passage');

/** Where walls often are rated, a leaf that is not is meant so. */
export const NOT_RATED = defineLaw({
  id: 'notRated',
  stage: 'opening',
  source: {
    us: 'IBC 716.1, table 716.1(2); IRC R302.5.1',
    british: 'Approved Document B, appendix C, table C1',
    continental: 'MBO 29, 35 to 37; GarVO; FeuVO',
    australasian: 'NCC C4D5 to C4D12',
  },
  hold(state) {
    const { facts, recorded } = state;
    if (valueOrUndefined(facts.rating) !== 0 || recorded.rating !== 0) return NO_CONCERN;
    if (valueOrUndefined(facts.exterior) === true) return NO_CONCERN;
    const side = SIDES.find((one) => {
      const { place } = state[one];
      const other = state[oppositeOf(one)].place;
      if (other.has('open') || other.size === 0 || (other.has('stair') && place.has('stair')))
        return false;
      // Within a dwelling a stair has no walls of its own.
      const home = other.has('sleeping') || other.has('sanitary') || place.has('passage');
      return (
        (place.has('stair') && !home && !other.has('entrance')) ||
        (place.has('garage') && state.practice.region !== 'australasian') ||
        place.has('fault')
      );
    });
    if (!side) return NO_CONCERN;
    const dwelling = valueOrUndefined(facts.occupancy) === 'dwelling';
    // Inside one dwelling a stair has no walls of its own.
    if (dwelling && state[side].place.has('stair')) return NO_CONCERN;
    // Between stair and corridor a door against smoke is what is asked for there (MBO 35 (6)).
    if (
      state.practice.region === 'continental' &&
      recorded.smoke === true &&
      isPassage(state, side)
    )
      return KEPT;
    return broken('law.notRated', state[side].place.has('fault') ? 'note' : 'check', ['rating'], {
      room: roomParam(state, side),
    });
  },
});
