import { ALL_HANDS, mirrored, namesOf, opposite, type Hand } from '../handing/index.js';
import { said, type Said } from '../opening/index.js';
import type { Answer, Exercise, HandSeen } from './exercise.js';
import { seeded } from './random.js';

/** Schools of naming a hand. */
export const HAND_SCHOOLS = ['four-hand', 'knuckle-side', 'back-to-jamb'] as const;
export type HandSchool = (typeof HAND_SCHOOLS)[number];

const CODES = ['LH', 'RH', 'LHR', 'RHR'] as const;

/** What a school calls a hand. */
function wordOf(school: HandSchool, hand: Hand): string {
  const names = namesOf(hand);
  return school === 'four-hand'
    ? names.code
    : school === 'knuckle-side'
      ? names.knuckleSide
      : names.backToJamb;
}

const QUESTIONS: Record<HandSchool, Said> = {
  'four-hand': said('learn.hand.four'),
  'knuckle-side': said('learn.hand.knuckle'),
  'back-to-jamb': said('learn.hand.jamb'),
};

/** Which hand a door is, seen from a side and in a view that the seed chooses. */
export function handExercise(seed: number, school?: HandSchool): Exercise {
  const random = seeded(seed);
  const asked = school ?? random.pick(HAND_SCHOOLS);
  const hand = random.pick(ALL_HANDS);
  const seen: HandSeen = {
    from: random.pick(['outside', 'inside'] as const),
    view: random.pick(['plan', 'standing'] as const),
  };
  const truth = wordOf(asked, hand);
  const options = asked === 'four-hand' ? CODES : (['left', 'right'] as const);
  const choices: Answer[] = options.map((id) => ({
    id,
    say: said('learn.word', {
      word: id === 'left' || id === 'right' ? { term: `side.${id}` } : id,
    }),
    ...(id === truth ? {} : { mistake: mistakeOf(asked, hand, id) }),
  }));
  const { code, knuckleSide, backToJamb, knuckles } = namesOf(hand);
  return {
    bench: 'hand',
    seed,
    skill: `hand.${asked}.${seen.view}.${seen.from}`,
    question: QUESTIONS[asked],
    picture: { kind: 'hand', hand, seen },
    choices: random.shuffled(choices),
    truth,
    why: [
      said('learn.hand.why', {
        side: { term: `side.${hand.hinges}` },
        swing: { term: `learn.swing.${hand.swing}` },
        code,
      }),
      said('learn.hand.whyKnuckle', {
        where: { term: `learn.where.${knuckles}` },
        side: { term: `side.${knuckleSide}` },
      }),
      said('learn.hand.whyJamb', { side: { term: `side.${backToJamb}` } }),
    ],
  };
}

/** Which mistake leads to a word: read from inside, the swing the other way, the other school's word. */
function mistakeOf(school: HandSchool, hand: Hand, word: string): Said {
  if (school !== 'four-hand') {
    const other = school === 'knuckle-side' ? 'back-to-jamb' : 'knuckle-side';
    return wordOf(other, hand) === word
      ? said('learn.hand.otherSchool')
      : said('learn.hand.mirrored');
  }
  const { hinges, swing } = hand;
  const turned: Hand = { hinges: opposite(hinges), swing: swing === 'in' ? 'out' : 'in' };
  if (namesOf(mirrored(hand)).code === word) return said('learn.hand.mirrored');
  // From the inside the hinges change sides and the swing its direction.
  if (namesOf(turned).code === word) return said('learn.hand.fromInside');
  return said('learn.hand.swing');
}
