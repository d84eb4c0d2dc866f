import { LOCK_SPECS } from '../catalogue/index.js';
import { inches, mm } from '../measure/index.js';
import { decideOpening } from '../deciding/index.js';
import { itemOf, type Level, type OpeningFacts } from '../model/index.js';
import { projectBasis } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { finalState } from '../testing/finalState.js';
import { asDeclared, chosen, tried, UNKNOWN, type TriedRule } from '../testing/triedRule.js';
import { holdLaws, type FinalState } from './index.js';

const stair = { from: 'Office', to: 'Stair 2', egress: true, escape: 'to' } as const;
const many = { egress: true, occupants: 120, occupancy: 'business' } as const;
const rated = { rating: 45, closer: 'any' } as const;

const RULES: Readonly<Record<string, TriedRule>> = {
  'law.shutIn': {
    found: { ...stair, lockUse: 'store', outside: 'from' },
    not: { outside: 'to' },
    unknown: { escape: UNKNOWN, from: undefined, to: undefined },
  },
  'law.shutInAsked': {
    found: { from: 'Corridor', to: 'Office', lockUse: 'store', outside: 'to' },
    not: { outside: 'from' },
    unknown: { from: undefined },
  },
  'law.noHelp': {
    found: {
      from: 'Corridor',
      to: 'Shower room WC',
      role: 'toilet-single',
      choices: chosen('securing.function', 'communicating-half'),
      lockKind: 'mortise',
    },
    not: { choices: {} },
    unknown: { to: undefined },
  },
  'law.childLocks': {
    found: { from: 'Corridor', to: 'Nursery', role: 'office', lockUse: 'office' },
    not: { lockUse: 'passage' },
    unknown: { to: undefined },
  },
  'law.shutOut': {
    level: 'check',
    found: { from: 'Balcony', to: 'Office', exterior: true, lockUse: 'store' },
    not: { lockUse: 'passage' },
    unknown: { from: undefined },
  },
  'law.stairLocked': {
    level: 'check',
    found: { from: 'Stair 1', to: 'Corridor', lockUse: 'store', role: 'store', outside: 'from' },
    not: { lockUse: 'passage' },
    unknown: { to: undefined },
  },
  'law.shutInCold': {
    found: { from: 'Kitchen', to: 'Cold room', lockUse: 'store', outside: 'to', egress: false },
    not: { outside: 'from' },
    unknown: { to: undefined },
  },
  'law.barAsked': {
    found: {
      from: 'Corridor',
      to: 'Stair',
      lockKind: 'rim-exit',
      lockUse: 'exit',
      role: 'stair',
      hingeSide: 'left',
      swing: 'out',
      outside: 'from',
    },
    not: { swing: 'in' },
    unknown: { swing: UNKNOWN },
  },
  'law.swingBoth': {
    found: {
      ...many,
      from: 'Corridor A',
      to: 'Corridor B',
      escape: 'both',
      hingeSide: 'left',
      swing: 'in',
      lockKind: 'none',
    },
    not: { occupants: 49 },
    unknown: { escape: UNKNOWN, egress: UNKNOWN },
  },
  'law.swingHazard': {
    level: 'stop',
    found: { ...stair, occupancy: 'high-hazard', hingeSide: 'left', swing: 'out', outside: 'from' },
    not: { swing: 'in' },
    unknown: { occupancy: UNKNOWN },
  },
  'law.swingExit': {
    practice: 'australasian',
    found: {
      from: 'Warehouse',
      to: 'Street',
      exterior: true,
      egress: true,
      hingeSide: 'left',
      swing: 'in',
    },
    not: { swing: 'out' },
    unknown: { swing: UNKNOWN },
  },
  'law.swingAsked': {
    found: {
      from: 'Corridor',
      to: 'Stair',
      egress: true,
      occupants: 50,
      hingeSide: 'left',
      swing: 'out',
      outside: 'from',
      lockKind: 'none',
    },
    not: { occupants: 49 },
    unknown: { occupants: UNKNOWN },
  },
  'law.swingStair': {
    found: {
      from: 'Corridor',
      to: 'Stair',
      egress: true,
      escape: 'to',
      hingeSide: 'left',
      swing: 'out',
      outside: 'from',
      lockKind: 'none',
    },
    not: { swing: 'in' },
    unknown: { swing: UNKNOWN },
  },
  'law.fingers': {
    level: 'check',
    practice: 'continental',
    found: { from: 'Flur', to: 'Kindergarten', fingerGuard: false },
    not: { fingerGuard: true },
    unknown: { to: undefined },
  },
  'law.approach': {
    found: { accessible: true, besideLock: inches(17.9375) },
    not: { besideLock: inches(18) },
    unknown: { besideLock: UNKNOWN },
  },
  'law.toiletIn': {
    level: 'check',
    practice: 'british',
    found: { from: 'Corridor', to: 'Accessible WC', hingeSide: 'left', swing: 'in' },
    not: { swing: 'out' },
    unknown: { swing: UNKNOWN },
  },
  'law.toiletFloor': {
    found: {
      from: 'Corridor',
      to: 'Accessible toilet',
      accessible: true,
      hingeSide: 'left',
      swing: 'in',
    },
    not: { accessible: false },
    unknown: { swing: UNKNOWN },
  },
  'law.specialWidth': {
    practice: 'british',
    found: {
      from: 'Corridor',
      to: 'Changing Places',
      role: 'toilet-single',
      frameWidth: mm(1000),
      frameHeight: mm(2100),
    },
    not: { frameWidth: mm(1200) },
    unknown: { frameWidth: UNKNOWN },
  },
  'law.faultIn': {
    level: 'stop',
    practice: 'continental',
    found: { from: 'Flur', to: 'Heizraum', hingeSide: 'left', swing: 'in' },
    not: { swing: 'out' },
    unknown: { swing: UNKNOWN },
  },
  'law.smokeUnder': {
    practice: 'british',
    found: { rating: 30, closer: 'any', smoke: true, bottomSeal: 'none' },
    not: { bottomSeal: 'any' },
    unknown: { smoke: UNKNOWN },
  },
  'law.leafNeverRated': {
    found: { ...rated, leafConstruction: 'timber-hollow' },
    not: { leafConstruction: 'timber-mineral' },
    unknown: { leafConstruction: UNKNOWN },
  },
  'law.leafSeldomRated': {
    found: { ...rated, leafConstruction: 'aluminium-narrow' },
    not: { leafConstruction: 'timber-mineral' },
    unknown: { leafConstruction: UNKNOWN },
  },
  'law.frameRated': {
    found: { ...rated, frameRating: 20 },
    not: { frameRating: 45 },
    unknown: { frameRating: UNKNOWN },
  },
  'law.notRated': {
    level: 'check',
    found: { from: 'Corridor', to: 'Stair 1', rating: 0 },
    not: { rating: 45 },
    unknown: { rating: UNKNOWN },
  },
  'law.garageSleeping': {
    level: 'stop',
    found: { from: 'Garage', to: 'Bedroom 2' },
    not: { to: 'Kitchen' },
    unknown: { to: undefined },
  },
  'law.reachIn': {
    found: {
      exterior: true,
      lockUse: 'dwelling',
      lockKind: 'mortise',
      role: 'house-entrance',
      glassFromLock: inches(39),
    },
    not: { glassFromLock: inches(40) },
    unknown: { glassFromLock: UNKNOWN },
  },
  'law.unseen': {
    found: { kind: 'double-acting', glassHeight: 0 },
    not: { glassHeight: inches(30) },
    unknown: { glassHeight: UNKNOWN },
  },
  'law.writtenCut': {
    found: {
      role: 'store',
      lockKind: 'cylindrical',
      manualItems: [
        { stage: 'securing', quantity: 1, unit: 'each', description: 'Storeroom lock, mortise' },
      ],
    },
    not: { lockKind: 'mortise' },
    unknown: { manualItems: undefined },
  },
  'law.leftOut': {
    found: { ...rated, omitted: { closing: 'by others' } },
    not: { rating: 0 },
    unknown: { rating: UNKNOWN },
  },
};

