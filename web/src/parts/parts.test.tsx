import { renderToStaticMarkup } from 'react-dom/server';
import {
  decideOpening,
  inches,
  lengthPart,
  PRACTICES,
  VIEWS,
  type StageProgress,
  type OpeningFacts,
} from '@riegel/core';
import { DrawingView } from '../drawing/DrawingView.js';
import { litBy, stageOfPart } from '../drawing/parts.js';
import { BasisMark } from './BasisMark.js';
import { BoltRow, BoltStack, boltWords } from './BoltRow.js';
import {
  countProgress,
  packProgress,
  unpackProgress,
  type StageCount,
} from '../worker/progress.js';
import { Figures } from './Figure.js';
import { WithFractions } from './WithFractions.js';

const bolt = (rest: Partial<StageProgress>): StageProgress => ({
  stage: 'hanging',
  state: 'open',
  open: 0,
  ...rest,
});
const plain = (markup: string) =>
  markup.replace(/<title>.*?<\/title>/g, '').replace(/<[^>]*>/g, '');

describe('figures', () => {
  it('set only the fraction as one, keep it readable, and tell the exact value when rounded', () => {
    const exact = renderToStaticMarkup(
      <Figures parts={[lengthPart(inches(35.75), { system: 'inch' })]} />,
    );
    expect(exact).toContain('<span class="frac">3/4</span>');
    expect(plain(exact)).toBe('35 3/4 in');
    expect(exact).not.toContain('exactly');
    const rounded = renderToStaticMarkup(
      <Figures
        parts={['about ', lengthPart(inches(35.75) + 1, { system: 'inch' })]}
        units={false}
      />,
    );
    expect(rounded).toContain('title="exactly 908.053125 mm"');
    expect(plain(rounded)).toBe('about 35 3/4');
  });
  it('set fractions within sentences, and leave other strokes alone', () => {
    const markup = renderToStaticMarkup(<WithFractions text="35 3/4 in, and/or 1/3" />);
    expect(markup).toBe('35 <span class="frac !ml-0">3/4</span> in, and/or 1/3');
  });
});

describe('bolts', () => {
  it('say in words what they show', () => {
    expect(boltWords(bolt({}))).toBe('Hanging: not decided');
    expect(boltWords(bolt({ open: 2 }))).toBe('Hanging: 2 open');
    expect(boltWords(bolt({ state: 'none' }))).toBe('Hanging: deliberately none');
    expect(boltWords(bolt({ state: 'decided', finding: 'stop' }))).toBe('Hanging: decided, stop');
  });
  it('differ by shape as well as by colour', () => {
    const shapes = [
      bolt({}),
      bolt({ state: 'decided' }),
      bolt({ state: 'none' }),
      bolt({ state: 'decided', finding: 'stop' }),
      bolt({ state: 'decided', finding: 'check' }),
    ].map((one) =>
      renderToStaticMarkup(<BoltRow bolts={[one]} />).replace(
        /fill="[^"]*"|stroke="[^"]*"|aria-label="[^"]*"/g,
        '',
      ),
    );
    expect(new Set(shapes).size).toBe(shapes.length);
  });
  it('cross from the worker in short and come out the same', () => {
    const states = ['open', 'decided', 'none'] as const;
    const findings = [undefined, 'stop', 'check', 'note'] as const;
    const row = states.flatMap((state) =>
      findings.map((finding, open) => bolt({ state, open, ...(finding ? { finding } : {}) })),
    );
    expect(unpackProgress(packProgress(row))).toEqual(row);
  });
  it('stack a project’s, counted in and out again', () => {
    const counts: StageCount[] = [];
    const all = [
      bolt({ state: 'decided' }),
      bolt({ state: 'none' }),
      bolt({}),
      bolt({ state: 'decided' }),
    ].map((one) => packProgress([one]));
    for (const one of all) countProgress(counts, one, 1);
    const markup = renderToStaticMarkup(<BoltStack counts={counts} lines={4} />);
    expect(markup).toContain('Hanging: 50 % decided, 25 % deliberately none');
    for (const one of all) countProgress(counts, one, -1);
    expect(counts).toEqual([{ stage: 'hanging', decided: 0, none: 0 }]);
    expect(renderToStaticMarkup(<BoltStack counts={counts} lines={0} />)).not.toContain('NaN');
  });
  it('mark every basis by a shape of its own with a name', () => {
    const marks = (
      ['given', 'measured', 'assumed', 'derived', 'chosen', 'open', 'none'] as const
    ).map((basis) => renderToStaticMarkup(<BasisMark basis={basis} />));
    expect(
      new Set(marks.map((markup) => markup.replace(/(title>|aria-label=")[^<"]*/g, ''))).size,
    ).toBe(7);
    expect(marks[1]).toContain('aria-label="measured"');
  });
});

describe('a drawing on the screen', () => {
  const facts: OpeningFacts = {
    mark: '1',
    kind: 'single',
    frameMaterial: 'steel',
    frameWidth: inches(36),
    frameHeight: inches(84),
    leafConstruction: 'timber-stave',
    hingeSide: 'left',
    swing: 'in',
    provenance: { frameWidth: 'measured' },
  };
  const decided = decideOpening(facts, PRACTICES['us-commercial']);
  it.each(VIEWS)('%s is named and links its parts to decisions', (view) => {
    const markup = renderToStaticMarkup(
      <DrawingView decided={decided} view={view} title="1, a view" onSelect={() => undefined} />,
    );
    expect(markup).toContain('role="img" aria-label="1, a view"');
    expect(markup).toContain('data-part="');
    expect(markup).not.toContain('NaN');
  });
  it('lights a part, and tells a measured figure from others', () => {
    const markup = renderToStaticMarkup(
      <DrawingView
        decided={decided}
        view="elevation-outside"
        title=""
        isLit={litBy('sizing.frameWidth', decided.decisions)}
        isQuiet={(part) => stageOfPart(part) === 'hanging'}
        hidden={new Set(['label'])}
      />,
    );
    expect(markup).toContain('class="layer-dimension lit of-measured"');
    expect(markup).toMatch(/class="layer-hidden quiet"/);
    expect(markup).not.toMatch(/class="layer-leaf[^"]*quiet"/);
    expect(markup).not.toContain('layer-label');
    expect(markup).not.toContain('data-part');
  });
  it('lights with a decision what is drawn of it, by fact, by leaf and by stage', () => {
    const decisions = [
      { key: 'securing.kind', facts: ['lockKind'] },
      { key: 'hanging.count', facts: ['leafHeight'] },
    ];
    const lit = (highlighted: string, part: string) => litBy(highlighted, decisions)!(part);
    expect(lit('securing.kind', 'lockKind')).toBe(true);
    expect(lit('lockKind', 'securing.kind')).toBe(true);
    expect(lit('sizing.leafWidth', 'sizing.leafWidth@inactive')).toBe(true);
    expect(lit('sizing.leafWidth', 'sizing.leafHeight')).toBe(false);
    expect(lit('stage:closing', 'closer')).toBe(true);
    expect(lit('stage:closing', 'lockKind')).toBe(false);
    expect(litBy(undefined, decisions)).toBeUndefined();
  });
});
