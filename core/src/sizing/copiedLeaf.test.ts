import fc from 'fast-check';
import { decideOpening, preparationOf, type DecidedOpening } from '../deciding/index.js';
import { inches, mm, type Ticks } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICES, projectBasis } from '../project/index.js';
import { Survey } from '../survey/index.js';
import { storySticks } from '../sheets/index.js';
import { readings } from '../testing/readings.js';
import { copiedLeaf } from './copiedLeaf.js';
import { leafAfterCuts } from './index.js';

/** A small house in Britain: a panelled leaf in a timber frame that stays. */
const house: OpeningFacts = {
  mark: 'K1',
  kind: 'single',
  work: 'replacement',
  copyLeaf: true,
  frameMaterial: 'timber',
  leafConstruction: 'timber-panelled-softwood',
  lockKind: 'sash',
};
const decided = (
  read: Record<string, number | string>,
  more: Partial<OpeningFacts> = {},
  practice: keyof typeof PRACTICES = 'british',
): DecidedOpening =>
  decideOpening({ ...house, ...more, readings: readings(read) }, PRACTICES[practice]);
const size = (opening: DecidedOpening, key: string) => {
  const value = opening.decisions.find((one) => one.key === key)?.value;
  return value?.type === 'size'
    ? { width: value.width / 320, height: value.height / 320 }
    : value?.type === 'length'
      ? value.ticks / 320
      : undefined;
};

