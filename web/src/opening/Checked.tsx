import { fieldOf, type FieldName } from '@riegel/core';
import { termText } from '../base/words.js';
import { Fold } from '../parts/Fold.js';
import { factLabel } from './factNames.js';
import { useOpeningPage } from './page.js';

/** What the opening was held against, as it will stand: what could not be checked and why, what holds. */
export function Checked() {
  const { decided } = useOpeningPage();
  const { kept, broken, notChecked } = decided.laws;
  const count = (number: number, word: string) => (number > 0 ? `${number} ${word}` : undefined);
  const sum = [
    count(kept.length, kept.length === 1 ? 'holds' : 'hold'),
    count(broken.length, broken.length === 1 ? 'does not' : 'do not'),
    count(notChecked.length, 'not checked'),
  ];
  return (
    <section aria-label="Checked" className="mt-3">
      <h3 className="caps">
        Checked{' '}
        <span className="tracking-normal normal-case text-soft">
          {sum.filter((part) => part !== undefined).join(' · ')}
        </span>
      </h3>
      {notChecked.length > 0 && (
        <ul aria-label="Not checked">
          {notChecked.map(({ law, lacks }) => (
            <li
              key={law}
              className="grid grid-cols-[minmax(0,1fr)_minmax(0,auto)] items-baseline gap-x-4 border-t border-rule/60 py-0.5"
            >
              <span>{termText(`law.${law}`)}</span>
              <span className="text-right text-[13px]">
                <span className="text-soft">not recorded: </span>
                {lacks.map((name, at) => (
                  <span key={name}>
                    {at > 0 && <span className="text-soft"> or </span>}
                    <Lacking name={name} />
                  </span>
                ))}
              </span>
            </li>
          ))}
        </ul>
      )}
      {kept.length + broken.length > 0 && (
        <Fold name="What was held against it">
          <ul aria-label="Held">
            {broken.map((law) => (
              <li key={law} className="py-0.5">
                <span className="inline-block w-20 font-semibold text-oxide">does not</span>
                {termText(`law.${law}`)}
              </li>
            ))}
            {kept.map((law) => (
              <li key={law} className="py-0.5">
                <span className="inline-block w-20 text-verdigris">holds</span>
                {termText(`law.${law}`)}
              </li>
            ))}
          </ul>
        </Fold>
      )}
    </section>
  );
}

/** A fact that would let it be checked, recorded where it stands. */
function Lacking({ name }: { name: FieldName }) {
  const { facts, canEdit, editFact } = useOpeningPage();
  const field = fieldOf(name);
  const label = field ? factLabel(field, facts.kind) : name;
  if (!field || !canEdit) return <span>{label}</span>;
  return (
    <button
      type="button"
      className="text-brass hover:underline"
      onClick={(event) => editFact(name, event.currentTarget)}
    >
      {label}
    </button>
  );
}
