import { Link } from 'react-router';
import { useOpenings, useProject } from '../../data/project.js';
import type { ReleaseDifference } from '@riegel/core';
import { WithFractions } from '../../parts/WithFractions.js';

/** What came, went and changed between two states. */
export function Differences({ difference }: { difference: ReleaseDifference }) {
  const { project } = useProject();
  const { byId } = useOpenings();
  const { added, gone, changed, same } = difference;
  const linked = (id: string, mark: string) =>
    byId.has(id) ? (
      <Link
        className="font-semibold hover:text-brass hover:underline"
        to={`/projects/${project.id}/openings/${id}`}
      >
        {mark}
      </Link>
    ) : (
      <b>{mark}</b>
    );
  const marks = (title: string, list: typeof added) =>
    list.length > 0 && (
      <p className="mb-1">
        <b>{list.length}</b> {title}:{' '}
        {list.map(({ id, mark }, at) => (
          <span key={id}>
            {at > 0 && ', '}
            {linked(id, mark)}
          </span>
        ))}
      </p>
    );
  return (
    <>
      <p className="mb-2" role="status">
        {added.length + gone.length + changed.length === 0
          ? `Nothing differs; ${same} openings are the same.`
          : `${changed.length} changed, ${added.length} added, ${gone.length} gone, ${same} the same.`}
      </p>
      {marks('added', added)}
      {marks('gone', gone)}
      {changed.map(({ id, mark, changes }) => (
        <section key={id} className="sheet mb-3" data-changed={mark}>
          <h3 className="border-b border-ink px-3 py-1 text-base">{linked(id, mark)}</h3>
          <table className="w-full">
            <tbody>
              {changes.map(({ what, from, to, why }, at) => (
                <tr key={at} className="border-t border-rule/60 align-top first:border-t-0">
                  <td className="w-52 px-3 py-0.5 text-soft">{what}</td>
                  <td className="w-[30%] py-0.5 pr-3 text-soft line-through decoration-1">
                    {from && <WithFractions text={from} />}
                  </td>
                  <td className="py-0.5 pr-3">
                    {to ? <WithFractions text={to} /> : <span className="text-soft">–</span>}
                    {why && <span className="block text-xs text-soft">{why}</span>}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </section>
      ))}
    </>
  );
}
