import { memo, useMemo } from 'react';
import { layout, type DrawingModel, type Units } from '@riegel/core';
import { Shape } from './DrawingView.js';

/** Any drawing model on the screen; a click on a part tells which. */
export const ModelView = memo(function ModelView({
  model,
  units,
  title,
  onSelect,
}: {
  model: DrawingModel;
  units: Units;
  title: string;
  onSelect?: (part: string) => void;
}) {
  const drawing = useMemo(() => layout(model, units), [model, units]);
  return (
    <svg
      className="drawing size-full"
      viewBox={drawing.box.map((value) => value.toFixed(1)).join(' ')}
      role="img"
      aria-label={title}
      preserveAspectRatio="xMidYMid meet"
    >
      <title>{title}</title>
      {drawing.primitives.map((primitive, index) => (
        <Shape key={index} primitive={primitive} highlighted={false} onSelect={onSelect} />
      ))}
    </svg>
  );
});
