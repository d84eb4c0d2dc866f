import {
  BASE_PRACTICES,
  PRACTICE_IDS,
  type Practice,
  type PracticeId,
  type PracticeValues,
} from '../practice/index.js';
import { STAGE_LIST } from '../stageRegistry/index.js';

/** A shipped practice with what the stages bring. */
function whole(id: PracticeId): Practice {
  const base = BASE_PRACTICES[id];
  const brought = STAGE_LIST.flatMap(({ values = {} }) =>
    Object.entries(values).map(([name, by]) => [name, by[id]] as const),
  );
  return { ...base, values: { ...base.values, ...Object.fromEntries(brought) } as PracticeValues };
}

/** The five practices that ship, by id. */
export const PRACTICES = Object.fromEntries(PRACTICE_IDS.map((id) => [id, whole(id)])) as Record<
  PracticeId,
  Practice
>;

/** The practice of that id; the US commercial one when the id is none of the shipped. */
export function practiceOf(id: string): Practice {
  return Object.hasOwn(PRACTICES, id) ? PRACTICES[id as PracticeId] : PRACTICES['us-commercial'];
}
