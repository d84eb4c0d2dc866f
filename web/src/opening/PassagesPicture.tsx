import { useMemo } from 'react';
import { passagesDrawing } from '@riegel/core';
import { ModelView } from '../drawing/ModelView.js';
import { useOpeningPage } from './page.js';

/** Who gets through from both rooms, when and how: the same picture as in the wiring document. */
export function PassagesPicture() {
  const { decided, units } = useOpeningPage();
  const model = useMemo(() => passagesDrawing(decided), [decided]);
  if (!model)
    return (
      <p className="text-soft">
        {decided.results.securing.spec
          ? 'What is written for the lock names no function: nobody knows who gets through.'
          : 'What holds it is not decided yet.'}
      </p>
    );
  const { left, right, top, bottom } = model.extents;
  return (
    <figure
      aria-label="Who gets through"
      className="max-w-2xl"
      style={{ aspectRatio: `${right - left} / ${top - bottom}` }}
    >
      <ModelView model={model} units={units} title="Who gets through" />
    </figure>
  );
}
