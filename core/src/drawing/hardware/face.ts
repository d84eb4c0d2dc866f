import type { LockSpec } from '../../catalogue/index.js';
import { inches } from '../../measure/index.js';
import type { Point } from '../model.js';
import {
  bar,
  boxAbout,
  boxed,
  chamfered,
  corners,
  detail,
  disc,
  heightOf,
  middleOf,
  outlineOf,
  ring,
  screw,
  steps,
  widthOf,
  type Box,
  type Stroke,
} from './stroke.js';

/** What a face of a leaf must know to draw what is on it. Lengths in ticks. */
export interface Face {
  /** The leaf. */
  width: number;
  height: number;
  /** Whether it is the face from which the lock is worked with a key. */
  outside: boolean;
  handle: 'lever' | 'knob';
  /** Size of the handle: a lever's thickness, a knob's width. */
  grip: number;
  /** Where a cylinder of its own stands to the handle; undefined where it is in the handle. */
  cylinder: 'above' | 'below' | undefined;
  spec: LockSpec | undefined;
  /** Height of the frame's head above the leaf's top, for arms that reach it. */
  head: number;
}

/** From the handle's middle to the end of a lever, and to a cylinder of its own (usual makes). */
const LEVER = inches(4.625);
const CYLINDER = inches(3.5);
const CYLINDER_SIZE = inches(1.25);
const SCREW = inches(0.16);
const SCREW_PITCH = inches(5);

type Draw = (box: Box, face: Face) => Stroke[];

/** A lever points to the hinges: it is drawn back with the hand that pulls the leaf. */
function lever({ x, y }: Point, face: Face): Stroke[] {
  const t = face.grip / 2;
  const end = x - LEVER;
  return [
    outlineOf([
      { x: x + t, y: y - t },
      { x: x + t, y: y + t },
      { x: end + t, y: y + t * 0.8 },
      { x: end, y: y + t * 0.4 },
      { x: end, y: y - t * 0.4 },
      { x: end + t, y: y - t * 0.8 },
    ]),
    ring({ x, y }, t * 0.6),
  ];
}

function knob(at: Point, { grip }: Face): Stroke[] {
  return [disc(at, grip / 2), ring(at, grip * 0.3)];
}

/** A keyhole: the plug and the slot of the key. */
function keyhole({ x, y }: Point, size: number): Stroke[] {
  return [ring({ x, y }, size * 0.32), detail({ x, y: y - size * 0.2 }, { x, y: y + size * 0.2 })];
}

/** A turn: a bar on a small plate. */
function turn({ x, y }: Point, size: number): Stroke[] {
  return [
    ring({ x, y }, size * 0.5),
    bar({ x, y: y - size * 0.42 }, { x, y: y + size * 0.42 }, size * 0.24),
  ];
}

/** What somebody works on this face besides the handle: key, turn or button. */
function controls(at: Point, face: Face): Stroke[] {
  const { spec, outside, cylinder, grip } = face;
  if (!spec) return [];
  const keyed = (outside ? spec.outsideKey : spec.insideKey).length > 0;
  const turned = !outside && spec.insideTurn.length > 0;
  const button = !outside && spec.insideButton;
  if (!keyed && !turned && !button) return [];
  if (cylinder === undefined) {
    if (keyed) return keyhole(at, grip * 0.8);
    return turned ? turn(at, grip * 0.7) : [ring(at, grip * 0.3)];
  }
  const own = { x: at.x, y: at.y + (cylinder === 'above' ? CYLINDER : -CYLINDER) };
  return [
    disc(own, CYLINDER_SIZE / 2),
    ...(keyed ? keyhole(own, CYLINDER_SIZE * 0.8) : turn(own, CYLINDER_SIZE * 0.8)),
  ];
}

const rose: Draw = (box, face) => {
  const at = middleOf(box);
  const { spec, outside } = face;
  const has = spec ? (outside ? spec.outsideHandle : spec.insideHandle) : 'moves';
  const plate: Stroke[] = [disc(at, Math.min(widthOf(box), heightOf(box)) / 2)];
  if (has === 'none') return [...plate, ...controls(at, face)];
  return [
    ...plate,
    ...(face.handle === 'knob' ? knob(at, face) : lever(at, face)),
    ...controls(at, face),
  ];
};

