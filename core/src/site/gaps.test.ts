import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import { phraseText } from '../phrasing/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { adjustmentOf, EDGE_WORK, predictionErrors, quarters, explainErrors } from './adjust.js';
import { gapBenches, type GapBench } from './gapBench.js';
import {
  GAP_PLACES,
  gapsAfter,
  influence,
  movesOfHinges,
  pointOf,
  type GapPlace,
  type HingeMoves,
  type HungGeometry,
  type ReadGaps,
} from './places.js';
import { planeEdge } from './planing.js';
import {
  alongEdge,
  gapsAfterWork,
  judgeGaps,
  NO_PLANING,
  PLANED_EDGES,
  solveGaps,
  workOf,
  type GapWork,
  type MoveReach,
  type PlanedEdge,
  type PlaneReach,
  type WorkCosts,
} from './solveGaps.js';

const UNITS = { system: 'metric', denominator: 16 } as const;
const LEAF: HungGeometry = {
  width: mm(900),
  height: mm(2040),
  hinges: [mm(1850), mm(1000), mm(250)],
  inset: mm(100),
  latch: mm(1000),
};
const side = { wanted: mm(3), least: mm(2), most: mm(4) };
const WANTED = {
  hinge: side,
  lock: side,
  head: side,
  floor: { wanted: mm(8), least: mm(5), most: mm(11) },
};
const SCREWS: MoveReach = { side: [-mm(3), mm(3)], height: [-mm(3), mm(3)], step: mm(0.25) };
const SHIMS: MoveReach = { side: [-mm(1.5), mm(1.5)], height: [0, 0], step: mm(0.25) };
const COSTS: WorkCosts = {
  hinge: 1,
  spoilt: 4,
  uneven: 0.5,
  lock: 3,
  head: 4,
  floor: 5,
};
const LISTED: PlaneReach = { trim: { lock: 0, head: 0, floor: 0 }, step: mm(0.5) };
const SOFTWOOD: PlaneReach = { trim: { lock: mm(3), head: mm(3), floor: mm(6) }, step: mm(0.5) };
const solve = (read: ReadGaps, reach: MoveReach, plane = LISTED) =>
  solveGaps(read, LEAF, WANTED, reach, plane, COSTS);
const even = (by = 0): ReadGaps =>
  Object.fromEntries(
    GAP_PLACES.map((place) => [place, (place.startsWith('floor') ? mm(8) : mm(3)) + by]),
  );

/** A frame whose corners stand where they will: offsets in ticks from the square it was to be. */
interface Frame {
  hingeTop: number;
  hingeFoot: number;
  lockTop: number;
  lockFoot: number;
  headHinge: number;
  headLock: number;
  floorHinge: number;
  floorLock: number;
}

/** Ticks from a point to the line through two others, seen from its right. */
function toLine(
  [px, py]: readonly [number, number],
  [ax, ay]: readonly [number, number],
  [bx, by]: readonly [number, number],
): number {
  const [dx, dy] = [bx - ax, by - ay];
  return ((px - ax) * dy - (py - ay) * dx) / Math.hypot(dx, dy);
}

/**
 * A leaf in its frame as a rigid body, by sines and cosines: its hinge edge goes through two points that the hinges
 * stand on. Knows nothing of how the solver counts.
 */
function measureGaps(frame: Frame, hinges: HingeMoves, leaf: HungGeometry): ReadGaps {
  const top = leaf.hinges[0]!;
  const foot = leaf.hinges[leaf.hinges.length - 1]!;
  const turn = Math.atan2(hinges.top - hinges.bottom, top - foot);
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  // The bottom hinge is what it turns about; clockwise where the top goes towards the lock.
  const placed = (x: number, y: number): [number, number] => [
    mm(3) + hinges.bottom + x * cos + (y - foot) * sin,
    foot + mm(8) + hinges.up - x * sin + (y - foot) * cos,
  ];
  const [w, h] = [leaf.width + mm(6), leaf.height + mm(11)];
  const corners = {
    hinge: [
      [frame.hingeFoot, 0],
      [frame.hingeTop, h],
    ],
    lock: [
      [w + frame.lockTop, h],
      [w + frame.lockFoot, 0],
    ],
    head: [
      [0, h + frame.headHinge],
      [w, h + frame.headLock],
    ],
    floor: [
      [w, frame.floorLock],
      [0, frame.floorHinge],
    ],
  } as const;
  return Object.fromEntries(
    GAP_PLACES.map((place) => {
      const { x, y } = pointOf(place, leaf);
      const [a, b] = corners[place.split('-')[0] as 'hinge'];
      return [place, toLine(placed(x, y), a, b)];
    }),
  );
}

