import type { Ticks } from '../measure/index.js';
import type { HangingDevice, Solid } from '../model/index.js';
import type { SizedLeaf } from '../sizing/index.js';
import type { ButtForm } from './decisions.js';
import type { HingeLoad } from './loads.js';
import type { SurveyedHinges } from './matching.js';

/** How one leaf is hung; absent parts are open, or not to be had of its device. */
export interface HungLeaf {
  readonly leaf: SizedLeaf;
  readonly mass: number | undefined;
  readonly hingeHeight: Ticks | undefined;
  readonly hingeWidth: Ticks | undefined;
  readonly count: number | undefined;
  /** Top edges of the hinges below the leaf's top, top hinge first. */
  readonly positions: readonly Ticks[] | undefined;
  /** The same by the pattern, where they were set otherwise. */
  readonly pattern: readonly Ticks[] | undefined;
  /** The pattern they stand by; `survey` where they keep to the frame's. */
  readonly patternId: string | undefined;
  /** Barrel centre outside the pull face. */
  readonly p: Ticks | undefined;
  readonly weight: 'standard' | 'heavy' | undefined;
  readonly bearing: 'plain' | 'bearing' | undefined;
  readonly corner: string | undefined;
  /** EN 1935 grade, at least. */
  readonly grade: number | undefined;
  /** What each hinge carries, top hinge first. */
  readonly loads: readonly HingeLoad[] | undefined;
  /** Shape of a butt; swing-clear ones carry the leaf out of the opening. */
  readonly form: ButtForm | undefined;
  /** Where the foot of a pivot stands. */
  readonly foot: 'floor' | 'jamb' | undefined;
  /** Which hinge from the top passes a wire to the leaf. */
  readonly wireHinge: number | undefined;
}

/** A leaf of which nothing is decided yet but its mass. */
export function unhung(leaf: SizedLeaf, mass: number | undefined): HungLeaf {
  return {
    leaf,
    mass,
    hingeHeight: undefined,
    hingeWidth: undefined,
    count: undefined,
    positions: undefined,
    pattern: undefined,
    patternId: undefined,
    p: undefined,
    weight: undefined,
    bearing: undefined,
    corner: undefined,
    grade: undefined,
    loads: undefined,
    form: undefined,
    foot: undefined,
    wireHinge: undefined,
  };
}

/** The same leaf with what its device decides; the fields keep their order. */
export function hungWith({ leaf, mass }: HungLeaf, more: Partial<HungLeaf>): HungLeaf {
  return Object.assign(unhung(leaf, mass), more);
}

/** What later stages and the drawing read of the hanging. */
export interface Hanging {
  readonly device: HangingDevice;
  readonly leaves: readonly HungLeaf[];
  readonly metal: string;
  /** Of butts; undefined while it depends on an open hand. */
  readonly pin: string | undefined;
  /** Where the axis of the first leaf stands, where it swings. */
  readonly axis: { readonly x: number; readonly y: number } | undefined;
  /** Which hinge from the top passes a wire to the leaf. */
  readonly wireHinge: number | undefined;
  /** The frame's own hinges where they were surveyed. */
  readonly existing: SurveyedHinges | undefined;
  /** Clear width of the active leaf of a pair alone. */
  readonly clearWidthActive: Ticks | undefined;
  /** The widest it opens, degrees, where something stands in its way. */
  readonly widest: number | undefined;
  /** Whether the lock edge passes a square jamb or is bevelled. */
  readonly lockEdge: 'square' | 'bevelled' | undefined;
  /** What is let into leaf and frame to hang it. */
  readonly solids: readonly Solid[];
}
