/** What becomes of a strike that is there already. */
export interface StrikeReuse {
  verdict: 'keep' | 'filler' | 'move' | 'new';
  /** How far its middle is too high (or, negative, too low), and too far from the stop. */
  high: number | undefined;
  deep: number | undefined;
}
