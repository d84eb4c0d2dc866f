import {
  hasActiveLeaf,
  hasHand,
  valueOrUndefined,
  roomNamed,
  message,
  slides,
  type Side,
} from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { StageInput } from '../stageContract/index.js';
import type { HandingRecord } from './decisions.js';
import { ALL_HANDS, namesOf, opposite, type Hand, type HandNames } from './hand.js';
import { handsSeen, resolveHand } from './observe.js';
import { outsideOf, type BetweenRooms } from './outside.js';

/** What later stages read of the hand. */
export interface Handing {
  readonly outside: 'from' | 'to';
  /** The hand of the single or active leaf. */
  readonly hand: Hand | undefined;
  readonly names: HandNames | undefined;
  /** Pairs: which leaf is active, seen from outside. */
  readonly active: Side | undefined;
}

/** Runs the handing stage: outside, hand with all its namings, active leaf. */
export function decideHanding(
  { facts, practice, project }: StageInput,
  record: HandingRecord,
): Handing {
  const outside = decideOutside(record, {
    from: roomNamed(facts.from, project),
    to: roomNamed(facts.to, project),
  });
  const none: Handing = { outside, hand: undefined, names: undefined, active: undefined };
  if (slides(facts.kind)) {
    const slideTo = valueOrUndefined(record.facts.slideTo);
    if (slideTo)
      record.decide('slide', slideTo, { basis: record.basisOf('slideTo'), facts: ['slideTo'] });
    else record.ask('slide', 'ask.slideTo', ['slideTo']);
    return none;
  }
  if (facts.kind === 'double-acting-pair') {
    record.decide('hand', 'doubleActing.pair', {
      reasons: () => [message('handing.doubleActingPair')],
    });
    return none;
  }
  if (facts.kind === 'double-acting') {
    const hinges = valueOrUndefined(record.facts.hingeSide);
    if (hinges)
      record.decide('hand', `doubleActing.${hinges}`, {
        basis: record.basisOf('hingeSide'),
        reasons: () => [message('handing.doubleActing')],
        facts: ['hingeSide'],
      });
    else record.ask('hand', 'ask.hingeSide', ['hingeSide']);
    return none;
  }
  if (!hasHand(facts.kind)) return none;
  if (facts.kind === 'double-egress') {
    const hand = decideEgress(record);
    return { ...none, hand, names: hand && namesOf(hand) };
  }
  const paired = hasActiveLeaf(facts.kind);
  const hand = paired ? pairsHand(record) : singlesHand(record);
  const names = hand && recordNames(record, practice, hand);
  return {
    outside,
    hand,
    names,
    active: paired ? valueOrUndefined(record.facts.active) : undefined,
  };
}

function decideOutside(record: HandingRecord, rooms: BetweenRooms): 'from' | 'to' {
  const { facts } = record;
  const recorded = valueOrUndefined(record.facts.outside);
  const derived = outsideOf(facts, rooms);
  const side = recorded ?? derived.outside;
  const room = side === 'from' ? facts.from : facts.to;
  record.decide('outside', room ? `=${room}` : `outside.${side}`, {
    basis: recorded ? record.basisOf('outside') : 'derived',
    reasons: () => (recorded ? [] : [derived.why()]),
    facts: ['outside', 'from', 'to'],
  });
  return side;
}

/** The two leaves of a double-egress pair: that which comes towards a person outside is told. */
function decideEgress(record: HandingRecord): Hand | undefined {
  const hinges = valueOrUndefined(record.facts.hingeSide);
  if (!hinges) {
    record.ask('hand', 'ask.doubleEgress', ['hingeSide']);
    return undefined;
  }
  record.decide('hand', hinges === 'left' ? 'hand.LHR-both' : 'hand.RHR-both', {
    basis: record.basisOf('hingeSide'),
    reasons: () => [
      message('handing.doubleEgress', { pushed: { term: `side.${opposite(hinges)}` } }),
    ],
    facts: ['hingeSide'],
  });
  return { hinges, swing: 'out' };
}

