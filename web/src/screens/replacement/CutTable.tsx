import {
  EDGE_ENDS,
  lengthPart,
  type CutPlan,
  type DecidedOpening,
  type EdgeCut,
  type Units,
} from '@riegel/core';
import { termText } from '../../base/words.js';
import { Figures } from '../../parts/Figure.js';

/** How an edge is cut, in a joiner's order of work. */
function workText(cut: EdgeCut, rebated: boolean): string {
  const again =
    rebated && cut.edge === 'lock' && cut.tool !== 'none' ? ' Cut the rebate again.' : '';
  switch (cut.tool) {
    case 'none':
      return 'leave it';
    case 'plane':
      return `plane to the line.${again}`;
    case 'saw':
      return `score the face, saw, then plane.${again}`;
  }
}

/** The cut plan: the four edges in the order they are cut, a figure for each end, with what they may lose. */
export function CutTable({
  plan,
  decided,
  units,
}: {
  plan: CutPlan;
  decided: DecidedOpening;
  units: Units;
}) {
  const figure = (ticks: number, rounding: 'nearest' | 'down' = 'nearest') => (
    <Figures parts={[lengthPart(ticks, units, rounding)]} />
  );
  const rebated = decided.facts.meetingEdge === 'rebated';
  return (
    <section className="mt-3" aria-label="Cut plan">
      <h2 className="border-b-2 border-ink text-base">Cut plan</h2>
      <p className="py-1 text-soft">
        Mark both figures at each finished corner, join the marks, cut from the hinge edge on. Cut
        no hinge edge once hinges are let in.
      </p>
      <table className="w-full">
        <thead>
          <tr className="caps text-left">
            <th className="font-normal">edge</th>
            <th className="font-normal">at one end</th>
            <th className="font-normal">at the other</th>
            <th className="font-normal">may lose</th>
            <th className="font-normal">how</th>
          </tr>
        </thead>
        <tbody>
          {plan.cuts.map((cut, index) => {
            const beyond = plan.beyond.includes(cut.edge);
            return (
              <tr key={cut.edge} className="border-t border-rule/60" data-cut={cut.edge}>
                <td className="py-1">
                  <span className="text-soft">{index + 1}</span> {termText(`edge.${cut.edge}`)}
                </td>
                {cut.ends.map((end, side) => (
                  <td key={side} className={beyond ? 'text-oxide' : ''}>
                    <span className="text-xs text-soft">{EDGE_ENDS[cut.edge][side]}</span>{' '}
                    <strong>{figure(end)}</strong>
                  </td>
                ))}
                <td className="text-soft">
                  {cut.limit === undefined ? 'unknown' : figure(cut.limit, 'down')}
                </td>
                <td>{workText(cut, rebated)}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
    </section>
  );
}
