import fc from 'fast-check';
import { inches, toMm } from '../measure/index.js';
import { PRACTICES } from '../practice/index.js';
import type { OpeningFacts } from '../opening/index.js';
import { decideOpening } from '../deciding/index.js';
import { soundFacts } from '../testing/arbitrary.js';
import {
  draw,
  layout,
  mirror,
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
    const tops = of(model, 'hardware').map((element) =>
      Math.max(...points(element).map((point) => point.y)),
    );
    const leafTop = inches(0.75 + 83.125);
    expect(tops.map((top) => leafTop - top)).toEqual(decided.hanging.leaves[0]!.positions);
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
          const stop = decided.sizes.stopWidth;
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

describe('the edges', () => {
  it('show recesses on the hinge edge only, with height and set-back', () => {
    expect(of(draw(decide(), 'hinge-edge'), 'hardware')).toHaveLength(3);
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
