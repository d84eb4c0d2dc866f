import { useState } from 'react';
import { toast } from 'sonner';
import {
  boxMeasures,
  parseLength,
  phraseText,
  productFromBox,
  type Product,
  type ProductType,
  type Units,
} from '@riegel/core';
import { termText } from '../base/words.js';
import { useProject } from '../data/project.js';
import { Modal } from '../parts/Modal.js';
import { Select } from '../parts/Select.js';
import { basisOf } from '../worker/basis.js';

/** The measures of a lock, hinge or closer typed from its box; kept as a product, for the next door too. */
export function BoxDialog({
  types,
  units,
  onClose,
  onMade,
}: {
  types: readonly ProductType[];
  units: Units;
  onClose: () => void;
  onMade: (product: Product) => void;
}) {
  const { basis, ownProducts, project, write } = useProject();
  const [type, setType] = useState<ProductType>(types[0]!);
  const [name, setName] = useState('');
  const [typed, setTyped] = useState<Record<string, string>>({});
  const [faults, setFaults] = useState<Record<string, string>>({});
  const [busy, setBusy] = useState(false);
  const measures = boxMeasures(type);
  const save = async () => {
    const read: Record<string, number> = {};
    const wrong: Record<string, string> = {};
    for (const field of measures) {
      const text = typed[field]?.trim();
      if (!text) continue;
      const length = parseLength(text, units.system);
      if (length.ok) read[field] = length.value;
      else wrong[field] = phraseText(length.fault, units);
    }
    if (name.trim() === '') wrong['name'] = 'What does the box call it?';
    setFaults(wrong);
    if (Object.keys(wrong).length > 0) return;
    const product = productFromBox(type, name, read, new Set(basisOf(basis).products.keys()));
    setBusy(true);
    try {
      await write({
        documents: [
          {
            name: 'catalogue',
            version: project.catalogue.version,
            body: [...ownProducts, product],
          },
        ],
      });
      onMade(product);
      onClose();
    } catch (error) {
      toast.error(error instanceof Error ? error.message : 'Not saved.');
      setBusy(false);
    }
  };
  return (
    <Modal
      open
      onClose={onClose}
      title="Type it from the box"
      description="What is left empty is taken as usual. It stands in the library for the next door."
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <div className="grid grid-cols-2 gap-x-4 gap-y-2 max-[480px]:grid-cols-1">
          {types.length > 1 && (
            <label className="flex flex-col gap-0.5 text-soft">
              Type
              <Select
                label="Type"
                value={type}
                options={types.map((one) => ({ value: one, text: termText(`product.${one}`) }))}
                onChange={(next) => setType(next as ProductType)}
              />
            </label>
          )}
          <Box
            label="Name on the box"
            value={name}
            fault={faults['name']}
            onChange={setName}
            autoFocus
          />
          {measures.map((field) => (
            <Box
              key={field}
              label={`${termText(`box.${field}`)}, ${units.system === 'inch' ? 'in' : 'mm'}`}
              value={typed[field] ?? ''}
              fault={faults[field]}
              onChange={(text) => setTyped({ ...typed, [field]: text })}
            />
          ))}
        </div>
        <div className="mt-4 flex justify-end gap-2">
          <button type="button" className="button" onClick={onClose}>
            Cancel
          </button>
          <button className="button primary" disabled={busy}>
            Take these measures
          </button>
        </div>
      </form>
    </Modal>
  );
}

function Box({
  label,
  value,
  fault,
  onChange,
  autoFocus = false,
}: {
  label: string;
  value: string;
  fault: string | undefined;
  onChange: (text: string) => void;
  autoFocus?: boolean;
}) {
  return (
    <label className="flex flex-col gap-0.5 text-soft">
      {label}
      <input
        className="field !h-9 text-ink"
        value={value}
        maxLength={120}
        autoFocus={autoFocus}
        aria-invalid={fault ? true : undefined}
        onChange={(event) => onChange(event.target.value)}
      />
      {fault && (
        <span role="alert" className="text-xs text-oxide">
          {fault}
        </span>
      )}
    </label>
  );
}
