import { Check, PencilLine } from 'lucide-react';
import { useMemo, useState } from 'react';
import {
  fittingSteps,
  formatQuantity,
  leafRemoval,
  valueParts,
  type WorkPart,
  type WorkStep,
} from '@riegel/core';
import type { OpeningSite } from '../../data/useSite.js';
import { useOpeningPage } from '../../opening/page.js';
import { Figures } from '../../parts/Figure.js';
import { Say } from '../../parts/Say.js';
import { itemText, termText } from '../../base/words.js';
import { DeviationDialog } from './DeviationDialog.js';

/** The work in its order, with the numbers of this opening; what is done is ticked. */
export function FitPane({ site, which }: { site: OpeningSite; which: 'fit' | 'off' }) {
  const { decided, canEdit, units } = useOpeningPage();
  const [other, setOther] = useState(false);
  const off = useMemo(() => (which === 'off' ? leafRemoval(decided) : undefined), [decided, which]);
  const steps = useMemo(
    () => (which === 'fit' ? fittingSteps(decided) : off ? [...off.off, ...off.on] : []),
    [decided, which, off],
  );
  const done = steps.filter(({ id }) => site.state.steps.get(id)?.done).length;
  const parts = [...new Set(steps.map(({ part }) => part))];
  if (which === 'off' && !off)
    return (
      <p className="text-soft">A leaf that slides is lifted off its track by its maker’s way.</p>
    );
  return (
    <div>
      <div className="mb-2 flex flex-wrap items-center gap-3">
        <progress
          className="w-32"
          value={done}
          max={Math.max(1, steps.length)}
          aria-label="Steps done"
        />
        <span role="status" className="text-soft tabular-nums">
          {done} of {steps.length} done
        </span>
        {off && (
          <b className="tabular-nums">
            {off.mass === undefined
              ? 'mass not known'
              : formatQuantity(off.mass, 'mass', units.system)}
            , {off.people} {off.people === 1 ? 'person' : 'people'}
            {off.lifter && ' and a lifter'}
          </b>
        )}
        {canEdit && which === 'fit' && (
          <button className="button ml-auto !h-11" onClick={() => setOther(true)}>
            <PencilLine size={16} /> Done otherwise …
          </button>
        )}
      </div>
      {parts.map((part) => (
        <Part
          key={part}
          part={part}
          steps={steps.filter((one) => one.part === part)}
          site={site}
          canEdit={canEdit}
        />
      ))}
      {site.state.deviations.length > 0 && which === 'fit' && (
        <section aria-label="Done otherwise" className="mt-4">
          <h2 className="caps mb-1">Done otherwise than planned</h2>
          {site.state.deviations.map((one) => (
            <p key={one.id} className="border-l-4 border-ochre bg-wash px-3 py-1.5">
              <b>{one.what}</b> {one.why}{' '}
              <span className="text-soft">
                {one.by}, {one.at.slice(0, 10)}
              </span>
            </p>
          ))}
        </section>
      )}
      {other && <DeviationDialog site={site} onClose={() => setOther(false)} />}
    </div>
  );
}

function Part({
  part,
  steps,
  site,
  canEdit,
}: {
  part: WorkPart;
  steps: readonly WorkStep[];
  site: OpeningSite;
  canEdit: boolean;
}) {
  return (
    <section aria-label={termText(`workPart.${part}`)} className="mb-3">
      <h2 className="caps mb-1">{termText(`workPart.${part}`)}</h2>
      <ul className="divide-y divide-rule border-y border-rule">
        {steps.map((step) => (
          <StepRow key={step.id} step={step} site={site} canEdit={canEdit} />
        ))}
      </ul>
    </section>
  );
}

function StepRow({ step, site, canEdit }: { step: WorkStep; site: OpeningSite; canEdit: boolean }) {
  const { units } = useOpeningPage();
  const record = site.state.steps.get(step.id);
  const done = record?.done === true;
  return (
    <li
      data-step={step.id}
      data-done={done}
      className="grid grid-cols-[3.5rem_minmax(0,1fr)] py-1.5"
    >
      <button
        type="button"
        role="checkbox"
        aria-checked={done}
        aria-label={`Done: ${termText(`workPart.${step.part}`)}`}
        disabled={!canEdit}
        className={`mt-0.5 flex size-11 touch-manipulation items-center justify-center rounded-sm border-2 ${done ? 'border-verdigris bg-verdigris text-sheet' : 'border-rule bg-sheet'}`}
        onClick={() => site.record('step', { step: step.id, done: !done })}
      >
        {done && <Check size={26} strokeWidth={3} />}
      </button>
      <div>
        <p className={`text-base leading-6 ${done ? 'text-soft' : ''}`}>
          {step.leaf && <b>{termText(step.leaf)}: </b>}
          <Say said={step.say} units={units} />
        </p>
        {step.figures.length > 0 && (
          <p className="flex flex-wrap gap-x-4">
            {step.figures.map(({ name, value }, at) => (
              <span key={at}>
                <span className="text-soft">{termText(name)}</span>{' '}
                <b className="text-base tabular-nums">
                  <Figures parts={valueParts(value, units)} />
                </b>
              </span>
            ))}
          </p>
        )}
        {step.items.length > 0 && (
          <p>
            {step.items
              .map((item) => `${item.quantity} ${item.product ?? itemText(item)}`)
              .join('; ')}
          </p>
        )}
        {step.tools.length > 0 && (
          <p className="text-soft">{step.tools.map(termText).join(', ')}</p>
        )}
        {step.cares.map((care) => (
          <p key={care.code} className="text-ochre">
            <Say said={care} units={units} />
          </p>
        ))}
        {record && (
          <p className="text-xs text-soft">
            {done ? 'done' : 'taken back'} by {record.by},{' '}
            {record.at.slice(0, 16).replace('T', ' ')}
          </p>
        )}
      </div>
    </li>
  );
}
