import fc from 'fast-check';
import { inches, mm, toMm } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import type { OpeningFacts } from '../model/index.js';
import { decideOpening } from '../deciding/index.js';
import { soundFacts } from '../testing/arbitrary.js';
import { hingeLoads } from '../hanging/index.js';
import {
  clashDrawings,
  draw,
  layout,
  loadsDrawing,
  mirror,
  swingDrawing,
  withoutFigures,
  pathData,
  placeLeaves,
  writeSvg,
  type DrawingModel,
  type Element,
} from './index.js';

const us = PRACTICES['us-commercial'];
const base: OpeningFacts = {
  mark: '1',
  kind: 'single',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
  leafConstruction: 'timber-stave',
  hingeSide: 'left',
  swing: 'out',
};
const decide = (facts: Partial<OpeningFacts> = {}) => decideOpening({ ...base, ...facts }, us);
const of = (model: DrawingModel, layer: string) =>
  model.elements.filter((element) => element.layer === layer);
const points = (element: Element | undefined) => (element?.kind === 'line' ? element.points : []);
const dimensions = (model: DrawingModel) =>
  Object.fromEntries(
    model.elements.flatMap((element) =>
      element.kind === 'dimension' ? [[element.part, element.ticks]] : [],
    ),
  );

describe('leaves in their frame', () => {
  it('that swing both ways stand in the middle of its depth', () => {
    const middle = (model: DrawingModel, layer: string) => {
      const ys = of(model, layer).flatMap((element) =>
        element.kind === 'line' ? element.points.map(({ y }) => y) : [],
      );
      return (Math.min(...ys) + Math.max(...ys)) / 2;
    };
    for (const kind of ['double-acting', 'double-acting-pair'] as const) {
      const model = draw(
        decide({ kind, frameWidth: inches(kind === 'double-acting' ? 36 : 72) }),
        'plan',
      );
      expect(Math.abs(middle(model, 'leaf') - middle(model, 'frame'))).toBeLessThan(2);
    }
  });
  it('stand inside it with their gaps, whatever the kind', () => {
    fc.assert(
      fc.property(soundFacts, (facts) => {
        const decided = decideOpening(facts, us);
        const placed = placeLeaves(decided)!;
        for (const leaf of placed.leaves) {
          if (placed.sliding) continue;
          expect(leaf.left).toBeGreaterThanOrEqual(0);
          expect(leaf.left + leaf.width).toBeLessThanOrEqual(placed.width + 1);
          expect(leaf.bottom + leaf.height).toBeLessThanOrEqual(placed.height);
        }
        if (placed.leaves.length === 2 && facts.kind !== 'stable' && !placed.sliding) {
          const [left, right] = placed.leaves;
          expect(left!.left + left!.width).toBeLessThanOrEqual(right!.left);
          expect([left!.hinges, right!.hinges]).toEqual(['left', 'right']);
        }
      }),
    );
  });
  it('stack as upper and lower on a stable door', () => {
    const [upper, lower] = placeLeaves(decide({ kind: 'stable' }))!.leaves;
    expect(lower!.bottom + lower!.height + inches(1 / 8)).toBe(upper!.bottom);
  });
});

describe('the elevation', () => {
  it('draws as many hinges as were decided, at their heights', () => {
    const decided = decide();
    const model = draw(decided, 'elevation-outside');
    const { positions, hingeHeight } = decided.results.hanging.leaves[0]!;
    // The barrel of each, without its tips.
    const tops = of(model, 'hardware').flatMap((element) => {
      const up = points(element).map((point) => point.y);
      const height = Math.max(...up) - Math.min(...up);
      return Math.abs(height - hingeHeight!) < 1 ? [Math.max(...up)] : [];
    });
    const leafTop = inches(0.75 + 83.125);
    expect(tops.map((top) => leafTop - top)).toEqual(positions);
  });
  it('marks the active leaf of a pair, and asks for a hand that is open', () => {
    const texts = (facts: Partial<OpeningFacts>) =>
      draw(decide(facts), 'elevation-outside').elements.flatMap((element) =>
        element.kind === 'text' ? [element.text] : [],
      );
    expect(texts({ kind: 'pair', frameWidth: inches(72), active: 'right' })).toContain('active');
    expect(texts({ swing: undefined })).toContain('hand open');
    expect(texts({ kind: 'pocket' })).toContain('side open');
    expect(texts({ frameWidth: undefined })).toEqual(['size open']);
  });
  it('draws glass where it is recorded', () => {
    expect(
      of(
        draw(decide({ glassWidth: inches(10), glassHeight: inches(20) }), 'elevation-inside'),
        'glass',
      ),
    ).toHaveLength(1);
    expect(of(draw(decide(), 'elevation-inside'), 'glass')).toHaveLength(0);
  });
  it('of the inside is the mirror of the outside in its frame and leaf', () => {
    const xs = (view: 'elevation-outside' | 'elevation-inside') =>
      points(of(draw(decide(), view), 'leaf')[0])
        .map((point) => point.x)
        .sort((a, b) => a - b);
    expect(xs('elevation-inside')).toEqual(
      xs('elevation-outside')
        .map((x) => inches(36) - x)
        .sort((a, b) => a - b),
    );
  });
});

