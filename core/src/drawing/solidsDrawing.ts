import type { DecidedOpening } from '../deciding/index.js';
import type { Clash } from '../checking/index.js';
import type { Solid } from '../opening/index.js';
import { rect, type Element, type Layer } from './model.js';
import { hingeEdge, type PlacedLeaf } from './place.js';

/** How a solid is drawn on a face: full where it stands on it or goes through, dashed where let in. */
function layerOn(solid: Solid, face: 'pull' | 'push' | undefined): Layer {
  if (solid.how === 'void') return solid.thing === 'solid.glass' ? 'glass' : 'leaf';
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

/** The solids of a leaf as they stand on its elevation; none while its hand is open. */
export function solidElements(
  decided: DecidedOpening,
  leaf: PlacedLeaf,
  face: 'pull' | 'push' | undefined,
): Element[] {
  if (!leaf.hinges) return [];
  return decided.solids
    .filter((solid) => drawnHere(solid, leaf))
    .map((solid) => boxOn(leaf, solid, layerOn(solid, face), solid.owner));
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
