import {
  hasHand,
  said,
  Settling,
  slides,
  term,
  type OpeningFacts,
  type Side,
  type StageOutcome,
} from '../opening/index.js';
import type { Practice } from '../practice/index.js';
import { namesOf, opposite, type Hand, type HandNames } from './hand.js';
import { resolveHand } from './observe.js';
import { outsideOf, type BetweenRooms } from './outside.js';

/** What later stages read of the hand. */
export interface Handing extends StageOutcome {
  outside: 'from' | 'to';
  /** The hand of the single or active leaf. */
  hand?: Hand;
  names?: HandNames;
  /** Pairs: which leaf is active, seen from outside. */
  active?: Side;
}

/** Runs the handing stage: outside, hand with all its namings, active leaf. */
export function decideHanding(
  facts: OpeningFacts,
  practice: Practice,
  rooms: BetweenRooms = {},
): Handing {
  const settling = new Settling(facts, 'handing');
  const outside = decideOutside(settling, rooms);
  const result: Handing = Object.assign(settling, { outside });

  if (slides(facts.kind)) {
    const slideTo = settling.fact('slideTo');
    if (slideTo) {
      settling.fix('slide', term(`slide.${slideTo}`), {
        basis: settling.basisOf('slideTo'),
        facts: ['slideTo'],
      });
    } else settling.open('slide', said('ask.slideTo'), ['slideTo']);
    return result;
  }
  if (facts.kind === 'double-acting') {
    const hinges = settling.fact('hingeSide');
    if (hinges) {
      settling.fix('hand', term(`doubleActing.${hinges}`), {
        basis: settling.basisOf('hingeSide'),
        reasons: [said('handing.doubleActing')],
        facts: ['hingeSide'],
      });
    } else settling.open('hand', said('ask.hingeSide'), ['hingeSide']);
    return result;
  }
  const hand = hasHand(facts.kind) ? decideHand(settling, result) : undefined;
  if (hand) recordNames(settling, practice, result, hand);
  return result;
}

function decideOutside(settling: Settling, rooms: BetweenRooms): 'from' | 'to' {
  const { facts } = settling;
  const recorded = settling.fact('outside');
  const derived = outsideOf(facts, rooms);
  const side = recorded ?? derived.outside;
  const room = side === 'from' ? facts.from : facts.to;
  settling.fix('outside', term(room ? `=${room}` : `outside.${side}`), {
    basis: recorded ? settling.basisOf('outside') : 'derived',
    reasons: recorded ? [] : [derived.why],
    facts: ['outside', 'from', 'to'],
  });
  return side;
}

function decideHand(settling: Settling, result: Handing): Hand | undefined {
  const { facts } = settling;
  const observations = facts.observations ?? [];
  if (facts.kind === 'pair' || facts.kind === 'unequal-pair') return decidePair(settling, result);
  const hinges = settling.fact('hingeSide');
  if (facts.kind === 'double-egress') {
    if (!hinges) {
      settling.open('hand', said('ask.doubleEgress'), ['hingeSide']);
      return undefined;
    }
    settling.fix('hand', term(hinges === 'left' ? 'hand.LHR-both' : 'hand.RHR-both'), {
      basis: settling.basisOf('hingeSide'),
      reasons: [said('handing.doubleEgress', { pushed: { term: `side.${opposite(hinges)}` } })],
      facts: ['hingeSide'],
    });
    result.hand = { hinges, swing: 'out' };
    result.names = namesOf(result.hand);
    return undefined;
  }
  const resolved = resolveHand(observations, {
    ...(hinges ? { hinges } : {}),
    ...(settling.fact('swing') ? { swing: settling.fact('swing')! } : {}),
  });
  if (resolved.state === 'fixed') return resolved.hand;
  if (resolved.state === 'open') {
    settling.open(
      'hand',
      resolved.ask === 'swing' ? said('ask.swing') : said('ask.hingeSide'),
      ['hingeSide', 'swing', 'observations'],
      {
        reasons: [
          said('handing.possible', {
            hands: resolved.possible.map((hand) => namesOf(hand).code).join(', '),
          }),
        ],
      },
    );
    return undefined;
  }
  contradiction(settling, resolved.culprits);
  return undefined;
}

function contradiction(settling: Settling, culprits: { index: number; leaves: Hand[] }[]): void {
  const text = culprits
    .map(
      ({ index, leaves }) => `${index + 1} → ${leaves.map((hand) => namesOf(hand).code).join('/')}`,
    )
    .join('; ');
  settling.find(
    'stop',
    culprits.length > 0 ? 'handing.contradiction' : 'handing.contradictionAll',
    { culprits: text },
    'what was seen on site',
    ['observations', 'hingeSide', 'swing'],
  );
  settling.open('hand', said('ask.handAgain'), ['observations', 'hingeSide', 'swing']);
}

function decidePair(settling: Settling, result: Handing): Hand | undefined {
  const active = settling.fact('active');
  const swing = settling.fact('swing');
  if (!active || !swing) {
    if (active) result.active = active;
    settling.open('hand', said(!swing ? 'ask.swing' : 'ask.active'), ['active', 'swing']);
    return undefined;
  }
  result.active = active;
  return { hinges: active, swing };
}

function recordNames(settling: Settling, practice: Practice, result: Handing, hand: Hand): void {
  const names = namesOf(hand);
  const paired = settling.facts.kind === 'pair' || settling.facts.kind === 'unequal-pair';
  const observed =
    (settling.facts.observations ?? []).length > 0 && settling.fact('hingeSide') === undefined;
  const basis = observed ? 'measured' : settling.basisOf(paired ? 'active' : 'hingeSide');
  const group = practice.handNames === 'four-hand' ? 'hand' : 'handKnuckle';
  settling.fix('hand', term(`${group}.${names.code}${paired ? '-active' : ''}`), {
    basis,
    reasons: [
      said('handing.seen', {
        side: { term: `side.${hand.hinges}` },
        swing: { term: `swing.${hand.swing}` },
      }),
      said('handing.names', {
        bevel: { term: `bevel.${names.bevel}` },
        jamb: { term: `side.${names.backToJamb}` },
        knuckle: { term: `side.${names.knuckleSide}` },
      }),
    ],
    facts: paired ? ['active', 'swing'] : ['hingeSide', 'swing', 'observations'],
  });
  settling.fix('knuckles', term(`knuckles.${names.knuckles}`), {
    reasons: [said('handing.knuckles', { bevel: { term: `bevel.${names.bevel}` } })],
  });
  settling.fix(
    'closerSide',
    term(names.bevel === 'regular' ? 'closerSide.pull' : 'closerSide.push'),
    {
      reasons: [said(`handing.closer.${names.bevel}`)],
    },
  );
  result.hand = hand;
  result.names = names;
}