describe('the plan', () => {
  it('opens towards a person outside below when the leaf swings out, above when in', () => {
    const reach = (swing: 'in' | 'out') =>
      points(of(draw(decide({ swing }), 'plan'), 'open')[0]).map((point) => point.y);
    expect(Math.min(...reach('out'))).toBeLessThan(-inches(30));
    expect(Math.max(...reach('in'))).toBeGreaterThan(inches(30));
  });
  it('shows the clear width between the open leaf and the stop', () => {
    fc.assert(
      fc.property(
        soundFacts.filter((facts) => facts.kind === 'single'),
        (facts) => {
          const decided = decideOpening(facts, us);
          const model = draw(decided, 'plan');
          const clear = model.elements.find((element) => element.kind === 'dimension');
          const open = points(of(model, 'open')[0]).map((point) => point.x);
          const stop = decided.results.sizing.stopWidth;
          const expected =
            facts.hingeSide === 'left'
              ? (facts.frameWidth as number) - stop - Math.max(...open)
              : Math.min(...open) - stop;
          expect(
            clear?.kind === 'dimension' && Math.abs(clear.ticks - expected),
          ).toBeLessThanOrEqual(1.5);
        },
      ),
    );
  });
  it('swings a double-acting leaf both ways and a double-egress pair one each', () => {
    const ys = (facts: Partial<OpeningFacts>) =>
      of(draw(decide(facts), 'plan'), 'open').map((element) => Math.sign(points(element)[1]!.y));
    expect(ys({ kind: 'double-acting' }).sort()).toEqual([-1, 1]);
    expect(ys({ kind: 'double-egress', frameWidth: inches(72) }).sort()).toEqual([-1, 1]);
    expect(ys({ kind: 'pair', frameWidth: inches(72), active: 'left' })).toEqual([-1, -1]);
  });
});

describe('a rebated leaf', () => {
  const { leafOverlap, leafRebate } = PRACTICES.continental.values;
  const room = (facts: Partial<OpeningFacts>) =>
    decideOpening({ ...base, leafEdge: 'rebated', ...facts }, PRACTICES.continental);
  const spread = (element: Element | undefined, axis: 'x' | 'y') => {
    const all = points(element).map((point) => point[axis]);
    return [Math.min(...all), Math.max(...all)] as const;
  };
  it('lies over the frame at both edges, as deep as its rebate leaves', () => {
    const decided = room({});
    const { width, thickness } = decided.results.sizing.leaves[0]!;
    const [leaf] = of(draw(decided, 'plan'), 'leaf');
    const [left, right] = spread(leaf, 'x');
    expect(right - left).toBeCloseTo(width! + 2 * leafOverlap.value, 6);
    const deep = new Set(points(leaf).map(({ y }) => Math.round(Math.abs(y))));
    expect([...deep].sort((a, b) => a - b)).toEqual([0, thickness! - leafRebate.value, thickness]);
    const [flush] = of(draw(room({ leafEdge: 'flush' }), 'plan'), 'leaf');
    expect(points(flush)).toHaveLength(4);
  });
  it('is drawn so where it is taken to be one, in a frame of what it is taken to be', () => {
    const facts: OpeningFacts = {
      mark: '1',
      kind: 'single',
      from: 'Flur',
      to: 'Schlafzimmer',
      leafWidth: mm(860),
      leafHeight: mm(1985),
      hingeSide: 'left',
      swing: 'in',
    };
    const decided = decideOpening(facts, PRACTICES.continental);
    expect(points(of(draw(decided, 'plan'), 'leaf')[0])).toHaveLength(8);
    const [left, right] = spread(of(draw(decided, 'plan'), 'frame')[0], 'x');
    expect(right - left).toBe(PRACTICES.continental.values.frameSeen.value);
    const house = decideOpening({ ...facts, to: 'Bedroom', from: 'Hall' }, PRACTICES.british);
    const [one, other] = spread(of(draw(house, 'plan'), 'frame')[0], 'x');
    expect(other - one).toBe(PRACTICES.british.values.timberJamb.value);
  });
  it('covers its gaps at both sides and the head, seen from where it is pulled', () => {
    const seen = (facts: Partial<OpeningFacts>, view: 'outside' | 'inside') => {
      const decided = room(facts);
      const [left, right] = spread(of(draw(decided, `elevation-${view}`), 'leaf')[0], 'x');
      return right - left - decided.results.sizing.leaves[0]!.width!;
    };
    expect(seen({ swing: 'out' }, 'outside')).toBeCloseTo(2 * leafOverlap.value, 6);
    expect(seen({ swing: 'out' }, 'inside')).toBeCloseTo(0, 6);
    expect(seen({ swing: 'in' }, 'inside')).toBeCloseTo(2 * leafOverlap.value, 6);
    expect(seen({ swing: 'out', leafEdge: 'flush' }, 'outside')).toBeCloseTo(0, 6);
  });
});