describe('a leaf copied from the old one', () => {
  it('is the old one where it hangs well, its hinge line and lock carried over untouched', () => {
    const opening = decided({
      hangs: 'well',
      leafWidth: mm(758),
      leafHeight: mm(1974),
      leafHeightHinge: mm(1974),
      leafThickness: mm(35),
      hingeCount: 2,
      hingeDatum: 'leaf-top',
      hingePoint: 'top-edge',
      hinge1: mm(148),
      hinge2: mm(1712),
      hingeHeight: mm(76),
      lockFromTop: mm(935),
      backset: mm(44),
    });
    expect(size(opening, 'sizing.leafWidth')).toBe(758);
    expect(size(opening, 'sizing.leafHeight')).toBe(1974);
    expect(opening.results.hanging.leaves[0]!.positions).toEqual([mm(148), mm(1712)]);
    expect(opening.results.securing.backset).toBe(mm(44));
    // 935 below the top of 1974, over the undercut.
    const leaf = opening.results.sizing.leaves[0]!;
    expect(opening.results.securing.height).toBe(leaf.bottom! + mm(1974 - 935));
    expect(opening.findings.map(({ code }) => code)).not.toContain('sizing.copyUnread');
    expect(opening.findings.map(({ code }) => code)).not.toContain('hanging.oldHeadGap');
  });

  it('gains edge by edge what the gap there is more than it should be, and loses what it is less', () => {
    // Wanted in British timber: 3 at hinge, lock and head, 8 under the leaf.
    const wanted = PRACTICES.british.values.gapsTimber.value;
    const opening = decided({
      leafWidthTop: mm(760),
      leafWidth: mm(760),
      leafWidthBottom: mm(758),
      leafHeightHinge: mm(1970),
      leafHeight: mm(1970),
      leafSquareEnd: 'head',
      headGapNow: wanted.head + mm(2),
      gapHeadLock: wanted.head + mm(5),
      gapHingeTop: wanted.hinge,
      gapHingeBottom: wanted.hinge,
      gapLockTop: wanted.lock - mm(1),
      gapLockBottom: wanted.lock + mm(3),
      gapFloorHinge: wanted.undercut + mm(4),
      gapFloorLock: wanted.undercut + mm(4),
      hingeCount: 2,
      hingeDatum: 'leaf-top',
      hingePoint: 'top-edge',
      hinge1: mm(150),
      hinge2: mm(1700),
      hingeHeight: mm(76),
      lockFromTop: mm(930),
    });
    const { copied, leaves } = opening.results.sizing.fitting!;
    expect(copied!.unread).toEqual([]);
    expect(copied!.gains).toEqual({
      hinge: [0, 0],
      head: [mm(2), mm(5)],
      lock: [-mm(1), mm(3)],
      bottom: [mm(4), mm(4)],
    });
    // Hinge edge 1970 + 2 + 4; at the top 760 − 1 and at the foot 758 + 3, but for the slopes of head and lock edge.
    const { hingeTop, hingeBottom, lockTop, lockBottom } = leaves[0]!.needed;
    expect(hingeTop.y - hingeBottom.y).toBeCloseTo(mm(1976), 3);
    expect((lockTop.x - hingeTop.x) / 320).toBeCloseTo(759, 1);
    expect((lockBottom.x - hingeBottom.x) / 320).toBeCloseTo(761, 1);
    expect((lockTop.y - hingeTop.y) / 320).toBeCloseTo(3, 1);
    // The frame's hinges stay: on a head that is 2 higher they stand 2 further down.
    expect(opening.results.hanging.leaves[0]!.positions).toEqual([mm(152), mm(1702)]);
    // The lock edge's head is 5 higher.
    const leaf = opening.results.sizing.leaves[0]!;
    expect(leaf.bottom! + leaf.height! - opening.results.securing.height!).toBe(mm(935));
  });

  it('takes an old leaf that was recorded, not read, as one that was', () => {
    const wanted = PRACTICES.british.values.gapsTimber.value;
    const opening = decided(
      { gapLockTop: wanted.lock + mm(4), headGapNow: wanted.head - mm(1), hangs: 'well' },
      { leafWidth: mm(740), leafHeight: mm(1960) },
    );
    expect(size(opening, 'sizing.leafWidth')).toBe(744);
    expect(size(opening, 'sizing.leafHeight')).toBe(1959);
    // Where the old leaf was read, what somebody recorded is the new one's.
    const own = decided(
      { hangs: 'well', leafWidth: mm(750), leafHeight: mm(1960) },
      { leafWidth: mm(748) },
    );
    expect(size(own, 'sizing.leafWidth')).toBe(748);
  });

  it('carries bevel, viewer, letter plate and vent over, each to where it was', () => {
    const wanted = PRACTICES.british.values.gapsTimber.value;
    const opening = decided(
      {
        leafWidth: mm(758),
        leafHeight: mm(1974),
        leafHeightHinge: mm(1974),
        leafThickness: mm(35),
        bevelLock: mm(2),
        headGapNow: wanted.head + mm(2),
        gapHeadLock: wanted.head + mm(4),
        gapLockTop: wanted.lock + mm(1),
        gapFloorHinge: wanted.undercut,
        backset: mm(44),
        lockFromTop: mm(930),
        viewerFromTop: mm(480),
        viewerFromLock: mm(379),
        plateFromTop: mm(1050),
        plateFromLock: mm(379),
        plateUp: mm(40),
        plateAcross: mm(220),
        ventFromTop: mm(1800),
        ventFromLock: mm(379),
        ventUp: mm(100),
        closerFromTop: mm(60),
        closerFromHinge: mm(150),
        // How wide it is was not read: nothing is cut by half a hole.
      },
      { hingeSide: 'left', swing: 'in' },
    );
    expect(opening.results.hanging.lockEdge).toBe('bevelled');
    expect(opening.results.securing.fit).toMatchObject({
      backsetPull: mm(45),
      backsetPush: mm(43),
    });
    const holes = Object.fromEntries(
      opening.solids
        .filter(({ owner }) => owner === 'copyLeaf')
        .map(({ thing, x, y }) => [thing, [(x[0] + x[1]) / 640, (y[0] + y[1]) / 640]]),
    );
    const sheet = preparationOf(opening, projectBasis('british'))!
      .groups.find(({ name }) => name === 'prepGroup.carried')!
      .lines.map(({ name, values }) => [
        name,
        ...values.map((value) => (value.type === 'length' ? value.ticks / 320 : 0)),
      ]);
    // The lock edge is 1 further out, so that what was 379 from it is 380; the closer keeps to the hinges.
    expect(sheet.map(([name]) => name)).toEqual([
      'prep.carried.viewer',
      'prep.carried.plate',
      'prep.carried.vent',
      'prep.carried.closer',
      'prep.carried.bevelLock',
    ]);
    expect(sheet[4]).toEqual(['prep.carried.bevelLock', 2]);
    expect(sheet[0]![1]).toBeCloseTo(483, 0);
    expect(sheet[0]![2]).toBeCloseTo(380, 0);
    // Read 60 from the top, 150 from the hinge edge, where the head is 2 and a little higher.
    expect(sheet[3]![1]).toBeCloseTo(62.4, 0);
    expect(sheet[3]![2]).toBeCloseTo(150, 0);
    // In the middle of a leaf of 758 the head is 3 higher; from the hinge edge nothing moves.
    const height = opening.results.sizing.leaves[0]!.height! / 320;
    expect(holes['solid.viewer']![0]).toBeCloseTo(379, 1);
    expect(holes['solid.viewer']![1]).toBeCloseTo(height - 483, 1);
    expect(holes['solid.letterPlate']![1]).toBeCloseTo(height - 1053, 1);
    expect(Object.keys(holes)).toHaveLength(2);
    const viewer = opening.solids.find(({ thing }) => thing === 'solid.viewer')!;
    expect(viewer.x[1] - viewer.x[0]).toBe(mm(14));
    // The stick of the lock side has it, too, between its ends.
    const stick = storySticks(opening).find(({ edge }) => edge === 'lock')!;
    expect(stick.marks.filter(({ thing }) => thing === 'solid.viewer')).toHaveLength(2);
    // Panels hold what is clamped through them.
    expect(opening.findings.map(({ code }) => code)).not.toContain('checking.void');
  });

  it('keeps what was read from one edge as far from it on a leaf that tapers', () => {
    const opening = decided({
      hangs: 'well',
      leafWidthTop: mm(740),
      leafWidthBottom: mm(760),
      leafHeight: mm(1960),
      gapLockTop: PRACTICES.british.values.gapsTimber.value.lock + mm(2),
      viewerFromTop: mm(490),
      viewerFromLock: mm(370),
      closerFromTop: mm(60),
      closerFromHinge: mm(150),
    });
    const lines = preparationOf(opening, projectBasis('british'))!.groups.find(
      ({ name }) => name === 'prepGroup.carried',
    )!.lines;
    const second = lines.map(({ values: [, one] }) =>
      one?.type === 'length' ? one.ticks / 320 : undefined,
    );
    // The lock edge is 2 further out along its whole length; nothing moves at the hinges.
    expect(second).toEqual([372, 150]);
  });

  it('takes the taper at the end that is not square, and asks which that is', () => {
    const tapered = {
      leafWidth: mm(700),
      leafHeightHinge: mm(1960),
      leafHeight: mm(1952),
      hangs: 'well',
    };
    const foot = copiedLeaf(
      new Survey(readings({ ...tapered, leafSquareEnd: 'foot' })),
      { hinge: 0, lock: 0, head: 0, undercut: 0 },
      0,
    )!;
    expect(foot.needed.lockBottom.y - foot.needed.hingeBottom.y).toBeCloseTo(0, 3);
    expect(foot.needed.hingeTop.y - foot.needed.lockTop.y).toBeCloseTo(mm(8), 3);
    const head = decided(tapered);
    const { needed } = head.results.sizing.fitting!.leaves[0]!;
    expect(needed.hingeTop.y - needed.lockTop.y).toBeCloseTo(0, 3);
    expect(needed.lockBottom.y - needed.hingeBottom.y).toBeCloseTo(mm(8), 3);
    expect(head.findings.map(({ code }) => code)).toContain('sizing.copyTaper');
  });

  it('is shorter by a floor that rises, also where the gap under it was not read', () => {
    const opening = decided({
      hangs: 'well',
      leafWidth: mm(760),
      leafHeight: mm(1975),
      coveringNow: mm(3),
      coveringLater: mm(15),
    });
    expect(size(opening, 'sizing.leafHeight')).toBe(1963);
  });

  it('orders in inches what the hand gets: 29 3/4 × 79, 1/8 more at a lock edge that gapes', () => {
    const wanted = PRACTICES['us-residential'].values.gapsTimber.value;
    const opening = decided(
      {
        leafWidth: inches(29.75),
        leafHeight: inches(79),
        headGapNow: wanted.head,
        gapLockTop: wanted.lock + inches(1 / 8),
        gapFloorHinge: wanted.undercut,
      },
      {},
      'us-residential',
    );
    expect(size(opening, 'sizing.leafWidth')).toBe(inches(29.875) / 320);
    expect(size(opening, 'sizing.leafHeight')).toBe(inches(79) / 320);
    const { order } = opening.results.sizing.fitting!.leaves[0]!;
    expect(order.kind).not.toBe('as-made');
  });

  it('cut by its plan and set into the frame it came from, has the gaps that were wanted all round', () => {
    const gap = fc.integer({ min: 0, max: mm(9) });
    fc.assert(
      fc.property(
        fc.tuple(gap, gap, gap, gap, gap, gap, gap, gap),
        fc.integer({ min: mm(600), max: mm(1000) }),
        fc.integer({ min: mm(1900), max: mm(2200) }),
        fc.integer({ min: -mm(6), max: mm(6) }),
        ([ht, hb, lt, lb, hh, hl, fh, fl], width, height, taper) => {
          const read = {
            leafWidthTop: width,
            leafWidthBottom: width + taper,
            leafHeightHinge: height,
            leafHeight: height,
            leafSquareEnd: 'head',
            gapHingeTop: ht,
            gapHingeBottom: hb,
            gapLockTop: lt,
            gapLockBottom: lb,
            headGapNow: hh,
            gapHeadLock: hl,
            gapFloorHinge: fh,
            gapFloorLock: fl,
          };
          const opening = decided(read);
          const { copied, leaves, gaps } = opening.results.sizing.fitting!;
          const { order, needed } = leaves[0]!;
          if (order.kind === 'as-made') throw new Error('softwood is cut');
          // The frame as the old leaf and its gaps describe it, built without the code under test.
          const frame = frameOf(copied!.old, read);
          const cut = leafAfterCuts(order.plan);
          // Cuts round up by less than a tick, at each end of each edge.
          const placed = fitInto(cut, frame, gaps);
          for (const off of placed) expect(Math.abs(off)).toBeLessThan(4);
          expect(needed.hingeTop.x).toBeCloseTo(needed.hingeBottom.x, 3);
        },
      ),
      { numRuns: 200 },
    );
  });
});

