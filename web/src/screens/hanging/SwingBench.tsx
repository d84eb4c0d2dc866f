import { useState } from 'react';
import {
  phraseText,
  swingDrawing,
  swingPlan,
  widestAngle,
  type DecidedOpening,
  type Units,
} from '@riegel/core';
import { ModelView } from '../../drawing/ModelView.js';
import { AngleSlider } from '../../parts/AngleSlider.js';

/** The hinge side in plan, the leaf opened by hand past its trim. */
export function SwingBench({ decided, units }: { decided: DecidedOpening; units: Units }) {
  const [degrees, setDegrees] = useState(90);
  const model = swingDrawing(decided, degrees);
  const plan = swingPlan(decided.practice, decided.results.sizing, decided.results.hanging);
  const trim = decided.facts.trimProjection;
  const known = typeof trim === 'number';
  const widest = plan && known ? widestAngle(plan, trim) : undefined;
  const meets = widest !== undefined && degrees > widest;
  const why = decided.decisions.find((one) => one.key === 'hanging.hingeWidth')?.reasons[0];
  return (
    <figure className="sheet flex min-h-[420px] flex-1 flex-col" aria-label="Swing at the hinges">
      {model ? (
        <>
          <div className="min-h-0 flex-1 p-1">
            <ModelView model={model} units={units} title={`Hinge side in plan at ${degrees}°`} />
          </div>
          <AngleSlider degrees={degrees} onChange={setDegrees} />
          <figcaption
            role="status"
            className={`min-h-12 border-t border-rule px-2 py-1 text-xs ${meets ? 'text-oxide' : 'text-soft'}`}
          >
            {meets
              ? `The leaf meets its trim beyond ${Math.floor(widest * 10) / 10}°.`
              : widest === undefined
                ? 'How far the trim stands out is not recorded.'
                : widest >= 180
                  ? 'The barrel carries the leaf clear of its trim all the way.'
                  : `Clear of its trim to ${Math.floor(widest * 10) / 10}°.`}{' '}
            {why && !meets && phraseText(why, units)}
          </figcaption>
        </>
      ) : (
        <p className="m-auto max-w-60 text-center text-soft">
          {decided.results.hanging.device.includes('gear')
            ? 'It does not swing.'
            : 'Sizes or device are open.'}
        </p>
      )}
    </figure>
  );
}