/** The case of an exit device towards the lock edge, its end cap towards the hinges. */
const exitDevice: Draw = (box, face) => {
  const cut = heightOf(box) * 0.14;
  const { left, right, bottom, top } = box;
  const y = middleOf(box).y;
  const lockSide = right > face.width * 0.6;
  if (!lockSide)
    return [chamfered(box, cut), ...screw({ x: (left + right) / 2, y }, Math.min(SCREW, cut))];
  const cap = left + widthOf(box) * 0.62;
  return [
    chamfered(box, cut),
    detail({ x: cap, y: bottom }, { x: cap, y: top }),
    ...screw({ x: left + widthOf(box) * 0.18, y }, SCREW),
    ...screw({ x: cap + widthOf(box) * 0.19, y }, SCREW),
  ];
};

/** The bar that is pushed: a pad in its channel. */
const exitBar: Draw = (box) => {
  const { left, right, bottom, top } = box;
  const inset = heightOf(box) * 0.22;
  return [
    boxed(box),
    detail({ x: left, y: bottom + inset }, { x: right, y: bottom + inset }),
    detail({ x: left, y: top - inset }, { x: right, y: top - inset }),
  ];
};

/** A rod on the face with its guides. */
const rod: Draw = (box) => {
  const guide = widthOf(box) * 1.7;
  const { x } = middleOf(box);
  return [
    boxed(box),
    ...[0.3, 0.75].map((share) =>
      boxed(boxAbout({ x, y: box.bottom + heightOf(box) * share }, guide, guide * 0.6)),
    ),
  ];
};

/** The body of a closer with its arm: out to the frame on the pull face, along the soffit on the push face. */
const surfaceCloser: Draw = (box, face) => {
  const { left, right, bottom, top } = box;
  const end = widthOf(box) * 0.13;
  const y = middleOf(box).y;
  const spindle = { x: left + widthOf(box) * 0.5, y };
  const arm = heightOf(box) * 0.22;
  const elbow = { x: spindle.x + widthOf(box) * 0.55, y: top + face.head * 0.35 };
  const shoe = { x: spindle.x + widthOf(box) * 0.08, y: top + face.head * 1.2 };
  return [
    chamfered(box, heightOf(box) * 0.2),
    detail({ x: left + end, y: bottom }, { x: left + end, y: top }),
    detail({ x: right - end, y: bottom }, { x: right - end, y: top }),
    bar(spindle, elbow, arm),
    bar(elbow, shoe, arm * 0.8),
    boxed(boxAbout(shoe, widthOf(box) * 0.2, arm * 1.6)),
    disc(spindle, arm * 0.8),
    disc(elbow, arm * 0.55),
  ];
};

/** A plate with a screw near each corner and at even steps along its edges. */
const plate: Draw = (box) => {
  const inset = Math.min(inches(0.5), heightOf(box) / 6, widthOf(box) / 6);
  const count = (length: number) => Math.max(2, Math.round(length / SCREW_PITCH) + 1);
  const xs = steps(box.left + inset, box.right - inset, count(widthOf(box)));
  const ys = steps(box.bottom + inset, box.top - inset, count(heightOf(box)));
  return [
    boxed(box),
    ...xs.flatMap((x) => [box.bottom + inset, box.top - inset].map((y) => ring({ x, y }, SCREW))),
    ...ys
      .slice(1, -1)
      .flatMap((y) => [box.left + inset, box.right - inset].map((x) => ring({ x, y }, SCREW))),
  ];
};

/** A seal along the bottom: its carrier, and what it drags or drops. */
const bottomSeal: Draw = (box) => {
  const line = box.bottom + heightOf(box) * 0.4;
  return [boxed(box), detail({ x: box.left, y: line }, { x: box.right, y: line })];
};

const sweep: Draw = (box) => {
  const line = box.bottom + heightOf(box) * 0.45;
  const count = Math.max(2, Math.min(40, Math.round(widthOf(box) / inches(1))));
  return [
    boxed(box),
    detail({ x: box.left, y: line }, { x: box.right, y: line }),
    ...steps(box.left, box.right, count).map((x) => detail({ x, y: box.bottom }, { x, y: line })),
  ];
};