const offset = (most: number) => fc.double({ min: -mm(most), max: mm(most), noNaN: true });
const someFrame = (most: number) =>
  fc.record<Frame>({
    hingeTop: offset(most),
    hingeFoot: offset(most),
    lockTop: offset(most),
    lockFoot: offset(most),
    headHinge: offset(most),
    headLock: offset(most),
    floorHinge: offset(most),
    floorLock: offset(most),
  });
const someMoves = (most: number) =>
  fc.record<HingeMoves>({ top: offset(most), bottom: offset(most), up: offset(most) });
const NO_MOVES = { top: 0, bottom: 0, up: 0 };
const SQUARE: Frame = {
  hingeTop: 0,
  hingeFoot: 0,
  lockTop: 0,
  lockFoot: 0,
  headHinge: 0,
  headLock: 0,
  floorHinge: 0,
  floorLock: 0,
};

describe('what moving a hinge does', () => {
  it('is the handbook’s arithmetic', () => {
    const moves = { top: mm(1), bottom: 0, up: 0 };
    const after = gapsAfter(even(), LEAF, moves);
    const apart = mm(1600);
    const a = moves.top;
    const near = (place: GapPlace, ticks: number) => expect(after[place]).toBeCloseTo(ticks, 6);
    near('lock-top', mm(3) - (a + (a * (mm(1940) - mm(1850))) / apart));
    near('lock-bottom', mm(3) + (a * (mm(250) - mm(100))) / apart);
    near('hinge-top', mm(3) + (a + (a * (mm(1940) - mm(1850))) / apart));
    near('head-lock', mm(3) + (a * mm(800)) / apart);
    near('floor-lock', mm(8) - (a * mm(800)) / apart);
    near('head-hinge', mm(3) + (a * mm(100)) / apart);
  });
  it('raises the leaf by itself alone', () => {
    const after = gapsAfter(even(), LEAF, { top: 0, bottom: 0, up: mm(2) });
    expect(after['head-middle']).toBe(mm(1));
    expect(after['floor-middle']).toBe(mm(10));
    expect(after['lock-middle']).toBe(mm(3));
  });
  it('is what a rigid leaf does, whatever frame it hangs in', () =>
    fc.assert(
      fc.property(someFrame(3), someMoves(3), (frame, moves) => {
        const told = gapsAfter(measureGaps(frame, NO_MOVES, LEAF), LEAF, moves);
        const read = measureGaps(frame, moves, LEAF);
        for (const place of GAP_PLACES)
          expect(Math.abs(told[place]! - read[place]!)).toBeLessThan(mm(0.05));
      }),
    ));
  it('brings the hinges between onto the line of the outer ones', () => {
    const [top, middle, foot] = movesOfHinges(LEAF, { top: mm(1.6), bottom: 0, up: 0 });
    expect([top, foot]).toEqual([mm(1.6), 0]);
    expect(middle).toBeCloseTo(mm(0.75), 6);
  });
  it('says the influence of each move with its sign', () => {
    expect(influence('lock-middle', LEAF).up).toBe(0);
    expect(influence('hinge-top', LEAF).top).toBeGreaterThan(1);
    expect(influence('hinge-top', LEAF).bottom).toBeLessThan(0);
    expect(influence('floor-lock', LEAF)).toEqual({
      top: -mm(800) / mm(1600),
      bottom: mm(800) / mm(1600),
      up: 1,
    });
  });
});

