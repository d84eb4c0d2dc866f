/**
 * One reading of a survey, kept as it was taken. Nothing is overwritten: a later reading of the same
 * thing names the ones it replaces, so that two taken apart are both there.
 */
export interface Reading {
  id: string;
  /** What was read; see `survey/names.ts`. */
  name: string;
  /** Lengths in ticks, choices and texts as they are; absent when it was skipped. */
  value?: number | string | undefined;
  /** Why it was not taken. */
  skipped?: string | undefined;
  /** By the tape, typed or sent; or told by somebody, on a drawing or a list, and not measured. */
  how: 'tape' | 'digital' | 'told';
  by: string;
  /** When, ISO 8601 in UTC, by the clock of the device. */
  at: string;
  replaces?: string[] | undefined;
}
