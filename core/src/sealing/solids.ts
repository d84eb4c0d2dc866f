import { centredSpan, solid, span, type Solid, type MeasuredLeaf } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import { rodInset, rodsRunDown, type Securing } from '../securing/index.js';
import type { Sealing } from './result.js';

/** What the bottom seal takes out of a leaf or puts onto it; it runs over the leaf's whole width. */
export function sealingSolids(
  { bottom, face }: Pick<Sealing, 'bottom' | 'face'>,
  securing: Securing,
  practice: Practice,
  leaf: MeasuredLeaf,
): Solid[] {
  if (leaf.id === 'upper') return [];
  const { value: body } = practice.values.bodies;
  const { thickness } = leaf;
  const x = span(0, leaf.width);
  const owner = 'bottomSeal';
  switch (bottom) {
    // A sweep is notched for the rod that runs down in front of it.
    case 'sweep': {
      const { up, through } = body.sweep;
      const rod = rodSpan(securing, practice, leaf);
      const parts: [number, number][] = rod
        ? [
            [x[0], rod[0]],
            [rod[1], x[1]],
          ]
        : [x];
      return parts.map((part) =>
        solid(owner, 'solid.sweep', leaf.id, 'on-push', {
          x: part,
          y: span(0, up),
          z: span(thickness, through),
        }),
      );
    }
    case 'drop-surface': {
      const { up, through } = body.dropSurface;
      return [
        solid(owner, 'solid.dropSurface', leaf.id, face === 'pull' ? 'on-pull' : 'on-push', {
          x,
          y: span(0, up),
          z: span(face === 'pull' ? -through : thickness, through),
        }),
      ];
    }
    case 'drop-half': {
      const { dropHalf: size } = body;
      return [
        solid(
          owner,
          'solid.dropHalf',
          leaf.id,
          'in',
          { x, y: span(0, size.up), z: span(thickness - size.through, size.through) },
          size.keep,
        ),
      ];
    }
    case 'drop-full': {
      const { dropFull: size } = body;
      return [
        solid(
          owner,
          'solid.dropFull',
          leaf.id,
          'in',
          { x, y: span(0, size.up), z: centredSpan(thickness / 2, size.through) },
          size.keep,
        ),
      ];
    }
    default:
      return [];
  }
}

/** Where a surface rod runs down to the floor, along the leaf; undefined where none does. */
function rodSpan(
  securing: Securing,
  practice: Practice,
  leaf: MeasuredLeaf,
): [number, number] | undefined {
  if (!securing.fit || !rodsRunDown(securing)) return undefined;
  return centredSpan(leaf.width - rodInset(securing.fit), practice.values.bodies.value.rod.across);
}
