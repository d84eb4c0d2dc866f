import { useMemo } from 'react';
import { termText } from '../../base/words.js';
import { groupNotChecked } from '../../worker/findingGroups.js';
import type { ProjectFindings } from '../../worker/findings.js';
import { Marks } from './Marks.js';

/** Of one line no more marks than these are shown. */
const FEW = 12;

/** What could not be checked: each with the facts that would let it, and the openings it is of. */
export function NotChecked({ found, base }: { found: ProjectFindings; base: string }) {
  const groups = useMemo(() => groupNotChecked(found.openings), [found]);
  const kept = found.openings.reduce((sum, one) => sum + one.kept, 0);
  const missing = groups.reduce((sum, { ones }) => sum + ones.length, 0);
  return (
    <section aria-label="Not checked" className="mt-6">
      <h2 className="caps mb-1">
        Not checked{' '}
        <span className="tracking-normal normal-case text-soft">
          {missing} for want of facts; {kept} hold
        </span>
      </h2>
      <table className="grid-table w-full max-w-5xl" aria-label="Not checked">
        <thead>
          <tr>
            <th scope="col" className="text-left">
              What would hold
            </th>
            <th scope="col" className="text-left">
              Not recorded
            </th>
            <th scope="col" className="w-14 pr-4 text-right">
              at
            </th>
            <th scope="col" className="text-left">
              Openings
            </th>
          </tr>
        </thead>
        <tbody>
          {groups.map(({ law, lacks, ones }) => (
            <tr key={`${law} ${lacks.join()}`}>
              <th scope="row" className="text-left font-normal">
                {termText(`law.${law}`)}
              </th>
              <td>{lacks.map((name) => termText(`fact.${name}`)).join(' or ')}</td>
              <td className="pr-4 text-right">{ones.length}</td>
              <td>
                <Marks ones={ones.slice(0, FEW)} base={base} />
                {ones.length > FEW && <span className="text-soft"> and {ones.length - FEW}</span>}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