const surfaceBolt: Draw = (box) => {
  const { x, y } = middleOf(box);
  return [
    boxed(box),
    disc({ x, y }, widthOf(box) * 0.3),
    ...[0.12, 0.88].flatMap((share) =>
      screw({ x, y: box.bottom + heightOf(box) * share }, SCREW * 0.8),
    ),
  ];
};

const rimLock: Draw = (box, face) => {
  const at = { x: box.left + widthOf(box) * 0.4, y: middleOf(box).y };
  return [
    chamfered(box, heightOf(box) * 0.06),
    ...knob(
      { ...at, y: at.y + heightOf(box) * 0.12 },
      { ...face, grip: Math.min(face.grip, heightOf(box) * 0.45) },
    ),
    ...controls({ x: at.x, y: at.y - heightOf(box) * 0.28 }, { ...face, cylinder: undefined }),
  ];
};

/** Bored through: seen from the face it is round. */
const bore: Draw = (box) => [disc(middleOf(box), Math.min(widthOf(box), heightOf(box)) / 2)];

const SHAPES: Readonly<Record<string, Draw>> = {
  'solid.rose': rose,
  'solid.exitDevice': exitDevice,
  'solid.exitBar': exitBar,
  'solid.rod': rod,
  'solid.surfaceCloser': surfaceCloser,
  'solid.kickPlate': plate,
  'solid.dropSurface': bottomSeal,
  'solid.dropHalf': bottomSeal,
  'solid.dropFull': bottomSeal,
  'solid.sweep': sweep,
  'solid.surfaceBolt': surfaceBolt,
  'solid.rimLock': rimLock,
  'solid.lockBore': bore,
  'solid.viewer': bore,
};

/**
 * A thing as it looks from the face of a leaf: x from the hinge edge, y up from the leaf's bottom. What has
 * no shape of its own is its box.
 */
export function faceShape(thing: string, box: Box, face: Face): Stroke[] {
  return SHAPES[thing]?.(box, face) ?? [boxed(box)];
}

/** The trim outside of an exit device: a plate with a handle, or only a cylinder above a pull. */
export function exitTrim(at: Point, face: Face): Stroke[] {
  const { spec } = face;
  if (!spec || (spec.outsideHandle === 'none' && spec.outsideKey.length === 0)) return [];
  const pulled = spec.outsideHandle === 'none' || spec.outsideHandle === 'rigid';
  const back = boxAbout(at, inches(2.25), inches(8));
  const key = { x: at.x, y: at.y + inches(2.4) };
  const keyed =
    spec.outsideKey.length > 0
      ? [disc(key, CYLINDER_SIZE / 2), ...keyhole(key, CYLINDER_SIZE * 0.8)]
      : [];
  if (pulled)
    return [
      boxed(back),
      ...keyed,
      boxed(boxAbout({ x: at.x, y: at.y - inches(1.5) }, inches(0.75), inches(4))),
    ];
  return [boxed(back), ...lever(at, { ...face, handle: 'lever' }), ...keyed];
}

/** A butt hinge where its knuckles show: five of them between two tips, about the joint. */
export function butt(box: Box): Stroke[] {
  const knuckles = 5;
  // Even, so that it stands about the joint in whole ticks.
  const tip = 2 * Math.round(widthOf(box) * 0.225);
  const { x } = middleOf(box);
  return [
    boxed(box),
    ...steps(box.bottom, box.top, knuckles + 1)
      .slice(1, -1)
      .map((y) => detail({ x: box.left, y }, { x: box.right, y })),
    outlineOf(corners(boxAbout({ x, y: box.top + tip / 2 }, tip, tip))),
    outlineOf(corners(boxAbout({ x, y: box.bottom - tip / 2 }, tip, tip))),
  ];
}

/** A hinge over the whole height: many short knuckles. */
export function continuous(box: Box): Stroke[] {
  const count = Math.max(8, Math.min(60, Math.round(heightOf(box) / inches(2))));
  return [
    boxed(box),
    ...steps(box.bottom, box.top, count + 1)
      .slice(1, -1)
      .map((y) => detail({ x: box.left, y }, { x: box.right, y })),
  ];
}
