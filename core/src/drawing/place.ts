import type { DecidedOpening } from '../deciding/index.js';
import type { HungLeaf } from '../hanging/index.js';
import { valueOrUndefined, meetsInMiddle, slides, type Side, type Swing } from '../model/index.js';
import { usualFace } from '../sizing/index.js';

/** A leaf as it stands in the frame opening, seen from outside: x from the left jamb's rabbet. */
export interface PlacedLeaf {
  hung: HungLeaf;
  left: number;
  width: number;
  bottom: number;
  height: number;
  thickness: number;
  /** Undefined while the hand is open, and on sliding leaves. */
  hinges?: Side;
  swing?: Swing | 'both';
  active: boolean;
}

/** An opening with what the drawing needs of it, or undefined while its size is open. */
export interface Placed {
  width: number;
  height: number;
  face: number;
  leaves: PlacedLeaf[];
  sliding: boolean;
}

/** Puts the leaves of a decided opening into its frame. */
export function placeLeaves(decided: DecidedOpening): Placed | undefined {
  const { facts, practice } = decided;
  const { sizing: sizes, handing, hanging } = decided.results;
  const { frameWidth, frameHeight } = sizes;
  if (frameWidth === undefined || frameHeight === undefined || frameWidth <= 0 || frameHeight <= 0)
    return undefined;
  const material = valueOrUndefined(facts.frameMaterial);
  const face =
    valueOrUndefined(facts.frameFace) ??
    Math.max(usualFace(material, practice), practice.values.frameSeen.value);
  const sliding = slides(facts.kind);
  const gap = sizes.hingeGap ?? 0;
  const base = (hung: HungLeaf) => ({
    hung,
    width: hung.leaf.width ?? frameWidth,
    // Drawn from the floor the frame was measured from; a finish to come lies on it.
    bottom: (hung.leaf.bottom ?? 0) + sizes.floorFinish,
    height: hung.leaf.height ?? frameHeight,
    thickness: hung.leaf.thickness ?? 0,
  });
  const leaves: PlacedLeaf[] = [];
  if (facts.kind === 'bi-fold') {
    const only = base(hanging.leaves[0]!);
    const count = only.hung.leaf.quantity;
    const between = count > 1 ? (frameWidth - 2 * gap - count * only.width) / (count - 1) : 0;
    for (let index = 0; index < count; index++)
      leaves.push({ ...only, left: gap + index * (only.width + between), active: true });
  } else if (sliding) {
    const only = base(hanging.leaves[0]!);
    const overlap = only.width - frameWidth;
    const left =
      facts.kind === 'sliding'
        ? -overlap / 2
        : valueOrUndefined(facts.slideTo) === 'left'
          ? -overlap
          : 0;
    leaves.push({ ...only, left, active: true });
  } else if (meetsInMiddle(facts.kind)) {
    const active = handing.active ?? 'left';
    const first = hanging.leaves[0]!;
    const second = hanging.leaves[1] ?? first;
    const leftHung = active === 'left' ? first : second;
    const rightHung = active === 'left' ? second : first;
    const egress = facts.kind === 'double-egress';
    const towards = egress ? valueOrUndefined(facts.hingeSide) : undefined;
    const bothWays = facts.kind === 'double-acting-pair';
    const swingOf = (side: Side): PlacedLeaf['swing'] => {
      if (bothWays) return 'both';
      if (!egress) return handing.hand?.swing;
      return towards && (side === towards ? 'out' : 'in');
    };
    for (const side of ['left', 'right'] as const) {
      const leaf = base(side === 'left' ? leftHung : rightHung);
      const swing = swingOf(side);
      leaves.push({
        ...leaf,
        left: side === 'left' ? gap : frameWidth - gap - leaf.width,
        hinges: side,
        ...(swing ? { swing } : {}),
        active: egress || bothWays || (handing.active ?? 'left') === side,
      });
    }
  } else {
    const doubleActing = facts.kind === 'double-acting';
    const hinges = doubleActing ? valueOrUndefined(facts.hingeSide) : handing.hand?.hinges;
    const swing = doubleActing ? ('both' as const) : handing.hand?.swing;
    for (const hung of hanging.leaves) {
      const leaf = base(hung);
      const lockGap = frameWidth - gap - leaf.width;
      leaves.push({
        ...leaf,
        left: hinges === 'right' ? lockGap : gap,
        ...(hinges ? { hinges } : {}),
        ...(hinges && swing ? { swing } : {}),
        active: true,
      });
    }
  }
  return { width: frameWidth, height: frameHeight, face, leaves, sliding };
}

/** The x of a leaf's hinge edge and the direction in which the leaf extends from it. */
export function hingeEdge(leaf: PlacedLeaf): { x: number; away: 1 | -1 } {
  return leaf.hinges === 'right'
    ? { x: leaf.left + leaf.width, away: -1 }
    : { x: leaf.left, away: 1 };
}
