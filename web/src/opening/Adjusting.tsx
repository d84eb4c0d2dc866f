import { useState } from 'react';
import {
  adjustmentsFor,
  lengthPart,
  measured,
  parseLength,
  type DecidedOpening,
  type Product,
  type Reveals,
  type Units,
} from '@riegel/core';
import { Figures } from '../parts/Figure.js';

const GAPS: [keyof Reveals, string][] = [
  ['hingeTop', 'Hinge side, top'],
  ['hingeBottom', 'Hinge side, bottom'],
  ['lockTop', 'Lock side, top'],
  ['lockBottom', 'Lock side, bottom'],
  ['head', 'Over the leaf'],
];

function turnsText(turns: number): string {
  if (Math.abs(turns) < 0.05) return 'leave it';
  return `${Math.abs(turns).toFixed(1)} turns ${turns > 0 ? 'clockwise' : 'counter-clockwise'}`;
}

/** Gaps as they stand after hanging → what each three-way hinge is turned by. Nothing is stored. */
export function Adjusting({
  decided,
  product,
  units,
}: {
  decided: DecidedOpening;
  product: Product;
  units: Units;
}) {
  const [typed, setTyped] = useState<Partial<Record<keyof Reveals, string>>>({});
  const hung = decided.results.hanging.leaves[0]!;
  const leaf = measured(hung.leaf);
  const { headGap } = decided.results.sizing;
  if (!leaf || !hung.positions || !hung.hingeHeight || headGap === undefined) return null;
  const read = Object.fromEntries(
    GAPS.map(([name]) => {
      const result = parseLength(typed[name] ?? '', units.system);
      return [name, result.ok ? result.value : undefined];
    }),
  ) as Partial<Reveals>;
  const whole = GAPS.every(([name]) => read[name] !== undefined);
  const rows = whole
    ? adjustmentsFor(
        read as Reveals,
        hung.positions,
        { height: leaf.height, hingeHeight: hung.hingeHeight },
        headGap,
        product,
      )
    : undefined;
  return (
    <section aria-label="Adjusting" className="mt-4">
      <h2 className="border-b-2 border-ink text-base">Gaps as they stand → turns of each hinge</h2>
      <div className="mt-2 grid grid-cols-5 gap-2">
        {GAPS.map(([name, label]) => (
          <label key={name} className="text-[12px] text-soft">
            {label}
            <input
              className="field w-full text-right text-ink"
              inputMode="decimal"
              value={typed[name] ?? ''}
              onChange={(event) => setTyped({ ...typed, [name]: event.target.value })}
            />
          </label>
        ))}
      </div>
      {rows && (
        <table className="mt-2 w-full">
          <thead>
            <tr className="caps text-left">
              <th className="font-normal">hinge</th>
              <th className="font-normal">sideways</th>
              <th className="font-normal">height</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.hinge} className="border-t border-rule">
                <td className="py-1">{row.hinge}</td>
                <td className={row.sideInRange ? '' : 'text-oxide'}>
                  <Figures parts={[lengthPart(Math.abs(row.side), units)]} />{' '}
                  {row.side > 0 ? 'to the lock side' : row.side < 0 ? 'to the hinge side' : ''},{' '}
                  {turnsText(row.sideTurns)}
                  {!row.sideInRange && '; beyond its range'}
                </td>
                <td className={row.liftInRange ? '' : 'text-oxide'}>
                  <Figures parts={[lengthPart(Math.abs(row.lift), units)]} />{' '}
                  {row.lift > 0 ? 'up' : row.lift < 0 ? 'down' : ''}, {turnsText(row.liftTurns)}
                  {!row.liftInRange && '; beyond its range'}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      <p className="mt-1 text-xs text-soft">
        Sideways first, until the gaps are parallel, then equal; then height, all hinges by the
        same; then depth. Loosen, adjust, tighten, measure again. The direction of the screw is as
        the maker says.
      </p>
    </section>
  );
}
