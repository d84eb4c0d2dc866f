import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import {
  asItStands,
  cutsDrawing,
  unitsOf,
  type DecidedOpening,
  type FactsPatch,
  type FittedLeaf,
  type Units,
} from '@riegel/core';
import { ModelView } from '../../drawing/ModelView.js';
import { DecisionRow } from '../../opening/DecisionRow.js';
import { useOpeningPage } from '../../opening/page.js';
import { Message } from '../../parts/Message.js';
import { FindingLine, Say } from '../../parts/Say.js';
import { CopiedTable } from './CopiedTable.js';
import { CutTable } from './CutTable.js';
import { PatternPanel } from './PatternPanel.js';
import { PlugsAndRepairs } from './PlugsAndRepairs.js';

/** What follows from a survey: how the opening stands, leaf to order, cuts, hinges, what stays. */
export function ReplacementScreen() {
  const { decided, canEdit, onPatch, address } = useOpeningPage();
  return decided.results.replacing || decided.results.sizing.fitting ? (
    <Body decided={decided} canEdit={canEdit} onPatch={onPatch} />
  ) : (
    <Message
      title="Nothing of this opening was read"
      actions={
        <Link className="button primary" to={`${address}/survey`}>
          Survey it
        </Link>
      }
    >
      Measure the frame, or the leaf that is to be copied, where they stand; or record width and
      height of the frame. What to order and to cut follows from it.
    </Message>
  );
}

function Body({
  decided,
  canEdit,
  onPatch,
}: {
  decided: DecidedOpening;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
}) {
  const units = unitsOf(decided);
  const [leaf, setLeaf] = useState(0);
  const { fitting } = decided.results.sizing;
  const fitted = fitting?.leaves[Math.min(leaf, fitting.leaves.length - 1)];
  const rows = decided.decisions.filter((one) => one.stage === 'replacing');
  const findings = decided.findings.filter((finding) =>
    [
      'sizing.remeasure',
      'sizing.ratedTrim',
      'sizing.trimUnknown',
      'sizing.asMadeGaps',
      'sizing.cutBeyond',
      'sizing.copyUnread',
      'sizing.copyTaper',
      'sizing.copyHinge',
      'sizing.leafAgainstFrame',
      'hanging.oldHeadGap',
      'hanging.patternMisses',
      'hanging.fewHinges',
    ].includes(finding.code),
  );
  const cautions = decided.cautions.filter((caution) =>
    [
      'care.aid',
      'care.heavy',
      'care.rated',
      'care.oldPaint',
      'care.cutting',
      'care.asbestos',
      'care.outOfUse',
    ].includes(caution.code),
  );
  return (
    <div className="grid min-h-0 grid-cols-[minmax(0,1fr)_minmax(0,1fr)] max-[1000px]:grid-cols-1">
      <div
        className="min-h-0 overflow-auto px-4 py-3"
        tabIndex={0}
        role="region"
        aria-label="To order and to cut"
      >
        {fitting && fitting.leaves.length > 1 && (
          <div role="tablist" aria-label="Leaf" className="mb-2 flex gap-1">
            {fitting.leaves.map((_, index) => (
              <button
                key={index}
                role="tab"
                aria-selected={leaf === index}
                className={`border-b-[3px] px-3 py-1 ${leaf === index ? 'border-brass font-semibold' : 'border-transparent text-soft'}`}
                onClick={() => setLeaf(index)}
              >
                {index === 0 ? 'First leaf' : 'Second leaf'}
              </button>
            ))}
          </div>
        )}
        {fitted && fitting ? (
          <Drawn decided={decided} fitted={fitted} leaf={leaf} units={units} />
        ) : (
          <p className="text-soft">
            Neither the frame nor a leaf to be copied is read in width and height yet; without them
            nothing can be ordered.
          </p>
        )}
        <div className="divide-y divide-rule/60">
          {decided.decisions
            .filter((one) =>
              ['sizing.square', 'sizing.order', 'sizing.orderSecond'].includes(one.key),
            )
            .map((decision) => (
              <DecisionRow key={decision.key} decision={decision} />
            ))}
        </div>
        {fitted && fitted.order.kind !== 'as-made' && (
          <CutTable plan={fitted.order.plan} decided={decided} units={units} />
        )}
        {fitting?.copied && <CopiedTable copied={fitting.copied} units={units} />}
        {findings.map((finding, index) => (
          <FindingLine key={index} finding={finding} units={units} />
        ))}
        <section aria-label="Care" className="mt-4 border-l-4 border-ochre bg-wash/60 px-4 py-2">
          {cautions.map((caution) => (
            <p key={caution.code} className="py-0.5">
              <Say said={caution} units={units} />
            </p>
          ))}
        </section>
      </div>
      <div
        className="min-h-0 overflow-auto border-l border-rule px-4 py-3"
        tabIndex={0}
        role="region"
        aria-label="Hinges and parts"
      >
        {decided.results.replacing && (
          <PatternPanel decided={decided} units={units} canEdit={canEdit} onPatch={onPatch} />
        )}
        <h2 className="mt-4 border-b-2 border-ink text-base">Keep, move or renew</h2>
        <div className="divide-y divide-rule/60">
          {rows.map((decision) => (
            <DecisionRow key={decision.key} decision={decision} />
          ))}
        </div>
        {decided.results.replacing && <PlugsAndRepairs decided={decided} units={units} />}
      </div>
    </div>
  );
}

function Drawn({
  decided,
  fitted,
  leaf,
  units,
}: {
  decided: DecidedOpening;
  fitted: FittedLeaf;
  leaf: number;
  units: Units;
}) {
  const stands = useMemo(
    () =>
      decided.results.sizing.fitting ? asItStands(decided.results.sizing.fitting, leaf) : undefined,
    [decided, leaf],
  );
  const cuts = useMemo(
    () =>
      fitted.order.kind === 'as-made'
        ? undefined
        : cutsDrawing(fitted.order.plan, decided.results.sizing.fitting?.copied),
    [fitted, decided],
  );
  return (
    <div className="mb-2 grid grid-cols-2 gap-2">
      {stands && (
        <figure className="sheet">
          <div className="h-[380px] p-1">
            <ModelView
              model={stands.model}
              units={units}
              title={
                decided.results.sizing.fitting?.copied
                  ? 'The opening round the new leaf'
                  : 'The opening as it stands'
              }
            />
          </div>
          <figcaption className="border-t border-rule px-2 py-1 text-xs text-soft">
            {decided.results.sizing.fitting?.copied ? 'Round the new leaf' : 'As it stands'};
            crookedness × {stands.times}, gaps × 7
          </figcaption>
        </figure>
      )}
      {cuts && (
        <figure className="sheet">
          <div className="h-[380px] p-1">
            <ModelView model={cuts.model} units={units} title="What comes off the blank" />
          </div>
          <figcaption className="border-t border-rule px-2 py-1 text-xs text-soft">
            The blank, from its pull side; cuts × {cuts.times}
            {decided.results.sizing.fitting?.copied && '; dashed: the old leaf'}
          </figcaption>
        </figure>
      )}
    </div>
  );
}
