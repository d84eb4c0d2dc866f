import {
  closingRun,
  findSettings,
  runFaults,
  type ClosingBench,
  type CloserSettings,
  type RunFault,
} from '../closing/index.js';
import { toMm } from '../measure/index.js';
import { message, type Message } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import type { Answer, Exercise } from './exercise.js';
import { quarters } from '../site/index.js';
import { seeded, type Seeded } from './random.js';

type Part = 'sweep' | 'latch' | 'spring';
type Way = 'clockwise' | 'counter';

/** What somebody did to a closer that closed well. */
export const CLOSER_SKILLS = [
  'sweep.clockwise',
  'sweep.counter',
  'latch.clockwise',
  'latch.counter',
  'spring.counter',
] as const;

/** How far something was turned wrong, on which sizes of closer, and against which pressure, so that it shows. */
const DISTURBED: Readonly<
  Record<
    (typeof CLOSER_SKILLS)[number],
    { turns: readonly number[]; sizes: readonly number[]; pressure: number }
  >
> = {
  'sweep.clockwise': { turns: [1, 1.25, 1.5], sizes: [2, 3, 4, 5], pressure: 0 },
  'sweep.counter': { turns: [0.75, 1, 1.25], sizes: [2, 3, 4, 5], pressure: 0 },
  'latch.clockwise': { turns: [1, 1.25], sizes: [2, 3, 4, 5], pressure: 0 },
  'latch.counter': { turns: [2, 2.25], sizes: [5, 6], pressure: 0 },
  'spring.counter': { turns: [2, 3], sizes: [2, 3, 4, 5], pressure: 3 },
};

/** After so many draws that made no question a plainer one is asked. */
const DRAWS = 12;

/** Parts of a turn that a valve is never closed below. */
const SHUT = 1 / 8;

/** A closer by its valve turned by so much: clockwise closes a valve and winds the spring. */
function turned(from: CloserSettings, part: Part, way: Way, turns: number): CloserSettings {
  if (part === 'spring')
    return { ...from, spring: from.spring + (way === 'clockwise' ? turns : -turns) };
  return { ...from, [part]: Math.max(SHUT, from[part] + (way === 'counter' ? turns : -turns)) };
}

const other = (way: Way): Way => (way === 'clockwise' ? 'counter' : 'clockwise');
const idOf = (part: Part, way: Way) => `${part}.${way}`;

/** A leaf with its closer, well set. */
function someBench(
  random: Seeded,
  { sizes, pressure }: { sizes: readonly number[]; pressure: number },
): { bench: ClosingBench; good: CloserSettings } | undefined {
  const { closerSizes } = PRACTICES.british.values;
  const { closerMakeup, closingTimes, latchPush, sealPush } = PRACTICES['us-commercial'].values;
  const row = random.pick(closerSizes.value.filter(({ size }) => sizes.includes(size)));
  const bench: ClosingBench = {
    leaf: {
      width: toMm(row.toWidth) / 1000 - 0.02 * random.below(3),
      height: 2.1,
      mass: (row.toMass / 1000) * (0.7 + 0.1 * random.below(3)),
      seal: pressure > 0 ? sealPush.value.seal : sealPush.value.silencer,
      latch: latchPush.value,
      pressure,
    },
    settings: {
      closing: row.closing,
      closingOpen: row.closingOpen,
      spring: 0,
      sweep: closerMakeup.value.factory,
      latch: closerMakeup.value.factory,
      backCheck: closerMakeup.value.factory,
    },
    makeup: closerMakeup.value,
    times: closingTimes.value,
  };
  const tuned = findSettings(bench.leaf, bench.settings, bench.makeup, bench.times);
  return tuned.faults.length === 0 ? { bench, good: tuned.settings } : undefined;
}

const faultsAt = (bench: ClosingBench, settings: CloserSettings): RunFault[] =>
  runFaults(closingRun(bench.leaf, settings, bench.makeup), settings, bench.makeup, bench.times);

/** Which screw is turned, and which way, so that a leaf closes well again. */
export function closerExercise(seed: number, skill?: string): Exercise {
  // A disturbance that no single turn mends, or that several do, is no question: the next seed's is tried.
  for (let tried = 0; ; tried++) {
    const wanted = tried < DRAWS ? skill : 'sweep.counter';
    const found = attempt(seed, (seed + tried * 7919) >>> 0, wanted);
    if (found) return found;
  }
}

function attempt(seed: number, drawn: number, skill: string | undefined): Exercise | undefined {
  const random = seeded(drawn);
  const wanted = CLOSER_SKILLS.find((one) => one === skill) ?? random.pick(CLOSER_SKILLS);
  const [part, way] = wanted.split('.') as [Part, Way];
  const made = someBench(random, DISTURBED[wanted]);
  if (!made) return undefined;
  const { bench, good } = made;
  const turns = random.pick(DISTURBED[wanted].turns);
  const settings = turned(good, part, way, turns);
  const faults = faultsAt(bench, settings);
  if (faults.length === 0 || faults.includes('oil')) return undefined;
  const offers: [Part, Way][] = [
    [part, other(way)],
    [part, way],
    part === 'sweep'
      ? ['latch', other(way)]
      : ['sweep', part === 'spring' ? 'counter' : other(way)],
    part === 'spring' ? ['latch', 'counter'] : ['spring', way],
  ];
  const after = Object.fromEntries(
    offers.map(([p, w]) => [idOf(p, w), turned(settings, p, w, turns)] as const),
  );
  const judged = offers.map(([p, w]) => faultsAt(bench, after[idOf(p, w)]!));
  if (judged.filter((list) => list.length === 0).length !== 1 || judged[0]!.length > 0)
    return undefined;
  const choices: Answer[] = offers.map(([p, w], at) => ({
    id: idOf(p, w),
    say: message(`learn.closer.${p}`, {
      turns: quarters(turns),
      unit: { term: turns > 1 ? 'turn.more' : 'turn.one' },
      way: { term: `learn.way.${w}` },
    }),
    ...(at === 0 ? {} : { mistake: mistakeOf(p, w, judged[at]!) }),
  }));
  return {
    bench: 'closer',
    seed,
    skill: `closer.${wanted}`,
    question: message('learn.closer.question', { what: { term: `learn.fault.${faults[0]!}` } }),
    picture: { kind: 'closer', bench, settings, after },
    choices: random.shuffled(choices),
    truth: idOf(part, other(way)),
    why: [
      message(`learn.closer.why.${part}`),
      message('learn.closer.oil', { most: bench.makeup.most }),
    ],
  };
}

function mistakeOf(part: Part, way: Way, faults: readonly RunFault[]): Message {
  if (faults.includes('oil')) return message('learn.closer.leaks');
  return message('learn.closer.then', {
    part: { term: `learn.part.${part}` },
    way: { term: `learn.way.${way}` },
    what: { term: `learn.fault.${faults[0]!}` },
  });
}
