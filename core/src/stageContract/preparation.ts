import type { Message, Value } from '../model/index.js';

/** A row of overlapping holes that clears a pocket. Ticks. */
export interface HoleRow {
  bit: number;
  count: number;
  /** From centre to centre. */
  pitch: number;
  /** Centres from the pocket's lower end. */
  centres: number[];
  /** The ridge left between two holes, on each side, to be pared off. */
  ridge: number;
}

/** One number of a preparation sheet; several values stand as height × width × depth. */
export interface PrepLine {
  /** Term code `prep.…`. */
  name: string;
  values: Value[];
}

/** Numbers that belong together: the leaf's edge, the faces, the strike. */
export interface PrepGroup {
  /** Term code `prepGroup.…`. */
  name: string;
  lines: PrepLine[];
}

/** A tool with what it is for. */
export interface PrepBit {
  /** `saw`, `bit`, `router`, `pilot`. */
  kind: 'saw' | 'bit' | 'router' | 'pilot';
  size: number;
  /** Term codes `prep.…` of what it makes. */
  makes: string[];
}

/** All that is cut and drilled for the hardware of a stage. */
export interface Preparation {
  groups: PrepGroup[];
  bits: PrepBit[];
  row: HoleRow | undefined;
  /** What to mind, beside the numbers. */
  notes: Message[];
}