describe('solving', () => {
  it('leaves what hangs well', () => {
    expect(solve(even(), SCREWS, SOFTWOOD)).toMatchObject({ moves: NO_MOVES, planed: NO_PLANING });
  });
  it('brings a leaf hung wrong in a square frame back to all its gaps', () =>
    fc.assert(
      fc.property(someMoves(2.8), (wrong) => {
        const read = measureGaps(SQUARE, wrong, LEAF);
        const { moves, outside } = solve(read, SCREWS);
        expect(outside).toEqual([]);
        const again = measureGaps(
          SQUARE,
          {
            top: wrong.top + moves.top,
            bottom: wrong.bottom + moves.bottom,
            up: wrong.up + moves.up,
          },
          LEAF,
        );
        for (const place of GAP_PLACES) {
          const { least, most } = WANTED[place.split('-')[0] as 'hinge'];
          expect(again[place]!).toBeGreaterThan(least - mm(0.05));
          expect(again[place]!).toBeLessThan(most + mm(0.05));
        }
      }),
    ));
  it('leaves all gaps of a crooked frame within what is allowed, hinges and plane together, or says that it could not', () => {
    let could = 0;
    let planed = 0;
    let not = 0;
    fc.assert(
      fc.property(
        someFrame(2.6),
        someMoves(2),
        fc.constantFrom(SHIMS, { ...SCREWS, step: mm(0.5) }),
        fc.constantFrom(LISTED, SOFTWOOD),
        (frame, wrong, reach, plane) => {
          const read = measureGaps(frame, wrong, LEAF);
          const solved = solve(read, reach, plane);
          const moved = measureGaps(
            frame,
            {
              top: wrong.top + solved.moves.top,
              bottom: wrong.bottom + solved.moves.bottom,
              up: wrong.up + solved.moves.up,
            },
            LEAF,
          );
          const again = shaved(moved, solved.planed);
          const out = GAP_PLACES.filter((place) => {
            const { least, most } = WANTED[place.split('-')[0] as 'hinge'];
            return again[place]! < least - mm(0.05) || again[place]! > most + mm(0.05);
          });
          for (const edge of PLANED_EDGES)
            for (const end of solved.planed[edge]) {
              expect(end).toBeGreaterThanOrEqual(0);
              expect(end).toBeLessThanOrEqual(plane.trim[edge]);
            }
          const told = new Set(solved.outside.map(({ place }) => place));
          for (const place of out) expect(told).toContain(place);
          if (solved.outside.length > 0) not++;
          else could++;
          if (PLANED_EDGES.some((edge) => Math.max(...solved.planed[edge]) > 0)) planed++;
        },
      ),
      { numRuns: 300 },
    );
    // Each happens, so that no part of the promise stands idle.
    for (const count of [could, planed, not]) expect(count).toBeGreaterThan(20);
  });

  /** Gaps with a straight cut taken off lock edge, head and foot, by the leaf's own measures. */
  function shaved(gaps: ReadGaps, planed: GapWork['planed']): ReadGaps {
    const { width, height } = LEAF;
    return Object.fromEntries(
      GAP_PLACES.map((place) => {
        const { x, y } = pointOf(place, LEAF);
        const edge = place.split('-')[0] as PlanedEdge | 'hinge';
        if (edge === 'hinge') return [place, gaps[place]];
        const [first, second] = planed[edge];
        const cut =
          edge === 'lock'
            ? (first * y + second * (height - y)) / height
            : (first * (width - x) + second * x) / width;
        return [place, gaps[place]! + cut];
      }),
    );
  }
  const steps = ([from, to]: readonly [number, number], step: number) =>
    Array.from({ length: Math.round((to - from) / step) + 1 }, (_, at) => from + at * step);

  /** Everything there is to be done about the gaps of an edge, tried: least outside, and whether it takes a plane. */
  function bestCut(read: ReadGaps, edge: PlanedEdge, { trim, step }: PlaneReach) {
    const { least, most } = WANTED[edge];
    let best = { outside: Infinity, planes: true };
    for (const first of steps([0, trim[edge]], step))
      for (const second of steps([0, trim[edge]], step)) {
        const cut = shaved(read, { ...NO_PLANING, [edge]: [first, second] });
        const outside = GAP_PLACES.filter((place) => place.startsWith(edge)).reduce(
          (sum, place) => {
            const gap = cut[place]!;
            return sum + Math.max(0, least - gap, gap - most) ** 2;
          },
          0,
        );
        const planes = first > 0 || second > 0;
        if (
          outside < best.outside - 1e-6 ||
          (outside <= best.outside + 1e-6 && best.planes && !planes)
        )
          best = { outside: Math.min(outside, best.outside), planes };
      }
    return best;
  }

  /** Work that leaves less outside than what was found, or as little for less; tried one by one. */
  const betterThan = (read: ReadGaps, reach: MoveReach, plane: PlaneReach) => {
    const found = solve(read, reach, plane);
    const outside = judgeGaps(found.gaps, WANTED).outside;
    const cost = workOf(found, read, LEAF, WANTED, COSTS);
    for (const top of steps(reach.side, reach.step))
      for (const bottom of steps(reach.side, reach.step))
        for (const up of steps(reach.height, reach.step)) {
          const moves = { top, bottom, up };
          const moved = gapsAfter(read, LEAF, moves);
          const cuts = PLANED_EDGES.map((edge) => ({ edge, ...bestCut(moved, edge, plane) }));
          const rest = GAP_PLACES.filter((place) => place.startsWith('hinge')).reduce(
            (sum, place) => {
              const { least, most } = WANTED.hinge;
              return sum + Math.max(0, least - moved[place]!, moved[place]! - most) ** 2;
            },
            0,
          );
          const left = cuts.reduce((sum, one) => sum + one.outside, rest);
          const work =
            workOf({ moves, planed: NO_PLANING }, read, LEAF, WANTED, COSTS) +
            cuts.reduce((sum, one) => sum + (one.planes ? COSTS[one.edge] : 0), 0);
          if (left < outside - 1e-4 || (left <= outside + 1e-9 && work < cost))
            return { moves, left, outside, work, cost };
        }
    return undefined;
  };
  it.each([
    ['shims, nothing to be planed', SHIMS, LISTED, 60],
    ['shims and a plane', { ...SHIMS, step: mm(0.5) }, { ...SOFTWOOD, step: mm(1) }, 40],
    ['screws and a plane', { ...SCREWS, step: mm(1) }, { ...SOFTWOOD, step: mm(1) }, 12],
  ] as const)('never does more than the best of everything tried: %s', (_, reach, plane, numRuns) =>
    fc.assert(
      fc.property(someFrame(2), someMoves(2.5), (frame, wrong) => {
        expect(betterThan(measureGaps(frame, wrong, LEAF), reach, plane)).toBeUndefined();
      }),
      { numRuns },
    ),
  );
  it('crosses the ledge where one gap comes in as another goes out', () => {
    const frame = { ...SQUARE, hingeFoot: -630 };
    const read = measureGaps(frame, { top: -5.2, bottom: 0, up: 0 }, LEAF);
    expect(betterThan(read, SHIMS, LISTED)).toBeUndefined();
    expect(solve(read, SHIMS).outside).toEqual([]);
  });
  it('moves least of all that come to the same', () => {
    const bottomOnly = { 'hinge-bottom': mm(1) };
    expect(solve(bottomOnly, SCREWS).moves.up).toBe(0);
  });
  it('planes a taper that runs out where the gap is right, and no more than a step over what is asked', () => {
    const at = (place: GapPlace) => alongEdge(place, LEAF);
    const tight = [
      { at: at('lock-top'), gap: mm(3), least: mm(2), most: mm(4) },
      { at: at('lock-middle'), gap: mm(2.2), least: mm(2), most: mm(4) },
      { at: at('lock-bottom'), gap: mm(1), least: mm(2), most: mm(4) },
    ];
    const { taken, outside } = planeEdge(tight, mm(3), mm(0.5));
    expect([taken[0], outside]).toEqual([0, 0]);
    // One millimetre at 1940 of 2040 asks for 1.05 at the foot: the next half is 1.5.
    expect(taken[1]).toBe(mm(1.5));
    expect(planeEdge(tight, mm(0.5), mm(0.5)).taken).toEqual([mm(0.5), mm(0.5)]);
    expect(planeEdge([{ ...tight[0]!, gap: mm(5) }], mm(3), mm(0.5)).taken).toEqual([0, 0]);
  });
  it('counts what is planed where it is planed', () => {
    const after = gapsAfterWork(even(), LEAF, {
      moves: NO_MOVES,
      planed: { ...NO_PLANING, lock: [0, mm(2)] },
    });
    expect(after['lock-bottom']).toBeCloseTo(mm(3) + mm(2) * (1940 / 2040), 6);
    expect(after['head-lock']).toBe(mm(3));
  });
  it('stays within a reach that its steps do not fill', () => {
    const { moves } = solve(even(-mm(5)), {
      side: [-mm(1), mm(1)],
      height: [0, mm(1)],
      step: mm(0.375),
    });
    expect(moves.up).toBeLessThanOrEqual(mm(0.75));
  });
  it('asks for no move that no reading asks for', () => {
    const { moves } = solve({ 'head-lock': mm(3) }, SCREWS);
    expect(moves).toEqual(NO_MOVES);
    expect(solve({}, SCREWS).moves).toEqual(NO_MOVES);
  });
});

