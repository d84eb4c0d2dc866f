import { isRecord } from '../shape/index.js';
import { LEARNING_BENCHES, type LearningBench } from './exercise.js';
import { SKILLS } from './series.js';

/** How well one thing sits: what was wrong comes again at once, what was right ever later. */
export interface Card {
  /** From 0; each right answer goes one up, a wrong one back to 0. */
  box: number;
  /** Day it comes again, counted from 1970. */
  due: number;
  right: number;
  wrong: number;
}

/** What one person has learnt: a card for each skill that was asked, by `bench.skill`. */
export type Progress = Readonly<Record<string, Card>>;

/** Days until it comes again, by box (a Leitner box: about doubled each time). */
export const DAYS = [0, 1, 3, 7, 16, 35, 80] as const;

const NEW: Card = { box: 0, due: 0, right: 0, wrong: 0 };

/** The progress after one answer on a day. */
export function answered(progress: Progress, key: string, right: boolean, day: number): Progress {
  const card = Object.hasOwn(progress, key) ? progress[key]! : NEW;
  // What was known at once is not asked again the same day.
  const box = right ? Math.min(card.box + 1, DAYS.length - 1) : 0;
  return {
    ...progress,
    [key]: {
      box,
      due: day + DAYS[box]!,
      right: card.right + (right ? 1 : 0),
      wrong: card.wrong + (right ? 0 : 1),
    },
  };
}

/**
 * What to ask next of a bench: what is due, the least known first; then what was never asked; then what is least
 * known. `last` is not asked twice running while there is anything else.
 */
export function nextSkill(
  progress: Progress,
  bench: LearningBench,
  day: number,
  last?: string,
): string {
  const cards = SKILLS[bench].map((skill, at) => {
    const card = progress[`${bench}.${skill}`];
    const rank = !card ? 1 : card.due <= day ? 0 : 2;
    return { skill, rank, box: card?.box ?? 0, due: card?.due ?? 0, at };
  });
  const others = cards.filter(({ skill }) => skill !== last);
  const [first] = (others.length > 0 ? others : cards).sort(
    (a, b) => a.rank - b.rank || a.box - b.box || a.due - b.due || a.at - b.at,
  );
  return first!.skill;
}

/** How far a bench is learnt: the mean of its boxes, from 0 to 1, and answers so far. */
export function masteryOf(
  progress: Progress,
  bench: LearningBench,
): { share: number; right: number; wrong: number } {
  let [boxes, right, wrong] = [0, 0, 0];
  for (const skill of SKILLS[bench]) {
    const card = progress[`${bench}.${skill}`];
    boxes += card?.box ?? 0;
    right += card?.right ?? 0;
    wrong += card?.wrong ?? 0;
  }
  return { share: boxes / (SKILLS[bench].length * (DAYS.length - 1)), right, wrong };
}

const MOST = 1e6;

/** Progress as it was kept; what is none of it is left out. */
export function readProgress(value: unknown): Progress {
  if (!isRecord(value)) return {};
  const whole = (one: unknown): one is number =>
    Number.isInteger(one) && (one as number) >= 0 && (one as number) <= MOST;
  const known = new Set(
    LEARNING_BENCHES.flatMap((bench) => SKILLS[bench].map((skill) => `${bench}.${skill}`)),
  );
  return Object.fromEntries(
    Object.entries(value).flatMap(([key, card]) => {
      if (!known.has(key) || !isRecord(card)) return [];
      const { box, due, right, wrong } = card;
      return whole(box) && box < DAYS.length && whole(due) && whole(right) && whole(wrong)
        ? [[key, { box, due, right, wrong }] as const]
        : [];
    }),
  );
}

/** Two devices' progress as one: of each card the one with more answers. */
export function mergedProgress(one: Progress, other: Progress): Progress {
  const merged: Record<string, Card> = { ...one };
  for (const [key, card] of Object.entries(other)) {
    const mine = merged[key];
    if (!mine || card.right + card.wrong > mine.right + mine.wrong) merged[key] = card;
  }
  return merged;
}
