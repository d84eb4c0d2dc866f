import { writtenUse, type Stage } from '@riegel/core';
import { termText } from '../base/words.js';
import { FindingLine } from '../parts/Say.js';
import { DecisionRow } from './DecisionRow.js';
import { useHighlight, useOpeningPage } from './page.js';
import { WaysOut } from './WaysOut.js';

const GRAVITY = ['stop', 'check', 'note'];

/** What a stage found, the gravest first. */
export function StageFindings({ stage }: { stage: Stage }) {
  const { decided, units } = useOpeningPage();
  const { onHighlight } = useHighlight();
  const findings = decided.findings
    .filter((finding) => finding.stage === stage)
    .sort((a, b) => GRAVITY.indexOf(a.level) - GRAVITY.indexOf(b.level));
  if (findings.length === 0) return null;
  return (
    <section aria-label="Findings" className="my-1">
      {findings.map((finding, index) => (
        <div key={index}>
          <FindingLine finding={finding} units={units} onHighlight={onHighlight} />
          {finding.code === 'securing.writtenDiffers' ? (
            <TakeEither />
          ) : (
            <WaysOut finding={finding} />
          )}
        </div>
      ))}
    </section>
  );
}

/** Hardware written by hand and decided otherwise: one key takes either. */
function TakeEither() {
  const { facts, canEdit, onPatch } = useOpeningPage();
  if (!canEdit) return null;
  const lines = facts.manualItems ?? [];
  const rest = lines.filter(({ stage }) => stage !== 'securing');
  const written = lines.find(({ stage }) => stage === 'securing')?.description ?? '';
  const use = writtenUse(written);
  return (
    <p className="mb-1 ml-6 flex flex-wrap gap-2">
      <button
        type="button"
        className="button !h-7 text-[13px]"
        onClick={() => onPatch({ manualItems: rest.length > 0 ? rest : undefined })}
      >
        Take what was decided
      </button>
      {use && (
        <button
          type="button"
          className="button !h-7 text-[13px]"
          onClick={() => onPatch({ lockUse: use, lockKind: undefined })}
        >
          Decide as written: {termText(`lockUse.${use}`)}
        </button>
      )}
    </p>
  );
}

/** What a stage decided, each with what it rests on. */
export function StageDecisions({ stage }: { stage: Stage }) {
  const { decided } = useOpeningPage();
  const decisions = decided.decisions.filter((decision) => decision.stage === stage);
  if (decisions.length === 0) return null;
  return (
    <section aria-label="Decided" className="mt-1">
      {decisions.map((decision) => (
        <DecisionRow key={decision.key} decision={decision} />
      ))}
    </section>
  );
}
