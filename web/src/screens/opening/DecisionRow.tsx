import { memo, useState, type FormEvent } from 'react';
import {
  decisionName,
  lengthPart,
  termText,
  valueInOther,
  valueParts,
  type Alternative,
  type Decision,
  type FactsPatch,
  type OpeningFacts,
  type Part,
  type Units,
} from '@riegel/core';
import { BasisMark } from '../../parts/BasisMark.js';
import { Figures } from '../../parts/Figure.js';
import { Modal } from '../../parts/Modal.js';
import { Say } from '../../parts/Say.js';

interface DecisionRowProps {
  decision: Decision;
  units: Units;
  choices: OpeningFacts['choices'];
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
  highlighted: boolean;
  onHighlight: (part: string | undefined) => void;
}

/** Decisions come from the worker as new objects each time; what says the same is not drawn again. */
function sameRow(before: DecisionRowProps, after: DecisionRowProps): boolean {
  return (
    before.highlighted === after.highlighted &&
    before.canEdit === after.canEdit &&
    before.choices === after.choices &&
    before.onPatch === after.onPatch &&
    before.units.system === after.units.system &&
    JSON.stringify(before.decision) === JSON.stringify(after.decision)
  );
}

/** A decision with its basis, its value, its reasons, and the way to choose otherwise. */
export const DecisionRow = memo(function DecisionRow({
  decision,
  units,
  choices,
  canEdit,
  onPatch,
  highlighted,
  onHighlight,
}: DecisionRowProps) {
  const [choosing, setChoosing] = useState(false);
  const { status, basis, value } = decision;
  const name = decisionName(decision.stage, decision.name);
  const mark = status === 'open' ? 'open' : status === 'none' ? 'none' : basis;
  const may = canEdit && decision.alternatives.length > 1 && status !== 'open';
  return (
    <div
      data-decision={decision.key}
      data-basis={mark}
      tabIndex={-1}
      onPointerEnter={() => onHighlight(decision.key)}
      onPointerLeave={() => onHighlight(undefined)}
      className={`grid grid-cols-[18px_168px_minmax(0,1fr)_auto] items-baseline gap-x-2 py-1 outline-none ${highlighted ? 'bg-brass-wash/60' : ''}`}
    >
      <span className="translate-y-[2px]">
        <BasisMark basis={mark} />
      </span>
      <span className="leading-5">
        {name}
        {decision.leaf && (
          <span className="block text-xs leading-4 text-soft">
            {termText(`leaf.${decision.leaf}`)}
          </span>
        )}
      </span>
      <span className="min-w-0">
        {value ? (
          <span
            className={`text-[16px] leading-5 font-semibold basis-${basis}`}
            title={valueInOther(value, units) || undefined}
          >
            <Figures parts={valueParts(value, units)} />
          </span>
        ) : (
          <span className="basis-open">
            {decision.question ? <Say said={decision.question} units={units} /> : 'open'}
          </span>
        )}
        {decision.reasons.map((reason, index) => (
          <span key={index} className="block text-[12.5px] leading-[17px] text-soft">
            <Say said={reason} units={units} />
          </span>
        ))}
        {decision.insteadOf && (
          <span className="block text-[12.5px] leading-[17px] text-soft">
            Instead of <Figures parts={valueParts(decision.insteadOf, units)} />.
          </span>
        )}
      </span>
      <span>
        {may && (
          <button
            type="button"
            className="text-[12px] text-soft underline decoration-rule underline-offset-2 hover:text-brass"
            aria-label={`Choose otherwise: ${name}`}
            onClick={() => setChoosing(true)}
          >
            otherwise
          </button>
        )}
      </span>
      {choosing && (
        <ChooseOtherwise
          decision={decision}
          name={name}
          units={units}
          choices={choices}
          onPatch={onPatch}
          onClose={() => setChoosing(false)}
        />
      )}
    </div>
  );
}, sameRow);

/** Another value of a decision in words. */
export function alternativeParts(
  decision: Decision,
  alternative: Alternative,
  units: Units,
): Part[] {
  const { value } = alternative;
  if (alternative.name) return [alternative.name];
  if (typeof value === 'number')
    return decision.value?.type === 'length' ? [lengthPart(value, units)] : [String(value)];
  const group = decision.value?.type === 'term' ? decision.value.term.split('.')[0]! : '';
  return [termText(`${group}.${value}`)];
}

/** The other possible values, each with what speaks against it; a reason is asked for and kept. */
function ChooseOtherwise({
  decision,
  name,
  units,
  choices,
  onPatch,
  onClose,
}: {
  decision: Decision;
  name: string;
  units: Units;
  choices: OpeningFacts['choices'];
  onPatch: (patch: FactsPatch) => void;
  onClose: () => void;
}) {
  const now = choices?.[decision.key];
  const [chosen, setChosen] = useState<string | number | undefined>(now?.value);
  const [reason, setReason] = useState(now?.reason ?? '');
  const own = decision.insteadOf ?? decision.value;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (chosen === undefined || !reason.trim()) return;
    onPatch({
      choices: { ...choices, [decision.key]: { value: chosen, reason: reason.trim() } },
    });
    onClose();
  };
  const takeBack = () => {
    const { [decision.key]: _, ...rest } = choices ?? {};
    onPatch({ choices: Object.keys(rest).length > 0 ? rest : undefined });
    onClose();
  };
  return (
    <Modal open onClose={onClose} title={`${name}: choose otherwise`}>
      <p className="mb-3 text-soft">
        Riegel takes <b className="text-ink">{own && <Figures parts={valueParts(own, units)} />}</b>
        .
      </p>
      <form onSubmit={submit} className="flex flex-col gap-3">
        <fieldset className="flex flex-col">
          <legend className="sr-only">Other values</legend>
          {decision.alternatives.map((alternative) => (
            <label
              key={String(alternative.value)}
              className={`grid cursor-pointer grid-cols-[20px_190px_1fr] items-baseline gap-2 border-b border-rule px-1 py-1.5 ${chosen === alternative.value ? 'bg-brass-wash' : ''}`}
            >
              <input
                type="radio"
                name="value"
                value={String(alternative.value)}
                checked={chosen === alternative.value}
                onChange={() => setChosen(alternative.value)}
              />
              <span className="font-semibold">
                <Figures parts={alternativeParts(decision, alternative, units)} />
              </span>
              <span className="text-[13px] text-ochre">
                {[alternative.against, ...(alternative.also ?? [])].map(
                  (said, index) =>
                    said && (
                      <span key={index} className="block">
                        <Say said={said} units={units} />
                      </span>
                    ),
                )}
              </span>
            </label>
          ))}
        </fieldset>
        <label className="flex flex-col gap-0.5 text-soft">
          Because
          <input
            className="field !h-9 text-ink"
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            required
            maxLength={1000}
            placeholder="The reason stays with the opening"
          />
        </label>
        <div className="flex justify-end gap-2">
          {now && (
            <button type="button" className="button mr-auto" onClick={takeBack}>
              Back to Riegel’s own
            </button>
          )}
          <button type="button" className="button" onClick={onClose}>
            Not now
          </button>
          <button className="button primary" disabled={chosen === undefined || !reason.trim()}>
            Take it
          </button>
        </div>
      </form>
    </Modal>
  );
}