const british = (more: object = {}) => {
  const { facts, practice, results } = decideOpening(
    {
      ...DOOR,
      frameMaterial: 'timber',
      frameWidth: mm(926),
      frameHeight: mm(2040),
      leafThickness: mm(44),
      ...more,
    },
    PRACTICES.british,
  );
  return gapBenches(facts, practice, results);
};
const said = (gaps: ReadGaps, bench: GapBench) => {
  const { diagnosis, first, hinges, planes, edges, notes, strike } = adjustmentOf(gaps, bench);
  return [
    ...diagnosis,
    ...(first ? [first] : []),
    ...hinges.map((one) => one.said),
    ...planes.map((one) => one.said),
    ...edges.map(({ how }) => EDGE_WORK[how]),
    ...(strike ? [strike] : []),
    ...notes,
  ].map((one) => phraseText(one, UNITS));
};

describe('the bench of an opening', () => {
  it('takes what is wanted from the sizes and what is allowed from the practice', () => {
    const [bench] = british();
    expect(bench!.wanted.lock).toEqual({ wanted: mm(3), least: mm(2), most: mm(4) });
    expect(bench!.geometry.hinges).toHaveLength(3);
    expect(bench!.geometry.hinges[0]!).toBeGreaterThan(bench!.geometry.hinges[2]!);
    expect(bench!.means!.reach.side).toEqual([-mm(1.5), mm(1.5)]);
  });
  it('holds a rated leaf to its listing: metal shims, no deeper recess, no bent knuckle', () => {
    const [bench] = british({ rating: 30 });
    expect(bench!.means!.reach.side).toEqual([0, mm(1.5)]);
    expect(bench!.means!.bend).toBe(false);
    expect(bench!.wanted.lock.most).toBeLessThanOrEqual(mm(4));
    expect(bench!.plane.trim.lock).toBe(0);
    const gaps = { ...even(), 'hinge-top': mm(1), 'lock-top': mm(5) };
    expect(said(gaps, bench!).join(' ')).toMatch(/pack with metal/);
  });
  it('in the practice of the United States allows a rated steel leaf 1/8 ± 1/16 in', () => {
    const { facts, practice, results } = decideOpening(
      { ...DOOR, leafConstruction: 'steel-honeycomb-18', rating: 90 },
      PRACTICES['us-commercial'],
    );
    const [bench] = gapBenches(facts, practice, results);
    expect(bench!.wanted.lock).toEqual({
      wanted: inches(1 / 8),
      least: inches(1 / 16),
      most: inches(3 / 16),
    });
  });
  it('turns the screws of adjustable hinges, in quarter turns and with their direction', () => {
    const [bench] = british({
      choices: { 'hanging.device': { value: 'adjustable-concealed', reason: 'wanted' } },
    });
    const gaps = Object.fromEntries(
      GAP_PLACES.map((place) => [
        place,
        place.startsWith('hinge')
          ? mm(5)
          : place.startsWith('lock')
            ? mm(1)
            : place.startsWith('head')
              ? mm(1.5)
              : bench!.wanted.floor.wanted + mm(1.5),
      ]),
    );
    const told = said(gaps, bench!);
    expect(told.filter((one) => one.includes('towards the hinges'))).toHaveLength(
      bench!.geometry.hinges.length,
    );
    expect(told.join(' ')).toMatch(/clamping screws of all hinges first\. Height first/);
    expect(told.join(' ')).toMatch(
      /side screw 2 turns, towards the hinges; height screw 1 ½ turns, down/,
    );
  });
  it('says of a sliding leaf nothing, of pivots their two ends', () => {
    expect(british({ kind: 'sliding' })[0]?.means).toBeUndefined();
    const [pivoted] = british({
      choices: { 'hanging.device': { value: 'offset-pivot', reason: 'wanted' } },
    });
    expect(pivoted!.means!.by).toBe('screws');
  });
});

