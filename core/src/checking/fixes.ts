import {
  valueOrUndefined,
  type Choice,
  type Finding,
  type OpeningFacts,
  type RuleCode,
} from '../model/index.js';
import { isExit, type LockKind } from '../securing/index.js';

/** A change that may make a finding go: its word, and what it records. */
export interface Fix {
  /** Term code `wayOut.…`. */
  term: string;
  patch: Partial<OpeningFacts>;
}

/** Facts with a choice taken, or taken back where no value is given. */
function choosing(
  facts: OpeningFacts,
  key: string,
  value: string | number | undefined,
): Partial<OpeningFacts> {
  const { [key]: _, ...rest } = facts.choices ?? {};
  const choices: Record<string, Choice> =
    value === undefined ? rest : { ...rest, [key]: { value, reason: 'a way out of a finding' } };
  return { choices: Object.keys(choices).length > 0 ? choices : undefined };
}

type Ways = (facts: OpeningFacts, params?: Finding['params']) => Fix[];

const way = (term: string, patch: Partial<OpeningFacts>): Fix => ({
  term: `wayOut.${term}`,
  patch,
});
const operator = way('operator', { operator: true });
const alarm = way('alarm', { alarmReleases: true });
const heldByMagnet: Ways = (facts) => [
  way('magnet', {
    holdOpen: true,
    alarmReleases: true,
    ...choosing(facts, 'closing.holdOpen', undefined),
  }),
];

/** Silencers in place of a seal that neither smoke nor sound asks for. */
const lessSeal: Ways = ({ stopSeal, smoke, sound }) =>
  stopSeal === 'seal' && smoke !== true && (valueOrUndefined(sound) ?? 0) === 0
    ? [way('silencers', { stopSeal: 'silencer' })]
    : [];

const SIDES = { left: 'right', right: 'left', unknown: 'unknown' } as const;
const SWINGS = { in: 'out', out: 'in', unknown: 'unknown' } as const;

/** The stair as the keyed side, and the same leaf as seen from there. */
const fromStair: Ways = ({ from, hingeSide, swing, active }, params) => [
  way('fromStair', {
    outside: params?.['room'] === from ? 'from' : 'to',
    ...(hingeSide ? { hingeSide: SIDES[hingeSide] } : {}),
    ...(swing ? { swing: SWINGS[swing] } : {}),
    ...(active ? { active: SIDES[active] } : {}),
  }),
];

/** The same leaf, swung the other way. */
const swungRound: Ways = ({ swing }) =>
  swing === 'in' || swing === 'out' ? [way('swing', { swing: SWINGS[swing] })] : [];

const NEVER_LOCKED = way('neverLocked', {
  lockUse: 'passage',
  secured: false,
  access: 'none',
  deadBolt: false,
  choices: undefined,
});

/** The outside on the other side, with the same leaf as seen from there; or never locked. */
const letThrough: Ways = ({ outside, hingeSide, swing, active }) => [
  ...(outside === 'from' || outside === 'to'
    ? [
        way('turned', {
          outside: outside === 'from' ? 'to' : 'from',
          ...(hingeSide ? { hingeSide: SIDES[hingeSide] } : {}),
          ...(swing ? { swing: SWINGS[swing] } : {}),
          ...(active ? { active: SIDES[active] } : {}),
        }),
      ]
    : []),
  NEVER_LOCKED,
];

const automaticBolts: Ways = (facts) => [
  way('bolts', { bolts: 'automatic', ...choosing(facts, 'securing.bolts', undefined) }),
];

/** What draws the latch for an operator: its own device where it is one, else the strike. */
const drawnByPower: Ways = (facts, params) => {
  const kind = params?.['kind'];
  const term = typeof kind === 'object' && 'term' in kind ? kind.term : '';
  return isExit(term.replace('lockKind.', '') as LockKind)
    ? [way('retraction', choosing(facts, 'securing.function', 'exit-retraction'))]
    : [way('strike', choosing(facts, 'securing.function', 'electric-strike'))];
};

