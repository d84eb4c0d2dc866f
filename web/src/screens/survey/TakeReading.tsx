import { Check, Radio, SkipForward } from 'lucide-react';
import { useCallback, useEffect, useRef, useState } from 'react';
import {
  MAX_HINGES,
  mm,
  parseLength,
  phraseText,
  questionOf,
  choiceText,
  readingText,
  type Practice,
  type Reading,
  type ReadingKind,
  type Survey,
} from '@riegel/core';
import { CheckBox } from '../../parts/CheckBox.js';
import { Keypad } from '../../parts/Keypad.js';
import { holdText, readingName } from './readingNames.js';
import { useTape, type TapeState } from '../../devices/useTape.js';

export type Taken = Pick<Reading, 'value' | 'skipped' | 'how'>;

const SKIP_REASONS = ['cannot be reached', 'covered up', 'not there', 'not needed'];

/** The reading to take now: where to hold the tape, its keys, its question when it cannot be. */
export function TakeReading({
  kind,
  survey,
  practice,
  tapeUrl,
  canEdit,
  onTake,
}: {
  kind: ReadingKind;
  survey: Survey;
  practice: Practice;
  tapeUrl: string | null | undefined;
  canEdit: boolean;
  onTake: (taken: Taken) => void;
}) {
  const before = survey.held.get(kind.name);
  const [told, setTold] = useState(false);
  const take = (taken: Taken) =>
    onTake(told && taken.skipped === undefined ? { ...taken, how: 'told' } : taken);
  return (
    <section aria-label="Reading" className="flex min-h-0 flex-col gap-2">
      <div>
        <h2 className="text-2xl leading-7" data-reading={kind.name}>
          {readingName(kind)}
        </h2>
        <p className="min-h-10 text-soft">{holdText(kind)}</p>
        {before && (
          <p className="text-xs text-slate">
            read before: {readingText(before, practice)}, {before.by}
          </p>
        )}
      </div>
      {canEdit &&
        (kind.type === 'length' || kind.type === 'lean' ? (
          <TakeLength
            key={kind.name}
            kind={kind}
            survey={survey}
            practice={practice}
            tapeUrl={tapeUrl}
            onTake={take}
          />
        ) : kind.type === 'text' ? (
          <TakeText key={kind.name} onTake={take} />
        ) : (
          <div className="grid grid-cols-2 gap-2">
            {(kind.type === 'count'
              ? Array.from({ length: MAX_HINGES }, (_, index) => index + 1)
              : kind.options!
            ).map((value) => (
              <button
                key={value}
                type="button"
                className="button !h-14 justify-center text-lg"
                onClick={() => take({ value, how: 'tape' })}
              >
                {typeof value === 'number' ? value : choiceText(value, practice)}
              </button>
            ))}
          </div>
        ))}
      {canEdit && (
        <CheckBox className="min-h-11" checked={told} onChange={setTold}>
          told, not measured
        </CheckBox>
      )}
      {canEdit && <Skip key={`skip ${kind.name}`} onTake={take} />}
    </section>
  );
}

function TakeText({ onTake }: { onTake: (taken: Taken) => void }) {
  const [text, setText] = useState('');
  return (
    <div className="flex flex-col gap-2">
      <textarea
        className="field !h-24 w-full py-2 text-lg"
        aria-label="What it says"
        maxLength={300}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <button
        type="button"
        className="button primary !h-14 justify-center text-xl"
        disabled={text.trim() === ''}
        onClick={() => onTake({ value: text.trim(), how: 'tape' })}
      >
        <Check size={24} /> Take
      </button>
    </div>
  );
}

