import { useVirtualizer } from '@tanstack/react-virtual';
import { Download, Trash2, Upload } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { toast } from 'sonner';
import { PRODUCT_TYPES, stageOfType, type Product, type ProductType } from '@riegel/core';
import { termText } from '../../base/words.js';
import { useProject } from '../../data/project.js';
import { WithFractions } from '../../parts/WithFractions.js';
import { basisOf } from '../../worker/basis.js';
import { ProductImport } from './ProductImport.js';
import { ProductSheet } from './ProductSheet.js';
import { massText, sizeText } from './productText.js';
import { Select } from '../../parts/Select.js';

const ROW = 30;

/** What a narrow page leaves to the sheet of the product. */
const WIDE = 'max-[1100px]:hidden';

const GRID =
  'grid grid-cols-[1.1fr_1fr_1.4fr_1.2fr_72px_64px_40px] gap-2 max-[1100px]:grid-cols-[1.1fr_1.4fr_1.2fr] *:min-w-0';

/** The catalogue: what ships and the project's own, filtered, one looked at, files in and out. */
export function ProductList() {
  const { basis, ownProducts, practice, project, canEdit, write } = useProject();
  const { products } = basisOf(basis);
  const [type, setType] = useState<ProductType | ''>('');
  const [words, setWords] = useState('');
  const [chosen, setChosen] = useState<string | undefined>();
  const [importing, setImporting] = useState(false);
  const pane = useRef<HTMLDivElement>(null);
  const own = useMemo(() => new Set(ownProducts.map((one) => one.id)), [ownProducts]);
  const list = useMemo(() => {
    const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
    return [...products.values()]
      .filter((product) => {
        if (type && product.type !== type) return false;
        const text = [
          product.maker,
          product.model,
          termText(`product.${product.type}`),
          ...(product.traits ?? []),
          product.note ?? '',
        ]
          .join(' ')
          .toLowerCase();
        return wanted.every((word) => text.includes(word));
      })
      .sort(
        (a, b) =>
          PRODUCT_TYPES.indexOf(a.type) - PRODUCT_TYPES.indexOf(b.type) ||
          a.maker.localeCompare(b.maker),
      );
  }, [products, type, words]);
  const rows = useVirtualizer({
    count: list.length,
    getScrollElement: () => pane.current,
    estimateSize: () => ROW,
    overscan: 10,
  });
  const units = { system: practice.system, denominator: practice.denominator };
  const shown = products.get(chosen ?? '') ?? list[0];
  const save = async (next: Product[]) => {
    await write({
      documents: [{ name: 'catalogue', version: project.catalogue.version, body: next }],
    });
  };
  const remove = (id: string) =>
    void save(ownProducts.filter((one) => one.id !== id)).then(
      () => toast('Taken out. Undo brings it back.'),
      (error: unknown) => toast.error(error instanceof Error ? error.message : 'Not saved.'),
    );
  return (
    <div className="grid h-full grid-cols-[minmax(0,1fr)_minmax(280px,360px)] max-[900px]:grid-cols-[minmax(0,1fr)] max-[900px]:grid-rows-[minmax(0,1.2fr)_minmax(0,1fr)]">
      <div className="grid min-h-0 min-w-0 grid-rows-[auto_auto_1fr]">
        <div className="flex flex-wrap items-center gap-2 px-4 py-2">
          <input
            className="field w-40"
            type="search"
            aria-label="Find a product"
            placeholder="maker, model, trait"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          <Select
            label="Type of product"
            className="w-52"
            value={type}
            onChange={(next) => setType(next as ProductType | '')}
            options={[
              { value: '', text: 'every type' },
              ...PRODUCT_TYPES.map((one) => ({
                value: one,
                text: termText(`product.${one}`),
                group: termText(`stage.${stageOfType(one)}`),
              })),
            ]}
          />
          <span className="whitespace-nowrap text-soft" role="status">
            {list.length} of {products.size}
          </span>
          <span className="flex-1" />
          <a className="button" href={`/api/projects/${project.id}/catalogue.csv`} download>
            <Download size={14} /> CSV
          </a>
          <a className="button" href={`/api/projects/${project.id}/catalogue.json`} download>
            <Download size={14} /> JSON
          </a>
          {canEdit && (
            <button type="button" className="button" onClick={() => setImporting(true)}>
              <Upload size={14} /> Take over
            </button>
          )}
        </div>
        <div className={`caps border-b-2 border-ink px-4 py-1 ${GRID}`}>
          <span>model</span>
          <span className={WIDE}>maker</span>
          <span>type</span>
          <span className="text-right">size</span>
          <span className={`text-right ${WIDE}`}>carries</span>
          <span className={`text-right ${WIDE}`}>listed</span>
          <span className={`text-right ${WIDE}`}>cost</span>
        </div>
        <div
          ref={pane}
          className="min-h-0 overflow-auto"
          tabIndex={0}
          role="list"
          aria-label="Products"
        >
          <div className="relative" style={{ height: rows.getTotalSize() }}>
            {rows.getVirtualItems().map((row) => {
              const product = list[row.index]!;
              return (
                <div
                  key={product.id}
                  role="listitem"
                  className="absolute inset-x-0"
                  style={{ top: row.start, height: ROW }}
                >
                  <button
                    type="button"
                    data-product={product.id}
                    aria-pressed={shown?.id === product.id}
                    className={`h-full w-full items-center border-b border-rule/70 px-4 text-left ${GRID} ${shown?.id === product.id ? 'bg-brass-wash' : 'hover:bg-wash'}`}
                    onClick={() => setChosen(product.id)}
                  >
                    <span className="truncate font-semibold">
                      {product.model}
                      {own.has(product.id) && (
                        <span className="text-xs font-normal text-brass"> own</span>
                      )}
                    </span>
                    <span className={`truncate ${WIDE}`}>{product.maker}</span>
                    <span className="truncate text-soft">
                      {termText(`product.${product.type}`)}
                    </span>
                    <span className="truncate text-right">
                      <WithFractions text={sizeText(product, units)} />
                    </span>
                    <span className={`text-right ${WIDE}`}>{massText(product, units)}</span>
                    <span className={`text-right ${WIDE}`}>
                      {product.listed ? `${product.listed} min` : '–'}
                    </span>
                    <span className={`text-right text-soft ${WIDE}`}>{product.cost ?? ''}</span>
                  </button>
                </div>
              );
            })}
          </div>
          {list.length === 0 && <p className="px-4 py-6 text-soft">No product is called so.</p>}
        </div>
      </div>
      <aside
        className="min-h-0 overflow-auto border-l border-rule px-4 py-3"
        aria-label="The product"
        tabIndex={0}
      >
        {shown && <ProductSheet product={shown} units={units} />}
        {shown && own.has(shown.id) && canEdit && (
          <button type="button" className="button mt-3" onClick={() => remove(shown.id)}>
            <Trash2 size={14} /> Take it out of the project
          </button>
        )}
      </aside>
      {importing && (
        <ProductImport
          own={ownProducts}
          units={units}
          onClose={() => setImporting(false)}
          onTake={save}
        />
      )}
    </div>
  );
}
