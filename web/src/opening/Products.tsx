import { Check } from 'lucide-react';
import { useMemo, useState } from 'react';
import {
  candidates,
  itemSizeParts,
  needsOf,
  type Candidate,
  type DecidedOpening,
  type ProductRequirement,
  type Stage,
  type Units,
} from '@riegel/core';
import { itemText, termText } from '../base/words.js';
import { useProject } from '../data/project.js';
import { Figures } from '../parts/Figure.js';
import { Say } from '../parts/Say.js';
import { Adjusting } from './Adjusting.js';
import { BoxDialog } from './BoxDialog.js';
import { useOpeningPage } from './page.js';
import { basisOf } from '../worker/basis.js';

/** Products that lack no more than this are shown as fitting almost. */
const ALMOST = 2;
const FEW = 6;

const TITLES: Record<string, string> = {
  'hanging.product': 'Hanging',
  'securing.product': 'Lock',
  'securing.boltsProduct': 'Inactive leaf bolts',
  'closing.product': 'Closing',
  'sealing.product': 'Sealing',
};

/** For each place in a stage's set: generic, or a product of the catalogue that satisfies it. */
export function Products({ stage }: { stage: Stage }) {
  const { decided, units, canEdit, onPatch } = useOpeningPage();
  const { basis } = useProject();
  const { products } = basisOf(basis);
  const needs = useMemo(
    () => needsOf(decided, basisOf(basis)).filter(({ slot }) => slot.startsWith(`${stage}.`)),
    [decided, stage, basis],
  );
  const name = (slot: string, id: string | undefined) => {
    const { [slot]: _, ...rest } = decided.facts.choices ?? {};
    const choices = id
      ? { ...rest, [slot]: { value: id, reason: 'Named from the catalogue.' } }
      : rest;
    onPatch({ choices: Object.keys(choices).length > 0 ? choices : undefined });
  };
  const hung = products.get(String(decided.facts.choices?.['hanging.product']?.value));
  const adjustable = stage === 'hanging' && hung?.sideRange ? hung : undefined;
  if (needs.length === 0) return <p className="text-soft">Nothing here has a product yet.</p>;
  return (
    <>
      {needs.map((need) => (
        <Slot
          key={need.slot}
          need={need}
          list={candidates(need, products.values())}
          decided={decided}
          units={units}
          canEdit={canEdit}
          onName={(id) => name(need.slot, id)}
        />
      ))}
      {adjustable && <Adjusting decided={decided} product={adjustable} units={units} />}
    </>
  );
}

function Slot({
  need,
  list,
  decided,
  units,
  canEdit,
  onName,
}: {
  need: ProductRequirement;
  list: Candidate[];
  decided: DecidedOpening;
  units: Units;
  canEdit: boolean;
  onName: (id: string | undefined) => void;
}) {
  const [all, setAll] = useState(false);
  const [boxed, setBoxed] = useState(false);
  const stage = need.slot.split('.')[0]!;
  const named = decided.facts.choices?.[need.slot]?.value;
  const fitting = list.filter((one) => one.missing.length === 0);
  const almost = list.filter((one) => one.missing.length > 0 && one.missing.length <= ALMOST);
  const shown = all ? [...fitting, ...almost] : [...fitting.slice(0, FEW), ...almost.slice(0, 3)];
  const item = decided.items.find(
    (one) =>
      one.stage === stage &&
      one.term &&
      one.term.startsWith('item.bolts.') === (need.slot === 'securing.boltsProduct'),
  );
  return (
    <section aria-label={TITLES[need.slot]} className="mb-5">
      <div className="flex items-baseline gap-3 border-b-2 border-ink">
        <h2 className="text-base">{TITLES[need.slot]}</h2>
        <span className="text-soft">
          {fitting.length} satisfy, {almost.length} almost
        </span>
        {canEdit && (
          <button type="button" className="button bare ml-auto !h-6" onClick={() => setBoxed(true)}>
            type it from the box …
          </button>
        )}
        {named !== undefined && canEdit && (
          <button type="button" className="button bare !h-6" onClick={() => onName(undefined)}>
            leave it generic
          </button>
        )}
      </div>
      <p className="py-1 text-soft">
        {item ? (
          <>
            {itemText({ ...item, product: '' }).replace(/, $/, '')}{' '}
            <Figures parts={itemSizeParts(item, units)} />
          </>
        ) : (
          need.types.map((type) => termText(`product.${type}`)).join(', ')
        )}
      </p>
      {boxed && (
        <BoxDialog
          types={need.types}
          units={units}
          onClose={() => setBoxed(false)}
          onMade={({ id }) => onName(id)}
        />
      )}
      {list.length === 0 && <p className="text-oxide">The catalogue has none of this type.</p>}
      <ul>
        {shown.map(({ product, missing }) => (
          <li
            key={product.id}
            data-product={product.id}
            className={`flex items-baseline gap-3 border-t border-rule py-1 ${named === product.id ? 'bg-brass-wash' : ''}`}
          >
            <span className="w-44 shrink-0">
              <b>{product.model}</b> <span className="text-soft">{product.maker}</span>
            </span>
            <span className="min-w-0 flex-1 text-[13px]">
              {missing.length === 0 ? (
                <span className="text-verdigris">satisfies it</span>
              ) : (
                missing.map((lack, index) => (
                  <span key={index} className="block text-ochre">
                    <Say said={lack} units={units} />
                  </span>
                ))
              )}
            </span>
            <span className="w-12 text-right text-soft" title="Cost class">
              {'·'.repeat(product.cost ?? 0)}
            </span>
            {named === product.id ? (
              <span className="flex w-20 items-center justify-end gap-1">
                <Check size={14} /> named
              </span>
            ) : (
              <button
                type="button"
                className="button !h-7 w-20"
                disabled={!canEdit}
                onClick={() => onName(product.id)}
              >
                Name it
              </button>
            )}
          </li>
        ))}
      </ul>
      {!all && fitting.length + almost.length > shown.length && (
        <button type="button" className="button bare" onClick={() => setAll(true)}>
          Show all {fitting.length + almost.length}
        </button>
      )}
    </section>
  );
}
