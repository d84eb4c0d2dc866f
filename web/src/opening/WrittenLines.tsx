import { Plus, X } from 'lucide-react';
import { useState, type FormEvent } from 'react';
import { type SetStage, type WrittenItem } from '@riegel/core';
import { termText } from '../base/words.js';
import { BasisMark } from '../parts/BasisMark.js';
import { Select } from '../parts/Select.js';
import { useOpeningPage } from './page.js';

const UNITS = ['each', 'pair', 'set', 'length'] as const;
const QUIET = 'text-[12px] text-soft underline decoration-rule underline-offset-2 hover:text-brass';

/** The lines a person wrote for a stage's hardware, or why it has none. */
export function WrittenLines({ stage }: { stage: SetStage }) {
  const { facts, canEdit, onPatch } = useOpeningPage();
  const [adding, setAdding] = useState(false);
  const [excluding, setExcluding] = useState(false);
  const [reason, setReason] = useState('');
  const written = facts.manualItems ?? [];
  const lines = written.filter((item) => item.stage === stage);
  const none = facts.omitted?.[stage];
  const take = (line: WrittenItem) => {
    const rest = written.filter((item) => item !== line);
    onPatch({ manualItems: rest.length > 0 ? rest : undefined });
  };
  const ruleOut = (event: FormEvent) => {
    event.preventDefault();
    if (!reason.trim()) return;
    onPatch({ omitted: { ...facts.omitted, [stage]: reason.trim() } });
    setExcluding(false);
    setReason('');
  };
  const bringBack = () => {
    const { [stage]: _, ...rest } = facts.omitted ?? {};
    onPatch({ omitted: Object.keys(rest).length > 0 ? rest : undefined });
  };
  if (none !== undefined)
    return (
      <p className="flex items-baseline gap-2 py-1">
        <BasisMark basis="none" /> None: {none}
        {canEdit && (
          <button type="button" className={`ml-auto ${QUIET}`} onClick={bringBack}>
            take back
          </button>
        )}
      </p>
    );
  if (lines.length === 0 && !canEdit) return null;
  return (
    <section aria-label="Written by hand" className="mt-2">
      {lines.map((line, index) => (
        <p key={index} className="flex items-baseline gap-2 py-0.5">
          <BasisMark basis="given" />
          <span className="w-16 shrink-0 text-right">
            <b>{line.quantity}</b> {termText(`unit.${line.unit}`)}
          </span>
          <span className="min-w-0 flex-1">{line.description}</span>
          <span className="text-soft">{line.size}</span>
          <span className="text-soft">{line.finish}</span>
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
        <NewLine
          stage={stage}
          onAdd={(line) => {
            onPatch({ manualItems: [...written, line] });
            setAdding(false);
          }}
          onClose={() => setAdding(false)}
        />
      )}
      {excluding && (
        <form className="mt-1 flex items-center gap-2" onSubmit={ruleOut}>
          <input
            className="field min-w-0 flex-1"
            aria-label="Deliberately none, because"
            placeholder="Deliberately none, because …"
            value={reason}
            maxLength={1000}
            autoFocus
            onChange={(event) => setReason(event.target.value)}
          />
          <button className="button !h-7" disabled={!reason.trim()}>
            None
          </button>
        </form>
      )}
      {canEdit && !adding && !excluding && (
        <p className="mt-1 flex gap-4">
          <button type="button" className={QUIET} onClick={() => setAdding(true)}>
            write a line
          </button>
          {lines.length === 0 && (
            <button type="button" className={QUIET} onClick={() => setExcluding(true)}>
              deliberately none
            </button>
          )}
        </p>
      )}
    </section>
  );
}

function NewLine({
  stage,
  onAdd,
  onClose,
}: {
  stage: SetStage;
  onAdd: (line: WrittenItem) => void;
  onClose: () => void;
}) {
  const [unit, setUnit] = useState<WrittenItem['unit']>('each');
  const add = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const form = new FormData(event.currentTarget);
    const text = (name: string, most: number) =>
      String(form.get(name) ?? '')
        .trim()
        .slice(0, most);
    const description = text('description', 200);
    if (!description) return;
    const [size, finish] = [text('size', 60), text('finish', 60)];
    onAdd({
      stage,
      quantity: Math.max(1, Math.min(9999, Math.round(Number(text('quantity', 9)) || 1))),
      unit,
      description,
      ...(size ? { size } : {}),
      ...(finish ? { finish } : {}),
    });
  };
  const input = (name: string, label: string, placeholder: string, look = '') => (
    <input
      className={`field ${look}`}
      name={name}
      aria-label={label}
      placeholder={placeholder}
      maxLength={name === 'description' ? 200 : 60}
    />
  );
  return (
    <form onSubmit={add} className="mt-1 flex flex-wrap items-center gap-1.5">
      <input
        className="field w-14 text-right"
        name="quantity"
        aria-label="Quantity"
        defaultValue="1"
        inputMode="numeric"
      />
      <Select
        label="Unit"
        className="w-20"
        value={unit}
        options={UNITS.map((one) => ({ value: one, text: one }))}
        onChange={(next) => setUnit(next as WrittenItem['unit'])}
      />
      <input
        className="field min-w-40 flex-1"
        name="description"
        aria-label="Description"
        placeholder="What it is"
        autoFocus
        required
        maxLength={200}
      />
      {input('size', 'Size', 'size', 'w-24')}
      {input('finish', 'Finish', 'finish', 'w-20')}
      <button className="button !h-7 !px-2" aria-label="Add the line">
        <Plus size={14} />
      </button>
      <button
        type="button"
        className="button bare !h-7 !px-1"
        aria-label="Not now"
        onClick={onClose}
      >
        <X size={14} />
      </button>
    </form>
  );
}
