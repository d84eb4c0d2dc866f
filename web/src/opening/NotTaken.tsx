import { useState, type FormEvent } from 'react';
import {
  lengthPart,
  valueParts,
  type Alternative,
  type Decision,
  type RankedAlternative,
  type Part,
  type Units,
} from '@riegel/core';
import { termText } from '../base/words.js';
import { useProject } from '../data/project.js';
import { Figures } from '../parts/Figure.js';
import { LevelSign, Say } from '../parts/Say.js';
import { useInsteads } from '../worker/client.js';
import { useOpeningPage } from './page.js';

/** Another value of a decision in words. */
function alternativeParts(decision: Decision, alternative: Alternative, units: Units): Part[] {
  const { value } = alternative;
  if (alternative.name) return [alternative.name];
  if (typeof value === 'number')
    return decision.value?.type === 'length' ? [lengthPart(value, units)] : [String(value)];
  const group = decision.value?.type === 'term' ? decision.value.term.split('.')[0]! : '';
  return [termText(`${group}.${value}`)];
}

/** What else could be taken, the least trouble first, each with what it comes to; taken with a reason. */
export function NotTaken({ decision }: { decision: Decision }) {
  const { facts, units, canEdit, onPatch } = useOpeningPage();
  const { basis } = useProject();
  const list = useInsteads(facts, decision.key, basis);
  const chosen = facts.choices?.[decision.key];
  const takeBack = () => {
    const { [decision.key]: _, ...rest } = facts.choices ?? {};
    onPatch({ choices: Object.keys(rest).length > 0 ? rest : undefined });
  };
  return (
    <section aria-label="Not taken" className="mt-1 mb-2 ml-[26px] border-l-2 border-brass pl-3">
      {chosen && (
        <p className="flex items-baseline gap-2 py-1">
          <span>
            Chosen because: {chosen.reason}
            {decision.insteadOf && (
              <>
                {' '}
                Riegel would take <Figures parts={valueParts(decision.insteadOf, units)} />.
              </>
            )}
          </span>
          {canEdit && (
            <button type="button" className="button !h-7" onClick={takeBack}>
              Back to Riegel’s own
            </button>
          )}
        </p>
      )}
      {!list && (
        <p role="status" className="text-soft">
          Working out what each would come to …
        </p>
      )}
      {list?.map((instead) => (
        <Other
          key={String(instead.alternative.value)}
          instead={instead}
          decision={decision}
          units={units}
          canEdit={canEdit}
          onTake={(reason) =>
            onPatch({
              choices: {
                ...facts.choices,
                [decision.key]: { value: instead.alternative.value, reason },
              },
            })
          }
        />
      ))}
    </section>
  );
}

function Other({
  instead,
  decision,
  units,
  canEdit,
  onTake,
}: {
  instead: RankedAlternative;
  decision: Decision;
  units: Units;
  canEdit: boolean;
  onTake: (reason: string) => void;
}) {
  const [asking, setAsking] = useState(false);
  const [reason, setReason] = useState('');
  const parts = alternativeParts(decision, instead.alternative, units);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (reason.trim()) onTake(reason.trim());
  };
  return (
    <div
      data-instead={String(instead.alternative.value)}
      className="grid grid-cols-[14px_132px_minmax(0,1fr)_auto] items-baseline gap-x-2 max-sm:grid-cols-[14px_88px_minmax(0,1fr)_auto] border-b border-rule/60 py-1 last:border-b-0"
    >
      <span className="translate-y-[2px]">
        {instead.stops > 0 ? (
          <LevelSign level="stop" />
        ) : instead.checks > 0 ? (
          <LevelSign level="check" />
        ) : null}
      </span>
      <span className="font-semibold">
        <Figures parts={parts} />
      </span>
      <span className="text-[12.5px] leading-[17px] text-soft">
        {instead.consequences.map((said, index) => (
          <span key={index}>
            <Say said={said} units={units} />{' '}
          </span>
        ))}
      </span>
      {canEdit && (
        <button
          type="button"
          className="text-[12px] text-soft underline decoration-rule underline-offset-2 hover:text-brass"
          aria-expanded={asking}
          onClick={() => setAsking(!asking)}
        >
          take
        </button>
      )}
      {asking && (
        <form onSubmit={submit} className="col-span-full mt-1 flex gap-2">
          <input
            className="field min-w-0 flex-1"
            aria-label="Because"
            placeholder="Because … (the reason stays with the opening)"
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            maxLength={1000}
            autoFocus
            required
          />
          <button className="button primary !h-7" disabled={!reason.trim()}>
            Take it
          </button>
        </form>
      )}
    </div>
  );
}
