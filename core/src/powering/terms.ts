/** The stage’s words: its decisions, facts and their values, its hardware. */
export const POWERING_TERMS = {
  'stage.powering': 'Powering',
  'solid.wire': 'the wire’s raceway',
  'fact.wireToLeaf': 'Wire to the leaf',
} as const;
