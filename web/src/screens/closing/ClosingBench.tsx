import { useMemo, useState } from 'react';
import {
  closingBench,
  closingRun,
  findSettings,
  fitRun,
  openingRun,
  runFaults,
  turnsBetween,
  type ClosingBench as Bench,
  type CloserSettings,
  type FittedRun,
} from '@riegel/core';
import { useSession } from '../../base/session.js';
import { useOpeningPage } from '../../opening/page.js';
import { Slider } from '../../parts/Slider.js';
import { AngleChart, SpeedChart } from './ClosingChart.js';
import { useRecorder, type Recording } from '../../devices/useRecorder.js';
import { FAULTS, turnsText, turnText } from './words.js';

/** The closer of an opening on a bench: spring and valves turned by hand, what the leaf does by it. */
export function ClosingBench() {
  const { decided } = useOpeningPage();
  const bench = closingBench(decided.facts, decided.practice, decided.results);
  if (!bench)
    return (
      <p className="m-auto max-w-72 p-6 text-center text-soft">
        {decided.results.closing.closes === false
          ? 'Nothing closes this leaf by itself.'
          : 'Closer, size or mass are open: the bench wants all three.'}
      </p>
    );
  return <BenchOf key={JSON.stringify(bench)} bench={bench} />;
}

function BenchOf({ bench }: { bench: Bench }) {
  const { leaf, makeup, times } = bench;
  const [settings, setSettings] = useState<CloserSettings>(bench.settings);
  const session = useSession();
  const recording = useRecorder(session.data?.tape);
  const run = useMemo(() => closingRun(leaf, settings, makeup), [leaf, settings, makeup]);
  const faults = runFaults(run, settings, makeup, times);
  const opens = openingRun(leaf, settings, makeup);
  const fitted = useMemo(
    () =>
      recording.state === 'ready' && recording.samples.length > 0
        ? fitRun(recording.samples, leaf, bench.settings, makeup)
        : undefined,
    [recording.state, recording.samples, leaf, bench.settings, makeup],
  );
  const wanted = useMemo(
    () => (fitted ? findSettings(leaf, fitted.settings, makeup, times) : undefined),
    [fitted, leaf, makeup, times],
  );
  const set = (part: keyof CloserSettings) => (value: number) =>
    setSettings((held) => ({ ...held, [part]: value }));
  const seconds = (value: number | undefined) =>
    value === undefined ? '–' : `${value.toFixed(1)} s`;
  return (
    <div className="flex min-h-full flex-col gap-2 p-3" aria-label="Closer bench">
      <div className="grid flex-1 grid-rows-[minmax(190px,3fr)_minmax(130px,2fr)] gap-2">
        <figure className="sheet flex min-h-0 flex-col p-1" aria-label="Angle over time">
          <figcaption className="px-2 text-xs text-soft">
            Angle over time; green: {times.sweepFrom} to {times.sweepTo} s to {makeup.latchFrom}°
          </figcaption>
          <div className="min-h-0 flex-1">
            <AngleChart
              run={fitted ? fitted.run : run}
              samples={recording.samples.length > 0 ? measuredOf(recording, fitted) : undefined}
              makeup={makeup}
              times={times}
            />
          </div>
        </figure>
        <figure className="sheet flex min-h-0 flex-col p-1" aria-label="Edge speed over angle">
          <figcaption className="px-2 text-xs text-soft">
            Speed of the lock edge, m/s; dashed: a slam
          </figcaption>
          <div className="min-h-0 flex-1">
            <SpeedChart run={run} times={times} />
          </div>
        </figure>
      </div>
      <div className="grid gap-x-6 gap-y-1 @2xl:grid-cols-2">
        <Turned
          name="Spring"
          value={settings.spring}
          shown={`${turnsText(settings.spring)} turns on`}
          min={0}
          max={makeup.springTurns}
          step={0.5}
          onChange={set('spring')}
        />
        <Turned
          name="Sweep valve"
          value={settings.sweep}
          shown={`${turnsText(settings.sweep)} open`}
          min={0.25}
          max={5}
          step={0.125}
          onChange={set('sweep')}
        />
        <Turned
          name="Latch valve"
          value={settings.latch}
          shown={`${turnsText(settings.latch)} open`}
          min={0.25}
          max={5}
          step={0.125}
          onChange={set('latch')}
        />
        <Turned
          name="Back-check valve"
          value={settings.backCheck}
          shown={`${turnsText(settings.backCheck)} open`}
          min={0.25}
          max={5}
          step={0.125}
          onChange={set('backCheck')}
        />
      </div>
      <div className="flex flex-wrap items-baseline gap-x-6 gap-y-1 border-t border-rule pt-2">
        <Shown name="90° to 12°">{seconds(run.sweep)}</Shown>
        <Shown name="Last part">{seconds(run.latch)}</Shown>
        <Shown name="Edge as it shuts">{run.slam.toFixed(2)} m/s</Shown>
        <Shown name="Thrown open it runs to">{opens.toFixed(0)}°</Shown>
        {run.stalledAt !== undefined && (
          <Shown name="It stands at">{run.stalledAt.toFixed(1)}°</Shown>
        )}
        <button
          type="button"
          className="button ml-auto"
          onClick={() => setSettings(findSettings(leaf, bench.settings, makeup, times).settings)}
        >
          Find settings
        </button>
        <button type="button" className="button" onClick={() => setSettings(bench.settings)}>
          As from the factory
        </button>
      </div>
      <p role="status" className={faults.length > 0 ? 'text-oxide' : 'text-verdigris'}>
        {faults.length > 0
          ? faults.map((fault) => FAULTS[fault]).join(' ')
          : 'It latches, and keeps its times.'}
      </p>
      <Recorder recording={recording} fitted={fitted} bench={bench} wanted={wanted?.settings} />
    </div>
  );
}

