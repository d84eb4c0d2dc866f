import { useMemo } from 'react';
import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  XAxis,
  YAxis,
} from 'recharts';
import {
  closingRun,
  derivedProperties,
  gapDrawing,
  gapsAfter,
  handDrawing,
  type ClosingRun,
  type Exercise,
  type Units,
} from '@riegel/core';
import { LockBench } from '../../lock/LockBench.js';
import { ModelView } from '../../drawing/ModelView.js';
import { termText } from '../../base/words.js';

const TICK = { fill: 'var(--color-soft)', fontSize: 11 };

/** What a question shows; after the answer, what that answer comes to. */
export function LearnPicture({
  exercise,
  given,
  units,
}: {
  exercise: Exercise;
  given: string | undefined;
  units: Units;
}) {
  const { picture } = exercise;
  switch (picture.kind) {
    case 'hand':
      return <HandPicture picture={picture} units={units} />;
    case 'lock':
      return <LockPicture picture={picture} given={given} truth={exercise.truth} />;
    case 'closer':
      return <CloserPicture picture={picture} given={given} />;
    case 'gaps':
      return <GapsPicture picture={picture} given={given} units={units} />;
  }
}

type Shown<K> = Extract<Exercise['picture'], { kind: K }>;

function HandPicture({ picture: { hand, seen }, units }: { picture: Shown<'hand'>; units: Units }) {
  const model = useMemo(() => handDrawing(hand, seen), [hand, seen]);
  return (
    <ModelView
      model={model}
      units={units}
      title={
        seen.view === 'plan'
          ? 'A door in plan; you stand at the foot'
          : 'A door as you stand before it'
      }
    />
  );
}

const PROPERTIES = [
  'canStayOpen',
  'locksItself',
  'locksFromInside',
  'locksFromOutside',
  'freeOut',
  'canTrap',
  'emergencyEnters',
  'canLockOut',
] as const;

/** The functions side by side by what follows from them: nothing before the answer but their names. */
function LockPicture({
  picture: { specs },
  given,
  truth,
}: {
  picture: Shown<'lock'>;
  given: string | undefined;
  truth: string;
}) {
  if (given === undefined)
    return (
      <div className="flex h-full items-center justify-center p-6 text-center text-soft">
        What each function does is shown after your answer, from its machine run through every
        state.
      </div>
    );
  const ids = [truth, ...(given === truth ? [] : [given])];
  return (
    <div className="h-full overflow-auto" tabIndex={0} role="region" aria-label="The functions">
      <table className="w-full" aria-label="What follows from the functions">
        <thead>
          <tr className="text-left align-bottom">
            <th />
            {ids.map((id) => (
              <th key={id} className="w-32 px-2 text-sm">
                {termText(`lock.${id}`)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {PROPERTIES.map((name) => (
            <tr key={name} className="border-t border-rule">
              <th className="py-1.5 text-left font-normal">{termText(`learn.property.${name}`)}</th>
              {ids.map((id) => (
                <td key={id} className="px-2 font-semibold">
                  {derivedProperties(specs[id]!)[name] ? 'yes' : 'no'}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <h2 className="caps mt-4 mb-1">Work it: {termText(`lock.${given}`)}</h2>
      <LockBench key={given} spec={specs[given]!} />
    </div>
  );
}

function CloserPicture({
  picture: { bench, settings, after },
  given,
}: {
  picture: Shown<'closer'>;
  given: string | undefined;
}) {
  const now = useMemo(() => closingRun(bench.leaf, settings, bench.makeup), [bench, settings]);
  const then = useMemo(
    () => (given === undefined ? undefined : closingRun(bench.leaf, after[given]!, bench.makeup)),
    [bench, after, given],
  );
  const seconds = (run: ClosingRun) =>
    [
      `sweep ${run.sweep === undefined ? 'not reached' : `${run.sweep.toFixed(1)} s`}`,
      `latch ${run.latch === undefined ? 'not reached' : `${run.latch.toFixed(1)} s`}`,
      run.latched ? 'latches' : 'does not latch',
    ].join(', ');
  const points = (run: ClosingRun) => run.points.map(({ at, degrees }) => ({ at, degrees }));
  const { makeup, times } = bench;
  return (
    <div className="flex h-full flex-col">
      <p className="px-1 text-soft tabular-nums">
        as it is: {seconds(now)}; valves open: sweep {settings.sweep.toFixed(2)}, latch{' '}
        {settings.latch.toFixed(2)} turns
      </p>
      {then && <p className="px-1 tabular-nums">after your answer: {seconds(then)}</p>}
      <div className="min-h-0 flex-1">
        <ResponsiveContainer width="100%" height="100%">
          <LineChart margin={{ top: 8, right: 12, bottom: 4, left: -16 }}>
            <CartesianGrid stroke="var(--color-rule)" />
            <XAxis
              dataKey="at"
              type="number"
              domain={[0, 'dataMax']}
              allowDuplicatedCategory={false}
              tick={TICK}
              tickFormatter={(value: number) => `${value.toFixed(0)} s`}
            />
            <YAxis domain={[0, 90]} ticks={[0, 12, 30, 60, 90]} tick={TICK} unit="°" />
            <ReferenceLine y={makeup.latchFrom} stroke="var(--color-soft)" strokeDasharray="4 3" />
            <ReferenceArea
              x1={times.sweepFrom}
              x2={times.sweepTo}
              y1={0}
              y2={makeup.latchFrom}
              fill="var(--verdigris)"
              fillOpacity={0.14}
            />
            <Line
              data={points(now)}
              dataKey="degrees"
              stroke="var(--color-ink)"
              dot={false}
              strokeWidth={2}
              isAnimationActive={false}
              name="as it is"
            />
            {then && (
              <Line
                data={points(then)}
                dataKey="degrees"
                stroke="var(--brass-solid)"
                dot={false}
                strokeWidth={2.5}
                isAnimationActive={false}
                name="after"
              />
            )}
          </LineChart>
        </ResponsiveContainer>
      </div>
    </div>
  );
}

function GapsPicture({
  picture: { bench, gaps, moves },
  given,
  units,
}: {
  picture: Shown<'gaps'>;
  given: string | undefined;
  units: Units;
}) {
  const model = useMemo(() => {
    const shown = given === undefined ? gaps : gapsAfter(gaps, bench.geometry, moves[given]!);
    return gapDrawing(bench.geometry, bench.wanted, shown, units.system);
  }, [bench, gaps, moves, given, units]);
  return (
    <ModelView
      model={model}
      units={units}
      title={given === undefined ? 'The gaps as they were read' : 'The gaps after your answer'}
    />
  );
}
