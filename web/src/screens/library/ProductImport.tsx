import { useState } from 'react';
import { toast } from 'sonner';
import {
  phraseText,
  readProductCells,
  readProducts,
  type Product,
  type ProductRow,
  type Units,
} from '@riegel/core';
import { ApiProblem, call } from '../../base/api.js';
import { useProject } from '../../data/project.js';
import { basisOf } from '../../worker/basis.js';
import { Modal } from '../../parts/Modal.js';
import { fieldName } from './productText.js';

/** What a catalogue file holds against what the project has. */
interface Preview {
  name: string;
  fresh: Product[];
  changed: Product[];
  same: number;
  faulty: ProductRow[];
}

async function readJson(file: File, units: Units): Promise<ProductRow[]> {
  const read = readProducts(JSON.parse(await file.text()));
  if (!read.ok) throw new Error(phraseText(read.fault, units));
  return read.value.map((product, index) => ({ row: index + 1, product, faults: [] }));
}

/** A catalogue taken over from CSV, XLSX or JSON: looked at first, then all of it or nothing. */
export function ProductImport({
  own,
  units,
  onClose,
  onTake,
}: {
  own: Product[];
  units: Units;
  onClose: () => void;
  onTake: (products: Product[]) => Promise<void>;
}) {
  const { project, basis } = useProject();
  const [preview, setPreview] = useState<Preview | undefined>();
  const [wrong, setWrong] = useState('');
  const [busy, setBusy] = useState(false);
  const read = async (file: File) => {
    setWrong('');
    setPreview(undefined);
    try {
      let rows: ProductRow[];
      if (/\.json$/i.test(file.name)) rows = await readJson(file, units);
      else {
        const { sheets } = await call('POST', '/projects/{projectId}/lists/read', {
          path: { projectId: project.id },
          body: file,
        });
        const parsed = readProductCells(sheets[0]?.cells ?? []);
        if (!parsed.ok) throw new Error(phraseText(parsed.fault, units));
        rows = parsed.value;
      }
      const held = basisOf(basis).products;
      const good = rows.flatMap((row) => (row.product ? [row.product] : []));
      const sameAs = (product: Product) => {
        const before = held.get(product.id);
        return before && JSON.stringify(sorted(before)) === JSON.stringify(sorted(product));
      };
      setPreview({
        name: file.name,
        fresh: good.filter((one) => !held.has(one.id)),
        changed: good.filter((one) => held.has(one.id) && !sameAs(one)),
        same: good.filter(sameAs).length,
        faulty: rows.filter((row) => row.faults.length > 0),
      });
    } catch (error) {
      setWrong(
        error instanceof ApiProblem
          ? (error.errors[0]?.message ?? error.message)
          : error instanceof Error
            ? error.message
            : 'The file could not be read.',
      );
    }
  };
  const take = async () => {
    if (!preview) return;
    setBusy(true);
    const taken = [...preview.fresh, ...preview.changed];
    const ids = new Set(taken.map((one) => one.id));
    try {
      await onTake([...own.filter((one) => !ids.has(one.id)), ...taken]);
      toast(`${taken.length} products taken over. Undo takes them back.`);
      onClose();
    } catch (error) {
      setWrong(error instanceof Error ? error.message : 'Not saved.');
      setBusy(false);
    }
  };
  const count = preview ? preview.fresh.length + preview.changed.length : 0;
  return (
    <Modal open onClose={onClose} title="Take over a catalogue">
      <p className="mb-3 text-soft">
        CSV or XLSX whose first row names the fields, as the catalogue is given out; or JSON. Own
        products stand before those that ship with the same id.
      </p>
      <input
        type="file"
        accept=".csv,.tsv,.xlsx,.json"
        aria-label="Catalogue file"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void read(file);
        }}
      />
      {wrong && (
        <p role="alert" className="mt-3 text-oxide">
          {wrong}
        </p>
      )}
      {preview && (
        <div className="mt-3">
          <p role="status">
            {preview.fresh.length} new, {preview.changed.length} changed, {preview.same} the same,{' '}
            {preview.faulty.length} not readable
          </p>
          <div className="max-h-60 overflow-auto" tabIndex={0}>
            {preview.faulty.map((row) => (
              <p key={row.row} className="border-t border-rule py-1 text-ochre">
                Row {row.row}:{' '}
                {row.faults
                  .map(({ field, text }) =>
                    text
                      ? `${fieldName(field as keyof Product)} “${text}” is not read`
                      : `${fieldName(field as keyof Product)} is missing`,
                  )
                  .join('; ')}
              </p>
            ))}
            {[...preview.fresh, ...preview.changed].slice(0, 100).map((product) => (
              <p key={product.id} className="border-t border-rule py-1">
                <b>{product.model}</b> <span className="text-soft">{product.maker}</span>
              </p>
            ))}
          </div>
          {preview.faulty.length > 0 && (
            <p className="mt-2 text-ochre">
              Rows that are not readable are left out. Mend the file to have them too.
            </p>
          )}
          <div className="mt-3 flex justify-end gap-2">
            <button type="button" className="button" onClick={onClose}>
              Not now
            </button>
            <button
              type="button"
              className="button primary"
              disabled={count === 0 || busy}
              onClick={() => void take()}
            >
              Take over {count}
            </button>
          </div>
        </div>
      )}
    </Modal>
  );
}

function sorted(product: Product): [string, unknown][] {
  return Object.entries(product)
    .filter(([, value]) => value !== undefined)
    .sort(([a], [b]) => (a < b ? -1 : 1));
}
