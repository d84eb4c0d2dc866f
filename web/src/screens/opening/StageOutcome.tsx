import { FindingLine } from '../../parts/Say.js';
import { DecisionRow } from './DecisionRow.js';
import type { StageProps } from './StageSection.js';

/** What a stage came to: its findings, then its decisions. */
export function StageOutcome({
  stage,
  decided,
  units,
  canEdit,
  onPatch,
  highlighted,
  onHighlight,
}: Omit<StageProps, 'facts' | 'practice'>) {
  const decisions = decided.decisions.filter((decision) => decision.stage === stage);
  const findings = decided.findings.filter((finding) => finding.stage === stage);
  return (
    <>
      {findings.length > 0 && (
        <div className="mt-2">
          {findings.map((finding, index) => (
            <FindingLine key={index} finding={finding} units={units} onHighlight={onHighlight} />
          ))}
        </div>
      )}
      {decisions.length > 0 && (
        <div className="mt-2 divide-y divide-rule/60">
          {decisions.map((decision) => (
            <DecisionRow
              key={decision.key}
              decision={decision}
              units={units}
              choices={decided.facts.choices}
              canEdit={canEdit}
              onPatch={onPatch}
              highlighted={highlighted === decision.key}
              onHighlight={onHighlight}
            />
          ))}
        </div>
      )}
    </>
  );
}