type Point = { x: number; y: number };
type Line = readonly [Point, Point];

/** The four sides of the frame, as lines through the ends of the old leaf's edges moved out by the gaps read. */
function frameOf(
  old: { hingeTop: Point; hingeBottom: Point; lockTop: Point; lockBottom: Point },
  read: Record<string, number | string>,
): Record<'hinge' | 'lock' | 'head' | 'floor', Line> {
  const gap = (name: string) => read[name] as Ticks;
  const by = ({ x, y }: Point, dx: number, dy: number) => ({ x: x + dx, y: y + dy });
  return {
    hinge: [
      by(old.hingeBottom, -gap('gapHingeBottom'), 0),
      by(old.hingeTop, -gap('gapHingeTop'), 0),
    ],
    lock: [by(old.lockBottom, gap('gapLockBottom'), 0), by(old.lockTop, gap('gapLockTop'), 0)],
    head: [by(old.hingeTop, 0, gap('headGapNow')), by(old.lockTop, 0, gap('gapHeadLock'))],
    floor: [
      by(old.hingeBottom, 0, -gap('gapFloorHinge')),
      by(old.lockBottom, 0, -gap('gapFloorLock')),
    ],
  };
}

/**
 * Sets a leaf into a frame with its hinge edge along the hinge jamb at its gap and its foot at its own, and
 * tells by how much every gap at every corner then is off what is wanted, in ticks. Gaps count along and
 * across the old leaf, as they were read.
 */
