import type { Reading } from './reading.js';

/** What kind of answer a reading is. Lengths in ticks; `lean` is a length that may be negative. */
export type ReadingType = 'length' | 'lean' | 'count' | 'choice' | 'text';

/** Where a reading is taken, for the drawing and for the order. */
export type ReadingGroup =
  'frame' | 'floor' | 'leaf' | 'hangs' | 'hinges' | 'lock' | 'holes' | 'state';

/** Ends of the tape on the opening: u from the hinge jamb (0) to the lock jamb (1), v from floor to head. */
export interface Tape {
  a: { u: number; v: number };
  b: { u: number; v: number };
}

/** One reading that a survey may take. */
export interface ReadingKind {
  name: string;
  type: ReadingType;
  group: ReadingGroup;
  tape: Tape;
  options?: readonly string[];
  /** Which hinge it is of, counted from the top. */
  hinge?: number;
  /** Taken only where the new leaf is copied from the old one. */
  copying?: true;
  /** Taken only where a lining is made anew, so that it follows the wall. */
  lining?: true;
}

const between = (u1: number, v1: number, u2: number, v2: number): Tape => ({
  a: { u: u1, v: v1 },
  b: { u: u2, v: v2 },
});
const at = (u: number, v: number): Tape => between(u, v, u, v);

export const CORNERS = ['square', 'quarter', 'five-eighths'] as const;
export const HINGE_DATUMS = ['leaf-top', 'frame-head'] as const;
export const HINGE_POINTS = ['top-edge', 'centre'] as const;
export const CLOSER_PLACES = [
  'none',
  'pull side',
  'push side',
  'in the floor',
  'concealed',
] as const;
export const FRAME_STATES = ['sound', 'loose', 'rusted', 'split', 'stripped screws'] as const;
export const LEAF_STATES = ['sound', 'rusted', 'split', 'warped', 'stripped screws'] as const;
/** How an old leaf hangs, as one finds by shutting it. */
export const HANGS = [
  'well',
  'binds at the lock edge',
  'binds at the hinges',
  'binds at the head',
  'drags on the floor',
  'does not latch',
] as const;
/** Which end of a leaf of unequal edges is square to its hinge edge. */
export const SQUARE_ENDS = ['head', 'foot'] as const;
export const HINGE_STATES = ['sound', 'worn', 'seized', 'bent', 'rusted'] as const;
export const LOCK_STATES = ['sound', 'worn', 'seized', 'broken'] as const;

