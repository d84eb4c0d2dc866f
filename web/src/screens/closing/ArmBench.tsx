import { useState } from 'react';
import { armDrawing } from '@riegel/core';
import { ModelView } from '../../drawing/ModelView.js';
import { useOpeningPage } from '../../opening/page.js';
import { AngleSlider } from '../../parts/AngleSlider.js';

/** The closer's arm in plan over the swing of the leaf. */
export function ArmBench() {
  const { decided, units } = useOpeningPage();
  const [degrees, setDegrees] = useState(0);
  const model = armDrawing(decided, degrees);
  const { sweep } = decided.results.closing;
  if (!model || !sweep)
    return <p className="m-auto p-6 text-center text-soft">No arm of a closer is seen here.</p>;
  const beyond = degrees > sweep.widest;
  return (
    <figure
      className="sheet m-3 flex min-h-[420px] flex-1 flex-col"
      aria-label="Arm over the swing"
    >
      <div className="min-h-0 flex-1 p-1">
        <ModelView model={model} units={units} title={`Closer in plan at ${degrees}°`} />
      </div>
      <AngleSlider degrees={degrees} onChange={setDegrees} />
      <figcaption
        role="status"
        className={`border-t border-rule px-2 py-1 text-xs ${beyond ? 'text-oxide' : 'text-soft'}`}
      >
        {beyond
          ? `Its arm reaches to ${sweep.widest}° only.`
          : `Its arm lets the leaf open to ${sweep.widest}°. Dashed: the way of its joint. The product’s own template decides.`}
      </figcaption>
    </figure>
  );
}
