import { useMemo, useState } from 'react';
import { ADDRESSEES, type Addressee, type FactsPatch, type ProjectQuestion } from '@riegel/core';
import { useKeys } from '../../base/keys.js';
import { useOpenings, useProject } from '../../data/project.js';
import { Message, Waiting } from '../../parts/Message.js';
import { Say } from '../../parts/Say.js';
import { Select } from '../../parts/Select.js';
import { useQuestions } from '../../worker/client.js';
import { termText } from '../../base/words.js';
import { AnswerPane } from './AnswerPane.js';
import { SendOut } from './SendOut.js';
import { valueWords } from './words.js';

/** What is to be asked about a project, the most telling first, and answered for many openings at once. */
export function QuestionsScreen() {
  const { basis, practice, canEdit, edit } = useProject();
  const { openings } = useOpenings();
  const asked = useQuestions(openings, basis);
  const [to, setTo] = useState<Addressee | ''>('');
  const [chosen, setChosen] = useState<string | undefined>();
  const shown = useMemo(
    () => (asked ?? []).filter(({ goesTo }) => to === '' || goesTo === to),
    [asked, to],
  );
  const at = Math.max(
    0,
    shown.findIndex(({ key }) => key === chosen),
  );
  const current = shown[at];
  const go = (by: number) => {
    const next = shown[Math.min(shown.length - 1, Math.max(0, at + by))];
    if (next) setChosen(next.key);
  };
  useKeys({
    ArrowDown: () => go(1),
    ArrowUp: () => go(-1),
    j: () => go(1),
    k: () => go(-1),
  });
  if (!asked) return <Waiting what="Going through every opening …" />;
  const answer = (changes: { id: string; patch: FactsPatch }[], stay = false) => {
    // The next question stands ready; what was answered goes as soon as it is decided.
    const next = stay ? current : (shown[at + 1] ?? shown[at - 1]);
    setChosen(next?.key);
    edit(changes);
  };
  const open = shown.filter(({ about }) => about === 'open');
  const assumed = shown.filter(({ about }) => about === 'assumed');
  return (
    <div className="flex h-full flex-col px-6 py-4">
      <div className="flex flex-wrap items-center gap-x-6 gap-y-2 pb-3">
        <h1 className="text-xl">Questions</h1>
        <span className="text-soft">
          {open.length} open, {assumed.length} assumed and not confirmed
        </span>
        <label className="flex items-center gap-2">
          <span className="text-soft">To</span>
          <Select
            label="To whom"
            className="!w-40"
            value={to}
            options={[
              { value: '', text: 'anybody' },
              ...ADDRESSEES.map((value) => ({ value, text: termText(`addressee.${value}`) })),
            ]}
            onChange={(value) => setTo(value as Addressee | '')}
          />
        </label>
        <span className="flex-1" />
        <SendOut questions={shown} all={asked} onAnswers={edit} canEdit={canEdit} />
      </div>
      {!current ? (
        <Message title={to === '' ? 'Nothing is open' : 'Nothing to ask them'}>
          {openings.length === 0
            ? 'Questions come with the first openings.'
            : 'Every decision stands, and nothing is assumed that nobody confirmed.'}
        </Message>
      ) : (
        <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,5fr)_minmax(0,6fr)] gap-6 max-md:grid-cols-1">
          <div className="min-h-0 overflow-auto border-t border-rule">
            <List title="Open" questions={open} current={current} onChoose={setChosen} />
            <List title="Assumed" questions={assumed} current={current} onChoose={setChosen} />
          </div>
          <AnswerPane
            key={current.key}
            question={current}
            practice={practice}
            canEdit={canEdit}
            onAnswer={answer}
          />
        </div>
      )}
    </div>
  );
}

/** Questions of one kind, each with what it settles. */
function List({
  title,
  questions,
  current,
  onChoose,
}: {
  title: string;
  questions: readonly ProjectQuestion[];
  current: ProjectQuestion;
  onChoose: (key: string) => void;
}) {
  const { practice } = useProject();
  if (questions.length === 0) return null;
  return (
    <section aria-label={title}>
      <h2 className="caps sticky top-0 bg-paper py-1">{title}</h2>
      <ol>
        {questions.map((question) => (
          <li key={question.key}>
            <button
              type="button"
              aria-current={question.key === current.key || undefined}
              ref={(element) => {
                if (question.key === current.key) element?.scrollIntoView({ block: 'nearest' });
              }}
              className="grid w-full grid-cols-[3rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-t border-rule/60 px-2 py-1.5 text-left hover:bg-wash aria-[current]:bg-brass-wash"
              onClick={() => onChoose(question.key)}
            >
              <span
                className="text-right text-lg leading-6 font-semibold"
                title={
                  question.about === 'open'
                    ? 'Decisions that an answer settles'
                    : 'Facts that stand on it'
                }
              >
                {question.settles}
              </span>
              <span className="min-w-0">
                {question.about === 'open' ? (
                  <Say said={question.said} units={practice} />
                ) : (
                  <span className="basis-assumed">
                    <Assumed question={question} />
                  </span>
                )}
              </span>
              <span className="text-right text-xs text-soft">
                {question.openings.length} {question.openings.length === 1 ? 'opening' : 'openings'}
                <span className="block">{termText(`addressee.${question.goesTo}`)}</span>
              </span>
            </button>
          </li>
        ))}
      </ol>
    </section>
  );
}

/** What is assumed, in a few words: a role with what follows of it, or one value. */
function Assumed({ question: { assumed, fact, role } }: { question: ProjectQuestion }) {
  const { practice } = useProject();
  const [first] = assumed;
  if (!first) return null;
  const what = `${termText(`fact.${first.fact}`)}: ${valueWords(first.fact, first.value, practice)}`;
  const follows = assumed.length > 1 ? ', and what follows' : '';
  return fact !== 'role' && assumed.length > 1 && role
    ? `${capital(termText(`role.${role}`))} · ${what}${follows}`
    : `${what}${follows}`;
}

const capital = (text: string) => text[0]!.toUpperCase() + text.slice(1);
