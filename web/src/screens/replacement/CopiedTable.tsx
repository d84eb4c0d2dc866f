import { EDGE_ENDS, lengthPart, type CopiedLeaf, type EdgeName, type Units } from '@riegel/core';
import { termText } from '../../base/words.js';
import { Figures } from '../../parts/Figure.js';

const EDGES: readonly EdgeName[] = ['hinge', 'head', 'lock', 'bottom'];

/** What each edge of the new leaf gains on the old one or loses, at both ends. */
export function CopiedTable({ copied, units }: { copied: CopiedLeaf; units: Units }) {
  const gain = (ticks: number) =>
    ticks === 0 ? (
      <span className="text-soft">as it was</span>
    ) : (
      <strong>
        {ticks > 0 ? '+' : '−'}
        <Figures parts={[lengthPart(Math.abs(ticks), units)]} />
      </strong>
    );
  return (
    <section className="mt-3" aria-label="Against the old leaf">
      <h2 className="border-b-2 border-ink text-base">Against the old leaf</h2>
      <p className="py-1 text-soft">
        Each edge gains the gap that is there, less the gap that is wanted. Hinges, lock and holes
        are carried over.
      </p>
      <table className="w-full">
        <tbody>
          {EDGES.map((edge) => (
            <tr key={edge} className="border-t border-rule/60" data-copied={edge}>
              <td className="py-1">{termText(`edge.${edge}`)}</td>
              {copied.unread.includes(edge) ? (
                <td colSpan={2} className="text-ochre">
                  gap not read: copied as it is
                </td>
              ) : (
                EDGE_ENDS[edge].map((end, index) => (
                  <td key={end}>
                    <span className="text-xs text-soft">{end}</span>{' '}
                    {gain(Math.round(copied.gains[edge][index]!))}
                  </td>
                ))
              )}
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}
