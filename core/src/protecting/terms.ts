/** The stage’s words: its decisions, facts and their values, its hardware. */
export const PROTECTING_TERMS = {
  'stage.protecting': 'Protecting',
  'solid.kickPlate': 'the kick plate',
  'fact.kickPlate': 'Kick plate, height',
} as const;
