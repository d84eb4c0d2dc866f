import { inches } from '../measure/index.js';
import { rect, type DrawingModel, type View } from './model.js';

/** What is drawn while the size is open: a dashed opening that asks for it. */
export function openModel(view: View): DrawingModel {
  const width = inches(36);
  const height = view === 'plan' ? inches(30) : inches(84);
  return {
    view,
    textHeight: height / 27,
    extents: { left: -width / 2, bottom: -height / 10, right: width * 1.5, top: height * 1.1 },
    elements: [
      rect('hidden', 0, 0, width, height),
      {
        kind: 'text',
        layer: 'question',
        part: 'sizing.frameWidth',
        at: { x: width / 2, y: height / 2 },
        text: 'size open',
        anchor: 'middle',
        scale: 1.2,
      },
    ],
  };
}
