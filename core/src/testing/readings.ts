import type { Reading } from '../survey/index.js';

/** Readings as one person takes them one after the other: lengths in ticks, words for the rest. */
export const readings = (values: Record<string, number | string>): Reading[] =>
  Object.entries(values).map(([name, value], index) => ({
    id: `r${index + 1}`,
    name,
    value,
    how: 'digital',
    by: 'A',
    at: '2026-01-01',
  }));