function singlesHand(record: HandingRecord): Hand | undefined {
  const observations = record.facts.observations ?? [];
  const hinges = valueOrUndefined(record.facts.hingeSide);
  const resolved = resolveHand(observations, {
    hinges,
    swing: valueOrUndefined(record.facts.swing),
  });
  if (resolved.state === 'fixed') return resolved.hand;
  if (resolved.state === 'open') {
    record.ask(
      'hand',
      () => (resolved.ask === 'swing' ? message('ask.swing') : message('ask.hingeSide')),
      ['hingeSide', 'swing', 'observations'],
      {
        reasons: () => [
          message('handing.possible', {
            hands: resolved.possible.map((hand) => namesOf(hand).code).join(', '),
          }),
        ],
      },
    );
    return undefined;
  }
  contradiction(record, resolved.culprits);
  return undefined;
}

function contradiction(record: HandingRecord, culprits: { index: number; leaves: Hand[] }[]): void {
  const text = culprits
    .map(
      ({ index, leaves }) => `${index + 1} → ${leaves.map((hand) => namesOf(hand).code).join('/')}`,
    )
    .join('; ');
  const { hingeSide, swing, observations = [] } = record.facts;
  const recorded = valueOrUndefined(hingeSide);
  const names = (hands: readonly Hand[]) => hands.map((one) => namesOf(one).code).join('/');
  const list = ALL_HANDS.filter(
    (one) =>
      (recorded === undefined || one.hinges === recorded) &&
      (valueOrUndefined(swing) === undefined || one.swing === valueOrUndefined(swing)),
  );
  const seen = observations
    .map((one, index) => `${index + 1} (${one.stood}) → ${names(handsSeen(one))}`)
    .join('; ');
  // Where the list and what was seen differ, both are named, and from where it was seen.
  const agreed = resolveHand(observations).state !== 'contradiction';
  if (agreed)
    record.report(
      'stop',
      'handing.contradictionList',
      { list: names(list), seen },
      'what was recorded and what was seen on site',
      ['observations', 'hingeSide', 'swing'],
    );
  else
    record.report(
      'stop',
      culprits.length > 0 ? 'handing.contradiction' : 'handing.contradictionAll',
      { culprits: text },
      'what was seen on site',
      ['observations', 'hingeSide', 'swing'],
    );
  record.ask('hand', 'ask.handAgain', ['observations', 'hingeSide', 'swing']);
}

/** A pair has the hand of its active leaf. */
function pairsHand(record: HandingRecord): Hand | undefined {
  const active = valueOrUndefined(record.facts.active);
  const swing = valueOrUndefined(record.facts.swing);
  if (active && swing) return { hinges: active, swing };
  record.ask('hand', !swing ? 'ask.swing' : 'ask.active', ['active', 'swing']);
  return undefined;
}

function recordNames(record: HandingRecord, practice: Practice, hand: Hand): HandNames {
  const names = namesOf(hand);
  const paired = hasActiveLeaf(record.facts.kind);
  const observed =
    (record.facts.observations ?? []).length > 0 &&
    valueOrUndefined(record.facts.hingeSide) === undefined;
  const basis = observed ? 'measured' : record.basisOf(paired ? 'active' : 'hingeSide');
  const group = practice.handNames === 'four-hand' ? 'hand' : 'handKnuckle';
  record.decide('hand', `${group}.${names.code}${paired ? '-active' : ''}`, {
    basis,
    reasons: () => [
      message('handing.seen', {
        side: { term: `side.${hand.hinges}` },
        swing: { term: `swing.${hand.swing}` },
      }),
      message('handing.names', {
        bevel: { term: `bevel.${names.bevel}` },
        jamb: { term: `side.${names.backToJamb}` },
        knuckle: { term: `side.${names.knuckleSide}` },
      }),
    ],
    facts: paired ? ['active', 'swing'] : ['hingeSide', 'swing', 'observations'],
  });
  record.decide('knuckles', names.knuckles, {
    reasons: () => [message('handing.knuckles', { bevel: { term: `bevel.${names.bevel}` } })],
  });
  return names;
}
