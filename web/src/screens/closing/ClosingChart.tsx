import {
  CartesianGrid,
  Line,
  LineChart,
  ReferenceArea,
  ReferenceLine,
  ResponsiveContainer,
  Tooltip,
  XAxis,
  YAxis,
} from 'recharts';
import type { ClosingRun, ClosingTimes, CloserMakeup, Sample } from '@riegel/core';

const INK = 'var(--color-ink)';
const TICK = { fill: 'var(--color-soft)', fontSize: 11 };

/** Angle over time: model and measured curve, the latch zone, the times that are wanted of the sweep. */
export function AngleChart({
  run,
  samples,
  makeup,
  times,
}: {
  run: ClosingRun;
  samples: readonly Sample[] | undefined;
  makeup: CloserMakeup;
  times: ClosingTimes;
}) {
  const end = Math.max(run.points.at(-1)?.at ?? 0, samples?.at(-1)?.at ?? 0, times.sweepTo + 1);
  return (
    <ResponsiveContainer width="100%" height="100%">
      <LineChart margin={{ top: 8, right: 12, bottom: 4, left: -12 }}>
        <CartesianGrid stroke="var(--color-rule)" />
        <XAxis
          type="number"
          dataKey="at"
          domain={[0, Math.ceil(end)]}
          tick={TICK}
          unit=" s"
          allowDuplicatedCategory={false}
        />
        <YAxis type="number" domain={[0, 90]} ticks={[0, 12, 30, 60, 90]} tick={TICK} unit="°" />
        <ReferenceArea
          x1={times.sweepFrom}
          x2={times.sweepTo}
          y1={0}
          y2={makeup.latchFrom}
          fill="var(--color-verdigris)"
          fillOpacity={0.18}
        />
        <ReferenceLine y={makeup.latchFrom} stroke="var(--color-soft)" strokeDasharray="4 3" />
        <Tooltip
          formatter={(value) => `${Number(value).toFixed(1)}°`}
          labelFormatter={(label) => `${Number(label).toFixed(2)} s`}
        />
        <Line
          data={[...run.points]}
          dataKey="degrees"
          name="model"
          dot={false}
          stroke={INK}
          strokeWidth={2}
          isAnimationActive={false}
        />
        {samples && (
          <Line
            data={[...samples]}
            dataKey="degrees"
            name="measured"
            dot={{ r: 1.2, fill: 'var(--color-slate)', stroke: 'none' }}
            stroke="var(--color-slate)"
            strokeWidth={0.75}
            isAnimationActive={false}
          />
        )}
      </LineChart>
    </ResponsiveContainer>
  );
}

/** Edge speed over the angle, from open to shut, and what is a slam. */
export function SpeedChart({ run, times }: { run: ClosingRun; times: ClosingTimes }) {
  return (
    <ResponsiveContainer width="100%" height="100%">
      <LineChart data={[...run.points]} margin={{ top: 8, right: 12, bottom: 4, left: -12 }}>
        <CartesianGrid stroke="var(--color-rule)" />
        <XAxis type="number" dataKey="degrees" domain={[0, 90]} reversed tick={TICK} unit="°" />
        <YAxis type="number" domain={[0, 'auto']} tick={TICK} />
        <ReferenceLine
          y={times.slam}
          stroke="var(--color-oxide)"
          strokeDasharray="4 3"
          ifOverflow="extendDomain"
        />
        <Tooltip
          formatter={(value) => `${Number(value).toFixed(2)} m/s`}
          labelFormatter={(label) => `${Number(label).toFixed(0)}°`}
        />
        <Line
          dataKey="edge"
          name="edge"
          dot={false}
          stroke={INK}
          strokeWidth={2}
          isAnimationActive={false}
        />
      </LineChart>
    </ResponsiveContainer>
  );
}