describe('what gaps tell', () => {
  const [bench] = british();
  const at = (moves: HingeMoves, frame: Partial<Frame> = {}) => {
    const leaf = bench!.geometry;
    const gaps = measureGaps({ ...SQUARE, ...frame }, moves, leaf);
    // The floor's wanted gap is the practice's own.
    return Object.fromEntries(
      Object.entries(gaps).map(([place, gap]) => [
        place,
        place.startsWith('floor') ? gap - mm(8) + bench!.wanted.floor.wanted : gap,
      ]),
    ) as ReadGaps;
  };
  const codes = (gaps: ReadGaps) =>
    adjustmentOf(gaps, bench!).diagnosis.map(({ code }) => code.replace('site.gap.', ''));
  it.each([
    ['nothing, where all is well', at(NO_MOVES), []],
    ['a sprung top hinge', at({ top: mm(2), bottom: 0, up: 0 }), ['sprung']],
    ['a bottom hinge that stands out', at({ top: 0, bottom: mm(2), up: 0 }), ['raised']],
    ['hinge-bound', at({ top: -mm(1.9), bottom: -mm(1.9), up: 0 }), ['hingeBound']],
    ['a frame that leans to the lock', at(NO_MOVES, { headLock: mm(2) }), ['headRises']],
    [
      'a leaf that leans in a frame whose head follows the leaf: the frame leans, not the leaf',
      at({ top: mm(2), bottom: 0, up: 0 }, { headLock: -mm(2) }),
      ['headFalls'],
    ],
    [
      'a bottom hinge let in too deep',
      at({ top: 0, bottom: -mm(2), up: 0 }),
      ['hingeBound', 'dropped'],
    ],
    ['a head that falls', at(NO_MOVES, { headLock: -mm(2) }), ['headFalls']],
    ['a frame spread at the foot', at(NO_MOVES, { lockFoot: mm(2) }), ['widerBelow']],
    ['one that closes in', at(NO_MOVES, { lockFoot: -mm(2) }), ['widerAbove']],
    ['a leaf too wide', at(NO_MOVES, { lockFoot: -mm(3), lockTop: -mm(3) }), ['leafWide']],
    ['one too narrow', at(NO_MOVES, { lockFoot: mm(3), lockTop: mm(3) }), ['leafNarrow']],
    ['one too high', at(NO_MOVES, { headHinge: -mm(5), headLock: -mm(5) }), ['leafHigh']],
    ['one too low', at(NO_MOVES, { headHinge: mm(5), headLock: mm(5) }), ['leafLow']],
    ['a bow', { ...at(NO_MOVES), 'hinge-middle': mm(2), 'lock-middle': mm(4) }, ['bowed']],
    ['a middle hinge', { ...at(NO_MOVES), 'hinge-middle': mm(2) }, ['middleHinge']],
    ['a bowed jamb', { ...at(NO_MOVES), 'lock-middle': mm(4.5) }, ['jambBowed']],
  ] as [string, ReadGaps, string[]][])('%s', (_, gaps, expected) =>
    expect(codes(gaps)).toEqual(expected),
  );
  it('tells what is planed where no hinge helps, and what nothing closes', () => {
    const narrow = at(NO_MOVES, { lockFoot: -mm(4), lockTop: -mm(4) });
    const { planes } = adjustmentOf(narrow, bench!);
    expect(planes.map(({ edge }) => edge)).toContain('lock');
    for (const { taken } of planes)
      expect(Math.max(...taken)).toBeLessThanOrEqual(bench!.plane.trim.lock);
    const wide = adjustmentOf(at(NO_MOVES, { lockFoot: mm(6), lockTop: mm(6) }), bench!).edges;
    expect(wide.length).toBeGreaterThan(0);
    expect(wide.every(({ how }) => how === 'wide')).toBe(true);
  });
  const softwood = british({ leafConstruction: 'timber-panelled-softwood' })[0]!;
  const typed = (gaps: Partial<Record<GapPlace, number>>, bench = softwood) => {
    const right = Object.fromEntries(
      GAP_PLACES.map((place) => [place, bench.wanted[place.split('-')[0] as 'hinge'].wanted]),
    );
    const read = Object.fromEntries(
      Object.entries(gaps).map(([place, millimetres]) => [place, mm(millimetres)]),
    );
    return { ...right, ...read } as ReadGaps;
  };
  it('packs every hinge and planes lock edge and foot where all three are tight and the head is right', () => {
    const tight = ['hinge', 'lock'].flatMap((edge) =>
      ['top', 'middle', 'bottom'].map((at) => [`${edge}-${at}`, 1]),
    );
    const floor = ['hinge', 'middle', 'lock'].map((at) => [`floor-${at}`, 3]);
    const gaps = typed(Object.fromEntries([...tight, ...floor]));
    const { hinges, planes, edges, predicted } = adjustmentOf(gaps, softwood);
    // Tight by 1 mm at the hinges: four shims of 0.25 each; the lock edge then wants 2, the foot 2.
    expect(hinges.map(({ how, count }) => [how, count])).toEqual([
      ['pack', 4],
      ['pack', 4],
      ['pack', 4],
    ]);
    expect(planes.map(({ edge, taken }) => [edge, taken.map((one) => one / 320)])).toEqual([
      ['lock', [2, 2]],
      ['floor', [2, 2]],
    ]);
    expect(edges).toEqual([]);
    expect(predicted['lock-middle']).toBeCloseTo(mm(2), 3);
    const told = said(gaps, softwood);
    expect(told).toContain('Hinge 1: pack it out with 4 shims of 0.25 mm, 1 mm in all.');
    expect(told).toContain('Lock edge: plane off 2 mm along its whole length.');
  });
  it('leaves right hinges alone and planes a taper where only the foot of the lock edge is tight', () => {
    const { hinges, planes, edges } = adjustmentOf(typed({ 'lock-bottom': 0.5 }), softwood);
    expect(hinges.every(({ how }) => how === 'leave')).toBe(true);
    expect(planes).toHaveLength(1);
    expect(planes[0]!.edge).toBe('lock');
    const [top, foot] = planes[0]!.taken;
    expect(top).toBe(0);
    expect(foot).toBe(mm(2));
    expect(edges).toEqual([]);
    expect(phraseText(planes[0]!.said, UNITS)).toBe(
      'Lock edge: plane off 2 mm at the foot, running out to nothing at the top.',
    );
  });
  it('asks for the screws of a sprung hinge first, and touches no other hinge', () => {
    const gaps = at({ top: mm(2), bottom: 0, up: 0 });
    const { first, hinges, planes } = adjustmentOf(gaps, bench!);
    expect(first && phraseText(first, UNITS)).toMatch(/^First tighten every screw of hinge 1/);
    expect(hinges.map(({ how }) => how)).toEqual(['deepen', 'leave', 'leave']);
    expect(planes).toEqual([]);
  });
  it('brings one middle hinge onto the line of the others, and leaves those', () => {
    const { first, hinges, planes, edges } = adjustmentOf(typed({ 'hinge-middle': 1.5 }), softwood);
    expect(first && phraseText(first, UNITS)).toMatch(/every screw of hinge 2/);
    expect(hinges.map(({ how, count }) => [how, count])).toEqual([
      ['leave', 0],
      ['pack', 6],
      ['leave', 0],
    ]);
    expect([planes, edges]).toEqual([[], []]);
  });
  it('planes a head that falls, and leaves hinges whose gap is even', () => {
    const { diagnosis, hinges, planes } = adjustmentOf(
      typed({ 'head-lock': 0.5, 'head-middle': 1.8 }),
      softwood,
    );
    expect(diagnosis.map(({ code }) => code)).toEqual(['site.gap.headFalls']);
    expect(hinges.every(({ how }) => how === 'leave')).toBe(true);
    expect(planes.map(({ edge }) => edge)).toEqual(['head']);
  });
  it('says one shim as one, and no residue that a tape does not read', () => {
    const one = adjustmentOf(typed({ 'hinge-top': 1.9, 'hinge-bottom': 3 }), {
      ...softwood,
      plane: LISTED,
    });
    const told = one.hinges.map(({ said: text }) => phraseText(text, UNITS));
    expect(told[0]).toBe('Hinge 1: pack it out with one shim of 0.25 mm.');
    const listed = { ...softwood, plane: LISTED, means: undefined };
    const left = adjustmentOf(typed({ 'lock-middle': 4.4 }), listed);
    expect(left.edges).toEqual([]);
    const more = adjustmentOf(typed({ 'lock-middle': 4.6 }), listed);
    expect(more.edges.map(({ place, how }) => [place, how])).toEqual([['lock-middle', 'wide']]);
  });
  it('proposes nothing while all gaps are within what is allowed', () => {
    const { within, hinges, edges, moves } = adjustmentOf(
      at({ top: mm(0.5), bottom: 0, up: 0 }),
      bench!,
    );
    expect([within, edges, moves]).toEqual([true, [], NO_MOVES]);
    expect(hinges.every(({ how }) => how === 'leave')).toBe(true);
  });
  it('tells how far the latch goes, where its strike does not take it up', () => {
    const told = said(at({ top: mm(1.5), bottom: mm(1.5), up: 0 }), {
      ...bench!,
      geometry: { ...bench!.geometry, latch: mm(1000) },
      strikeTakes: mm(1),
    });
    expect(told.join(' ')).toMatch(/The latch goes .* across/);
  });
});