function fitInto(
  leaf: readonly Point[],
  frame: ReturnType<typeof frameOf>,
  wanted: { hinge: number; lock: number; head: number; undercut: number },
): number[] {
  const [hb, lb, lt, ht] = leaf as [Point, Point, Point, Point];
  const xAt = ([a, b]: Line, y: number) => a.x + ((y - a.y) * (b.x - a.x)) / (b.y - a.y);
  const yAt = ([a, b]: Line, x: number) => a.y + ((x - a.x) * (b.y - a.y)) / (b.x - a.x);
  const jamb = Math.atan2(frame.hinge[1].x - frame.hinge[0].x, frame.hinge[1].y - frame.hinge[0].y);
  const own = Math.atan2(ht.x - hb.x, ht.y - hb.y);
  const turn = jamb - own;
  const turned = ({ x, y }: Point) => ({
    x: (x - hb.x) * Math.cos(turn) + (y - hb.y) * Math.sin(turn),
    y: -(x - hb.x) * Math.sin(turn) + (y - hb.y) * Math.cos(turn),
  });
  const corners = [hb, lb, lt, ht].map(turned) as [Point, Point, Point, Point];
  // The lower hinge corner stands where the hinge edge at its gap meets the foot at its own.
  let at = { x: 0, y: 0 };
  for (let round = 0; round < 40; round++) {
    at = { ...at, y: yAt(frame.floor, at.x) + wanted.undercut };
    at = { x: xAt(frame.hinge, at.y) + wanted.hinge, y: at.y };
  }
  const [b, l, t, h] = corners.map(({ x, y }) => ({ x: x + at.x, y: y + at.y })) as typeof corners;
  return [
    b.x - xAt(frame.hinge, b.y) - wanted.hinge,
    h.x - xAt(frame.hinge, h.y) - wanted.hinge,
    xAt(frame.lock, l.y) - l.x - wanted.lock,
    xAt(frame.lock, t.y) - t.x - wanted.lock,
    yAt(frame.head, h.x) - h.y - wanted.head,
    yAt(frame.head, t.x) - t.y - wanted.head,
    b.y - yAt(frame.floor, b.x) - wanted.undercut,
    l.y - yAt(frame.floor, l.x) - wanted.undercut,
  ];
}
