import {
  closingRun,
  type ClosingLeaf,
  type ClosingRun,
  type CloserMakeup,
  type CloserSettings,
  type RunPoint,
} from './run.js';

/** What a run shall keep: seconds of each zone, and the edge speed that is a slam, m/s. */
export interface ClosingTimes {
  sweepFrom: number;
  sweepTo: number;
  latchFrom: number;
  latchTo: number;
  slam: number;
}

/** What of a run is not as it shall be. */
export type RunFault =
  'stalls' | 'sweepFast' | 'sweepSlow' | 'latchFast' | 'latchSlow' | 'slams' | 'oil';

/** Holds a run, and how far its valves are open, against what is wanted. */
export function runFaults(
  run: ClosingRun,
  settings: CloserSettings,
  makeup: CloserMakeup,
  times: ClosingTimes,
): RunFault[] {
  const faults: RunFault[] = [];
  if (run.stalledAt !== undefined) faults.push('stalls');
  if (run.sweep !== undefined && run.sweep < times.sweepFrom) faults.push('sweepFast');
  if (run.sweep === undefined ? run.stalledAt === undefined : run.sweep > times.sweepTo)
    faults.push('sweepSlow');
  if (run.latch !== undefined && run.latch < times.latchFrom) faults.push('latchFast');
  if (run.latch === undefined ? runsOut(run) : run.latch > times.latchTo) faults.push('latchSlow');
  if (run.slam > times.slam) faults.push('slams');
  if (Math.max(settings.sweep, settings.latch, settings.backCheck) > makeup.most)
    faults.push('oil');
  return faults;
}

/** Whether it was still on its way in the last zone when the time was up. */
function runsOut({ sweep, latched, stalledAt }: ClosingRun): boolean {
  return sweep !== undefined && !latched && stalledAt === undefined;
}

/** Turns are found to an eighth: nobody sets a valve finer by hand. */
const GRAIN = 8;
const rounded = (turns: number) => Math.round(turns * GRAIN) / GRAIN;
const LEAST = 1 / GRAIN;

/** The opening of a valve at which a falling measure comes to what is wanted. */
function bisect(of: (turns: number) => number | undefined, wanted: number, most: number): number {
  let [low, high] = [LEAST, most];
  for (let step = 0; step < 12; step++) {
    const middle = (low + high) / 2;
    if ((of(middle) ?? Infinity) > wanted) low = middle;
    else high = middle;
  }
  return rounded(high);
}

/** Settings that keep the times, within safe turns; undefined where the closer cannot. */
export interface Tuned {
  settings: CloserSettings;
  run: ClosingRun;
  faults: readonly RunFault[];
}

/**
 * Finds settings as one tunes by hand: the spring until it latches with a brisk last zone, then sweep, then
 * latch to the middle of their times. What cannot be kept stays among the faults.
 */
export function findSettings(
  leaf: ClosingLeaf,
  start: CloserSettings,
  makeup: CloserMakeup,
  times: ClosingTimes,
): Tuned {
  const runs = (settings: CloserSettings) => closingRun(leaf, settings, makeup);
  const latches = (spring: number) => runs({ ...start, spring, latch: makeup.factory }).latched;
  let { spring } = start;
  while (!latches(spring) && spring < makeup.springTurns)
    spring = Math.min(spring + 0.5, makeup.springTurns);
  const wound = { ...start, spring };
  const sweep = bisect(
    (turns) => runs({ ...wound, sweep: turns, latch: makeup.factory }).sweep,
    (times.sweepFrom + times.sweepTo) / 2,
    makeup.most,
  );
  const latch = bisect(
    (turns) => {
      const { latch: took, latched } = runs({ ...wound, sweep, latch: turns });
      return latched ? took : undefined;
    },
    Math.min((times.latchFrom + times.latchTo) / 2, 2),
    makeup.most,
  );
  const settings = { ...wound, sweep, latch };
  const run = runs(settings);
  return { settings, run, faults: runFaults(run, settings, makeup, times) };
}

/** Which part is turned, which way and by how many turns; clockwise slows a valve and winds a spring. */
export interface Turn {
  part: 'spring' | 'sweep' | 'latch' | 'backCheck';
  way: 'clockwise' | 'counter-clockwise';
  turns: number;
}

/** The turns from some settings to others, in the order of tuning. */
export function turnsBetween(from: CloserSettings, to: CloserSettings): Turn[] {
  return (['spring', 'sweep', 'latch', 'backCheck'] as const).flatMap((part): Turn[] => {
    const by = rounded(to[part] - from[part]);
    if (by === 0) return [];
    const clockwise = part === 'spring' ? by > 0 : by < 0;
    return [{ part, way: clockwise ? 'clockwise' : 'counter-clockwise', turns: Math.abs(by) }];
  });
}