const FIXED: readonly ReadingKind[] = [
  { name: 'widthTop', type: 'length', group: 'frame', tape: between(0, 0.93, 1, 0.93) },
  { name: 'widthMiddle', type: 'length', group: 'frame', tape: between(0, 0.5, 1, 0.5) },
  { name: 'widthBottom', type: 'length', group: 'frame', tape: between(0, 0.06, 1, 0.06) },
  { name: 'heightHinge', type: 'length', group: 'frame', tape: between(0.05, 0, 0.05, 1) },
  { name: 'heightLock', type: 'length', group: 'frame', tape: between(0.95, 0, 0.95, 1) },
  { name: 'diagonalFromHingeTop', type: 'length', group: 'frame', tape: between(0, 1, 1, 0) },
  { name: 'diagonalFromLockTop', type: 'length', group: 'frame', tape: between(1, 1, 0, 0) },
  { name: 'plumbHinge', type: 'lean', group: 'frame', tape: between(0, 0, 0, 1) },
  { name: 'plumbLock', type: 'lean', group: 'frame', tape: between(1, 0, 1, 1) },
  { name: 'wallThickness', type: 'length', group: 'frame', tape: at(1, 0.6) },
  { name: 'floorRise', type: 'length', group: 'floor', tape: at(0.7, 0) },
  { name: 'coveringNow', type: 'length', group: 'floor', tape: at(0.5, 0) },
  { name: 'coveringLater', type: 'length', group: 'floor', tape: at(0.5, 0) },
  { name: 'leafWidth', type: 'length', group: 'leaf', tape: between(0.01, 0.55, 0.99, 0.55) },
  { name: 'leafHeight', type: 'length', group: 'leaf', tape: between(0.9, 0.01, 0.9, 0.99) },
  { name: 'leafThickness', type: 'length', group: 'leaf', tape: at(1, 0.45) },
  { name: 'headGapNow', type: 'length', group: 'leaf', tape: at(0.1, 0.99) },
  {
    name: 'hingeCount',
    type: 'count',
    group: 'hinges',
    tape: at(0, 0.9),
  },
  { name: 'hingeDatum', type: 'choice', group: 'hinges', tape: at(0, 1), options: HINGE_DATUMS },
  { name: 'hingePoint', type: 'choice', group: 'hinges', tape: at(0, 0.92), options: HINGE_POINTS },
  { name: 'hingeHeight', type: 'length', group: 'hinges', tape: between(0, 0.88, 0, 0.92) },
  { name: 'hingeWidth', type: 'length', group: 'hinges', tape: at(0, 0.9) },
  { name: 'hingeCorner', type: 'choice', group: 'hinges', tape: at(0, 0.9), options: CORNERS },
  { name: 'hingeSetBack', type: 'length', group: 'hinges', tape: at(0, 0.9) },
  { name: 'hingeScrews', type: 'text', group: 'hinges', tape: at(0, 0.9) },
  { name: 'lockHeight', type: 'length', group: 'lock', tape: between(0.98, 0, 0.98, 0.5) },
  { name: 'backset', type: 'length', group: 'lock', tape: between(0.94, 0.5, 1, 0.5) },
  { name: 'lockCase', type: 'length', group: 'lock', tape: between(0.97, 0.46, 0.97, 0.54) },
  { name: 'strikeHeight', type: 'length', group: 'lock', tape: between(1, 0, 1, 0.5) },
  { name: 'strikeLength', type: 'length', group: 'lock', tape: between(1, 0.47, 1, 0.53) },
  {
    name: 'closerPlace',
    type: 'choice',
    group: 'lock',
    tape: at(0.3, 0.97),
    options: CLOSER_PLACES,
  },
  { name: 'label', type: 'text', group: 'state', tape: at(0, 0.8) },
  { name: 'frameState', type: 'choice', group: 'state', tape: at(0, 0.7), options: FRAME_STATES },
  { name: 'leafState', type: 'choice', group: 'state', tape: at(0.5, 0.7), options: LEAF_STATES },
  { name: 'hingeState', type: 'choice', group: 'state', tape: at(0, 0.6), options: HINGE_STATES },
  { name: 'lockState', type: 'choice', group: 'state', tape: at(1, 0.5), options: LOCK_STATES },
];

/** A reading that is taken where the old leaf is copied. */
const copying = (
  name: string,
  group: ReadingGroup,
  tape: Tape,
  more: Partial<Pick<ReadingKind, 'type' | 'options'>> = {},
): ReadingKind => ({ name, type: 'length', group, tape, ...more, copying: true });

/** The wall's thickness with its boards at six places, where a lining is made anew. */
const LINING: readonly ReadingKind[] = [
  ['wallHingeTop', 0, 0.92],
  ['wallHingeBottom', 0, 0.08],
  ['wallHeadHinge', 0.1, 1],
  ['wallHeadLock', 0.9, 1],
  ['wallLockTop', 1, 0.92],
  ['wallLockBottom', 1, 0.08],
].map(([name, u, v]) => ({
  name: String(name),
  type: 'length' as const,
  group: 'frame' as const,
  tape: at(Number(u), Number(v)),
  lining: true as const,
}));

