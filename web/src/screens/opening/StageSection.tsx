import {
  fieldApplies,
  termText,
  type DecidedOpening,
  type FactsPatch,
  type OpeningFacts,
  type Practice,
  type Stage,
  type Units,
} from '@riegel/core';
import { Observations } from './Observations.js';
import { StageFacts } from './StageFacts.js';
import { StageOutcome } from './StageOutcome.js';

export interface StageProps {
  stage: Stage;
  number?: number;
  facts: OpeningFacts;
  decided: DecidedOpening;
  practice: Practice;
  units: Units;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
  highlighted: string | undefined;
  onHighlight: (part: string | undefined) => void;
}

/** One stage: its facts edited in place, its decisions with basis and reasons, its findings. */
export function StageSection(props: StageProps) {
  const { stage, number, facts, decided, practice, units, canEdit, onPatch } = props;
  return (
    <section id={`stage-${stage}`} aria-labelledby={`title-${stage}`} className="scroll-mt-0 pt-3">
      <div className="mb-2 flex items-baseline gap-2 border-b-2 border-ink pb-0.5">
        {number !== undefined && (
          <span className="text-soft" aria-hidden>
            {number}
          </span>
        )}
        <h2 id={`title-${stage}`} tabIndex={-1} className="text-base outline-none">
          {termText(`stage.${stage}`)}
        </h2>
      </div>
      <StageFacts
        stage={stage}
        facts={facts}
        decided={decided}
        practice={practice}
        units={units}
        canEdit={canEdit}
        onPatch={onPatch}
      />
      {stage === 'handing' &&
        facts.kind !== 'pair' &&
        facts.kind !== 'unequal-pair' &&
        fieldApplies('hingeSide', facts.kind) && (
          <Observations list={facts.observations ?? []} canEdit={canEdit} onPatch={onPatch} />
        )}
      <StageOutcome {...props} />
    </section>
  );
}
