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
import { judgeGaps, solveGaps, type MoveReach } from './solveGaps.js';

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
    expect(solveGaps(even(), LEAF, WANTED, SCREWS).moves).toEqual(NO_MOVES);
  });
  it('brings a leaf hung wrong in a square frame back to all its gaps', () =>
    fc.assert(
      fc.property(someMoves(2.8), (wrong) => {
        const read = measureGaps(SQUARE, wrong, LEAF);
        const { moves, outside } = solveGaps(read, LEAF, WANTED, SCREWS);
        expect(outside).toEqual([]);
        for (const axis of ['top', 'bottom', 'up'] as const)
          expect(Math.abs(moves[axis] + wrong[axis])).toBeLessThanOrEqual(mm(0.3));
      }),
    ));
  it('leaves all gaps of a crooked frame within what is allowed, or says that it could not', () => {
    let could = 0;
    let not = 0;
    fc.assert(
      fc.property(someFrame(2.2), someMoves(2), (frame, wrong) => {
        const read = measureGaps(frame, wrong, LEAF);
        const { moves, outside } = solveGaps(read, LEAF, WANTED, SCREWS);
        const again = measureGaps(
          frame,
          {
            top: wrong.top + moves.top,
            bottom: wrong.bottom + moves.bottom,
            up: wrong.up + moves.up,
          },
          LEAF,
        );
        const out = GAP_PLACES.filter((place) => {
          const { least, most } = WANTED[place.split('-')[0] as 'hinge'];
          return again[place]! < least - mm(0.05) || again[place]! > most + mm(0.05);
        });
        if (outside.length > 0) not++;
        else {
          could++;
          expect(out).toEqual([]);
        }
      }),
      { numRuns: 300 },
    );
    // Both happen, so that neither half of the promise stands idle.
    expect(could).toBeGreaterThan(20);
    expect(not).toBeGreaterThan(20);
  });
  const steps = ([from, to]: readonly [number, number], step: number) =>
    Array.from({ length: Math.round((to - from) / step) + 1 }, (_, at) => from + at * step);
  /** No move is better: nor one that leaves as little outside and comes nearer to what is wanted. */
  const isBest = (read: ReadGaps, reach: MoveReach) => {
    const { gaps, moves } = solveGaps(read, LEAF, WANTED, reach);
    const found = judgeGaps(gaps, WANTED);
    const sides = steps(reach.side, reach.step);
    const ups = steps(reach.height, reach.step);
    for (const top of sides)
      for (const bottom of sides)
        for (const up of ups) {
          const now = judgeGaps(gapsAfter(read, LEAF, { top, bottom, up }), WANTED);
          if (now.outside < found.outside - 1e-6) return { top, bottom, up, now, found };
          if (now.outside <= found.outside + 1e-9 && now.off < found.off - 1e-6)
            return { top, bottom, up, now, found };
        }
    expect([sides.includes(moves.top), sides.includes(moves.bottom)]).toEqual([true, true]);
    expect(ups).toContain(moves.up);
    return undefined;
  };
  it.each([
    ['shims', SHIMS, 120],
    ['screws', { ...SCREWS, step: mm(0.5) }, 40],
  ] as const)('finds what trying every step finds: %s', (_, reach, numRuns) =>
    fc.assert(
      fc.property(someFrame(2), someMoves(2.5), (frame, wrong) => {
        expect(isBest(measureGaps(frame, wrong, LEAF), reach)).toBeUndefined();
      }),
      { numRuns },
    ),
  );
  it('crosses the ledge where one gap comes in as another goes out', () => {
    const frame = { ...SQUARE, hingeFoot: -630 };
    const read = measureGaps(frame, { top: -5.2, bottom: 0, up: 0 }, LEAF);
    expect(isBest(read, SHIMS)).toBeUndefined();
    expect(solveGaps(read, LEAF, WANTED, SHIMS).outside).toEqual([]);
  });
  it('moves least of all that come to the same', () => {
    const bottomOnly = { 'hinge-bottom': mm(1) };
    expect(solveGaps(bottomOnly, LEAF, WANTED, SCREWS).moves.up).toBe(0);
  });
  it('stays within a reach that its steps do not fill', () => {
    const { moves } = solveGaps(even(-mm(5)), LEAF, WANTED, {
      side: [-mm(1), mm(1)],
      height: [0, mm(1)],
      step: mm(0.375),
    });
    expect(moves.up).toBeLessThanOrEqual(mm(0.75));
  });
  it('asks for no move that no reading asks for', () => {
    const { moves } = solveGaps({ 'head-lock': mm(3) }, LEAF, WANTED, SCREWS);
    expect(moves).toEqual(NO_MOVES);
    expect(solveGaps({}, LEAF, WANTED, SCREWS).moves).toEqual(NO_MOVES);
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
  const { diagnosis, hinges, edges, notes, strike } = adjustmentOf(gaps, bench);
  return [
    ...diagnosis,
    ...hinges.map((one) => one.said),
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
    expect(bench!.trim.lock).toBe(0);
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
    ['a frame that leans to the lock', at(NO_MOVES, { headLock: mm(2) }), ['dropped', 'headRises']],
    ['a head that falls', at(NO_MOVES, { headLock: -mm(2) }), ['raised', 'headFalls']],
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
    const work = adjustmentOf(narrow, bench!).edges;
    expect(work.map(({ how }) => how)).toContain('plane');
    for (const one of work.filter(({ how }) => how === 'plane'))
      expect(one.by).toBeLessThanOrEqual(bench!.trim.lock);
    const wide = adjustmentOf(at(NO_MOVES, { lockFoot: mm(6), lockTop: mm(6) }), bench!).edges;
    expect(wide.length).toBeGreaterThan(0);
    expect(wide.every(({ how }) => how === 'wide')).toBe(true);
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