/** What is read besides where the old leaf is the master. */
const COPYING: readonly ReadingKind[] = [
  copying('leafWidthTop', 'leaf', between(0.01, 0.93, 0.99, 0.93)),
  copying('leafWidthBottom', 'leaf', between(0.01, 0.06, 0.99, 0.06)),
  copying('leafHeightHinge', 'leaf', between(0.1, 0.01, 0.1, 0.99)),
  copying('leafSquareEnd', 'leaf', at(0.5, 0.99), { type: 'choice', options: SQUARE_ENDS }),
  copying('bevelHinge', 'leaf', at(0, 0.5), { type: 'lean' }),
  copying('bevelLock', 'leaf', at(1, 0.5), { type: 'lean' }),
  copying('hangs', 'hangs', at(1, 0.7), { type: 'choice', options: HANGS }),
  copying('gapHeadLock', 'hangs', at(0.9, 0.99)),
  copying('gapLockTop', 'hangs', at(1, 0.92)),
  copying('gapLockBottom', 'hangs', at(1, 0.08)),
  copying('gapFloorLock', 'hangs', at(0.9, 0)),
  copying('gapFloorHinge', 'hangs', at(0.1, 0)),
  copying('gapHingeBottom', 'hangs', at(0, 0.08)),
  copying('gapHingeTop', 'hangs', at(0, 0.92)),
  copying('lockFromTop', 'lock', between(0.98, 0.5, 0.98, 1)),
  copying('viewerFromTop', 'holes', between(0.5, 0.72, 0.5, 1)),
  copying('viewerFromLock', 'holes', between(0.5, 0.72, 1, 0.72)),
  copying('plateFromTop', 'holes', between(0.45, 0.45, 0.45, 1)),
  copying('plateFromLock', 'holes', between(0.45, 0.45, 1, 0.45)),
  copying('plateUp', 'holes', between(0.4, 0.43, 0.4, 0.47)),
  copying('plateAcross', 'holes', between(0.35, 0.45, 0.6, 0.45)),
  copying('ventFromTop', 'holes', between(0.5, 0.15, 0.5, 1)),
  copying('ventFromLock', 'holes', between(0.5, 0.15, 1, 0.15)),
  copying('ventUp', 'holes', between(0.45, 0.1, 0.45, 0.2)),
  copying('ventAcross', 'holes', between(0.3, 0.15, 0.7, 0.15)),
  copying('closerFromTop', 'holes', between(0.2, 0.95, 0.2, 1)),
  copying('closerFromHinge', 'holes', between(0, 0.95, 0.2, 0.95)),
];

/** The most hinges that are surveyed one by one. */
export const MAX_HINGES = 6;

/** Name of a hinge's position, counted from the top. */
export function hingeReading(index: number): string {
  return `hinge${index}`;
}

/**
 * Lists every reading of a survey; hinge positions for as many hinges as were counted (three until then).
 *
 * @param copy whether the old leaf is the master, so that more of it is read
 * @param lining whether a lining is made anew, so that the wall is read at six places
 */
export function readingKinds(hinges = 3, copy = false, lining = false): ReadingKind[] {
  const kinds = [...FIXED, ...(copy ? COPYING : []), ...(lining ? LINING : [])];
  const from = kinds.findIndex((kind) => kind.name === 'hingeHeight');
  const positions = Array.from({ length: Math.min(hinges, MAX_HINGES) }, (_, index) => {
    const v = hinges === 1 ? 0.5 : 0.92 - (0.8 * index) / (hinges - 1);
    return {
      name: hingeReading(index + 1),
      type: 'length' as const,
      group: 'hinges' as const,
      tape: between(0, v, 0, 1),
      hinge: index + 1,
    };
  });
  kinds.splice(from, 0, ...positions);
  return kinds;
}

const BY_NAME = new Map(readingKinds(MAX_HINGES, true, true).map((kind) => [kind.name, kind]));

/** The kind of a reading by its name. */
export function readingKind(name: string): ReadingKind | undefined {
  return BY_NAME.get(name);
}

/** Whether a reading is one that a survey takes, with a value that it can have. */
export function fitsKind(reading: Pick<Reading, 'name' | 'value'>): boolean {
  const kind = readingKind(reading.name);
  if (!kind) return false;
  const { value } = reading;
  if (value === undefined) return true;
  switch (kind.type) {
    case 'length':
      return Number.isInteger(value) && Number(value) >= 0 && Number(value) < 1e8;
    case 'lean':
      return Number.isInteger(value) && Math.abs(Number(value)) < 1e6;
    case 'count':
      return Number.isInteger(value) && Number(value) >= 1 && Number(value) <= MAX_HINGES;
    case 'choice':
      return kind.options!.includes(String(value));
    case 'text':
      return typeof value === 'string' && value.length <= 300;
  }
}
