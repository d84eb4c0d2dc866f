import { useMemo, useState } from 'react';
import {
  askedFacts,
  assumptionsOf,
  fieldApplies,
  fieldOf,
  FIELDS,
  partsText,
  valueParts,
  type DecidedOpening,
  type Field,
  type Stage,
  type Units,
} from '@riegel/core';
import { FieldInput } from '../parts/FieldInput.js';
import { Fold } from '../parts/Fold.js';
import { Say } from '../parts/Say.js';
import { WithFractions } from '../parts/WithFractions.js';
import { factLabel, factWords, ownFact } from './factNames.js';
import { useOpeningPage } from './page.js';

/** So many are asked at once: more is a form. */
const MOST_ASKED = 6;

/** The decided length of a fact nobody recorded, shown faintly where it would be typed. */
function derivedText(decided: DecidedOpening, { name }: Field, units: Units): string | undefined {
  const decision = decided.decisions.find((one) => ownFact(one, decided.facts.kind) === name);
  const value = decision?.value;
  if (value?.type !== 'length' && value?.type !== 'mass') return undefined;
  return partsText(valueParts(value, units)).replace(/ (in|mm)$/, '');
}

function Input({ field }: { field: Field }) {
  const { facts, decided, practice, units, canEdit, onPatch } = useOpeningPage();
  return (
    <div data-fact={field.name} tabIndex={-1} className="min-w-0 outline-none">
      <FieldInput
        name={field.name}
        facts={facts}
        practice={practice}
        disabled={!canEdit}
        label={factLabel(field, facts.kind)}
        measured={facts.provenance?.[field.name] === 'measured'}
        derived={derivedText(decided, field, units)}
        onPatch={onPatch}
      />
    </div>
  );
}

const GRID = 'grid grid-cols-[repeat(auto-fill,minmax(140px,1fr))] gap-x-3 gap-y-2';

/** What is recorded of a stage, in a line that reads; each is edited where it stands. */
export function RecordedFacts({ stage }: { stage: Stage }) {
  const { facts, decided, practice, editFact } = useOpeningPage();
  // What a decision says outright stands there.
  const own = new Set(decided.decisions.map((one) => one.value && ownFact(one, facts.kind)));
  const fields = FIELDS.filter(
    ({ name, stage: of }) => of === stage && facts[name] !== undefined && !own.has(name),
  );
  if (fields.length === 0) return null;
  return (
    <p className="flex flex-wrap gap-x-4 gap-y-0.5 py-1" aria-label="Recorded" role="group">
      {fields.map((field) => (
        <button
          key={field.name}
          type="button"
          data-edits={field.name}
          className="text-left hover:text-brass"
          onClick={(event) => editFact(field.name, event.currentTarget)}
        >
          <span className="text-[12px] text-soft">{factLabel(field, facts.kind)} </span>
          <span
            className={facts.provenance?.[field.name] === 'measured' ? 'basis-measured' : undefined}
          >
            <WithFractions text={factWords(field, facts, practice)} />
          </span>
        </button>
      ))}
    </p>
  );
}

/** Decisions of their own tell these, with their own confirming. */
const TOLD: ReadonlySet<string> = new Set(['role', 'escape', 'occupancy', 'occupants']);

