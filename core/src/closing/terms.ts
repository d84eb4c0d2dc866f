/** The stage’s words: its decisions, facts and their values, its hardware. */
export const CLOSING_TERMS = {
  'stage.closing': 'Closing',
  'name.closing.product': 'Product',
  'solid.surfaceCloser': 'the closer',
  'solid.concealedCloser': 'the closer’s case',
  'fact.holdOpen': 'Held open',
  'fact.closer': 'Closer',
  'fact.backCheck': 'Back-check',
  'closer.none': 'none',
  'closer.any': 'one, kind open',
  'closer.surface-pull': 'on the pull face',
  'closer.surface-push': 'on the push face',
  'closer.concealed-overhead': 'concealed in the top rail',
  'closer.floor': 'in the floor',
  'closer.head': 'in the head',
} as const;
