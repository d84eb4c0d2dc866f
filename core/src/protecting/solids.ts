import { solid, span, type MeasuredLeaf, type OpeningKind, type Solid } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { PlateSize, Protecting } from './result.js';
import { onBothFaces } from './items.js';

/** Plates on the faces, as wide as the leaf less what stays free at both edges; over a sweep where there is one. */
export function protectingSolids(
  practice: Practice,
  leaf: MeasuredLeaf,
  { plates, sizes }: Protecting,
  kind: OpeningKind,
  lift: number,
): Solid[] {
  const { plate, mop } = sizes.find((one) => one.leaf === leaf.id) ?? {};
  const { through } = practice.values.bodies.value.kickPlate;
  const on = (size: PlateSize, pull: boolean, thing: string): Solid => {
    return solid('kickPlate', thing, leaf.id, pull ? 'on-pull' : 'on-push', {
      x: span(size.from, Math.min(size.width, leaf.width)),
      y: span(lift, size.height),
      z: pull ? span(-through, through) : span(leaf.thickness, through),
    });
  };
  return [
    ...(plate ? [on(plate, false, 'solid.kickPlate')] : []),
    ...(plate && onBothFaces(plates, kind) ? [on(plate, true, 'solid.kickPlate')] : []),
    ...(mop ? [on(mop, true, 'solid.mopPlate')] : []),
  ];
}
