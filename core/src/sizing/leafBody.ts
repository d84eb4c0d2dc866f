import {
  centredSpan,
  valueOrUndefined,
  solid,
  span,
  type MeasuredLeaf,
  type OpeningFacts,
  type Solid,
} from '../model/index.js';
import type { LeafConstruction, Practice } from '../practice/index.js';
import type { SizedLeaf } from './sizes.js';

/** The leaf with its lengths, or undefined while one is open or no leaf is left. */
export function measured(leaf: SizedLeaf): MeasuredLeaf | undefined {
  const { id, quantity, width, height, thickness, bottom } = leaf;
  return width === undefined ||
    height === undefined ||
    thickness === undefined ||
    width <= 0 ||
    height <= 0 ||
    thickness <= 0
    ? undefined
    : { id, quantity, width, height, thickness, bottom: bottom ?? 0 };
}

/** The leaves with their lengths; those of which one is open are left out. */
export function measuredLeaves({ leaves }: { leaves: readonly SizedLeaf[] }): MeasuredLeaf[] {
  const all: MeasuredLeaf[] = [];
  for (const leaf of leaves) {
    const one = measured(leaf);
    if (one) all.push(one);
  }
  return all;
}

/** Whether a leaf is put together of stiles and rails. */
export function isFramed(construction: LeafConstruction | undefined): boolean {
  return (
    construction === 'timber-panelled-softwood' ||
    construction === 'timber-panelled-hardwood' ||
    construction === 'aluminium-narrow'
  );
}

/** Members of a framed leaf, in ticks from its own bottom; the mid rail is absent where there is none. */
export interface Framing {
  stile: number;
  bottomRail: number;
  topRail: number;
  mid?: { from: number; to: number } | undefined;
}

/** The framing of a leaf: as recorded, else the practice’s usual; undefined for flush and glass leaves. */
export function framingOf(
  facts: OpeningFacts,
  practice: Practice,
  leaf: MeasuredLeaf,
): Framing | undefined {
  const construction = valueOrUndefined(facts.leafConstruction);
  if (!isFramed(construction)) return undefined;
  const { values } = practice;
  const narrow = construction === 'aluminium-narrow';
  const usual = narrow ? values.narrowStile.value : values.stileWidth.value;
  const mid = valueOrUndefined(facts.midRail) ?? (narrow ? 0 : values.midRail.value);
  const at = valueOrUndefined(facts.midRailAt) ?? values.midRailAt.value;
  const topRail = valueOrUndefined(facts.topRail) ?? (narrow ? usual : values.topRail.value);
  return {
    stile: valueOrUndefined(facts.stileWidth) ?? usual,
    bottomRail: valueOrUndefined(facts.bottomRail) ?? values.bottomRail.value,
    topRail,
    mid: mid > 0 && at + mid < leaf.height - topRail ? { from: at, to: at + mid } : undefined,
  };
}

/**
 * What of a leaf is not solid: glass and panels, where nothing can be let in, and the tenons of the
 * rails, which nothing should cut. A tenon’s length and thickness are the practice’s
 * (joinery practice: two thirds of the stile’s width, a third of the leaf’s thickness).
 */
export function leafBody(facts: OpeningFacts, practice: Practice, leaf: MeasuredLeaf): Solid[] {
  const { width, height, thickness } = leaf;
  const solids: Solid[] = [];
  const all: [number, number] = [0, thickness];
  const framing = framingOf(facts, practice, leaf);
  if (framing) {
    const { stile, bottomRail, topRail, mid } = framing;
    const inside: [number, number] = [stile, width - stile];
    const glazed = valueOrUndefined(facts.leafConstruction) === 'aluminium-narrow';
    const fields: [number, number][] = mid
      ? [
          [bottomRail, mid.from],
          [mid.to, height - topRail],
        ]
      : [[bottomRail, height - topRail]];
    for (const y of fields) {
      if (y[1] <= y[0] || inside[1] <= inside[0]) continue;
      solids.push(
        solid('leafConstruction', glazed ? 'solid.glass' : 'solid.panel', leaf.id, 'void', {
          x: inside,
          y,
          z: all,
        }),
      );
    }
    if (!glazed) {
      const rails: [number, number][] = [
        [0, bottomRail],
        [height - topRail, height],
      ];
      if (mid) rails.push([mid.from, mid.to]);
      const { tenonLength, tenonThickness } = practice.values;
      const long = stile * tenonLength.value;
      const z = centredSpan(thickness / 2, thickness * tenonThickness.value);
      for (const y of rails) {
        for (const x of [span(stile - long, long), span(width - stile, long)])
          solids.push(solid('leafConstruction', 'solid.tenon', leaf.id, 'joint', { x, y, z }));
      }
    }
  }
  const glassWidth = valueOrUndefined(facts.glassWidth);
  const glassHeight = valueOrUndefined(facts.glassHeight);
  if (glassWidth && glassHeight && glassWidth < width && glassHeight < height) {
    const { left, bottom } = glassPlace(facts, leaf, glassWidth, glassHeight);
    solids.push(
      solid('glassWidth', 'solid.glass', leaf.id, 'void', {
        x: span(left, glassWidth),
        y: span(bottom, glassHeight),
        z: all,
      }),
    );
  }
  return solids;
}

/** Where a glazed opening stands in the leaf: as recorded, else in the middle, somewhat above it. */
export function glassPlace(
  facts: OpeningFacts,
  leaf: { width: number; height: number },
  glassWidth: number,
  glassHeight: number,
): { left: number; bottom: number } {
  const fromLock = valueOrUndefined(facts.glassFromLock);
  const at = valueOrUndefined(facts.glassAt);
  const { width, height } = leaf;
  return {
    left: fromLock === undefined ? (width - glassWidth) / 2 : width - fromLock - glassWidth,
    bottom:
      at ??
      Math.max(0, Math.min(height - glassHeight - width / 8, height * 0.62 - glassHeight / 2)),
  };
}
