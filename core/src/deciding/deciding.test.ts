import fc from 'fast-check';
import { inches } from '../measure/index.js';
import { PRACTICE_IDS } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { STAGES } from '../stageRegistry/index.js';
import type { OpeningFacts } from '../model/index.js';
import { draw, layout, VIEWS, writeSvg } from '../drawing/index.js';
import { decisionName, itemText, phraseText, valueParts, partsText } from '../phrasing/index.js';
import { anyFacts, soundFacts } from '../testing/arbitrary.js';
import { summaryText } from '../exchange/index.js';
import { decideOpening, decideOpenings } from './index.js';

const practiceOf = fc.constantFrom(...PRACTICE_IDS).map((id) => PRACTICES[id]);
const CODE = /^[a-z]+\.[a-zA-Z-]+(\.|$)/;

describe('deciding an opening', () => {
  it('never throws, whatever is recorded, and gives whole ticks', () => {
    fc.assert(
      fc.property(anyFacts, practiceOf, (facts, practice) => {
        const decided = decideOpening(facts, practice);
        for (const decision of decided.decisions) {
          if (decision.value?.type === 'length')
            expect(Number.isInteger(decision.value.ticks)).toBe(true);
          if (decision.status === 'open') expect(decision.question).toBeDefined();
          else expect(decision.value).toBeDefined();
        }
      }),
      { numRuns: 400 },
    );
  });

  it('is deterministic and does not touch its facts', () => {
    fc.assert(
      fc.property(anyFacts, practiceOf, (facts, practice) => {
        const before = JSON.stringify(facts);
        const first = JSON.stringify(decideOpening(facts, practice));
        expect(JSON.stringify(decideOpening(JSON.parse(before) as OpeningFacts, practice))).toBe(
          first,
        );
        expect(JSON.stringify(facts)).toBe(before);
      }),
    );
  });

  it('decides many as it decides each, in their order, whatever their number', () => {
    fc.assert(
      fc.property(
        fc.array(anyFacts, { maxLength: 70 }),
        practiceOf,
        fc.boolean(),
        (many, practice, explain) => {
          const each = many.map((facts) =>
            JSON.stringify(decideOpening(facts, practice, { explain })),
          );
          const held = many.map((facts) => ({ facts }));
          const together = [...decideOpenings(held, practice, { explain })];
          expect(together.map(([of]) => of)).toEqual(held);
          expect(together.map(([, decided]) => JSON.stringify(decided))).toEqual(each);
        },
      ),
      { numRuns: 30 },
    );
  });

  it('puts every thing of the set down with all its fields', () => {
    fc.assert(
      fc.property(soundFacts, practiceOf, (facts, practice) => {
        const orders = decideOpening(facts, practice).items.map((item) => Object.keys(item).join());
        expect(new Set(orders).size).toBeLessThanOrEqual(1);
      }),
    );
  });

  it('decides every stage it has of a sound opening, in working order', () => {
    fc.assert(
      fc.property(soundFacts, (facts) => {
        // “Locked” alone does not say what the lock is for.
        const use = facts.secured === true ? ({ lockUse: 'store' } as const) : {};
        const decided = decideOpening(
          { ...facts, ...use, finish: '626' },
          PRACTICES['us-commercial'],
        );
        expect(
          decided.decisions.filter((decision) => decision.status === 'open').map((d) => d.key),
        ).toEqual([]);
        const order = decided.decisions.map((decision) => STAGES.indexOf(decision.stage));
        expect(order).toEqual([...order].sort((a, b) => a - b));
        expect(decided.items.length).toBeGreaterThan(0);
        expect(new Set(decided.decisions.map((d) => d.key)).size).toBe(decided.decisions.length);
      }),
    );
  });

  it('says everything in words: no bare code is shown', () => {
    fc.assert(
      fc.property(anyFacts, practiceOf, (facts, practice) => {
        const decided = decideOpening(facts, practice);
        const units = { system: practice.system };
        const sentences = [
          ...decided.decisions.flatMap((decision) => [
            ...decision.reasons,
            ...(decision.question ? [decision.question] : []),
            ...decision.alternatives.flatMap((other) => (other.against ? [other.against] : [])),
          ]),
          ...decided.findings,
          ...decided.cautions,
        ].map((said) => phraseText(said, units));
        const words = [
          ...decided.decisions.map((decision) => decisionName(decision.stage, decision.name)),
          ...decided.decisions.flatMap((decision) =>
            decision.value ? [partsText(valueParts(decision.value, units))] : [],
          ),
          ...decided.items.flatMap((item) => itemText(item).split(', ')),
        ];
        expect(
          [...sentences, ...words].filter(
            (text) => CODE.test(text) || text.includes('undefined') || text.includes('NaN'),
          ),
        ).toEqual([]);
        expect(sentences.filter((text) => /\{\w+\}/.test(text))).toEqual([]);
        expect(summaryText(decided)).not.toMatch(/undefined|NaN|\[object/);
      }),
      { numRuns: 400 },
    );
  });

  it('gives the mirror image of an opening the opposite hand and nothing else', () => {
    const flip = { left: 'right', right: 'left' } as const;
    fc.assert(
      fc.property(soundFacts, (facts) => {
        const twin = {
          ...facts,
          hingeSide: flip[facts.hingeSide as 'left'],
          active: flip[facts.active as 'left'],
          slideTo: flip[facts.slideTo as 'left'],
        };
        const [one, other] = [facts, twin].map((each) =>
          decideOpening(each, PRACTICES['us-commercial']),
        ) as [ReturnType<typeof decideOpening>, ReturnType<typeof decideOpening>];
        expect(other.items).toEqual(one.items);
        const rest = (decided: typeof one) =>
          decided.decisions
            .filter((decision) => decision.stage !== 'handing')
            .map((decision) => decision.value);
        expect(rest(other)).toEqual(rest(one));
      }),
    );
  });
});

describe('drawing an opening', () => {
  it('draws every view of anything within its extents, as well-formed SVG', () => {
    fc.assert(
      fc.property(fc.oneof(anyFacts, soundFacts), (facts) => {
        const decided = decideOpening(facts, PRACTICES['us-commercial']);
        for (const view of VIEWS) {
          const model = draw(decided, view);
          const { box, primitives } = layout(model, { system: 'inch' });
          expect(box.every(Number.isFinite)).toBe(true);
          for (const primitive of primitives) {
            const points =
              primitive.kind === 'path'
                ? primitive.points
                : primitive.kind === 'circle'
                  ? [primitive.centre]
                  : [primitive.at];
            for (const { x, y } of points) {
              expect(
                x >= box[0] && x <= box[0] + box[2] && y >= box[1] && y <= box[1] + box[3],
              ).toBe(true);
            }
          }
          expect(writeSvg(model, { system: 'inch' }, 'a & b')).not.toMatch(
            /NaN|Infinity|undefined/,
          );
        }
      }),
      { numRuns: 60 },
    );
  });

  it('mirrors the elevation between opposite hands, point for point', () => {
    const flip = { left: 'right', right: 'left' } as const;
    fc.assert(
      fc.property(
        soundFacts.filter((facts) => facts.kind === 'single'),
        (facts) => {
          const points = (hinges: 'left' | 'right') => {
            const model = draw(
              decideOpening({ ...facts, hingeSide: hinges }, PRACTICES['us-commercial']),
              'elevation-outside',
            );
            return model.elements
              .filter((element) => element.kind === 'line' && element.layer !== 'floor')
              .map((element) => (element.kind === 'line' ? element.points : []));
          };
          const side = facts.hingeSide as 'left';
          const keyed = (list: { x: number; y: number }[][]) =>
            list.map((each) =>
              each
                .map(({ x, y }) => `${Math.round(x)},${Math.round(y)}`)
                .sort()
                .join(' '),
            );
          const mirrored = points(flip[side]).map((list) =>
            list.map(({ x, y }) => ({ x: (facts.frameWidth! as number) - x, y })),
          );
          expect(keyed(mirrored)).toEqual(keyed(points(side)));
        },
      ),
    );
  });

  it('shows knuckles on the side they are on, and swings that come towards the viewer unbroken', () => {
    const facts: OpeningFacts = {
      mark: '1',
      kind: 'single',
      frameMaterial: 'steel',
      frameWidth: inches(36),
      frameHeight: inches(84),
      hingeSide: 'right',
      swing: 'out',
      leafConstruction: 'timber-stave',
    };
    const layers = (view: 'elevation-outside' | 'elevation-inside') =>
      draw(decideOpening(facts, PRACTICES['us-commercial']), view).elements.map(
        (element) => element.layer,
      );
    expect(layers('elevation-outside')).toEqual(expect.arrayContaining(['hardware', 'swing']));
    expect(layers('elevation-inside')).not.toContain('hardware');
    expect(layers('elevation-inside')).not.toContain('swing');
  });

  it('shows the figure that was decided on its dimension', () => {
    const facts: OpeningFacts = {
      mark: '1',
      kind: 'single',
      frameMaterial: 'steel',
      frameWidth: inches(36),
      frameHeight: inches(84),
    };
    const { primitives } = layout(
      draw(decideOpening(facts, PRACTICES['us-commercial']), 'elevation-outside'),
      { system: 'inch' },
    );
    const texts = Object.fromEntries(
      primitives.flatMap((primitive) =>
        primitive.kind === 'text' && primitive.length ? [[primitive.part, primitive.text]] : [],
      ),
    );
    expect(texts).toMatchObject({
      'sizing.frameWidth': '36',
      'sizing.leafWidth': '35 3/4',
      'sizing.leafHeight': '83 1/8',
    });
  });
});