/** The measured curve, from where the leaf was let go once that is known. */
function measuredOf(recording: Recording, fitted: FittedRun | undefined) {
  return fitted ? fitted.samples : recording.samples;
}

function Turned({
  name,
  value,
  shown,
  min,
  max,
  step,
  onChange,
}: {
  name: string;
  value: number;
  shown: string;
  min: number;
  max: number;
  step: number;
  onChange: (value: number) => void;
}) {
  return (
    <div className="flex items-center gap-2">
      <span className="w-32 shrink-0 text-soft">{name}</span>
      <Slider label={name} min={min} max={max} step={step} value={value} onChange={onChange} />
      <span className="w-24 shrink-0 text-right">{shown}</span>
    </div>
  );
}

function Shown({ name, children }: { name: string; children: React.ReactNode }) {
  return (
    <span className="whitespace-nowrap">
      <span className="text-soft">{name}</span> <b className="font-semibold">{children}</b>
    </span>
  );
}

/** What the recorder on the leaf measured, and which screw to turn by that. */
function Recorder({
  recording,
  fitted,
  bench,
  wanted,
}: {
  recording: Recording;
  fitted: FittedRun | undefined;
  bench: Bench;
  wanted: CloserSettings | undefined;
}) {
  if (recording.state === 'none') return null;
  const turns = fitted && wanted ? turnsBetween(fitted.settings, wanted) : [];
  return (
    <section aria-label="Closing recorder" className="border-t border-rule pt-2">
      <p className="text-soft" data-recorder={recording.state}>
        {recording.state === 'looking'
          ? 'Looking for the closing recorder.'
          : recording.state === 'reading'
            ? 'The leaf closes …'
            : recording.samples.length === 0
              ? 'The closing recorder listens: open the leaf to 90° and let it go.'
              : `${recording.samples.length} readings, ${recording.lost} lost.`}
      </p>
      {fitted && (
        <>
          <p>
            Measured: sweep about {turnsText(fitted.settings.sweep)}, latch about{' '}
            {turnsText(fitted.settings.latch)} turns open as this closer goes; curve and model
            differ by {fitted.off.toFixed(1)}°.
            {fitted.off > 4 &&
              ' That is much: another spring, friction or pressure than the bench knows of.'}
          </p>
          {turns.length === 0 ? (
            <p className="text-verdigris">Nothing to turn.</p>
          ) : (
            <ol className="mt-1 list-decimal pl-5" aria-label="What to turn">
              {turns.map((turn) => (
                <li key={turn.part}>{turnText(turn)}.</li>
              ))}
              <li>
                Let it go again and measure: a quarter turn at a time, never beyond{' '}
                {turnsText(bench.makeup.most)} turns open.
              </li>
            </ol>
          )}
          <button type="button" className="button mt-1" onClick={recording.clear}>
            Measure anew
          </button>
        </>
      )}
    </section>
  );
}
