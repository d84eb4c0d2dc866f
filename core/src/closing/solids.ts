import {
  about,
  solid,
  span,
  type OpeningFacts,
  type Solid,
  type MeasuredLeaf,
} from '../opening/index.js';
import { closerKindOf } from './facts.js';
import type { Practice } from '../practice/index.js';

/**
 * What a closer takes out of a leaf or puts onto it: a body on a face, a case in the top rail, or
 * the arm of a floor or head closer at the heel. Nothing while its kind is not recorded.
 */
export function closingSolids(
  facts: OpeningFacts,
  practice: Practice,
  leaf: MeasuredLeaf,
): Solid[] {
  const kind = closerKindOf(facts);
  if (kind === undefined || leaf.id === 'lower') return [];
  const { height, thickness } = leaf;
  const { value: body } = practice.values.bodies;
  const middle = thickness / 2;
  const owner = 'closer';
  switch (kind) {
    case 'surface-pull':
    case 'surface-push': {
      const { surfaceCloser: size } = body;
      const pull = kind === 'surface-pull';
      return [
        solid(owner, 'solid.surfaceCloser', leaf.id, pull ? 'on-pull' : 'on-push', {
          x: span(size.up, size.across),
          y: span(height - size.up, size.up),
          z: pull ? span(-size.through, size.through) : span(thickness, size.through),
        }),
      ];
    }
    case 'concealed-overhead': {
      const { concealedCloser: size } = body;
      return [
        solid(
          owner,
          'solid.concealedCloser',
          leaf.id,
          'in',
          {
            x: span(size.up, size.across),
            y: span(height - size.up, size.up),
            z: about(middle, size.through),
          },
          size.keep,
        ),
      ];
    }
    // The arm of a floor or head closer is the leaf's pivot: the hanging stage lets it in.
    case 'floor':
    case 'head':
      return [];
  }
}
