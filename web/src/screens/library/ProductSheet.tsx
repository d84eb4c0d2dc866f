import { productFieldText, SHOWN_FIELDS, toMm, type Product, type Units } from '@riegel/core';
import { termText } from '../../base/words.js';
import { WithFractions } from '../../parts/WithFractions.js';
import { fieldName } from './productText.js';

/** One product: its recess drawn, every figure the catalogue gives. */
export function ProductSheet({ product, units }: { product: Product; units: Units }) {
  const rows = SHOWN_FIELDS.flatMap((field) => {
    const text = productFieldText(product, field, units);
    return text === undefined || text === '' ? [] : [{ name: field.name, text }];
  });
  return (
    <>
      <h2 className="text-lg leading-6">{product.model}</h2>
      <p className="text-soft">
        {product.maker} · {termText(`product.${product.type}`)}
      </p>
      <Recess product={product} />
      <dl className="mt-2">
        {rows.map(({ name, text }) => (
          <div key={name} className="flex gap-3 border-t border-rule py-1">
            <dt className="w-40 shrink-0 text-soft">{fieldName(name)}</dt>
            <dd className="min-w-0">
              <WithFractions text={text} />
            </dd>
          </div>
        ))}
      </dl>
      <p className="mt-3 text-xs text-soft">
        An invented product. With a real one the maker’s template and listing decide.
      </p>
    </>
  );
}

/** The recess to scale: on the leaf's edge, and how deep it goes into leaf and jamb. */
function Recess({ product }: { product: Product }) {
  const along = product.recessUp ?? product.height;
  const through = product.recessThrough ?? (product.width ? product.width / 2 : undefined);
  const deep = product.recessAcross ?? product.gauge;
  if (!along || !through || !deep) return null;
  const [up, wide, inLeaf] = [along, through, deep].map(toMm) as [number, number, number];
  const inFrame = toMm(product.frameAcross ?? product.gauge ?? 0);
  const edge = Math.max(wide * 1.5, 40);
  const pad = up * 0.12 + 6;
  const gap = 3;
  const total = edge + 26 + inLeaf + inFrame + gap + 60;
  return (
    <svg
      className="drawing mt-2 h-44 w-full"
      viewBox={`0 0 ${total} ${up + 2 * pad}`}
      role="img"
      aria-label="Recess on the edge and in a cut"
    >
      <path className="layer-leaf" d={`M0 0H${edge}V${up + 2 * pad}H0Z`} />
      <path className="layer-hardware" d={`M${(edge - wide) / 2} ${pad}h${wide}v${up}h${-wide}Z`} />
      <g transform={`translate(${edge + 26} 0)`}>
        <path className="layer-frame" d={`M0 0H${30 + inFrame * 0}V${up + 2 * pad}H0Z`} />
        {inFrame > 0 && (
          <path
            className="layer-hardware"
            d={`M${30 - inFrame} ${pad}h${inFrame}v${up}h${-inFrame}Z`}
          />
        )}
        <path
          className="layer-leaf"
          d={`M${30 + gap} 0H${60 + gap + Math.max(0, inLeaf - 30)}V${up + 2 * pad}H${30 + gap}Z`}
        />
        <path className="layer-hardware" d={`M${30 + gap} ${pad}h${inLeaf}v${up}h${-inLeaf}Z`} />
      </g>
    </svg>
  );
}
