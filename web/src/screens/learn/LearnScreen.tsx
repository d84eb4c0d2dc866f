import { useQuery } from '@tanstack/react-query';
import { Check, Link2, X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { toast } from 'sonner';
import {
  answered,
  exerciseOf,
  LEARNING_BENCHES,
  masteryOf,
  mergedProgress,
  nextSkill,
  phraseText,
  seedAt,
  skillOf,
  type Exercise,
  type LearningBench,
  type Progress,
  type Units,
} from '@riegel/core';
import { useKeys } from '../../base/keys.js';
import { Mark } from '../../parts/Mark.js';
import { useSession } from '../../base/session.js';
import { Say } from '../../parts/Say.js';
import { termText } from '../../base/words.js';
import { LearnPicture } from './LearnPicture.js';
import { dayNow, fetchedProgress, keepProgress, keptProgress } from './progress.js';

const METRIC: Units = { system: 'metric', denominator: 16 };

/** Questions of a teacher's series. */
const SERIES = 20;

const someSeed = () => crypto.getRandomValues(new Uint32Array(1))[0]!;
const isBench = (value: string | null): value is LearningBench =>
  (LEARNING_BENCHES as readonly (string | null)[]).includes(value);

/** Exercises for whoever wants to get better at what everybody gets wrong; open to all, without a project. */
export function LearnScreen() {
  const [search, setSearch] = useSearchParams();
  const bench = search.get('bench');
  const series = /^\d{1,9}$/.test(search.get('series') ?? '')
    ? Number(search.get('series'))
    : undefined;
  const session = useSession();
  // Demo people are whoever tries the demo: what they learn stays in their browser.
  const signedIn = session.data?.person != null && !session.data.demo;
  const [own, setOwn] = useState<Progress>(keptProgress);
  const fetched = useQuery({
    queryKey: ['learning'],
    queryFn: fetchedProgress,
    enabled: signedIn,
    staleTime: Infinity,
  });
  const progress = useMemo(() => mergedProgress(fetched.data ?? {}, own), [fetched.data, own]);
  const onAnswer = (one: Exercise, right: boolean) => {
    const after = answered(progress, `${one.bench}.${skillOf(one)}`, right, dayNow());
    setOwn(after);
    keepProgress(after, signedIn);
  };
  const chosen = isBench(bench);
  return (
    <div className="flex min-h-full flex-col">
      <header className="flex h-12 shrink-0 items-center gap-4 border-b-2 border-ink bg-paper px-4">
        <Link to="/" className="flex items-center gap-2 font-head text-lg font-bold">
          <Mark /> Riegel
        </Link>
        <Link to="/learn" className="font-head font-semibold hover:text-brass">
          Training
        </Link>
        {session.data?.person && (
          <span className="ml-auto text-soft">{session.data.person.name}</span>
        )}
      </header>
      <main className="mx-auto w-full max-w-5xl flex-1 px-5 py-5 max-sm:px-3">
        {chosen || series !== undefined ? (
          <Bench
            key={`${bench} ${series}`}
            bench={chosen ? bench : undefined}
            series={series}
            progress={progress}
            onAnswer={onAnswer}
            onEnd={() => setSearch({})}
          />
        ) : (
          <Choose progress={progress} onBench={(one) => setSearch({ bench: one })} />
        )}
      </main>
    </div>
  );
}

const ABOUT: Record<LearningBench, string> = {
  hand: 'A door from some side, in plan or as one stands before it: which hand is it, in which school?',
  lock: 'A wish in plain words: which function does it, and what do the others lack?',
  closer: 'A leaf that slams, creeps or stalls: which screw, which way?',
  gaps: 'A leaf that binds: which hinge is packed or let in?',
};

function Choose({
  progress,
  onBench,
}: {
  progress: Progress;
  onBench: (bench: LearningBench) => void;
}) {
  const [number, setNumber] = useState(() => String(1 + (someSeed() % 9999)));
  const address = `${window.location.origin}/learn?series=${number}`;
  return (
    <>
      <h1 className="text-2xl leading-8">Training</h1>
      <p className="mb-4 text-soft">
        Four things that everybody gets wrong, on made-up doors. The answers come from the same
        computation that decides projects; what was wrong comes again, what was right ever later.
      </p>
      <ul className="grid grid-cols-2 gap-3 max-sm:grid-cols-1">
        {LEARNING_BENCHES.map((bench) => {
          const { share, right, wrong } = masteryOf(progress, bench);
          return (
            <li key={bench}>
              <button
                className="sheet flex min-h-32 w-full flex-col gap-1 p-4 text-left hover:!border-brass"
                onClick={() => onBench(bench)}
              >
                <span className="text-xl">{termText(`learn.bench.${bench}`)}</span>
                <span className="flex-1 text-soft">{ABOUT[bench]}</span>
                <span className="flex w-full items-center gap-3">
                  <progress className="flex-1" value={share} max={1} aria-label="Learnt" />
                  <span className="text-soft tabular-nums">
                    {right + wrong === 0 ? 'not begun' : `${right} right, ${wrong} wrong`}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      <section aria-label="For teachers" className="mt-6 border-t border-rule pt-3">
        <h2 className="text-lg">For teachers</h2>
        <p className="text-soft">
          Everybody who opens this address gets the same {SERIES} questions in the same order.
        </p>
        <div className="mt-1 flex flex-wrap items-center gap-2">
          <label className="flex items-center gap-2">
            Number
            <input
              className="field w-24 text-right tabular-nums"
              inputMode="numeric"
              value={number}
              onChange={(event) => setNumber(event.target.value.replace(/\D/g, '').slice(0, 9))}
            />
          </label>
          <code className="break-all text-soft">{address}</code>
          <button
            className="button"
            disabled={number === ''}
            onClick={() =>
              void navigator.clipboard.writeText(address).then(
                () => toast.success('The address is copied.'),
                () => toast.error('This browser does not let it be copied: mark it by hand.'),
              )
            }
          >
            <Link2 size={16} /> Copy
          </button>
          <Link className="button" to={`/learn?series=${number || 1}`}>
            Open
          </Link>
        </div>
      </section>
    </>
  );
}

interface Score {
  right: number;
  wrong: number;
}

function Bench({
  bench,
  series,
  progress,
  onAnswer,
  onEnd,
}: {
  bench: LearningBench | undefined;
  series: number | undefined;
  progress: Progress;
  onAnswer: (one: Exercise, right: boolean) => void;
  onEnd: () => void;
}) {
  const [at, setAt] = useState(0);
  const [first] = useState(someSeed);
  const [score, setScore] = useState<Score>({ right: 0, wrong: 0 });
  const [given, setGiven] = useState<string | undefined>();
  const [skill, setSkill] = useState<string | undefined>(() =>
    bench && series === undefined ? nextSkill(progress, bench, dayNow()) : undefined,
  );
  const one = useMemo(() => {
    const which = bench ?? LEARNING_BENCHES[at % LEARNING_BENCHES.length]!;
    return series === undefined
      ? exerciseOf(which, seedAt(first, at), skill)
      : exerciseOf(which, seedAt(series, at));
  }, [bench, series, at, first, skill]);
  const over = series !== undefined && at >= SERIES;
  const give = (id: string) => {
    if (given !== undefined || over) return;
    const right = id === one.truth;
    setGiven(id);
    setScore((before) =>
      right ? { ...before, right: before.right + 1 } : { ...before, wrong: before.wrong + 1 },
    );
    onAnswer(one, right);
  };
  const next = () => {
    if (given === undefined) return;
    setGiven(undefined);
    setAt(at + 1);
    if (bench && series === undefined) setSkill(nextSkill(progress, bench, dayNow(), skillOf(one)));
  };
  useKeys({
    ...Object.fromEntries(one.choices.map(({ id }, index) => [String(index + 1), () => give(id)])),
    Enter: next,
    n: next,
  });
  if (over)
    return (
      <div className="py-8">
        <h1 className="text-2xl">Series {series} is done.</h1>
        <p className="text-lg tabular-nums" role="status">
          {score.right} of {SERIES} right
        </p>
        <button className="button primary mt-3 !h-12" onClick={onEnd}>
          To the benches
        </button>
      </div>
    );
  const mistake = one.choices.find(({ id }) => id === given)?.mistake;
  return (
    <article data-bench={one.bench} data-answered={given !== undefined}>
      <div className="mb-2 flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-lg">{termText(`learn.bench.${one.bench}`)}</h1>
        <span role="status" className="text-soft tabular-nums">
          {series !== undefined && `question ${at + 1} of ${SERIES}, `}
          {score.right} right, {score.wrong} wrong
        </span>
        <button className="button bare ml-auto" onClick={onEnd}>
          End
        </button>
      </div>
      <div className="grid grid-cols-2 gap-6 max-[800px]:grid-cols-1">
        <div className="sheet h-[60vh] min-h-72 p-2 max-[800px]:h-[38vh]">
          <LearnPicture exercise={one} given={given} units={METRIC} />
        </div>
        <div>
          <p className="mb-3 text-xl leading-7">
            <Say said={one.question} units={METRIC} />
          </p>
          <ol className="flex flex-col gap-2">
            {one.choices.map(({ id, say }, index) => {
              const shown = given !== undefined;
              const right = shown && id === one.truth;
              const wrong = shown && id === given && !right;
              return (
                <li key={id}>
                  <button
                    data-choice={id}
                    aria-pressed={id === given}
                    className={`flex min-h-12 w-full touch-manipulation items-center gap-3 rounded-sm border-2 px-3 py-2 text-left text-base ${right ? 'border-verdigris bg-wash font-semibold' : wrong ? 'border-oxide bg-wash' : 'border-rule bg-sheet hover:border-brass'}`}
                    disabled={shown}
                    onClick={() => give(id)}
                  >
                    <kbd className="text-soft">{index + 1}</kbd>
                    <span className="flex-1">{phraseText(say, METRIC)}</span>
                    {right && <Check size={20} className="text-verdigris" />}
                    {wrong && <X size={20} className="text-oxide" />}
                  </button>
                </li>
              );
            })}
          </ol>
          {given !== undefined && (
            <div className="mt-4" aria-live="polite" data-right={given === one.truth}>
              <p className={`text-lg ${given === one.truth ? 'text-verdigris' : 'text-oxide'}`}>
                {given === one.truth ? 'Right.' : 'Wrong.'}
              </p>
              {mistake && (
                <p>
                  <Say said={mistake} units={METRIC} />
                </p>
              )}
              {one.why.map((said, index) => (
                <p key={index}>
                  <Say said={said} units={METRIC} />
                </p>
              ))}
              <button className="button primary mt-3 !h-12" onClick={next}>
                Next <kbd className="ml-2 opacity-70">Enter</kbd>
              </button>
            </div>
          )}
        </div>
      </div>
    </article>
  );
}