describe('what was foretold', () => {
  it('is held against the next readings, and says why it may have failed', () => {
    const predicted = even();
    expect(predictionErrors(predicted, even(mm(0.4)), mm(0.5))).toEqual([]);
    const raised = { ...even(), 'head-middle': mm(4), 'floor-middle': mm(7) };
    const list = predictionErrors(predicted, raised, mm(0.5));
    expect(list.map(({ place }) => place)).toEqual(['head-middle', 'floor-middle']);
    const codes = (gaps: ReadGaps) =>
      explainErrors(predictionErrors(predicted, gaps, mm(0.5))).map(({ code }) => code.slice(14));
    expect(codes(raised)).toEqual(['missed', 'height']);
    expect(codes({ ...even(), 'lock-top': mm(4), 'lock-bottom': mm(4) })).toEqual([
      'missed',
      'oneEdge',
    ]);
    expect(codes({ ...even(), 'lock-middle': mm(4), 'hinge-middle': mm(2) })).toEqual([
      'missed',
      'middle',
    ]);
    expect(codes({ ...even(), 'lock-top': mm(4), 'hinge-top': mm(2), 'head-lock': mm(1) })).toEqual(
      ['missed', 'screws'],
    );
    expect(codes(even())).toEqual([]);
  });
});

it('counts turns in quarters', () => {
  expect([0.25, 0.5, 0.75, 1, 1.25, 2, -1.5, 0].map(quarters)).toEqual([
    '¼',
    '½',
    '¾',
    '1',
    '1 ¼',
    '2',
    '1 ½',
    '0',
  ]);
});