describe('the edges', () => {
  it('show recesses on the hinge edge only, with height and set-back', () => {
    // A plate and its knuckles each.
    expect(of(draw(decide(), 'hinge-edge'), 'hardware')).toHaveLength(3 * 2);
    expect(of(draw(decide(), 'lock-edge'), 'hardware')).toHaveLength(0);
    expect(dimensions(draw(decide(), 'hinge-edge'))).toMatchObject({
      'hanging.hingeHeight': inches(4.5),
      'hanging.setBack': inches(1 / 4),
      'sizing.leafThickness': inches(1.75),
    });
  });
});

describe('writing', () => {
  it('lays out in millimetres with y down, and escapes what people write', () => {
    const model = draw(decide({ from: '<b>&"', to: 'x' }), 'plan');
    const { box } = layout(model, { system: 'inch' });
    expect(box[2]).toBeCloseTo(toMm(model.extents.right - model.extents.left), 6);
    const svg = writeSvg(model, { system: 'inch' }, '<1>');
    expect(svg).toContain('&lt;b&gt;&amp;&quot;');
    expect(svg).toContain('<title>&lt;1&gt;</title>');
    expect(
      pathData(
        [
          { x: 0, y: 0 },
          { x: 1.234, y: 2 },
        ],
        true,
      ),
    ).toBe('M0 0L1.23 2Z');
  });
  it('mirrors twice into the same', () => {
    const { elements } = draw(decide(), 'elevation-outside');
    expect(mirror(mirror(elements, 1000), 1000)).toEqual(elements);
  });
});

describe('the mirror image of an opening', () => {
  const round = (model: DrawingModel, elements = model.elements) =>
    elements.map((element) =>
      JSON.stringify(element, (_, value: unknown) =>
        typeof value === 'number' ? Math.round(value) + 0 : value,
      ),
    );
  /** Lines may begin at another end once mirrored: only where they go counts. */
  const shape = (element: Element): Element =>
    element.kind === 'line'
      ? {
          ...element,
          points: [...element.points].sort((a, b) => a.x - b.x || a.y - b.y),
        }
      : element;
  const sorted = (model: DrawingModel, elements: Element[]) =>
    round(model, elements.map(shape)).sort();

  it('gives the mirrored drawing and the opposite hand, and nothing else', () => {
    const more = fc.record({
      lockKind: fc.constantFrom(
        'mortise' as const,
        'cylindrical' as const,
        'rods-surface' as const,
      ),
      closer: fc.constantFrom('surface-pull' as const, 'concealed-overhead' as const),
      bottomSeal: fc.constantFrom('drop-full' as const, 'sweep' as const),
      kickPlate: fc.constantFrom(inches(8), inches(40)),
      swing: fc.constantFrom('in' as const, 'out' as const),
      glassWidth: fc.constantFrom(inches(5), inches(20)),
    });
    fc.assert(
      fc.property(more, (facts) => {
        const whole = {
          ...facts,
          closer: 'any' as const,
          glassHeight: inches(24),
          glassFromLock: inches(6),
        };
        const left = decide({ ...whole, hingeSide: 'left' });
        const right = decide({ ...whole, hingeSide: 'right' });
        const hand = (decided: typeof left) => decided.results.handing.hand!;
        expect([hand(left).hinges, hand(right).hinges]).toEqual(['left', 'right']);
        for (const view of ['elevation-outside', 'elevation-inside'] as const) {
          const [a, b] = [draw(left, view), draw(right, view)];
          const lines = (model: DrawingModel) =>
            model.elements.filter((element) => element.kind === 'line');
          expect(sorted(b, lines(b))).toEqual(sorted(a, mirror(lines(a), inches(36))));
          expect(dimensions(b)).toEqual(dimensions(a));
        }
        const rest = (decided: typeof left) =>
          decided.decisions
            .filter((one) => one.stage !== 'handing')
            .map((one) => [one.key, one.value]);
        expect(rest(right)).toEqual(rest(left));
        expect(right.items.map((one) => one.quantity)).toEqual(
          left.items.map((one) => one.quantity),
        );
        expect(right.clashes).toEqual(left.clashes);
      }),
      { numRuns: 30 },
    );
  });
});

