import { memo, useState } from 'react';
import {
  partsText,
  valueInOther,
  valueParts,
  type Decision,
  type OpeningFacts,
} from '@riegel/core';
import { decisionName, termText } from '../base/words.js';
import { BasisMark } from '../parts/BasisMark.js';
import { Figures } from '../parts/Figure.js';
import { Say } from '../parts/Say.js';
import { optionOf, ownFact } from './factNames.js';
import { NotTaken } from './NotTaken.js';
import { useHighlight, useOpeningPage } from './page.js';
import { Reason } from './Reason.js';
import { RestsOn } from './RestsOn.js';

/** A decision with its basis, its value, its reasons, the facts it rests on, and what was not taken. */
export function DecisionRow({ decision }: { decision: Decision }) {
  const { facts } = useOpeningPage();
  const { highlighted } = useHighlight();
  return <Row decision={decision} facts={facts} lit={highlighted === decision.key} />;
}

interface RowProps {
  decision: Decision;
  /** Drawn again with every change of the facts: the page they come from is one object. */
  facts: OpeningFacts;
  lit: boolean;
}

/** Decisions come from the worker as new objects each time; what says the same is not drawn again. */
function sameRow(before: RowProps, after: RowProps): boolean {
  return (
    before.lit === after.lit &&
    before.facts === after.facts &&
    JSON.stringify(before.decision) === JSON.stringify(after.decision)
  );
}

const Row = memo(function Row({ decision, facts, lit }: RowProps) {
  const { units, canEdit, editFact, onPatch } = useOpeningPage();
  const { onHighlight } = useHighlight();
  const [listing, setListing] = useState(false);
  const { status, basis, value } = decision;
  const name = decisionName(decision.stage, decision.name);
  const mark = status === 'open' ? 'open' : status === 'none' ? 'none' : basis;
  const others = decision.alternatives.length > 1 && status !== 'open';
  const fact = ownFact(decision, facts.kind);
  const guessed = fact && value?.type === 'term' ? optionOf(fact, value.term) : undefined;
  const shown = value && <Figures parts={valueParts(value, units)} />;
  const valueLook = `text-[16px] leading-5 font-semibold basis-${basis}`;
  const other = value ? valueInOther(value, units) || undefined : undefined;
  return (
    <div
      data-decision={decision.key}
      data-basis={mark}
      tabIndex={-1}
      onPointerEnter={() => onHighlight(decision.key)}
      onPointerLeave={() => onHighlight(undefined)}
      className="border-b border-rule/60 py-1 outline-none"
    >
      <div
        className={`grid ${lit ? 'bg-brass-wash/60' : ''} grid-cols-[18px_168px_minmax(0,1fr)_auto] items-baseline gap-x-2 max-sm:grid-cols-[18px_minmax(0,1fr)_auto]`}
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
        <div className="min-w-0 max-sm:order-last max-sm:col-span-2 max-sm:col-start-2">
          {!value ? (
            <span className="basis-open">
              {decision.question ? <Say said={decision.question} units={units} /> : 'open'}
            </span>
          ) : fact && canEdit ? (
            <button
              type="button"
              className={`${valueLook} text-left hover:text-brass`}
              title={[other, 'Press to record it'].filter(Boolean).join('. ')}
              aria-label={`${name} ${partsText(valueParts(value, units))}`}
              data-edits={fact}
              onClick={(event) => editFact(fact, event.currentTarget)}
            >
              {shown}
            </button>
          ) : (
            <span className={valueLook} title={other}>
              {shown}
            </span>
          )}
          {basis === 'assumed' &&
            decision.stage === 'opening' &&
            guessed !== undefined &&
            canEdit && (
              <button
                type="button"
                className="button ml-2 !h-6 !px-2 text-[12.5px]"
                aria-label={`Confirm ${name}`}
                onClick={() => onPatch({ [fact!]: guessed })}
              >
                Confirm
              </button>
            )}
          {decision.reasons.map((reason, index) => (
            <Reason key={index} said={reason} decision={decision} />
          ))}
          {decision.insteadOf && (
            <span className="block text-[12.5px] leading-[17px] text-soft">
              Instead of <Figures parts={valueParts(decision.insteadOf, units)} />.
            </span>
          )}
          <RestsOn decision={decision} all={status === 'open' || lit} />
        </div>
        {others && (
          <button
            type="button"
            className={`text-[12px] underline decoration-rule underline-offset-2 hover:text-brass ${listing ? 'text-brass' : 'text-soft'}`}
            aria-expanded={listing}
            aria-label={`Not taken for ${name}`}
            onClick={() => setListing(!listing)}
          >
            otherwise
          </button>
        )}
      </div>
      {listing && <NotTaken decision={decision} />}
    </div>
  );
}, sameRow);
