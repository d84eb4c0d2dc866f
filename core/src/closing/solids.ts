import { centredSpan, solid, span, type Solid, type MeasuredLeaf } from '../model/index.js';
import type { Practice } from '../practice/index.js';
import type { Closing } from './result.js';
import { closerSide } from './device.js';

/**
 * What a closer takes out of a leaf or puts onto it: a body on a face, a case in the top rail, or
 * the arm of a floor or head closer at the heel. On the head's face it stands over the frame.
 */
export function closingSolids(
  { device, dropPlate }: Pick<Closing, 'device' | 'dropPlate'>,
  practice: Practice,
  leaf: MeasuredLeaf,
): Solid[] {
  if (device === undefined || leaf.id === 'lower') return [];
  const { height, thickness } = leaf;
  const { value: body } = practice.values.bodies;
  const owner = 'closer';
  const side = closerSide(device);
  if (side) {
    const { surfaceCloser: size } = body;
    const pull = side === 'pull';
    const onFrame = device === 'top-jamb';
    // On a plate it hangs below a low rail: only what is fixed stands on the rail.
    const up = dropPlate ?? size.up;
    return [
      solid(
        owner,
        'solid.surfaceCloser',
        leaf.id,
        pull ? 'on-pull' : 'on-push',
        {
          x: span(size.up, size.across),
          y: onFrame ? span(height, size.up) : span(height - up, up),
          z: pull ? span(-size.through, size.through) : span(thickness, size.through),
        },
        0,
        onFrame ? 'frame' : 'leaf',
      ),
    ];
  }
  if (device !== 'concealed') return [];
  // The arm of a floor or head closer is the leaf's pivot: the hanging stage lets it in.
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
        z: centredSpan(thickness / 2, size.through),
      },
      size.keep,
    ),
  ];
}
