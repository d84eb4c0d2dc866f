import { useState } from 'react';
import { Link, useParams } from 'react-router';
import {
  phraseText,
  readColumn,
  type Fault,
  type FactsPatch,
  type Practice,
  type ProjectQuestion,
} from '@riegel/core';
import { useKeys } from '../../base/keys.js';
import { useOpenings } from '../../data/project.js';
import { CheckBox } from '../../parts/CheckBox.js';
import { Say } from '../../parts/Say.js';
import { termText } from '../../base/words.js';
import { askedName, comesTo, valueWords } from './words.js';

/** One question with its likely answers and its openings: answered for all of them, or for those ticked. */
export function AnswerPane({
  question,
  practice,
  canEdit,
  onAnswer,
}: {
  question: ProjectQuestion;
  practice: Practice;
  canEdit: boolean;
  /** `stay` where other openings of the question are still to be answered. */
  onAnswer: (changes: { id: string; patch: FactsPatch }[], stay?: boolean) => void;
}) {
  const { byId } = useOpenings();
  const { projectId } = useParams();
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState<Fault | undefined>();
  const { about, answers, assumed, column, openings } = question;
  const taken = openings.filter(({ id }) => !left.has(id));
  const record = (patchOf: (at: (typeof openings)[number]) => FactsPatch) => {
    if (canEdit && taken.length > 0)
      onAnswer(taken.map((one) => ({ id: one.id, patch: patchOf(one) })));
  };
  const acts = [
    ...(about === 'assumed' ? [() => record(({ confirm }) => confirm)] : []),
    ...answers.map(
      ({ patch }) =>
        () =>
          record(() => patch),
    ),
    () => record(() => ({ [question.fact]: 'unknown' }) as FactsPatch),
  ];
  useKeys(Object.fromEntries(acts.slice(0, 9).map((act, at) => [String(at + 1), act])));
  const take = () => {
    const read = readColumn(column, typed, practice);
    if (!read.ok) setFault(read.fault);
    else if (typed.trim() !== '') record(() => read.value);
  };
  const many = taken.length === openings.length ? `all ${openings.length}` : `${taken.length}`;
  return (
    <section aria-label="Question" className="min-h-0 overflow-auto border-t border-rule pt-3">
      <p className="text-xs text-soft">
        {termText(`stage.${question.stage}`)} · to the {termText(`addressee.${question.goesTo}`)} ·
        ref {question.ref}
      </p>
      {about === 'open' ? (
        <h2 className="mt-1 text-lg">
          <Say said={question.said} units={practice} />
        </h2>
      ) : (
        <>
          <h2 className="mt-1 text-lg">Is that right?</h2>
          <dl className="mt-1 grid grid-cols-[auto_1fr] gap-x-4">
            {assumed.map(({ fact, value }) => (
              <div key={fact} className="contents">
                <dt className="text-soft">{termText(`fact.${fact}`)}</dt>
                <dd className="basis-assumed">{valueWords(fact, value, practice)}</dd>
              </div>
            ))}
          </dl>
          <p className="mt-1 text-soft">
            <Say said={question.said} units={practice} />
          </p>
        </>
      )}
      {canEdit && (
        <>
          <ul className="mt-3 flex flex-col gap-1" aria-label="Likely answers">
            {about === 'assumed' && (
              <li>
                <Answer digit={1} onTake={acts[0]!} disabled={taken.length === 0} primary>
                  Yes, confirm it for {many}
                </Answer>
              </li>
            )}
            {answers.map(({ value, settles, findings }, index) => {
              const digit = index + (about === 'assumed' ? 2 : 1);
              return (
                <li key={String(value)}>
                  <Answer digit={digit} onTake={acts[digit - 1]!} disabled={taken.length === 0}>
                    <b className="font-semibold">{valueWords(column, value, practice)}</b>
                    <span className="text-soft">{comesTo(settles, findings)}</span>
                  </Answer>
                </li>
              );
            })}
            {about === 'open' && (
              <li>
                <Answer
                  digit={acts.length}
                  onTake={acts[acts.length - 1]!}
                  disabled={taken.length === 0}
                >
                  Nobody knows <span className="text-soft">recorded as unknown</span>
                </Answer>
              </li>
            )}
          </ul>
          <form
            className="mt-3 flex flex-wrap items-end gap-2"
            onSubmit={(event) => {
              event.preventDefault();
              take();
            }}
          >
            <label className="flex flex-col">
              <span className="text-xs text-soft">
                {about === 'open' ? 'Or' : 'No:'} {askedName(column).toLowerCase()}
              </span>
              <input
                className="field w-56"
                value={typed}
                aria-invalid={fault !== undefined || undefined}
                onChange={(event) => {
                  setTyped(event.target.value);
                  setFault(undefined);
                }}
              />
            </label>
            <button className="button" disabled={typed.trim() === '' || taken.length === 0}>
              Record for {many}
            </button>
            {fault && (
              <p role="alert" className="basis-full text-oxide">
                {phraseText(
                  { code: fault.code, params: { ...fault.params, field: askedName(column) } },
                  practice,
                )}
              </p>
            )}
          </form>
        </>
      )}
      <div className="mt-4 flex items-center gap-3">
        <h3 className="caps">Openings</h3>
        {canEdit && openings.length > 1 && (
          <button
            type="button"
            className="button bare"
            onClick={() =>
              setLeft(left.size === 0 ? new Set(openings.map(({ id }) => id)) : new Set())
            }
          >
            {left.size === 0 ? 'None' : 'All'}
          </button>
        )}
      </div>
      <ul className="mt-1">
        {openings.map(({ id, mark }) => {
          const facts = byId.get(id)?.facts;
          return (
            <li key={id} className="flex items-baseline gap-3 border-t border-rule/60 py-0.5">
              {canEdit && (
                <CheckBox
                  checked={!left.has(id)}
                  className="shrink-0"
                  onChange={(on) => {
                    const next = new Set(left);
                    if (on) next.delete(id);
                    else next.add(id);
                    setLeft(next);
                  }}
                >
                  <span className="sr-only">{mark}</span>
                </CheckBox>
              )}
              <Link
                className="w-16 shrink-0 font-semibold hover:text-brass hover:underline"
                to={`/projects/${projectId}/openings/${id}/${question.stage}`}
              >
                {mark}
              </Link>
              <span className="min-w-0 flex-1 truncate text-soft">
                {[facts?.from, facts?.to].filter(Boolean).join(' → ')}
              </span>
              {canEdit && openings.length > 1 && EACH.has(column) && (
                <OwnAnswer
                  label={`${askedName(column)} of ${mark}`}
                  column={column}
                  practice={practice}
                  onTake={(patch) => onAnswer([{ id, patch }], true)}
                />
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function Answer({
  digit,
  onTake,
  disabled,
  primary = false,
  children,
}: {
  digit: number;
  onTake: () => void;
  disabled: boolean;
  primary?: boolean;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      disabled={disabled}
      className={`button !h-auto w-full justify-start gap-3 py-1 text-left ${primary ? 'primary' : ''}`}
      onClick={onTake}
    >
      <kbd className="w-4 shrink-0 text-center text-xs opacity-70">{digit <= 9 ? digit : ''}</kbd>
      {children}
    </button>
  );
}

/** What each opening may have of its own. */
const EACH: ReadonlySet<string> = new Set(['hand', 'size', 'rating']);

/** The answer of one opening, written beside it; Enter takes it and the next stands ready. */
function OwnAnswer({
  label,
  column,
  practice,
  onTake,
}: {
  label: string;
  column: string;
  practice: Practice;
  onTake: (patch: FactsPatch) => void;
}) {
  const [typed, setTyped] = useState('');
  const [wrong, setWrong] = useState(false);
  return (
    <input
      className="field !h-7 w-24 shrink-0"
      aria-label={label}
      aria-invalid={wrong || undefined}
      value={typed}
      onChange={(event) => {
        setTyped(event.target.value);
        setWrong(false);
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Enter' || typed.trim() === '') return;
        const read = readColumn(column, typed, practice);
        setWrong(!read.ok);
        if (!read.ok) return;
        const next = event.currentTarget
          .closest('li')
          ?.nextElementSibling?.querySelector('input.field');
        onTake(read.value);
        if (next instanceof HTMLInputElement) next.focus();
      }}
    />
  );
}
