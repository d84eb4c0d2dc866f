import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  acceptanceTest,
  acrossFindings,
  adjustmentOf,
  calendarOf,
  clashesAmong,
  clashOf,
  closingBench,
  closingRun,
  decideOpening,
  decideOpenings,
  derivedProperties,
  dueList,
  edgeOf,
  egressOf,
  exploreLock,
  GAP_PLACES,
  gapBenchesOf,
  gapsAfter,
  groupSets,
  comparisonKey,
  LOCK_SPECS,
  mm,
  monthsAfter,
  type Due,
  type OpeningFacts,
  practiceOf,
  projectBasis,
  propertiesOf,
  questionsOf,
  readProject,
  searchAlternatives,
  solid,
  type Solid,
  span,
} from '@riegel/core';

const MANY = 10_000;

/** The median of several runs in milliseconds, after warming up. */
function median(run: () => unknown, runs = 9): number {
  for (let index = 0; index < 3; index++) run();
  const times = Array.from({ length: runs }, () => {
    const started = performance.now();
    run();
    return performance.now() - started;
  });
  return times.sort((a, b) => a - b)[Math.floor(runs / 2)]!;
}

/** A plain loop over the same data: reads every fact once, so that ratios hold across machines. */
function plainLoop(openings: OpeningFacts[]): number {
  let sum = 0;
  for (const facts of openings) {
    for (const value of Object.values(facts))
      sum += typeof value === 'number' ? value : String(value).length;
  }
  return sum;
}

const file = join(import.meta.dirname, '../../demo/larkhollow-playhouse.json');
const read = readProject(readFileSync(file, 'utf8'));
if (!read.ok) throw new Error('the demo project cannot be read');
const practice = practiceOf(read.project.practice);
const base = read.project.openings;

/** What is varied, and by how much: no two openings are alike in what any stage reads. */
const VARIED = ['frameWidth', 'frameHeight', 'leafWidth', 'leafHeight', 'leafMass'] as const;

/** The demo project's openings as a building would have them: each of a size, room and use of its own. */
function varied(index: number): OpeningFacts {
  const facts: OpeningFacts = {
    ...base[index % base.length]!,
    mark: `${index}`,
    from: `Corridor ${index % 97}`,
    to: `Room ${index}`,
    trimProjection: mm(10 + (index % 31)),
    passagesPerDay: 5 + (index % 900),
  };
  for (const name of VARIED)
    if (typeof facts[name] === 'number') facts[name] += 16 * Math.floor(index / base.length) + 1;
  return facts;
}

/** As they come out of the database or over the wire: read from text, not copied from each other. */
const openings = Array.from(
  { length: MANY },
  (_, index) => JSON.parse(JSON.stringify(varied(index))) as OpeningFacts,
);

const held = openings.map((facts) => ({ facts }));

const plain = median(() => plainLoop(openings));
const decidingBy = (explain: boolean) =>
  median(() => {
    let decisions = 0;
    for (const [, decided] of decideOpenings(held, practice, { explain }))
      decisions += decided.decisions.length;
    return decisions;
  });
const deciding = decidingBy(false);
const explaining = decidingBy(true);
const oneByOne = median(() => {
  let decisions = 0;
  for (const facts of openings)
    decisions += decideOpening(facts, practice, { explain: false }).decisions.length;
  return decisions;
});
const whole = median(() => {
  const entries = [];
  for (const [{ facts }, { items }] of decideOpenings(held, practice, { explain: false }))
    entries.push({ id: String(entries.length), mark: facts.mark, items });
  return groupSets(entries);
});

const row = (name: string, ms: number, each: string) =>
  console.log(
    `${name.padEnd(44)} ${ms.toFixed(1).padStart(8)} ms  ${each.padStart(12)}  ${(ms / plain).toFixed(1).padStart(7)} ×`,
  );
console.log(
  `${MANY} openings made of the demo project’s, no two alike in what a stage reads; median of 9 runs; × = against the plain loop`,
);
row('plain loop over every fact', plain, `${((plain / MANY) * 1000).toFixed(2)} µs each`);
row('decide', deciding, `${((deciding / MANY) * 1000).toFixed(2)} µs each`);
row('decide, one by one', oneByOne, `${((oneByOne / MANY) * 1000).toFixed(2)} µs each`);
row(
  'decide, with reasons, alternatives and questions',
  explaining,
  `${((explaining / MANY) * 1000).toFixed(2)} µs each`,
);
const checked = median(() => {
  const alike = [];
  for (const [, decided] of decideOpenings(held, practice, { explain: false }))
    alike.push(comparisonKey(String(alike.length), decided));
  return acrossFindings(alike, egressOf(openings, new Map(), practice), practice);
});
row('decide and group into sets', whole, `${((whole / MANY) * 1000).toFixed(2)} µs each`);
row('decide and check across openings', checked, `${((checked / MANY) * 1000).toFixed(2)} µs each`);

/** Solids strewn over a leaf by a fixed recurrence, so that every run has the same. */
function strewn(count: number): Solid[] {
  let seed = 7;
  const next = (most: number) => {
    seed = (seed * 1_103_515_245 + 12_345) % 2_147_483_648;
    return seed % most;
  };
  return Array.from({ length: count }, (_, index) =>
    solid(
      `owner-${index % 9}`,
      'solid.hinge',
      'leaf',
      'in',
      {
        x: span(next(mm(900)), mm(20 + next(60))),
        y: span(next(mm(20_000)), mm(20 + next(100))),
        z: span(next(mm(30)), mm(10)),
      },
      mm(3),
    ),
  );
}

