import { fieldApplies, fieldOf, type Decision, type FieldName } from '@riegel/core';
import { WithFractions } from '../parts/WithFractions.js';
import { factLabel, factsShown, factWords } from './factNames.js';
import { useOpeningPage } from './page.js';

/** The facts a decision rests on, each to be edited right there; what nobody recorded shows on a closer look. */
export function RestsOn({ decision, all }: { decision: Decision; all: boolean }) {
  const { facts, practice, units, canEdit, editFact } = useOpeningPage();
  const shown = factsShown(decision, facts, units);
  const fields = decision.facts.flatMap((name) => {
    const field = fieldOf(name);
    return field && fieldApplies(field.name, facts.kind) && !shown.has(field.name) ? [field] : [];
  });
  const recorded = fields.filter(({ name }) => facts[name] !== undefined);
  const open = all && canEdit ? fields.filter(({ name }) => facts[name] === undefined) : [];
  if (recorded.length + open.length === 0) return null;
  const edit = (name: FieldName) => (event: { currentTarget: Element }) =>
    editFact(name, event.currentTarget);
  const chip = 'text-left hover:text-brass underline-offset-2 hover:underline';
  return (
    <span className="mt-0.5 flex flex-wrap gap-x-3 text-[12px] leading-[17px] text-soft">
      {recorded.map((field) => (
        <button
          key={field.name}
          type="button"
          data-edits={field.name}
          className={chip}
          onClick={edit(field.name)}
        >
          {factLabel(field, facts.kind)}{' '}
          <span className="text-ink">
            <WithFractions text={factWords(field, facts, practice)} />
          </span>
        </button>
      ))}
      {open.map((field) => (
        <button
          key={field.name}
          type="button"
          data-edits={field.name}
          className={`${chip} italic`}
          title="Not recorded"
          onClick={edit(field.name)}
        >
          + {factLabel(field, facts.kind)}
        </button>
      ))}
    </span>
  );
}
