import { wholeDown } from '../measure/index.js';
import { valueOrUndefined, type OpeningFacts, type MeasuredLeaf } from '../model/index.js';
import type { LockKind } from './facts.js';
import type { Practice } from '../practice/index.js';
import type { Sizes } from '../sizing/index.js';
import { LOCK_FORMS } from './lockForms.js';
import { caseDepth, isTimber } from './lockType.js';
import { solidWidth, type SolidWidth } from './stile.js';

/** A size held against what it needs. */
export interface Room {
  has: number;
  needed: number;
}

/** How a lock sits in its leaf; lengths in ticks, z from the pull face. */
export interface LockFit {
  kind: LockKind;
  backset: number;
  /** Middle of the lock above the leaf's bottom. */
  y: number;
  /** Middle of the lock in the thickness, and the thickness of the leaf proper around it. */
  z: number;
  proper: number;
  /** How far a bevelled edge stands out at the pull face and back at the push face; 0 when square. */
  bevel: number;
  /** Backset at each face: the edge is bevelled, the backset holds in its middle. */
  backsetPull: number;
  backsetPush: number;
  /** Pocket of a case, where there is one. */
  pocket: { across: number; up: number; through: number } | undefined;
  /** Bores, where there are: across the faces, and from the edge. */
  bore: { cross: number; edge: number; depth: number } | undefined;
  solid: SolidWidth | undefined;
  /** Backset, half the trim and a margin against what is solid. */
  trim: Room | undefined;
  /** Case and a margin against what is solid. */
  case: Room | undefined;
  /** Wood on each side of the case. */
  skin: Room | undefined;
  /** From the grip to the jamb on the pull side, and to the stop on the push side. */
  fingersPull: number;
  fingersPush: number;
}

/** A pair's edge, or the jamb: the gap the bolt crosses. */
export function boltGap(facts: OpeningFacts, sizes: Sizes): number {
  const meets = sizes.meetingGap !== undefined && facts.meetingEdge !== 'mullion';
  return (meets ? sizes.meetingGap : sizes.lockGap) ?? sizes.lockGap ?? sizes.meetingGap ?? 0;
}

/** How far a bevel moves the edge between the middle of the thickness and a face. */
export function bevelShift(thickness: number, degrees: number): number {
  return Math.round((thickness / 2) * Math.tan((degrees * Math.PI) / 180));
}

/** A lock in a leaf: at a backset, its middle `y` above the leaf's bottom. */
export interface FitCase {
  facts: OpeningFacts;
  practice: Practice;
  sizes: Sizes;
  leaf: MeasuredLeaf;
  kind: LockKind;
  backset: number;
  y: number;
  /** Whether the lock edge is bevelled. */
  bevelled: boolean;
  /** How far the lock edge of an old leaf that is copied is back at its push face, over the thickness. */
  bevelRead?: number | undefined;
}

/** Fits a lock into a leaf. */
export function fitLock(at: FitCase): LockFit {
  const { facts, practice, sizes, leaf, kind, backset, y, bevelled, bevelRead } = at;
  const { values } = practice;
  const form = LOCK_FORMS[kind];
  const filler = Math.min(valueOrUndefined(facts.faceFiller) ?? 0, leaf.thickness);
  const proper = leaf.thickness - filler;
  const bevel =
    bevelRead !== undefined
      ? Math.round(bevelRead / 2)
      : bevelled
        ? bevelShift(leaf.thickness, values.lockBevel.value)
        : 0;
  const bodies = values.bodies.value;
  const depth = caseDepth(kind, backset, practice);
  const body = form.body ? bodies[form.body] : undefined;
  const solid = solidWidth(facts, practice, leaf, y);
  const grip = bodies[valueOrUndefined(facts.handle) === 'knob' ? 'knob' : 'lever'].across / 2;
  const reach = backset + boltGap(facts, sizes) - grip;
  const covers = form.sits === 'pocket' || form.sits === 'bore';
  const narrow = kind === 'narrow-stile';
  return {
    kind,
    backset,
    y,
    z: filler + proper / 2,
    proper,
    // Closing, the push face leads: it is cut back.
    bevel,
    backsetPull: backset + bevel,
    backsetPush: backset - bevel,
    pocket:
      form.sits === 'pocket' && body && depth !== undefined
        ? { across: depth, up: body.up, through: body.through }
        : undefined,
    bore:
      form.sits === 'bore'
        ? {
            cross: bodies.lockBore.across,
            edge: bodies.latchBore.through,
            // Through to the cross bore, and into it.
            depth: backset + bodies.lockBore.across / 2,
          }
        : undefined,
    solid,
    trim:
      solid && covers && !narrow
        ? {
            has: solid.width,
            needed: backset + bodies.rose.across / 2 + values.trimMargin.value,
          }
        : undefined,
    case:
      solid && depth !== undefined
        ? { has: solid.width, needed: depth + (narrow ? 0 : values.caseMargin.value) }
        : undefined,
    skin:
      body && form.sits === 'pocket' && isTimber(facts)
        ? { has: wholeDown((proper - body.through) / 2), needed: values.caseSkin.value }
        : undefined,
    fingersPull: reach,
    fingersPush: reach - sizes.stopWidth,
  };
}