describe('what a law finds', () => {
  it.each(Object.entries(RULES))(
    '%s is found where it is so, not where it just is not, and not of what is unknown',
    (code, rule) => expect(tried(code, rule)).toEqual(asDeclared(code, rule)),
  );
});

/** What the deciding never brings about by itself: a state that somebody else’s schedule, or an error, would have. */
interface TriedState {
  readonly facts: Parameters<typeof finalState>[0];
  readonly found: Partial<FinalState>;
  readonly not: Partial<FinalState>;
  readonly unknown: Partial<FinalState>;
  readonly level: Level;
}

const PAIR = { ...DOOR, kind: 'pair', frameWidth: inches(72), active: 'left' } as const;
const LEAVING = { name: 'Hall', place: new Set<never>(), leaves: 'recorded' } as const;
const crowd = { people: 120, share: 120, recorded: true };
const item = (term: string, quantity = 1) => itemOf('closing', term, quantity);
const electric = LOCK_SPECS.find(({ id }) => id === 'electric-fail-secure')!;

const plate = (high: number) => itemOf('protecting', 'item.kickPlate', 1, { height: inches(high) });
/** The same opening with other facts than it was decided by. */
const withFacts = (facts: Partial<OpeningFacts>): Partial<FinalState> => ({
  facts: { ...DOOR, rating: 90, ...facts },
});

