import { bottomSection, termText } from '@riegel/core';
import { ModelView } from '../../drawing/ModelView.js';
import { useOpeningPage } from '../../opening/page.js';
import type { StageParts } from '../../stage/stageParts.js';

/** What of the sound comes through each part of the door, the weakest first. */
function Sound() {
  const { decided, units } = useOpeningPage();
  const { sound } = decided.results.sealing;
  if (!sound)
    return (
      <p className="text-soft">
        Record the sound insulation that is wanted, and what comes through each edge is reckoned
        here.
      </p>
    );
  return (
    <table className="w-full" aria-label="What sound comes through">
      <tbody>
        {sound.shares.map(({ name, share }) => (
          <tr key={name}>
            <th scope="row" className="w-40 py-0.5 text-left font-normal">
              {termText(`soundPath.${name}`, units.language)}
            </th>
            <td className="w-full">
              <span
                className="block h-3 bg-brass"
                style={{ width: `${Math.max(1, share * 100)}%` }}
                aria-hidden
              />
            </td>
            <td className="w-14 pl-2 text-right">{Math.round(share * 100)} %</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** The bottom of the leaf cut through: gap, seal, threshold, floor. */
function Section() {
  const { decided, units } = useOpeningPage();
  const model = bottomSection(decided);
  if (!model) return <p className="m-auto p-6 text-center text-soft">The size comes first.</p>;
  return (
    <figure className="sheet m-3 flex min-h-[420px] flex-1 flex-col" aria-label="Under the leaf">
      <div className="min-h-0 flex-1 p-1">
        <ModelView model={model} units={units} title="The bottom of the leaf cut through" />
      </div>
      <figcaption className="border-t border-rule px-2 py-1 text-xs text-soft">
        The pull side is on the left.
      </figcaption>
    </figure>
  );
}

/** What sealing has beside what every stage's page shows. */
export const SEALING: StageParts = {
  benches: [{ value: 'under', name: 'Under the leaf', Component: Section }],
  sections: [{ name: 'Where sound comes through', open: true, Component: Sound }],
};
