import {
  datumsOf,
  HEIGHT_ITEMS,
  lengthPart,
  LOCK_FORMS,
  type DecidedOpening,
  type HeightItem,
  type Units,
} from '@riegel/core';
import { termText } from '../../base/words.js';
import { WithFractions } from '../../parts/WithFractions.js';

/** What a hand works, by the practice: usual height, its range, from every datum, and which band it is in. */
export function Heights({ decided, units }: { decided: DecidedOpening; units: Units }) {
  const { practice } = decided;
  const { securing, sizing: sizes } = decided.results;
  const { heights, reach, escape, lockHeight } = practice.values;
  const leaf = securing.leaf ?? sizes.leaves[0];
  const own = securing.kind === undefined ? undefined : LOCK_FORMS[securing.kind].height;
  const heightOf = (item: HeightItem) =>
    item === own && securing.height !== undefined
      ? securing.height
      : item === 'deadbolt' && securing.secondHeight !== undefined
        ? securing.secondHeight
        : item === 'lock'
          ? lockHeight.value
          : heights.value[item].usual;
  const figure = (ticks: number | undefined) =>
    ticks === undefined ? 'open' : <WithFractions text={lengthPart(ticks, units).length.text} />;
  const unit = units.system === 'metric' ? 'mm' : 'in';
  const within = (height: number, band: { from: number; to: number }) =>
    height >= band.from && height <= band.to;
  return (
    <section aria-label="Heights by item" className="mb-5">
      <table className="w-full text-[13px]">
        <thead>
          <tr className="border-b-2 border-ink text-left">
            <th className="py-1">Height of, {unit}</th>
            {[
              ['floor', 'Above the finished floor'],
              ['bottom', 'From the leaf’s bottom'],
              ['top', 'From the leaf’s top'],
              ['head', 'From the frame’s head'],
            ].map(([name, title]) => (
              <th key={name} className="w-16 py-1 text-right" title={title}>
                {name}
              </th>
            ))}
            <th className="py-1 pl-4">kept between</th>
            <th className="py-1 pl-2">within</th>
          </tr>
        </thead>
        <tbody>
          {HEIGHT_ITEMS.map((item) => {
            const height = heightOf(item);
            const at = datumsOf(height, sizes, leaf);
            const row = heights.value[item];
            const bands = [
              ...(within(height, reach.value) ? ['reach'] : []),
              ...(within(height, escape.value) ? ['way out'] : []),
            ];
            return (
              <tr
                key={item}
                data-height={item}
                className={`border-b border-rule ${item === own ? 'bg-brass-wash/50 font-semibold' : ''}`}
              >
                <th className="py-1 text-left font-[inherit]">{termText(`heightItem.${item}`)}</th>
                {[at.floor, at.leafBottom, at.leafTop, at.frameHead].map((ticks, index) => (
                  <td key={index} className="py-1 text-right whitespace-nowrap">
                    {figure(ticks)}
                  </td>
                ))}
                <td className="py-1 pl-4 whitespace-nowrap text-soft">
                  {figure(row.from)} – {figure(row.to)}
                </td>
                <td className="py-1 pl-2 text-soft">{bands.join(', ') || 'neither'}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-1 text-xs text-soft">
        Usual heights of the practice; those of this opening in place of them. Reach is{' '}
        {figure(reach.value.from)} to {figure(reach.value.to)} {unit} ({reach.source}), a way out{' '}
        {figure(escape.value.from)} to {figure(escape.value.to)} {unit} ({escape.source}).
      </p>
    </section>
  );
}