const STATES: Readonly<Record<string, TriedState>> = {
  'law.secondByHand': {
    facts: PAIR,
    found: { second: 'byHand', from: LEAVING, crowd },
    not: { second: 'byItself', from: LEAVING, crowd },
    unknown: { second: undefined, from: LEAVING, crowd },
    level: 'stop',
  },
  'law.secondLoose': {
    facts: { ...PAIR, rating: 45 },
    found: { second: 'free' },
    not: { second: 'byItself' },
    unknown: { second: undefined },
    level: 'stop',
  },
  'law.ratedOpen': {
    facts: { ...DOOR, rating: 45 },
    found: { closes: false },
    not: { closes: true },
    unknown: { closes: undefined },
    level: 'check',
  },
  'law.smokeAround': {
    facts: { ...DOOR, smoke: true },
    found: { smokeAround: false },
    not: { smokeAround: true },
    unknown: { smokeAround: undefined },
    level: 'stop',
  },
  'law.unhung': {
    facts: DOOR,
    found: { items: [], openFor: new Map() },
    not: { items: [item('item.butt', 3)] },
    unknown: { items: [], openFor: new Map([['hanging', ['frameWidth']]]) },
    level: 'check',
  },
  'law.unshut': {
    facts: DOOR,
    found: { closes: true, items: [item('item.butt')], openFor: new Map() },
    not: { closes: true, items: [item('item.closer.regular')] },
    unknown: { closes: true, items: [], openFor: new Map([['closing', ['swing']]]) },
    level: 'check',
  },
  'law.shutTwice': {
    facts: DOOR,
    found: { closes: true, items: [item('item.closer.regular'), item('item.springHinge')] },
    not: { closes: true, items: [item('item.closer.regular'), item('item.closer.parallel')] },
    unknown: { closes: undefined },
    level: 'check',
  },
  'law.unstruck': {
    facts: { ...DOOR, lockUse: 'office', lockKind: 'mortise' },
    found: { strike: false },
    not: { strike: true },
    unknown: { strike: undefined },
    level: 'check',
  },
  'law.unordered': {
    facts: { ...PAIR, meetingEdge: 'astragal' },
    found: { closes: true, coordinator: false, second: 'byItself', items: [], openFor: new Map() },
    not: { closes: true, coordinator: true, second: 'byItself' },
    unknown: { closes: undefined },
    level: 'check',
  },
  'law.unfed': {
    facts: DOOR,
    found: { lock: electric, items: [], openFor: new Map() },
    not: { lock: electric, items: [item('item.power.supply')] },
    unknown: { lock: electric, items: [], openFor: new Map([['powering', ['access']]]) },
    level: 'check',
  },
  'law.unwired': {
    facts: DOOR,
    found: { lock: electric, items: [], wireHinge: false },
    not: { lock: electric, items: [item('item.power.transfer')], wireHinge: false },
    unknown: { lock: undefined, items: [] },
    level: 'check',
  },
  'powering.noSwitch': {
    facts: DOOR,
    found: { lock: electric, access: 'none', items: [] },
    not: { lock: electric, access: 'reader', items: [] },
    unknown: { lock: electric, access: undefined, items: [] },
    level: 'check',
  },
  'closing.forceNone': {
    facts: { ...DOOR, accessible: true, rating: 0, exterior: false },
    found: { closes: true, force: { newtons: 22.3, at: inches(30) } },
    not: { closes: true, force: { newtons: 22.2, at: inches(30) } },
    unknown: { closes: true, force: undefined },
    level: 'check',
  },
  'hanging.tooHeavy': {
    facts: DOOR,
    found: { mass: 2 * 129_274 + 1, items: [item('item.butt', 3)] },
    not: { mass: 129_274, items: [item('item.butt', 3)] },
    unknown: { mass: undefined, items: [item('item.butt', 3)] },
    level: 'stop',
  },
  'sizing.ratedGap': {
    facts: { ...DOOR, rating: 45, leafConstruction: 'steel-honeycomb-18' },
    found: { gaps: { lockGap: inches(0.25), undercut: inches(0.5) } },
    not: { gaps: { lockGap: inches(0.125), undercut: inches(0.5) } },
    unknown: { gaps: {} },
    level: 'check',
  },
  'sizing.ratedUndercut': {
    facts: { ...DOOR, rating: 45 },
    found: { gaps: { undercut: inches(0.75) + 1 } },
    not: { gaps: { undercut: inches(0.75) } },
    unknown: { gaps: { undercut: undefined } },
    level: 'check',
  },
  'checking.holeRated': {
    facts: { ...DOOR, rating: 45 },
    found: withFacts({ leafHole: 'vent' }),
    not: withFacts({ leafHole: 'none' }),
    unknown: withFacts({ leafHole: 'unknown' }),
    level: 'check',
  },
  'checking.glassRated': {
    facts: { ...DOOR, rating: 60 },
    found: withFacts({ glassWidth: inches(10), glassHeight: inches(10.125) }),
    not: withFacts({ glassWidth: inches(10), glassHeight: inches(10) }),
    unknown: withFacts({ glassWidth: inches(10) }),
    level: 'check',
  },
  'protecting.label': {
    facts: { ...DOOR, rating: 45 },
    found: { items: [plate(16.125)] },
    not: { items: [plate(16)] },
    unknown: { items: [] },
    level: 'check',
  },
  'law.over': {
    facts: DOOR,
    found: { items: [item('item.coordinator')] },
    not: { items: [item('item.closer.regular')] },
    unknown: { items: [] },
    level: 'check',
  },
};

