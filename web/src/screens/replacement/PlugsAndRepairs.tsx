import { lengthPart, type DecidedOpening, type Units } from '@riegel/core';
import { termText } from '../../base/words.js';
import { Figures } from '../../parts/Figure.js';
import { Say } from '../../parts/Say.js';

/** What is to be plugged, and how a frame that no longer holds is mended, the best way first. */
export function PlugsAndRepairs({ decided, units }: { decided: DecidedOpening; units: Units }) {
  const { plugs, repairs } = decided.results.replacing!;
  return (
    <>
      {repairs.length > 0 && (
        <section aria-label="Frame repair" className="mt-4">
          <h2 className="border-b-2 border-ink text-base">To make the frame hold</h2>
          <ol className="list-decimal pl-6">
            {repairs.map((repair) => (
              <li key={repair.way} className="py-0.5">
                <strong>{termText(`repair.${repair.way}`)}.</strong>{' '}
                {repair.reasons.map((reason, index) => (
                  <span key={index}>
                    <Say said={reason} units={units} />{' '}
                  </span>
                ))}
              </li>
            ))}
          </ol>
        </section>
      )}
      <section aria-label="Plugging" className="mt-4">
        <h2 className="border-b-2 border-ink text-base">Plugging</h2>
        {plugs.length === 0 ? (
          <p className="py-1 text-soft">No old recess in the frame is left open.</p>
        ) : (
          <ul>
            {plugs.map((plug, index) => (
              <li key={index} className="py-0.5">
                Frame, {plug.of === 'hinge' ? `hinge ${plug.index}` : 'strike'}:{' '}
                <Figures parts={[lengthPart(plug.to - plug.from, units)]} /> to plug, from{' '}
                <Figures parts={[lengthPart(plug.from, units)]} /> below the head.
              </li>
            ))}
          </ul>
        )}
      </section>
    </>
  );
}
