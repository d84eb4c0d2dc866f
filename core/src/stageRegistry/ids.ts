import type { SetStage, Stage } from '../model/index.js';
import { STAGE_LIST } from './list.js';

/** The stages in working order: the order of the folders, the screens, the set and the checklist. */
export const STAGES = STAGE_LIST.map(({ id }) => id as Stage);

/** The stages whose hardware stands in a set, in the order it is listed and fitted. */
export const SET_STAGES = STAGE_LIST.flatMap(({ id, hardware }) =>
  hardware ? [id as SetStage] : [],
);

const PLACES = new Map(STAGES.map((stage, index) => [stage as string, index]));

/** Where a stage stands in the order of the work; those that are none come first. */
export function placeOf(stage: string): number {
  return PLACES.get(stage) ?? -1;
}

/** Whether a word is the id of a stage. */
export function isStage(word: string): word is Stage {
  return PLACES.has(word);
}

/** The stages of the bolt row. */
export const BOLT_STAGES = STAGE_LIST.flatMap(({ id, hardware, bolt }) =>
  hardware || bolt ? [id as Stage] : [],
);