describe('what a law finds in a state that nobody decided', () => {
  const levelIn = (code: string, facts: TriedState['facts'], state: Partial<FinalState>) =>
    holdLaws({
      ...finalState(facts, projectBasis('us-commercial')),
      ...state,
    }).findings.find((one) => one.code === code)?.level;
  it.each(Object.entries(STATES))('%s', (code, { facts, found, not, unknown, level }) => {
    expect([found, not, unknown].map((state) => levelIn(code, facts, state))).toEqual([
      level,
      undefined,
      undefined,
    ]);
  });
});

describe('seals against smoke', () => {
  const told = (facts: Partial<OpeningFacts>) => {
    const decided = decideOpening({ ...DOOR, smoke: true, ...facts }, projectBasis('british'));
    return {
      found: decided.findings.some(({ code }) => code === 'law.smokeAround'),
      unchecked: decided.laws.notChecked.some(({ law }) => law === 'smoke'),
    };
  };
  it('are none where they are left out, and not checked where somebody wrote them', () => {
    expect(told({})).toEqual({ found: false, unchecked: false });
    expect(told({ omitted: { sealing: 'by others' } })).toEqual({ found: true, unchecked: false });
    const line = { stage: 'sealing', quantity: 1, unit: 'each', description: 'Seal' } as const;
    expect(told({ manualItems: [line] })).toEqual({ found: false, unchecked: true });
  });
});