/** What is assumed because nobody recorded it (of all stages, without one): why, and confirmed where it stands. */
export function AssumedFacts({ stage }: { stage?: Stage | undefined }) {
  const { decided, practice, canEdit, onPatch, editFact } = useOpeningPage();
  const assumed = assumptionsOf(decided).flatMap(({ fact, value, because }) => {
    const field = fieldOf(fact);
    if (!field || TOLD.has(fact) || (stage !== undefined && field.stage !== stage)) return [];
    return [{ field, value, because }];
  });
  if (assumed.length === 0) return null;
  const all = Object.fromEntries(assumed.map(({ field, value }) => [field.name, value]));
  return (
    <section aria-label="Assumed" className="mt-3">
      <div className="flex items-center gap-3">
        <h3 className="caps">Assumed</h3>
        {canEdit && assumed.length > 1 && (
          <button
            type="button"
            className="button !h-6 !px-2 text-[12.5px]"
            onClick={() => onPatch(all)}
          >
            Confirm all {assumed.length}
          </button>
        )}
      </div>
      <ul>
        {assumed.map(({ field, value, because }) => (
          <li
            key={field.name}
            data-assumed={field.name}
            className="grid grid-cols-[10rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-t border-rule/60 py-0.5"
          >
            <span className="text-soft">{factLabel(field, decided.facts.kind)}</span>
            <span>
              <button
                type="button"
                disabled={!canEdit}
                className="basis-assumed text-left hover:text-brass"
                title="Press to record it otherwise"
                onClick={(event) => editFact(field.name, event.currentTarget)}
              >
                <WithFractions
                  text={factWords(field, { ...decided.facts, [field.name]: value }, practice)}
                />
              </button>
              {because && (
                <span className="block text-[12.5px] leading-[17px] text-soft">
                  <Say said={because} units={practice} />
                </span>
              )}
            </span>
            {canEdit && (
              <button
                type="button"
                className="button !h-6 !px-2 text-[12.5px]"
                aria-label={`Confirm ${factLabel(field, decided.facts.kind)}`}
                onClick={() => onPatch({ [field.name]: value })}
              >
                Confirm
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** What should be asked next of a stage (of all of them, without one), the most telling first. */
export function AskedFacts({ stage }: { stage?: Stage | undefined }) {
  const { decided, canEdit } = useOpeningPage();
  const { facts } = decided;
  const guessed = useMemo(
    () =>
      new Set<string | undefined>([
        ...decided.decisions
          .filter(({ basis, value }) => basis === 'assumed' && value !== undefined)
          .map((one) => ownFact(one, facts.kind)),
        ...assumptionsOf(decided).map(({ fact }) => fact),
      ]),
    [decided, facts.kind],
  );
  const asked = useMemo(
    () =>
      askedFacts(decided)
        // A guess is confirmed where it stands.
        .filter(({ field }) => !guessed.has(field.name))
        .filter(({ field, settles, told }) =>
          stage === undefined
            ? settles.length > 0 || (field.first && field.stage === 'opening')
            : told.includes(stage) ||
              (field.stage === stage && (settles.length > 0 || field.first)),
        )
        .slice(0, MOST_ASKED),
    [decided, stage, guessed],
  );
  // What was answered here stays until the page is left: a field does not vanish from under the hand.
  const [seen, setSeen] = useState<{ stage: Stage | undefined; fields: Field[] }>({
    stage,
    fields: [],
  });
  const before = seen.stage === stage ? seen.fields : [];
  const added = asked.map(({ field }) => field).filter((field) => !before.includes(field));
  const fields = [...before, ...added].slice(0, MOST_ASKED * 2);
  if (added.length > 0 || seen.stage !== stage) setSeen({ stage, fields });
  if (fields.length === 0 || !canEdit) return null;
  return (
    <section aria-label="Asked next" className="mt-3">
      <h3 className="caps mb-1">Asked next</h3>
      <div className={GRID}>
        {fields.map((field) => (
          <Input key={field.name} field={field} />
        ))}
      </div>
    </section>
  );
}

/** All that can be recorded of a stage, folded away, found by its name. */
export function AllFacts({ stage, name }: { stage: Stage; name: string }) {
  const { facts } = useOpeningPage();
  const [words, setWords] = useState('');
  const fields = FIELDS.filter(
    (field) => field.stage === stage && fieldApplies(field.name, facts.kind),
  );
  if (fields.length === 0) return null;
  const wanted = words.trim().toLowerCase();
  const shown = fields.filter((field) =>
    factLabel(field, facts.kind).toLowerCase().includes(wanted),
  );
  return (
    <Fold name={`All facts of ${name}`} note={fields.length}>
      {fields.length > MOST_ASKED && (
        <input
          type="search"
          className="field mb-2 w-56"
          aria-label="Find a fact"
          placeholder="Find a fact"
          value={words}
          onChange={(event) => setWords(event.target.value)}
        />
      )}
      <div className={GRID}>
        {shown.map((field) => (
          <Input key={field.name} field={field} />
        ))}
      </div>
    </Fold>
  );
}
