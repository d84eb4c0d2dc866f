import { Suspense } from 'react';
import { useParams } from 'react-router';
import { fieldApplies, hasActiveLeaf, SET_STAGES, type SetStage, type Stage } from '@riegel/core';
import { termText } from '../base/words.js';
import { BOLT_PLACES } from '../stage/openingPages.js';
import { useStageParts } from '../stage/stageParts.js';
import { Fold } from '../parts/Fold.js';
import { Message } from '../parts/Message.js';
import { Observations } from './Observations.js';
import { useOpeningPage } from './page.js';
import { Products } from './Products.js';
import { AllFacts, AskedFacts, AssumedFacts, RecordedFacts } from './StageFacts.js';
import { StageDecisions, StageFindings } from './StageOutcome.js';
import { WrittenLines } from './WrittenLines.js';

/** Whether a stage's hardware may be written by hand; that of the hanging is decided whole. */
function isWritten(stage: Stage): stage is SetStage {
  return stage !== 'hanging' && SET_STAGES.includes(stage as SetStage);
}

const COUNTS = { stop: 'stop', check: 'check', note: 'note' } as const;

/** How far a stage has come, in words. */
function Standing({ stage }: { stage: Stage }) {
  const { decided } = useOpeningPage();
  const progress = decided.progress.find((one) => one.stage === stage);
  if (!progress) return null;
  const words = {
    open: progress.open > 0 ? `${progress.open} open` : 'not decided',
    decided: 'decided',
    none: 'deliberately none',
  }[progress.state];
  const found = (['stop', 'check'] as const).flatMap((level) => {
    const count = decided.findings.filter(
      (one) => one.stage === stage && one.level === level,
    ).length;
    return count > 0 ? [`${count} ${COUNTS[level]}${count > 1 ? 's' : ''}`] : [];
  });
  return <span className="text-soft">{[words, ...found].join(', ')}</span>;
}

/** The page of a stage: what was recorded and found, what was decided, what to ask next, what there is besides. */
export function StagePage() {
  const stage = useParams()['stage'] as Stage;
  const { facts } = useOpeningPage();
  const parts = useStageParts(stage);
  const place = BOLT_PLACES.get(stage);
  if (place === undefined)
    return <Message title="There is no such stage">Choose one above.</Message>;
  const name = termText(`stage.${stage}`);
  const none = facts.omitted?.[stage as SetStage] !== undefined;
  const single = !hasActiveLeaf(facts.kind);
  return (
    <article data-stage={stage} aria-label={name}>
      <header className="flex items-baseline gap-2 border-b-2 border-ink pt-3 pb-0.5">
        <span className="text-soft" aria-hidden>
          {place}
        </span>
        <h2 className="text-lg">{name}</h2>
        <Standing stage={stage} />
      </header>
      <StageFindings stage={stage} />
      {!none && <RecordedFacts stage={stage} />}
      {stage === 'handing' && single && fieldApplies('hingeSide', facts.kind) && <Observations />}
      <StageDecisions stage={stage} />
      {isWritten(stage) && <WrittenLines stage={stage} />}
      {!none && <AssumedFacts stage={stage} />}
      {!none && <AskedFacts stage={stage} />}
      <div className="mt-3">
        {parts?.sections?.map(({ name: title, open, Component }) => (
          <Fold key={title} name={title} {...(open ? { open } : {})}>
            <Suspense fallback={null}>
              <Component />
            </Suspense>
          </Fold>
        ))}
        {SET_STAGES.includes(stage as SetStage) && (
          <Fold name="Products">
            <Products stage={stage} />
          </Fold>
        )}
        {!none && <AllFacts stage={stage} name={name.toLowerCase()} />}
      </div>
    </article>
  );
}
