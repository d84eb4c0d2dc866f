import type { DecidedOpening } from '../deciding/index.js';
import type { Clash } from '../checking/index.js';
import { valueOrUndefined, type Solid } from '../model/index.js';
import { exitTrim, faceShape, type Box, type Face, type Stroke } from './hardware/index.js';
import { rect, type Element, type Layer, type Point } from './model.js';
import { hingeEdge, type PlacedLeaf } from './place.js';

/** What shows on both faces: it goes right through. */
const THROUGH: ReadonlySet<string> = new Set(['solid.viewer', 'solid.letterPlate', 'solid.vent']);

/** How a solid is drawn on a face: full where it stands on it or goes through, dashed where let in. */
function layerOn(solid: Solid, face: 'pull' | 'push'): Layer {
  if (solid.how === 'void') return solid.thing === 'solid.glass' ? 'glass' : 'leaf';
  if (THROUGH.has(solid.thing)) return 'hardware';
  if (solid.how === 'on-pull') return face === 'pull' ? 'hardware' : 'hidden';
  if (solid.how === 'on-push') return face === 'push' ? 'hardware' : 'hidden';
  return 'hidden';
}

/** Whether a solid is drawn on the elevation by itself: hinges and glass have their own marks there. */
function drawnHere(solid: Solid, leaf: PlacedLeaf): boolean {
  return (
    solid.leaf === leaf.hung.leaf.id &&
    solid.on === 'leaf' &&
    solid.how !== 'joint' &&
    solid.thing !== 'solid.hinge' &&
    solid.owner !== 'glassWidth'
  );
}

/** What the face of a leaf that is looked at must know to draw what is on it. */
function faceOf(decided: DecidedOpening, leaf: PlacedLeaf, pull: boolean, head: number): Face {
  const { facts, practice } = decided;
  const { kind, spec, secondSpec, outsidePull } = decided.results.securing;
  const { lever, knob } = practice.values.bodies.value;
  const handle = valueOrUndefined(facts.handle) ?? 'lever';
  return {
    width: leaf.width,
    height: leaf.height,
    outside: pull === outsidePull,
    handle,
    grip: handle === 'knob' ? knob.across : lever.up,
    cylinder:
      kind === 'mortise'
        ? 'above'
        : kind === 'sash' || kind === 'profile' || kind === 'multipoint'
          ? 'below'
          : undefined,
    spec: leaf.active ? spec : (secondSpec ?? spec),
    head,
  };
}

/**
 * The solids of a leaf as they stand on its elevation: as what they are on the face that is looked at, as
 * dashed outlines behind it; none while its hand is open.
 *
 * @param head how far the frame stands above the leaf, which arms of closers reach
 */
export function solidElements(
  decided: DecidedOpening,
  leaf: PlacedLeaf,
  face: 'pull' | 'push',
  head: number,
): Element[] {
  if (!leaf.hinges) return [];
  const looked = faceOf(decided, leaf, face === 'pull', head);
  const here = decided.solids.filter((solid) => drawnHere(solid, leaf));
  const elements = here.flatMap((solid) => {
    const layer = layerOn(solid, face);
    const box: Box = { left: solid.x[0], right: solid.x[1], bottom: solid.y[0], top: solid.y[1] };
    if (layer !== 'hardware' && layer !== 'hidden') return [boxOn(leaf, solid, layer, solid.owner)];
    const strokes = faceShape(solid.thing, box, looked);
    // Behind the leaf only its outline is of interest.
    return strokesOn(
      layer === 'hidden' ? strokes.slice(0, 1) : strokes,
      facePlace(leaf),
      solid.owner,
      layer === 'hidden',
    );
  });
  const bar = here.find(({ thing }) => thing === 'solid.exitDevice');
  const { fit } = decided.results.securing;
  if (bar && fit && face === 'pull')
    elements.push(
      ...strokesOn(
        exitTrim({ x: leaf.width - fit.backset, y: fit.y }, looked),
        facePlace(leaf),
        bar.owner,
      ),
    );
  return elements;
}

/** From a leaf's own place (x from the hinge edge, y from its bottom) to the drawing's. */
function facePlace(leaf: PlacedLeaf): (point: Point) => Point {
  const { x, away } = hingeEdge(leaf);
  return (point) => ({ x: x + away * point.x, y: leaf.bottom + point.y });
}

/** Whole ticks: what is drawn on one hand is then the very mirror image of the other. */
const whole = ({ x, y }: Point): Point => ({ x: Math.round(x), y: Math.round(y) });

/** Strokes as elements of a drawing. */
export function strokesOn(
  strokes: readonly Stroke[],
  place: (point: Point) => Point,
  part: string,
  hidden = false,
): Element[] {
  return strokes.map((stroke): Element => {
    const layer = hidden ? 'hidden' : stroke.layer;
    return stroke.kind === 'circle'
      ? {
          kind: 'circle',
          layer,
          part,
          centre: place(whole(stroke.centre)),
          radius: Math.round(stroke.radius),
        }
      : {
          kind: 'line',
          layer,
          part,
          closed: stroke.closed,
          points: stroke.points.map((point) => place(whole(point))),
        };
  });
}

/** Where solids of a leaf clash, marked on its elevation. */
export function clashElements(decided: DecidedOpening, leaf: PlacedLeaf): Element[] {
  if (!leaf.hinges) return [];
  return decided.clashes
    .filter((clash) => clash.leaf === leaf.hung.leaf.id && clash.on === 'leaf')
    .map((clash) => boxOn(leaf, clash.box, 'clash', partOf(clash)));
}

/** The decision or fact a clash is lit by. */
export function partOf(clash: Clash): string {
  return (clash.b ?? clash.a).owner;
}

function boxOn(
  leaf: PlacedLeaf,
  box: { x: [number, number]; y: [number, number] },
  layer: Layer,
  part: string,
): Element {
  const { x, away } = hingeEdge(leaf);
  const ends = [x + away * box.x[0], x + away * box.x[1]].sort((a, b) => a - b) as [number, number];
  return rect(layer, ends[0], leaf.bottom + box.y[0], ends[1], leaf.bottom + box.y[1], part);
}
