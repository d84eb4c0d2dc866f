import {
  about,
  known,
  solid,
  span,
  type OpeningFacts,
  type Solid,
  type MeasuredLeaf,
} from '../opening/index.js';
import type { Practice } from '../practice/index.js';

/** What the bottom seal takes out of a leaf or puts onto it; it runs over the leaf's whole width. */
export function sealingSolids(
  facts: OpeningFacts,
  practice: Practice,
  leaf: MeasuredLeaf,
): Solid[] {
  const kind = known(facts.bottomSeal);
  if (leaf.id === 'upper') return [];
  const { value: body } = practice.values.bodies;
  const { thickness } = leaf;
  const x = span(0, leaf.width);
  const owner = 'bottomSeal';
  switch (kind) {
    case 'sweep':
    case 'drop-surface': {
      const size = kind === 'sweep' ? body.sweep : body.dropSurface;
      return [
        solid(owner, kind === 'sweep' ? 'solid.sweep' : 'solid.dropSurface', leaf.id, 'on-push', {
          x,
          y: span(0, size.up),
          z: span(thickness, size.through),
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
          { x, y: span(0, size.up), z: about(thickness / 2, size.through) },
          size.keep,
        ),
      ];
    }
    default:
      return [];
  }
}
