import { BOLT_STAGES, STAGES, type Stage } from '@riegel/core';
import { STAGE_PAGES } from './pages.js';

/** Where a stage of an opening is looked at: on a page of its own, else on the opening's. */
export function stageAddress(base: string, openingId: string, stage: Stage): string {
  const page = STAGE_PAGES[stage];
  return page
    ? `${base}/${page.path}/${openingId}`
    : `${base}/openings/${openingId}#stage-${stage}`;
}

/** The stages of an opening that can be gone to, in the order of the work. */
export const REACHED_STAGES: readonly Stage[] = STAGES.filter(
  (stage) => BOLT_STAGES.includes(stage) || STAGE_PAGES[stage] !== undefined,
);
