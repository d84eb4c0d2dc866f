/** What is measured, and between which bounds; forces in newtons, times in seconds, lengths in ticks. */
export interface Measured {
  unit: 'seconds' | 'newtons' | 'length';
  least?: number | undefined;
  most?: number | undefined;
  /** Standard or practice that the bounds come from. */
  source: string;
}
