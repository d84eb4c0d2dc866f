import { useMemo } from 'react';
import { layout, type DrawingModel, type Units } from '@riegel/core';
import { SvgDrawing, type Drawn } from './SvgDrawing.js';

/** Any drawing model on the screen; a click on a part tells which. */
export function ModelView({
  model,
  units,
  ...drawn
}: Omit<Drawn, 'drawing'> & { model: DrawingModel; units: Units }) {
  const drawing = useMemo(() => layout(model, units), [model, units]);
  return <SvgDrawing drawing={drawing} {...drawn} />;
}