describe('close drawings', () => {
  const clashing = decide({
    lockKind: 'mortise',
    leafConstruction: 'timber-panelled-hardwood',
    closer: 'concealed-overhead',
  });

  it('show a clash from the face and in a cut, within the place, both owners named', () => {
    const clash = clashing.clashes.find((one) => one.a.thing === 'solid.lockCase')!;
    const leaf = clashing.results.sizing.leaves[0]!;
    const whole = { width: leaf.width!, height: leaf.height!, thickness: leaf.thickness! };
    const { face, cut, level } = clashDrawings(clash, clashing.solids, whole);
    expect(level).toBe(true);
    for (const model of [face, cut]) {
      const [mark] = of(model, 'clash');
      const { left, right, bottom, top } = model.extents;
      for (const point of points(mark)) {
        expect(point.x).toBeGreaterThan(left);
        expect(point.x).toBeLessThan(right);
        expect(point.y).toBeGreaterThan(bottom);
        expect(point.y).toBeLessThan(top);
      }
      const words = model.elements.flatMap((one) => (one.kind === 'text' ? [one.text] : []));
      expect(words).toEqual(['lock case', 'rail’s tenon']);
    }
    expect(of(draw(clashing, 'elevation-outside'), 'clash').length).toBe(clashing.clashes.length);
  });

  it('swing the leaf about its axis and clear of trim as far as was worked out', () => {
    const decided = decide({ trimProjection: inches(1) });
    for (const degrees of [0, 45, 90, 180]) {
      const model = swingDrawing(decided, degrees)!;
      const [leaf] = of(model, 'leaf');
      const { x, y } = decided.results.hanging.axis!;
      const far = (at: { x: number; y: number }) => Math.hypot(at.x - x, at.y - y);
      const closed = points(of(swingDrawing(decided, 0)!, 'leaf')[0]);
      points(leaf).forEach((point, index) =>
        expect(far(point)).toBeCloseTo(far(closed[index]!), 3),
      );
      // No corner of the leaf is in the trim, which stands beside the rabbet.
      for (const point of points(leaf))
        expect(point.x < -1 && point.y > 1 && point.y < inches(1) - 1).toBe(false);
    }
    expect(
      swingDrawing(decide({ frameWidth: undefined, leafWidth: undefined }), 90),
    ).toBeUndefined();
  });

  it('draw what each hinge carries: the longest arrow for the greatest force', () => {
    const positions = [inches(5), inches(37), inches(70)];
    const loads = hingeLoads(
      40_000,
      inches(36),
      0,
      positions.map((top) => inches(83 - 2.25) - top),
    );
    const model = loadsDrawing(
      {
        height: inches(83),
        width: inches(36),
        hingeHeight: inches(4.5),
        positions,
        loads,
        rails: [],
        pattern: [],
        basis: 'derived',
      },
      'inch',
    );
    const arrows = of(model, 'force').filter((one) => one.kind === 'line' && !one.closed);
    const length = (one: Element) => {
      const [a, b] = points(one);
      return Math.hypot(a!.x - b!.x, a!.y - b!.y);
    };
    const most = Math.max(...loads.flatMap((one) => [Math.abs(one.out), one.shear]));
    // A hundredth of the greatest is too short to be drawn.
    const forces = loads.flatMap((one) => [
      ...(Math.abs(one.out) > most / 100 ? [Math.abs(one.out)] : []),
      one.shear,
    ]);
    const ratio = Math.max(...arrows.map(length)) / Math.max(...forces);
    arrows.forEach((one, index) => expect(length(one) / forces[index]!).toBeCloseTo(ratio, 3));
    expect(withoutFigures(model).elements.some((one) => one.kind === 'dimension')).toBe(false);
  });
});
