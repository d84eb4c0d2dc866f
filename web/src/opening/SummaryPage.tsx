import { Link } from 'react-router';
import { BOLT_STAGES, itemSizeParts, type Item, type Stage } from '@riegel/core';
import { itemText, termText } from '../base/words.js';
import { useProject } from '../data/project.js';
import { Figures } from '../parts/Figure.js';
import { Fold } from '../parts/Fold.js';
import { FindingLine, Say } from '../parts/Say.js';
import { Checked } from './Checked.js';
import { History } from './History.js';
import { useHighlight, useOpeningPage } from './page.js';
import { AllFacts, AskedFacts, AssumedFacts, RecordedFacts } from './StageFacts.js';
import { StageDecisions } from './StageOutcome.js';

/** The opening as a whole: what it is, what was found, its hardware, what to ask next. */
export function SummaryPage() {
  const { facts, decided, units, openingId } = useOpeningPage();
  const { project } = useProject();
  const { onHighlight } = useHighlight();
  const graded = decided.findings.filter(({ level, accepted }) => level !== 'note' && !accepted);
  return (
    <article data-stage="opening" aria-label="Opening">
      <header className="flex items-baseline gap-2 border-b-2 border-ink pt-3 pb-0.5">
        <h2 className="text-lg">Opening {facts.mark}</h2>
        <span className="text-soft">{termText(`kind.${facts.kind}`)}</span>
      </header>
      <RecordedFacts stage="opening" />
      <StageDecisions stage="opening" />
      {graded.length > 0 && (
        <section aria-label="Findings" className="mt-2">
          <h3 className="caps">To be settled</h3>
          {graded.map((finding, index) => (
            <FindingLine key={index} finding={finding} units={units} onHighlight={onHighlight} />
          ))}
        </section>
      )}
      <Checked />
      <AssumedFacts />
      <AskedFacts />
      <Hardware />
      <section aria-label="Care" className="mt-4 border-l-4 border-ochre bg-wash/60 px-4 py-2">
        <h3 className="caps mb-1">Care</h3>
        {decided.cautions.map((caution) => (
          <p key={caution.code} className="py-0.5">
            <Say said={caution} units={units} />
          </p>
        ))}
      </section>
      <div className="mt-3">
        <AllFacts stage="opening" name="the opening" />
        <Fold name="History">
          <History projectId={project.id} openingId={openingId} system={decided.practice.system} />
        </Fold>
      </div>
    </article>
  );
}

/** The hardware set of the opening, stage by stage, each leading to where it was decided. */
function Hardware() {
  const { decided, units, address, facts } = useOpeningPage();
  const { onHighlight } = useHighlight();
  const rows = BOLT_STAGES.flatMap((stage): [Stage, Item[]][] => {
    const items = decided.items.filter((item) => item.stage === stage);
    const none = facts.omitted?.[stage as Item['stage']] !== undefined;
    return items.length > 0 || none ? [[stage, items]] : [];
  });
  return (
    <section aria-label="Hardware" className="mt-4">
      <h3 className="caps mb-1">Hardware</h3>
      {rows.length === 0 && <p className="text-soft">Nothing decided yet.</p>}
      {rows.map(([stage, items]) => (
        <div
          key={stage}
          className="grid grid-cols-[96px_minmax(0,1fr)] gap-x-3 border-t border-rule py-1"
          onPointerEnter={() => onHighlight(`stage:${stage}`)}
          onPointerLeave={() => onHighlight(undefined)}
        >
          <Link className="text-soft hover:text-brass" to={`${address}/${stage}`}>
            {termText(`stage.${stage}`)}
          </Link>
          <div>
            {items.length === 0 && <span className="text-soft">deliberately none</span>}
            {items.map((item, index) => (
              <p key={index} className="flex gap-2">
                <b className="w-6 shrink-0 text-right">{item.quantity}</b>
                <span>
                  {itemText(item)}{' '}
                  <span className="text-soft">
                    <Figures parts={itemSizeParts(item, units)} />
                  </span>
                  {item.product && <span className="text-brass"> {item.product}</span>}
                </span>
              </p>
            ))}
          </div>
        </div>
      ))}
    </section>
  );
}
