import type { DecidedOpening, FactsPatch, Units } from '@riegel/core';
import { Figures } from '../../parts/Figure.js';
import { Say } from '../../parts/Say.js';
import { alternativeParts, DecisionRow } from './DecisionRow.js';

/** A decision among kinds of things: the one taken with its reason, the others with what speaks against. */
export function ChoicePanel({
  decisionKey,
  decided,
  units,
  canEdit,
  onPatch,
}: {
  decisionKey: string;
  decided: DecidedOpening;
  units: Units;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
}) {
  const decision = decided.decisions.find((one) => one.key === decisionKey);
  const findings = decided.findings.filter((one) => one.parts.includes(decisionKey));
  if (!decision) return null;
  const taken = decision.value?.type === 'term' ? decision.value.term : '';
  const others = decision.alternatives.filter(
    (one) => taken !== `=${one.name}` && taken.replace(/^[^.]*\./, '') !== String(one.value),
  );
  return (
    <>
      <DecisionRow
        decision={decision}
        units={units}
        choices={decided.facts.choices}
        canEdit={canEdit}
        onPatch={onPatch}
        highlighted={false}
        onHighlight={() => undefined}
      />
      {findings.map((finding, index) => (
        <p key={index} className={finding.level === 'stop' ? 'text-oxide' : 'text-ochre'}>
          <b>{finding.level}</b> <Say said={finding} units={units} />
        </p>
      ))}
      {others.length > 0 && (
        <table className="mt-2 mb-4 w-full">
          <caption className="border-b-2 border-ink pb-0.5 text-left font-head text-base font-semibold">
            Not taken
          </caption>
          <tbody>
            {others.map((other) => (
              <tr key={other.value} className="border-b border-rule align-baseline">
                <th className="w-44 py-1 pr-2 text-left font-semibold">
                  <Figures parts={alternativeParts(decision, other, units)} />
                </th>
                <td className="py-1 text-[13px] leading-[18px] text-soft">
                  {other.against ? (
                    [other.against, ...(other.also ?? [])].map((said, index) => (
                      <span key={index} className="block">
                        <Say said={said} units={units} />
                      </span>
                    ))
                  ) : (
                    <span>Nothing speaks against it.</span>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}
