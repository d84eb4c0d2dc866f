import { Plus, X } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import { termText, type SetStage, type WrittenItem } from '@riegel/core';
import { BasisMark } from '../../parts/BasisMark.js';
import { StageFacts } from './StageFacts.js';
import { StageOutcome } from './StageOutcome.js';
import type { StageProps } from './StageSection.js';

/** A stage whose hardware a person writes down, or rules out with a reason. */
export function WrittenStage(props: StageProps & { stage: SetStage }) {
  const { stage, number, facts, canEdit, onPatch } = props;
  const written = facts.manualItems ?? [];
  const lines = written.filter((item) => item.stage === stage);
  const none = facts.omitted?.[stage];
  const decides = props.decided.decisions.some(
    (one) => one.stage === stage && one.status !== 'open',
  );
  const [adding, setAdding] = useState(false);
  const [reason, setReason] = useState('');

  const take = (line: WrittenItem) => {
    const rest = written.filter((item) => item !== line);
    onPatch({ manualItems: rest.length > 0 ? rest : undefined });
  };
  const add = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = (name: string) => String(form.get(name) ?? '').trim();
    if (!text('description')) return;
    const line: WrittenItem = {
      stage,
      quantity: Math.max(1, Math.min(9999, Math.round(Number(text('quantity')) || 1))),
      unit: text('unit') as WrittenItem['unit'],
      description: text('description').slice(0, 200),
      ...(text('size') ? { size: text('size').slice(0, 60) } : {}),
      ...(text('finish') ? { finish: text('finish').slice(0, 60) } : {}),
    };
    onPatch({ manualItems: [...written, line] });
    event.currentTarget.reset();
    setAdding(false);
  };
  const ruleOut = () =>
    reason.trim() && onPatch({ omitted: { ...facts.omitted, [stage]: reason.trim() } });
  const bringBack = () => {
    const { [stage]: _, ...rest } = facts.omitted ?? {};
    onPatch({ omitted: Object.keys(rest).length > 0 ? rest : undefined });
  };
  return (
    <section id={`stage-${stage}`} aria-labelledby={`title-${stage}`} className="pt-4">
      <div className="mb-1 flex items-baseline gap-2 border-b-2 border-ink pb-0.5">
        <span className="text-soft" aria-hidden>
          {number}
        </span>
        <h2 id={`title-${stage}`} tabIndex={-1} className="text-base outline-none">
          {termText(`stage.${stage}`)}
        </h2>
        {lines.length === 0 && none === undefined && !decides && (
          <span className="basis-open text-[12.5px]">nothing written yet</span>
        )}
        {canEdit && none === undefined && !adding && (
          <button
            type="button"
            className="ml-auto text-[12px] text-soft underline decoration-rule underline-offset-2 hover:text-brass"
            onClick={() => setAdding(true)}
          >
            write a line
          </button>
        )}
      </div>
      {none === undefined && <StageFacts {...props} />}
      <StageOutcome {...props} />
      {none !== undefined && (
        <p className="flex items-baseline gap-2">
          <BasisMark basis="none" /> None: {none}{' '}
          {canEdit && (
            <button
              type="button"
              className="ml-auto text-[12px] text-soft underline"
              onClick={bringBack}
            >
              take back
            </button>
          )}
        </p>
      )}
      {lines.map((line, index) => (
        <p key={index} className="flex items-baseline gap-2 py-0.5">
          <BasisMark basis="given" />
          <span className="w-16 shrink-0 text-right">
            <b>{line.quantity}</b> {termText(`unit.${line.unit}`)}
          </span>
          <span className="min-w-0 flex-1">{line.description}</span>
          <span className="text-soft">{line.size}</span>
          <span className="w-20 text-soft">{line.finish}</span>
          {canEdit && (
            <button
              type="button"
              className="text-soft hover:text-oxide"
              aria-label={`Take out ${line.description}`}
              onClick={() => take(line)}
            >
              <X size={14} />
            </button>
          )}
        </p>
      ))}
      {adding && (
        <form
          onSubmit={add}
          className="mt-1 grid grid-cols-[56px_72px_1fr_110px_84px_auto_auto] items-center gap-1.5"
        >
          <input
            className="field text-right"
            name="quantity"
            aria-label="Quantity"
            defaultValue="1"
            inputMode="numeric"
          />
          <select className="field" name="unit" aria-label="Unit">
            {['each', 'pair', 'set', 'length'].map((unit) => (
              <option key={unit}>{unit}</option>
            ))}
          </select>
          <input
            className="field"
            name="description"
            aria-label="Description"
            placeholder="What it is"
            autoFocus
            required
            maxLength={200}
          />
          <input
            className="field"
            name="size"
            aria-label="Size"
            placeholder="size"
            maxLength={60}
          />
          <input
            className="field"
            name="finish"
            aria-label="Finish"
            placeholder="finish"
            maxLength={60}
          />
          <button className="button !h-7 !px-2" aria-label="Add the line">
            <Plus size={14} />
          </button>
          <button
            type="button"
            className="button bare !h-7 !px-1"
            aria-label="Not now"
            onClick={() => setAdding(false)}
          >
            <X size={14} />
          </button>
        </form>
      )}
      {canEdit && none === undefined && lines.length === 0 && (
        <div className="mt-1 flex items-center gap-2">
          <label className="flex flex-1 items-center gap-2 text-[12.5px] text-soft">
            or deliberately none, because
            <input
              className="field flex-1 text-ink"
              value={reason}
              maxLength={1000}
              onChange={(event) => setReason(event.target.value)}
              onKeyDown={(event) => event.key === 'Enter' && ruleOut()}
            />
          </label>
          <button type="button" className="button !h-7" disabled={!reason.trim()} onClick={ruleOut}>
            None
          </button>
        </div>
      )}
    </section>
  );
}
