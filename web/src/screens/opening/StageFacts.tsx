import {
  FIELDS,
  fieldApplies,
  partsText,
  termText,
  valueParts,
  type DecidedOpening,
  type FactsPatch,
  type Field,
  type OpeningFacts,
  type Practice,
  type Stage,
  type Units,
} from '@riegel/core';
import { Ruler } from 'lucide-react';
import { FieldInput } from '../../parts/FieldInput.js';

/** The decided length of a fact nobody recorded, shown faintly where it would be typed. */
function derivedText(
  decided: DecidedOpening,
  name: Field['name'],
  units: Units,
): string | undefined {
  const bare =
    name === 'inactiveWidth'
      ? 'leafWidth@inactive'
      : name === 'lowerLeafHeight'
        ? 'leafHeight@lower'
        : name === 'lockHeight'
          ? 'height'
          : name;
  const decision = decided.decisions.find(
    (one) =>
      one.key === `sizing.${bare}` ||
      (one.name === bare && one.leaf !== 'inactive' && one.leaf !== 'lower'),
  );
  const value = decision?.value;
  if (value?.type !== 'length' && value?.type !== 'mass') return undefined;
  return partsText(valueParts(value, units)).replace(/ (in|mm)$/, '');
}

/** The facts of a stage edited in place: those asked first, the others unfold. */
export function StageFacts({
  stage,
  facts,
  decided,
  practice,
  units,
  canEdit,
  onPatch,
}: {
  stage: Stage;
  facts: OpeningFacts;
  decided: DecidedOpening;
  practice: Practice;
  units: Units;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
}) {
  const fields = FIELDS.filter(
    (field) => field.stage === stage && fieldApplies(field.name, facts.kind),
  );
  const first = fields.filter((field) => field.first);
  const more = fields.filter((field) => !field.first);
  const used = more.filter((field) => facts[field.name] !== undefined).length;
  const label = (field: Field) => {
    if (field.name === 'leafWidth' && facts.kind === 'unequal-pair') return 'Active leaf width';
    if (field.name === 'leafHeight' && facts.kind === 'stable') return 'Upper leaf height';
    return termText(`fact.${field.name}`);
  };
  const input = (field: Field) => {
    const measurable =
      (field.type === 'length' || field.type === 'mass') && typeof facts[field.name] === 'number';
    const measured = facts.provenance?.[field.name] === 'measured';
    return (
      <div
        key={field.name}
        data-fact={field.name}
        tabIndex={-1}
        className="relative min-w-0 outline-none"
      >
        <FieldInput
          name={field.name}
          facts={facts}
          practice={practice}
          disabled={!canEdit}
          label={label(field)}
          measured={measured}
          derived={derivedText(decided, field.name, units)}
          onPatch={onPatch}
        />
        {measurable && (
          <button
            type="button"
            disabled={!canEdit}
            aria-pressed={measured}
            aria-label={`${label(field)} was measured`}
            title={
              measured
                ? 'Measured with a tape; press if it was given'
                : 'Given; press if it was measured with a tape'
            }
            className={`absolute top-[18px] left-0 flex h-[28px] w-6 items-center justify-center ${measured ? 'text-slate' : 'text-rule hover:text-soft'}`}
            onClick={() =>
              onPatch({
                provenance: { ...facts.provenance, [field.name]: measured ? 'given' : 'measured' },
              })
            }
          >
            <Ruler size={13} />
          </button>
        )}
      </div>
    );
  };

  if (fields.length === 0) return null;
  return (
    <>
      <div className="grid grid-cols-4 gap-x-3 gap-y-2 max-[1200px]:grid-cols-3">
        {first.map(input)}
      </div>
      {more.length > 0 && (
        <details className="mt-2" open={stage === 'opening' && used > 0 ? true : undefined}>
          <summary className="cursor-pointer text-[12px] text-soft">
            More facts{used > 0 ? ` (${used} recorded)` : ''}
          </summary>
          <div className="mt-1 grid grid-cols-4 gap-x-3 gap-y-2 max-[1200px]:grid-cols-3">
            {more.map(input)}
          </div>
        </details>
      )}
    </>
  );
}
