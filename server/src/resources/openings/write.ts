import type { StoredFacts } from '../../base/openingRows/openingText.js';

/** One change of a bulk write, checked, its facts as they are stored. */
export type Write =
  | { op: 'create'; id?: string; facts: StoredFacts }
  | { op: 'update'; id: string; version: number; facts: StoredFacts }
  | { op: 'delete'; id: string; version: number };
