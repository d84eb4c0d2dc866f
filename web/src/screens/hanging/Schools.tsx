import {
  compareSchools,
  formatQuantity,
  inches,
  lengthPart,
  measured,
  mm,
  type DecidedOpening,
  type FactsPatch,
  type Units,
} from '@riegel/core';
import { Figures } from '../../parts/Figure.js';

const NAMES = {
  equal: 'Spread equally',
  high: 'Close under the top',
} as const;

/** The two schools for the hinges between the outer ones, with what each comes to. */
export function Schools({
  decided,
  units,
  canEdit,
  onPatch,
}: {
  decided: DecidedOpening;
  units: Units;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
}) {
  const hung = decided.results.hanging.leaves[0]!;
  const leaf = measured(hung.leaf);
  const { positions, hingeHeight, mass, count } = hung;
  if (!leaf || !positions || !hingeHeight || !mass || !count) return null;
  const below = units.system === 'inch' ? inches(8) : mm(200);
  const schools = compareSchools(
    {
      mass,
      width: leaf.width,
      height: leaf.height,
      axisOffset: (decided.results.sizing.hingeGap ?? 0) / 2,
    },
    hingeHeight,
    { first: positions[0]!, last: positions.at(-1)!, count },
    below,
  );
  if (!schools) return null;
  const [equal, high] = schools;
  const share = Math.round((1 - high.pull / equal.pull) * 100);
  return (
    <section aria-label="Two schools" className="mt-4">
      <h2 className="border-b-2 border-ink text-base">The hinges between: two schools</h2>
      <table className="mt-1 w-full">
        <thead>
          <tr className="caps text-left">
            <th className="font-normal">placed</th>
            <th className="text-right font-normal">greatest pull</th>
            <th className="text-right font-normal">longest free edge</th>
            <th />
          </tr>
        </thead>
        <tbody>
          {schools.map((school) => {
            const holds = school.positions.every((top, at) => Math.abs(top - positions[at]!) < 2);
            return (
              <tr
                key={school.id}
                className={`border-t border-rule ${holds ? 'bg-brass-wash' : ''}`}
              >
                <td className="py-1">{NAMES[school.id]}</td>
                <td className="text-right">{formatQuantity(school.pull, 'force', units.system)}</td>
                <td className="text-right">
                  <Figures parts={[lengthPart(school.run, units)]} />
                </td>
                <td className="pl-3 text-right">
                  {holds ? (
                    'as it is'
                  ) : (
                    <button
                      type="button"
                      className="button !h-7"
                      disabled={!canEdit}
                      onClick={() =>
                        onPatch({
                          hingePositions: {
                            ...decided.facts.hingePositions,
                            [leaf.id]: school.positions,
                          },
                        })
                      }
                    >
                      Place them so
                    </button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <p className="mt-1 text-xs text-soft">
        {share > 0
          ? `Close under the top takes ${share} % off the greatest pull; spread equally keeps the free edge shorter, so that the leaf stays straight.`
          : 'Spread equally pulls no harder here and keeps the leaf straighter.'}
      </p>
    </section>
  );
}
