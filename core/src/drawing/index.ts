import { wholeFacts, type DecidedOpening } from '../deciding/index.js';
import { edge } from './edge.js';
import { elevation } from './elevation.js';
import type { DrawingModel, View } from './model.js';
import { plan } from './plan.js';
import { stack } from './stack.js';

export {
  VIEWS,
  arcPoints,
  extentsOf,
  mirror,
  withoutFigures,
  type DrawingModel,
  type Element,
  type Layer,
  type Point,
  type View,
} from './model.js';
export { layout, type Layout } from './layout.js';
export { type Primitive } from './primitive.js';
export { pathData, penOf, writeSvg } from './svg.js';
export { placeLeaves, type Placed, type PlacedLeaf } from './place.js';

/** Draws one view of a decided opening. */
export function draw(opening: DecidedOpening, view: View): DrawingModel {
  // Drawn as it was decided: what nobody recorded is drawn as it is taken.
  const decided = { ...opening, facts: wholeFacts(opening) };
  switch (view) {
    case 'elevation-outside':
      return elevation(decided, 'outside');
    case 'elevation-inside':
      return elevation(decided, 'inside');
    case 'plan':
      return plan(decided);
    case 'hinge-edge':
    case 'lock-edge':
      return edge(decided, view);
    case 'stack':
      return stack(decided);
  }
}
export { surveyDrawing } from './surveyDrawing.js';
export { clashDrawings } from './clashDrawing.js';
export { loadsDrawing, type LoadsOf } from './loadsDrawing.js';
export { swingDrawing } from './swingDrawing.js';
export { armDrawing } from './armDrawing.js';
export { bottomSection } from './bottomSection.js';
export { partOf } from './solidsDrawing.js';
export { asItStands, compareDrawing, cutsDrawing } from './existingDrawings.js';
export { lockSection } from './lockSection.js';
export { rodEnds } from './rodEnds.js';
export { strikeFace } from './strikeFace.js';
export { heightsDrawing } from './heightsDrawing.js';
export { devicesDrawing, devicesOf, type Face, type PlacedDevice } from './devicesDrawing.js';
export { passagesDrawing } from './passagesDrawing.js';
export { gapDrawing } from './gapDrawing.js';
export { handDrawing } from './handDrawing.js';
