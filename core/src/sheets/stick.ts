import type { DecidedOpening } from '../deciding/index.js';
import { placeLeaves } from '../drawing/index.js';
import type { Ticks } from '../measure/index.js';
import type { LeafId } from '../model/index.js';
import { cutsOf } from './cuts.js';

/** A mark across the stick, at its height below the frame's head. */
export interface StickMark {
  down: Ticks;
  /** On the leaf's half, the frame's, or across both. */
  half: 'leaf' | 'frame' | 'both';
  thing: string;
  /** Upper or lower end of it, or its middle. */
  end: 'top' | 'bottom' | 'middle';
}

/**
 * A story stick: one strip as long as the frame is high, a half for the leaf and a half for the jamb, marked where
 * hinges, lock and strike lie with the leaf in place: the head gap is built in.
 */
export interface StoryStick {
  leaf: LeafId;
  /** The edge it is laid against. */
  edge: 'hinge' | 'lock';
  length: Ticks;
  /** Top and bottom of the leaf below the head. */
  leafTop: Ticks;
  leafBottom: Ticks;
  marks: StickMark[];
}

/** The sticks of an opening, hinge side and lock side of each leaf. Empty while its size is open. */
export function storySticks(decided: DecidedOpening): StoryStick[] {
  const placed = placeLeaves(decided);
  const { frameHeight, floorFinish, leaves } = decided.results.sizing;
  if (!placed || placed.sliding || frameHeight === undefined) return [];
  const length = frameHeight - floorFinish;
  const cuts = cutsOf(decided);
  return leaves.flatMap((leaf) => {
    const { height, bottom } = leaf;
    if (height === undefined || bottom === undefined) return [];
    const leafTop = length - bottom - height;
    return (['hinge', 'lock'] as const).flatMap((edge): StoryStick[] => {
      const marks = cuts
        .filter(
          (cut) =>
            cut.leaf === leaf.id &&
            (cut.member === `${edge}-edge` ||
              cut.member === `${edge}-jamb` ||
              // What an old leaf was cut through for is set out from the lock side, as it was read.
              (edge === 'lock' && cut.owner === 'copyLeaf')),
        )
        .flatMap(({ on, down, thing }): StickMark[] => {
          const shift = on === 'leaf' ? leafTop : 0;
          return [
            { down: down[0] + shift, half: on, thing, end: 'top' },
            { down: down[1] + shift, half: on, thing, end: 'bottom' },
          ];
        })
        .sort((a, b) => a.down - b.down);
      return marks.length > 0
        ? [{ leaf: leaf.id, edge, length, leafTop, leafBottom: leafTop + height, marks }]
        : [];
    });
  });
}

/** A router's bit and the guide collar that runs in the template, by their diameters. */
export interface Router {
  bit: Ticks;
  collar: Ticks;
}

/**
 * The opening of a template for a recess: the collar keeps the bit away from the edge of the template by half of
 * what it is wider, on each side (handbook: template opening = recess + collar − bit). Undefined where the bit does
 * not pass the collar, or is too wide for the recess.
 */
export function templateOpening(
  recess: { width: Ticks; height: Ticks },
  { bit, collar }: Router,
): { width: Ticks; height: Ticks; offset: Ticks } | undefined {
  if (bit <= 0 || collar < bit || bit > Math.min(recess.width, recess.height)) return undefined;
  const wider = collar - bit;
  return { width: recess.width + wider, height: recess.height + wider, offset: wider / 2 };
}
