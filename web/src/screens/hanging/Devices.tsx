import { termText, type DecidedOpening, type FactsPatch, type Units } from '@riegel/core';
import { Say } from '../../parts/Say.js';
import { DecisionRow } from '../opening/DecisionRow.js';

/** Every device the leaf could hang on: the one taken with its reason, the others with what speaks against. */
export function Devices({
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
  const device = decided.decisions.find((one) => one.key === 'hanging.device');
  const findings = decided.findings.filter((one) => one.parts.includes('hanging.device'));
  if (!device) return null;
  const taken = device.value?.type === 'term' ? device.value.term : '';
  const others = device.alternatives.filter((one) => `device.${one.value}` !== taken);
  return (
    <>
      <DecisionRow
        decision={device}
        units={units}
        choices={decided.facts.choices}
        canEdit={canEdit}
        onPatch={onPatch}
        lit={false}
        onLight={() => undefined}
      />
      {findings.map((finding, index) => (
        <p key={index} className={finding.level === 'stop' ? 'text-oxide' : 'text-ochre'}>
          <b>{finding.level}</b> <Say said={finding} units={units} />
        </p>
      ))}
      {others.length > 0 && (
        <table className="mt-3 w-full">
          <caption className="border-b-2 border-ink pb-0.5 text-left font-head text-base font-semibold">
            Not taken
          </caption>
          <tbody>
            {others.map((other) => (
              <tr key={other.value} className="border-b border-rule align-baseline">
                <th className="w-44 py-1.5 pr-2 text-left font-semibold">
                  {termText(`device.${other.value}`)}
                </th>
                <td className="py-1.5 text-[13px] leading-[18px] text-soft">
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
