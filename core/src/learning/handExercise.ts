import { ALL_HANDS, mirrored, namesOf, opposite, type Hand } from '../handing/index.js';
import { message, type Message } from '../model/index.js';
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

const QUESTIONS: Record<HandSchool, Message> = {
  'four-hand': message('learn.hand.four'),
  'knuckle-side': message('learn.hand.knuckle'),
  'back-to-jamb': message('learn.hand.jamb'),
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
    say: message('learn.word', {
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
      message('learn.hand.why', {
        side: { term: `side.${hand.hinges}` },
        swing: { term: `learn.swing.${hand.swing}` },
        code,
      }),
      message('learn.hand.whyKnuckle', {
        where: { term: `learn.where.${knuckles}` },
        side: { term: `side.${knuckleSide}` },
      }),
      message('learn.hand.whyJamb', { side: { term: `side.${backToJamb}` } }),
    ],
  };
}

/** Which mistake leads to a word: read from inside, the swing the other way, the other school's word. */
function mistakeOf(school: HandSchool, hand: Hand, word: string): Message {
  if (school !== 'four-hand') {
    const other = school === 'knuckle-side' ? 'back-to-jamb' : 'knuckle-side';
    return wordOf(other, hand) === word
      ? message('learn.hand.otherSchool')
      : message('learn.hand.mirrored');
  }
  const { hinges, swing } = hand;
  const turned: Hand = { hinges: opposite(hinges), swing: swing === 'in' ? 'out' : 'in' };
  if (namesOf(mirrored(hand)).code === word) return message('learn.hand.mirrored');
  // From the inside the hinges change sides and the swing its direction.
  if (namesOf(turned).code === word) return message('learn.hand.fromInside');
  return message('learn.hand.swing');
}