console.log('\nWays out and questions');
{
  // Forty corridors on storeys round two stairs, each with two dozen rooms: a thousand rooms.
  const doors = Array.from({ length: 40 }, (_, storey) => [
    { from: `Corridor ${storey}`, to: 'Stair A' },
    { from: `Corridor ${storey}`, to: 'Stair B' },
    ...Array.from({ length: 24 }, (__, room) => ({
      from: `Corridor ${storey}`,
      to: `Classroom ${storey}.${room}`,
    })),
  ]).flat();
  const building = [...doors, { from: 'Stair A', to: 'Street' }, { from: 'Stair B', to: 'Street' }];
  const rooms = new Map(
    Array.from({ length: 960 }, (_, at) => {
      const name = `Classroom ${Math.floor(at / 24)}.${at % 24}`;
      return [name.toLowerCase(), { name, people: 20 + (at % 13) }] as const;
    }),
  );
  const ways = median(() => egressOf(building, rooms, practice).ways.size);
  console.log(`ways out of ${rooms.size + 43} rooms: ${ways.toFixed(1)} ms`);
  const some = openings.slice(0, 5000).map((facts, at) => ({ id: String(at), facts }));
  const basis = projectBasis(read.project.practice);
  const asking = median(() => questionsOf(some, basis).length, 3);
  console.log(`questions of ${some.length} openings: ${asking.toFixed(0)} ms`);
}

console.log('\nLock functions');
{
  const perOpening = median(() => {
    let free = 0;
    for (let index = 0; index < MANY; index++) {
      const spec = LOCK_SPECS[index % LOCK_SPECS.length]!;
      free += propertiesOf(spec, exploreLock(spec)).freeOut ? 1 : 0;
    }
    return free;
  }, 5);
  row(
    `machines of ${MANY} openings explored, each anew`,
    perOpening,
    `${((perOpening / MANY) * 1000).toFixed(2)} µs each`,
  );
  const once = median(() => {
    let free = 0;
    for (let index = 0; index < MANY; index++)
      free += derivedProperties(LOCK_SPECS[index % LOCK_SPECS.length]!).freeOut ? 1 : 0;
    return free;
  });
  row('the same, each function once', once, `${((once / MANY) * 1000).toFixed(2)} µs each`);
  const tests = median(() => LOCK_SPECS.map((spec) => acceptanceTest(spec).length));
  row(
    `acceptance tests of ${LOCK_SPECS.length} functions`,
    tests,
    `${((tests / LOCK_SPECS.length) * 1000).toFixed(0)} µs each`,
  );
}

console.log('\nClashes and ways out');
for (const count of [24, 400, 4000]) {
  const solids = strewn(count);
  const swept = median(() => clashesAmong(solids));
  const each = median(() => {
    let found = 0;
    for (let i = 0; i < solids.length; i++)
      for (let j = i + 1; j < solids.length; j++) if (clashOf(solids[i]!, solids[j]!)) found += 1;
    return found;
  }, 3);
  row(`clashes among ${count} solids, swept`, swept, '');
  row(`the same, each with each`, each, '');
}
const mill = readProject(
  readFileSync(join(import.meta.dirname, '../../demo/wendelmoor-mill-studios.json'), 'utf8'),
);
if (mill.ok) {
  const knot = mill.project.openings.find((facts) => facts.mark === '1.40')!;
  const basis = projectBasis(mill.project.practice);
  row(
    'ways out of the knot',
    median(() => searchAlternatives(knot, basis)),
    '',
  );
  row(
    'the same, every combination decided',
    median(() => searchAlternatives(knot, basis, true)),
    '',
  );
}

console.log('\nClosing');
{
  const benches = base.flatMap((facts) => {
    const { results } = decideOpening(facts, practice);
    return closingBench(facts, practice, results) ?? [];
  });
  const runs = median(() =>
    benches.map(({ leaf, settings, makeup }) => closingRun(leaf, settings, makeup)),
  );
  row(
    `closing runs of ${benches.length} leaves of the demo project`,
    runs,
    `${(runs / benches.length).toFixed(2)} ms each`,
  );
}

console.log('\nOn site');
{
  const benches = base.flatMap((facts) => gapBenchesOf(decideOpening(facts, practice)));
  // Each leaf hung wrong another way: no two ask for the same moves.
  const wrong = benches.map((bench, at) =>
    gapsAfter(
      Object.fromEntries(
        GAP_PLACES.map((place, index) => [
          place,
          bench.wanted[edgeOf(place)].wanted + mm(((at * 7 + index * 3) % 11) / 8 - 0.6),
        ]),
      ),
      bench.geometry,
      { top: mm(((at * 5) % 9) / 4 - 1), bottom: mm(((at * 3) % 7) / 4 - 0.8), up: 0 },
    ),
  );
  const solved = median(() => benches.map((bench, at) => adjustmentOf(wrong[at]!, bench)));
  row(
    `gaps of ${benches.length} leaves solved`,
    solved,
    `${(solved / benches.length).toFixed(2)} ms each (aim 5 ms)`,
  );
  const due: Due[] = Array.from({ length: MANY }, (_, at) => ({
    projectId: `p${at % 200}`,
    project: `Project ${at % 200}`,
    openingId: String(at),
    mark: String(at % 1000),
    due: monthsAfter('2026-11-27', (at * 7919) % 36),
  }));
  row(
    `what is due of ${MANY} openings`,
    median(() => dueList(due, '2026-11-27')),
    '',
  );
  row(
    'the same as a calendar',
    median(() => calendarOf(due, '2026-11-27T08:00:00Z')),
    '',
  );
}
