/** The stage’s words: its decisions, facts and their values, its hardware. */
export const FINISHING_TERMS = {
  'stage.finishing': 'Finishing',
  'fact.finish': 'Finish wanted',
} as const;
