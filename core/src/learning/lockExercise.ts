import { lockSpecsWith } from '../catalogue/index.js';
import { message, type Message } from '../model/index.js';
import type { LockUse } from '../practice/index.js';
import {
  derivedProperties,
  findLocks,
  LOCK_FORMS,
  proposalFor,
  wishesFor,
  type LockKind,
} from '../securing/index.js';
import type { Answer, Exercise } from './exercise.js';
import { seeded } from './random.js';

/** Wishes as somebody says them, and the kinds of lock they are asked for. */
const ASKED: readonly { use: LockUse; kinds: readonly LockKind[]; say: Message }[] = [
  { use: 'passage', kinds: ['cylindrical', 'mortise'], say: message('learn.lock.passage') },
  { use: 'privacy', kinds: ['cylindrical', 'mortise'], say: message('learn.lock.privacy') },
  { use: 'office', kinds: ['cylindrical', 'mortise'], say: message('learn.lock.office') },
  { use: 'classroom', kinds: ['cylindrical', 'mortise'], say: message('learn.lock.classroom') },
  { use: 'lock-down', kinds: ['mortise'], say: message('learn.lock.lockDown') },
  { use: 'store', kinds: ['cylindrical', 'mortise'], say: message('learn.lock.store') },
  { use: 'entrance', kinds: ['mortise'], say: message('learn.lock.entrance') },
  { use: 'apartment', kinds: ['mortise'], say: message('learn.lock.apartment') },
  { use: 'guest', kinds: ['mortise'], say: message('learn.lock.guest') },
  { use: 'dormitory', kinds: ['mortise'], say: message('learn.lock.dormitory') },
];

/** How many answers are offered. */
const OFFERED = 4;

export const LOCK_SKILLS = ASKED.flatMap(({ use, kinds }) => kinds.map((kind) => `${use}.${kind}`));

/** Which function does what somebody wishes; the others are the nearest that do not. */
export function lockExercise(seed: number, skill?: string): Exercise {
  const random = seeded(seed);
  const wanted = skill && LOCK_SKILLS.includes(skill) ? skill : random.pick(LOCK_SKILLS);
  const [use, kind] = wanted.split('.') as [LockUse, LockKind];
  const { say } = ASKED.find((one) => one.use === use)!;
  const all = lockSpecsWith([]);
  const best = proposalFor(all, kind, use, undefined, true, false).best!;
  const wishes = wishesFor(kind, use, undefined);
  const specs = LOCK_FORMS[kind].functions.flatMap((id) => all.get(id) ?? []);
  const wrong = findLocks(wishes, specs, derivedProperties)
    .filter(
      ({ spec, breaks, derived }) => spec.id !== best.id && (breaks.length > 0 || derived.canTrap),
    )
    .slice(0, (OFFERED - 1) * 2);
  const offered = random.shuffled(wrong).slice(0, OFFERED - 1);
  const nameOf = (id: string) => message('learn.word', { word: { term: `lock.${id}` } });
  const choices: Answer[] = [
    { id: best.id, say: nameOf(best.id) },
    ...offered.map(({ spec, breaks, derived }) => ({
      id: spec.id,
      say: nameOf(spec.id),
      mistake: derived.canTrap
        ? message('learn.lock.traps')
        : message('learn.lock.breaks', {
            what: {
              term: `learn.${wishes[breaks[0]!] === true ? 'lacks' : 'keeps'}.${breaks[0]!}`,
            },
          }),
    })),
  ];
  return {
    bench: 'lock',
    seed,
    skill: `lock.${wanted}`,
    question: say,
    picture: {
      kind: 'lock',
      specs: Object.fromEntries(choices.map(({ id }) => [id, all.get(id)!])),
    },
    choices: random.shuffled(choices),
    truth: best.id,
    why: [
      message('learn.lock.why', { lock: { term: `lock.${best.id}` } }),
      ...(Object.keys(wishes) as (keyof typeof wishes)[])
        .filter((wish) => wishes[wish] === true)
        .map((wish) => message('learn.lock.keeps', { what: { term: `learn.keeps.${wish}` } })),
    ],
  };
}
