/** The stage’s words: its decisions, facts and their values, its hardware. */
export const CLOSING_TERMS = {
  'stage.closing': 'Closing',
  'name.closing.product': 'Product',
  'solid.surfaceCloser': 'the closer',
  'solid.concealedCloser': 'the closer’s case',
  'fact.holdOpen': 'Held open',
  'fact.closerKind': 'Kind of closer',
  'closer.none': 'no closer',
  'closer.closer': 'a closer',
  'closer.back-check': 'a closer with back-check',
  'closerKind.none': 'none',
  'closerKind.surface-pull': 'on the pull face',
  'closerKind.surface-push': 'on the push face',
  'closerKind.concealed-overhead': 'concealed in the top rail',
  'closerKind.floor': 'in the floor',
  'closerKind.head': 'in the head',
} as const;