function TakeLength({
  kind,
  survey,
  practice,
  tapeUrl,
  onTake,
}: {
  kind: ReadingKind;
  survey: Survey;
  practice: Practice;
  tapeUrl: string | null | undefined;
  onTake: (taken: Taken) => void;
}) {
  const { system } = practice;
  const [typed, setTyped] = useState('');
  const [sent, setSent] = useState<{ ticks: number; lost: number } | undefined>();
  const [doubt, setDoubt] = useState<string | undefined>();
  const [fault, setFault] = useState('');
  const input = useRef<HTMLInputElement>(null);
  useEffect(() => input.current?.focus(), []);

  const type = (text: string) => {
    setTyped(text);
    setSent(undefined);
    setDoubt(undefined);
    setFault('');
  };
  const ticksOf = (): number | undefined => {
    if (sent) return sent.ticks;
    const minus = kind.type === 'lean' && typed.trim().startsWith('-');
    const read = parseLength(minus ? typed.trim().slice(1) : typed, system);
    if (!read.ok) {
      setFault(phraseText(read.fault, { system }));
      return undefined;
    }
    return minus ? -read.value : read.value;
  };
  const take = (sure: boolean) => {
    const ticks = ticksOf();
    if (ticks === undefined) return;
    const question = questionOf(kind.name, ticks, survey, practice);
    if (question && !sure) {
      setDoubt(phraseText(question, { system, denominator: practice.denominator }));
      return;
    }
    onTake({ value: ticks, how: sent ? 'digital' : 'tape' });
  };
  const onTape = useCallback(({ millimetres }: { millimetres: number }, lost: number) => {
    const ticks = mm(millimetres);
    setSent({ ticks, lost });
    setDoubt(undefined);
    setFault('');
    setTyped('');
  }, []);
  const tape = useTape(tapeUrl, onTape);
  const shown = sent
    ? readingText(
        { id: '', name: kind.name, value: sent.ticks, how: 'digital', by: '', at: '' },
        practice,
      )
    : typed;
  return (
    <div className="flex flex-col gap-2">
      <div className="flex items-stretch gap-2">
        <input
          ref={input}
          inputMode="none"
          aria-label={`${readingName(kind)}, value`}
          aria-invalid={fault !== ''}
          className={`field !h-16 min-w-0 flex-1 text-right text-4xl tabular-nums ${sent ? 'basis-measured' : ''}`}
          value={shown}
          onChange={(event) => type(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              event.preventDefault();
              take(doubt !== undefined);
            }
          }}
        />
        <span className="self-center text-xl text-soft">
          {sent ? '' : system === 'inch' ? 'in' : 'mm'}
        </span>
      </div>
      <TapeNote state={tape} sent={sent} />
      {fault && (
        <p role="alert" className="text-oxide">
          {fault}
        </p>
      )}
      {doubt ? (
        <div role="alert" className="border-l-4 border-ochre bg-wash px-3 py-2">
          <p className="text-lg">{doubt}</p>
          <div className="mt-2 grid grid-cols-2 gap-2">
            <button
              type="button"
              className="button !h-14 justify-center text-lg"
              onClick={() => take(true)}
            >
              It is right
            </button>
            <button
              type="button"
              className="button primary !h-14 justify-center text-lg"
              onClick={() => type('')}
            >
              Measure again
            </button>
          </div>
        </div>
      ) : (
        <>
          <Keypad
            system={system}
            signed={kind.type === 'lean'}
            typed={sent ? '' : typed}
            onTyped={type}
          />
          <button
            type="button"
            className="button primary !h-16 justify-center text-2xl"
            disabled={shown.trim() === ''}
            onClick={() => take(false)}
          >
            <Check size={28} /> Take
          </button>
        </>
      )}
    </div>
  );
}

function TapeNote({ state, sent }: { state: TapeState; sent: { lost: number } | undefined }) {
  if (state === 'none') return null;
  return (
    <p className="flex items-center gap-1.5 text-xs text-soft" data-tape={state}>
      <Radio size={14} className={state === 'here' ? 'text-verdigris' : 'text-rule'} />
      {state === 'looking'
        ? 'looking for the digital tape'
        : sent
          ? sent.lost > 0
            ? `from the digital tape; ${sent.lost} reading${sent.lost === 1 ? '' : 's'} before it did not arrive`
            : 'from the digital tape'
          : 'the digital tape is here: press its button'}
    </p>
  );
}

function Skip({ onTake }: { onTake: (taken: Taken) => void }) {
  const [open, setOpen] = useState(false);
  const [other, setOther] = useState('');
  if (!open)
    return (
      <button
        type="button"
        className="button !h-11 justify-center text-soft"
        onClick={() => setOpen(true)}
      >
        <SkipForward size={18} /> Leave it out …
      </button>
    );
  const skip = (reason: string) => onTake({ skipped: reason, how: 'tape' });
  return (
    <div className="grid grid-cols-2 gap-2">
      {SKIP_REASONS.map((reason) => (
        <button
          key={reason}
          type="button"
          className="button !h-12 justify-center"
          onClick={() => skip(reason)}
        >
          {reason}
        </button>
      ))}
      <form
        className="col-span-2 flex gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          if (other.trim()) skip(other.trim());
        }}
      >
        <input
          className="field !h-12 min-w-0 flex-1"
          aria-label="Another reason"
          placeholder="another reason"
          maxLength={200}
          value={other}
          onChange={(event) => setOther(event.target.value)}
        />
        <button className="button !h-12">Leave out</button>
      </form>
    </div>
  );
}