/** What may be tried against each finding (handbook, “Findings”). */
const WAYS: Readonly<Partial<Record<RuleCode, Ways>>> = {
  'closing.forceNone': () => [operator],
  'closing.forceOutside': () => [operator],
  'closing.forceRated': (facts) => [operator, ...heldByMagnet(facts)],
  'closing.latches': (facts) => [
    way('lowLatch', { lowFrictionLatch: true }),
    ...lessSeal(facts),
    ...lessSeal(facts).map(({ patch }) =>
      way('lowLatchLessSeal', { ...patch, lowFrictionLatch: true }),
    ),
    operator,
  ],
  'closing.pressure': () => [operator],
  'closing.pressureNone': () => [operator],
  'closing.heldRated': (facts) => [...heldByMagnet(facts), way('notHeld', { holdOpen: false })],
  'closing.armShort': (facts) => [
    way('trackPull', choosing(facts, 'closing.device', 'track-pull')),
    way('parallel', choosing(facts, 'closing.device', 'parallel')),
  ],
  'closing.armStop': (facts) => [
    way('stopFloor', choosing(facts, 'closing.stop', 'floor')),
    way('parallel', choosing(facts, 'closing.device', 'parallel')),
  ],
  'checking.ratedNoCloser': () => [way('closer', { closer: 'any' })],
  'checking.ratedNoCloserWhere': () => [way('closer', { closer: 'any' })],
  'checking.knob': () => [way('lever', { handle: 'lever' })],
  'hanging.plainBearing': (facts) => [
    way('bearing', choosing(facts, 'hanging.bearing', undefined)),
  ],
  'hanging.fewHinges': (facts) => [way('hinges', choosing(facts, 'hanging.count', undefined))],
  'securing.traps': (facts) => [way('letsOut', choosing(facts, 'securing.function', undefined))],
  'finishing.outside': (facts) => [
    way('stainlessHinges', choosing(facts, 'hanging.metal', 'stainless')),
  ],
  'finishing.none': () => [
    way('satinStainless', { finish: 'satin stainless' }),
    way('satinChrome', { finish: 'satin chrome' }),
  ],
  'protecting.label': () => [way('plateLow', { kickPlate: undefined, traffic: 'feet' })],
  'protecting.smooth': (facts) => [way('kickPlate', choosing(facts, 'protecting.plates', 'kick'))],
  'sealing.soundShort': (facts) => [
    way('sealAll', {
      bottomSeal: 'any',
      ...choosing(facts, 'sealing.perimeter', undefined),
    }),
  ],
  'sealing.soundFloor': () => [way('threshold', { threshold: 'plain' })],
  'sealing.dropShort': (facts) => [way('sweep', choosing(facts, 'sealing.bottom', 'sweep'))],
  'sealing.airUnder': () => [way('noAir', { airUnder: false })],
  'powering.noSwitch': () => [
    way('reader', { access: 'reader' }),
    way('keypad', { access: 'keypad' }),
  ],
  'powering.nothingToRelease': () => [way('useReader', { lockUse: 'reader' })],
  'powering.noAlarm': () => [alarm],
  'powering.magnetNoAlarm': () => [alarm, way('noMagnet', { electricLock: 'none' })],
  'powering.magnetAlarm': () => [alarm, way('noMagnet', { electricLock: 'none' })],
  'powering.magnetHazard': () => [way('noMagnet', { electricLock: 'none' })],
  'powering.operatorLatch': drawnByPower,
  'powering.magnetLatch': () => [way('latch', { lockKind: undefined, lockUse: 'passage' })],
  'powering.delayedNoAlarm': () => [alarm],
  'powering.reentryUnknown': () => [
    way('command', { stairReentry: 'command' }),
    way('reentryByAlarm', { stairReentry: 'alarm', alarmReleases: true }),
  ],
  'powering.reentryAlarm': () => [alarm, way('command', { stairReentry: 'command' })],
  'powering.reentryLocked': () => [way('command', { stairReentry: 'command' })],
  'powering.stair': (facts) => [
    way('failSafe', {
      alarmReleases: true,
      ...choosing(facts, 'securing.function', 'electric-fail-safe'),
    }),
  ],
  'securing.writtenDiffers': (facts) => [
    way('decided', {
      manualItems: facts.manualItems?.filter(({ stage }) => stage !== 'securing'),
    }),
  ],
  'securing.stairSide': fromStair,
  'securing.barOnPull': swungRound,
  'securing.swingsAgainst': swungRound,
  'law.swingHazard': swungRound,
  'law.swingExit': swungRound,
  'law.toiletIn': swungRound,
  'law.faultIn': swungRound,
  'checking.poolSwing': swungRound,
  'law.shutIn': letThrough,
  'law.shutInCold': letThrough,
  'law.shutOut': () => [NEVER_LOCKED],
  'law.stairLocked': () => [NEVER_LOCKED],
  'law.noHelp': (facts) => [
    way('privacy', { lockUse: 'privacy', ...choosing(facts, 'securing.function', undefined) }),
  ],
  'law.childLocks': (facts) => [
    way('keyOutside', { lockUse: 'classroom', ...choosing(facts, 'securing.function', undefined) }),
  ],
  'law.secondByHand': automaticBolts,
  'law.secondLoose': automaticBolts,
  'law.smokeAround': () => [way('sealAll', { stopSeal: 'seal' })],
  'law.smokeUnder': () => [way('sealAll', { bottomSeal: 'any' })],
  'law.ratedOpen': () => [way('closer', { closer: 'any' })],
  'law.writtenCut': (facts) => [
    way('asWritten', { lockKind: undefined, ...choosing(facts, 'securing.kind', undefined) }),
  ],
  'law.leftOut': () => [way('notLeftOut', { omitted: undefined })],
  'choice.notTaken': () => [way('noChoices', { choices: undefined })],
};

/** Rules that a change of the facts may make go. */
export const FIXED_RULES = Object.keys(WAYS) as readonly RuleCode[];

/** The changes that may be tried against a finding, in the order they are offered. */
export function fixesOf(
  finding: Pick<Finding, 'code'> & Partial<Pick<Finding, 'params'>>,
  facts: OpeningFacts,
): Fix[] {
  return WAYS[finding.code]?.(facts, finding.params) ?? [];
}
