import { inches } from '../../measure/index.js';
import {
  boxAbout,
  boxed,
  chamfered,
  detail,
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

const SCREW = inches(0.3);

/** The face of a lock let into the edge: its plate with two screws, the latch, and a bolt where it has one. */
function forend(plate: Box, bolt: boolean): Stroke[] {
  const { x, y } = middleOf(plate);
  const [w, h] = [widthOf(plate), heightOf(plate)];
  const latch = boxAbout({ x, y: y - (bolt ? h * 0.12 : 0) }, w * 0.55, h * (bolt ? 0.18 : 0.3));
  return [
    boxed(plate),
    // The latch is bevelled towards the side the leaf closes to: the pull face lies left.
    outlineOf([
      { x: latch.left, y: latch.bottom },
      { x: latch.right, y: latch.bottom },
      { x: latch.right, y: latch.top },
      { x: latch.left, y: latch.top },
    ]),
    detail(
      { x: latch.left + widthOf(latch) * 0.3, y: latch.bottom },
      { x: latch.left + widthOf(latch) * 0.3, y: latch.top },
    ),
    ...(bolt ? [boxed(boxAbout({ x, y: y + h * 0.18 }, w * 0.6, h * 0.16))] : []),
    ...screw({ x, y: plate.top - h * 0.09 }, SCREW),
    ...screw({ x, y: plate.bottom + h * 0.09 }, SCREW),
  ];
}

/** What is let into or stands on an edge, seen from it: x across the thickness (drawn wide), y up. */
export function edgeShape(thing: string, box: Box, bolt: boolean): Stroke[] {
  const { x, y } = middleOf(box);
  switch (thing) {
    case 'solid.lockCase':
      // Its plate is longer than the case and takes nearly the whole width between the faces.
      return forend(boxAbout({ x, y }, widthOf(box) * 1.25, heightOf(box) * 1.3), bolt);
    case 'solid.latchBore':
      return forend(boxAbout({ x, y }, widthOf(box), inches(2.25)), false);
    case 'solid.flushBolt': {
      const slot = boxAbout({ x, y }, widthOf(box) * 0.4, heightOf(box) * 0.3);
      return [
        boxed(box),
        boxed(slot),
        ...screw({ x, y: box.top - heightOf(box) * 0.12 }, SCREW),
        ...screw({ x, y: box.bottom + heightOf(box) * 0.12 }, SCREW),
      ];
    }
    case 'solid.exitDevice':
    case 'solid.rimLock':
      return [
        boxed(box),
        detail(
          { x: box.left + widthOf(box) * 0.55, y: box.bottom },
          { x: box.left + widthOf(box) * 0.55, y: box.top },
        ),
      ];
    case 'solid.exitBar':
      return [boxed(box), ring({ x, y }, Math.min(widthOf(box), heightOf(box)) * 0.25)];
    default:
      return [boxed(box)];
  }
}

/** The leaf's plate of a butt on its edge, with its screws, and the knuckles beside it on the pull face. */
export function buttOnEdge(plate: Box, barrel: number): Stroke[] {
  const rows = steps(plate.bottom + heightOf(plate) * 0.14, plate.top - heightOf(plate) * 0.14, 4);
  const knuckles: Box = {
    left: plate.left - barrel,
    right: plate.left,
    bottom: plate.bottom,
    top: plate.top,
  };
  return [
    boxed(plate),
    ...rows.flatMap((y, index) =>
      screw({ x: plate.left + widthOf(plate) * (index % 2 === 0 ? 0.42 : 0.72), y }, SCREW),
    ),
    boxed(knuckles),
    ...steps(plate.bottom, plate.top, 6)
      .slice(1, -1)
      .map((y) => detail({ x: knuckles.left, y }, { x: knuckles.right, y })),
  ];
}

/** A concealed hinge in its recess: rounded ends, its two arms folded, a screw at either end. */
export function concealedOnEdge(plate: Box): Stroke[] {
  const { x } = middleOf(plate);
  const h = heightOf(plate);
  const arm = (share: number) =>
    boxAbout({ x, y: plate.bottom + h * share }, widthOf(plate) * 0.5, h * 0.16);
  return [
    chamfered(plate, widthOf(plate) * 0.3),
    boxed(arm(0.36)),
    boxed(arm(0.64)),
    ...screw({ x, y: plate.top - h * 0.12 }, SCREW),
    ...screw({ x, y: plate.bottom + h * 0.12 }, SCREW),
  ];
}