/** One reading of a closing recorder: seconds since it began to read, degrees open. */
export type Sample = Pick<RunPoint, 'at' | 'degrees'>;

/** What a measured curve tells: how the valves must stand, and how well that fits. */
export interface FittedRun {
  settings: CloserSettings;
  run: ClosingRun;
  /** Root mean square of what measured and model differ, degrees. */
  off: number;
  /** The measured curve from where the leaf was let go. */
  samples: readonly Sample[];
}

/** Readings from the instant the leaf began to fall; noise before that is left out. */
export function fromRelease(samples: readonly Sample[]): Sample[] {
  const ordered = [...samples].sort((a, b) => a.at - b.at);
  const highest = Math.max(...ordered.slice(0, 10).map(({ degrees }) => degrees));
  const first = ordered.findIndex(({ degrees }) => degrees < highest - RELEASED);
  const begin = Math.max(0, first - 1);
  const zero = ordered[begin]?.at ?? 0;
  return ordered.slice(begin).map(({ at, degrees }) => ({ at: at - zero, degrees }));
}

/** Degrees that a leaf must have fallen to count as let go. */
const RELEASED = 0.8;

/** The angle of a run at an instant, between its points. */
export function angleAt(points: readonly RunPoint[], at: number): number {
  let low = 0;
  let high = points.length - 1;
  if (at >= points[high]!.at) return points[high]!.degrees;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (points[middle]!.at <= at) low = middle;
    else high = middle;
  }
  const [a, b] = [points[low]!, points[high]!];
  return a.degrees + ((b.degrees - a.degrees) * (at - a.at)) / (b.at - a.at || 1);
}

/**
 * Fits the model to a measured curve: how sweep and latch valve must stand for the leaf to have moved so.
 * Dropped samples are no matter; undefined with fewer than ten.
 */
export function fitRun(
  samples: readonly Sample[],
  leaf: ClosingLeaf,
  start: CloserSettings,
  makeup: CloserMakeup,
): FittedRun | undefined {
  const measured = fromRelease(samples);
  if (measured.length < 10) return undefined;
  const from = Math.max(...measured.slice(0, 3).map(({ degrees }) => degrees));
  const run = (settings: CloserSettings) => closingRun(leaf, settings, makeup, { from });
  // The last zone is judged by the time it takes, whatever the zone before took.
  const entered = measured.find(({ degrees }) => degrees <= makeup.latchFrom)?.at;
  const inSweep = measured.filter(({ degrees }) => degrees > makeup.latchFrom);
  const inLatch =
    entered === undefined
      ? []
      : measured
          .filter(({ at }) => at >= entered)
          .map(({ at, degrees }) => ({ at: at - entered, degrees }));
  const sweep = minimise((turns) => {
    const { points } = run({ ...start, sweep: turns, latch: makeup.factory });
    return misfit(inSweep, (at) => Math.max(makeup.latchFrom, angleAt(points, at)));
  }, makeup.most * 1.3);
  const latch =
    inLatch.length < 4
      ? start.latch
      : minimise((turns) => {
          const one = run({ ...start, sweep, latch: turns });
          const begins = one.sweep;
          return begins === undefined
            ? Infinity
            : misfit(inLatch, (at) => angleAt(one.points, begins + at));
        }, makeup.most * 1.3);
  const settings = { ...start, sweep, latch };
  const fitted = run(settings);
  return {
    settings,
    run: fitted,
    off: Math.sqrt(misfit(measured, (at) => angleAt(fitted.points, at))),
    samples: measured,
  };
}

/** Mean square of what readings and a curve differ. */
function misfit(samples: readonly Sample[], curve: (at: number) => number): number {
  if (samples.length === 0) return 0;
  return (
    samples.reduce((sum, { at, degrees }) => sum + (curve(at) - degrees) ** 2, 0) / samples.length
  );
}

/** The opening at which a measure with one valley is least: a coarse look, then golden section. */
function minimise(of: (turns: number) => number, most: number): number {
  const steps = 14;
  let best = LEAST;
  let least = Infinity;
  for (let step = 0; step <= steps; step++) {
    const turns = LEAST * (most / LEAST) ** (step / steps);
    const value = of(turns);
    if (value < least) [best, least] = [turns, value];
  }
  const ratio = (most / LEAST) ** (1 / steps);
  let [low, high] = [best / ratio, best * ratio];
  const golden = (Math.sqrt(5) - 1) / 2;
  for (let step = 0; step < 14; step++) {
    const a = high - golden * (high - low);
    const b = low + golden * (high - low);
    if (of(a) < of(b)) high = b;
    else low = a;
  }
  return (low + high) / 2;
}
