import { defineStage } from '../stageContract/index.js';
import { decideReplacing, type Replacement } from './decide.js';
import { REPLACING_DECISIONS } from './decisions.js';
import { REPLACING_MESSAGES } from './messages.js';
import { REPLACING_TERMS } from './terms.js';
import { carriedPreparation, copiedSolids } from './solids.js';
import { REPLACING_VALUES } from './values.js';

/** What of an existing opening is kept, moved or renewed. */
export const replacing = defineStage({
  id: 'replacing',
  needs: ['sizing', 'hanging'],
  facts: {},
  values: REPLACING_VALUES,
  decisions: REPLACING_DECISIONS,
  messages: REPLACING_MESSAGES,
  terms: REPLACING_TERMS,
  decide: decideReplacing,
  prepare: ({ survey, results }) =>
    survey.empty ? undefined : carriedPreparation(survey, results.sizing),
  solids: ({ survey, practice, results }, leaf) =>
    survey.empty
      ? []
      : copiedSolids(survey, results.sizing, leaf, practice.values.viewerBore.value),
});

declare module '../model/registry.js' {
  interface Results {
    /** Absent where the opening was not surveyed. */
    replacing: Replacement | undefined;
  }
}
