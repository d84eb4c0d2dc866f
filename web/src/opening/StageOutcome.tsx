import type { Stage } from '@riegel/core';
import { FindingLine } from '../parts/Say.js';
import { DecisionRow } from './DecisionRow.js';
import { useHighlight, useOpeningPage } from './page.js';

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
        <FindingLine key={index} finding={finding} units={units} onHighlight={onHighlight} />
      ))}
    </section>
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
