import fc from 'fast-check';
import { inches, mm } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import { decideOpening } from '../deciding/index.js';
import type { OpeningFacts } from '../model/index.js';
import { Survey } from '../survey/index.js';
import { phraseText, termText } from '../phrasing/index.js';
import { compareHinges, hingePlugs, repairsOf, exposedSpans } from './index.js';
import { readings } from '../testing/readings.js';

const FOUND = {
  widthTop: mm(768),
  heightHinge: mm(1992),
  leafWidth: mm(762),
  leafHeight: mm(1981),
  lockHeight: mm(1000),
  backset: mm(57),
  strikeHeight: mm(1000),
  closerPlace: 'none',
  frameState: 'sound',
  leafState: 'sound',
  hingeState: 'sound',
  lockState: 'sound',
};

const decide = (values: Record<string, number | string> = {}, facts: Partial<OpeningFacts> = {}) =>
  decideOpening(
    {
      mark: '1',
      kind: 'single',
      frameMaterial: 'timber',
      leafConstruction: 'timber-panelled-softwood',
      readings: readings({ ...FOUND, ...values }),
      ...facts,
    },
    PRACTICES.british,
  );

describe('keep, move or renew', () => {
  it('keeps what is sound', () => {
    expect(decide().results.replacing!.verdicts).toEqual({
      frame: 'keep',
      leaf: 'keep',
      hinges: 'keep',
      lock: 'keep',
      strike: 'keep',
    });
  });

  it.each([
    [{ frameState: 'rusted' }, { frame: 'renew', hinges: 'renew', strike: 'renew' }],
    [{ frameState: 'loose' }, { frame: 'keep' }],
    [{ leafState: 'split' }, { leaf: 'renew', lock: 'move', strike: 'keep' }],
    [{ widthTop: mm(790) }, { leaf: 'renew' }],
    [{ hingeState: 'seized' }, { hinges: 'renew', leaf: 'keep' }],
    [{ lockState: 'broken' }, { lock: 'renew' }],
    [{ strikeHeight: mm(1012) }, { strike: 'move' }],
    [{ leafState: 'warped', closerPlace: 'pull side' }, { closer: 'move' }],
  ] as const)('%o', (found, verdicts) => {
    expect(decide(found).results.replacing!.verdicts).toMatchObject(verdicts);
  });

  it('misses a closer on a rated leaf', () => {
    expect(decide({}, { rating: 30 }).results.replacing!.verdicts.closer).toBe('renew');
  });

  it('asks for a state that nobody looked at, and lets a person decide otherwise', () => {
    const { frameState: _, ...rest } = FOUND;
    const decided = decideOpening(
      { mark: '1', kind: 'single', readings: readings(rest) },
      PRACTICES.british,
    );
    expect(decided.decisions.find((one) => one.key === 'replacing.frame')).toMatchObject({
      status: 'open',
      question: { code: 'ask.state.frame' },
    });
    const chosen = decide(
      { hingeState: 'worn' },
      { choices: { 'replacing.hinges': { value: 'keep', reason: 'listed building' } } },
    );
    expect(chosen.results.replacing!.verdicts.hinges).toBe('keep');
  });

  it('says why in words, for every state there is', () => {
    for (const frameState of ['sound', 'loose', 'rusted', 'split', 'stripped screws']) {
      const decided = decide({ frameState }, { rating: 30 });
      for (const decision of decided.decisions.filter((one) => one.stage === 'preparing')) {
        const words = decision.reasons.map((reason) => phraseText(reason, { system: 'metric' }));
        expect(words.join(' ')).toMatch(/^[A-Z]/);
        if (decision.value?.type === 'term')
          expect(['keep', 'move', 'renew']).toContain(termText(decision.value.term));
      }
    }
  });
});

describe('plugging', () => {
  const span = fc
    .tuple(fc.integer({ min: 0, max: 1000 }), fc.integer({ min: 1, max: 300 }))
    .map(([from, long]) => [from, from + long] as const);

  it('is exactly what of the old recess nothing new covers', () => {
    fc.assert(
      fc.property(span, fc.array(span, { maxLength: 4 }), (old, fresh) => {
        const plugs = exposedSpans(old, fresh, 0);
        for (let at = old[0] + 0.5; at < old[1]; at++) {
          const covered = fresh.some(([from, to]) => from <= at && at <= to);
          const plugged = plugs.some(([from, to]) => from <= at && at <= to);
          expect(plugged).toBe(!covered);
        }
        for (const [from, to] of plugs) {
          expect(from).toBeGreaterThanOrEqual(old[0]);
          expect(to).toBeLessThanOrEqual(old[1]);
        }
      }),
    );
  });

  it('lists each hinge with where its plug goes', () => {
    expect(
      hingePlugs(
        { belowHead: [mm(150), mm(900)], height: mm(100) },
        { belowHead: [mm(170), mm(900)], height: mm(100) },
        mm(1),
      ),
    ).toEqual([{ of: 'hinge', index: 1, from: mm(150), to: mm(170) }]);
  });
});

describe('a strike that is moved', () => {
  it('leaves of its old recess what it no longer covers', () => {
    const { plugs } = decide({ strikeHeight: mm(1012), strikeLength: mm(135) }).results.replacing!;
    expect(plugs).toHaveLength(1);
    expect(plugs[0]).toMatchObject({ of: 'strike' });
    expect(plugs[0]!.to - plugs[0]!.from).toBe(mm(12));
    // Its old place stood higher, so what is left open is at its top.
    expect(plugs[0]!.from).toBe(mm(1992 - 1012 - 67.5));
    expect(decide({ strikeLength: mm(135) }).results.replacing!.plugs).toEqual([]);
  });
});

describe('repairs of a frame', () => {
  const ways = (state: string, facts: Partial<OpeningFacts> = {}) =>
    repairsOf(
      { mark: '1', kind: 'single', ...facts },
      new Survey(readings({ frameState: state })),
    ).map((repair) => repair.way);

  it('are ranked by what they cut and cost, by material', () => {
    expect(ways('sound')).toEqual([]);
    expect(ways('loose')).toEqual(['refix']);
    expect(ways('stripped screws')).toEqual([
      'long-screws',
      'plug-and-redrill',
      'other-pattern',
      'continuous',
    ]);
    expect(ways('stripped screws', { frameMaterial: 'steel' })).toEqual([
      'tap-frame',
      'other-pattern',
      'continuous',
    ]);
  });

  it('defer to the listing of a rated frame', () => {
    const [, second] = repairsOf(
      { mark: '1', kind: 'single', rating: 60 },
      new Survey(readings({ frameState: 'stripped screws' })),
    );
    expect(second!.reasons.map((reason) => reason.code)).toContain('replacing.listing');
  });
});

describe('chart against survey', () => {
  it('tells what happens at each hinge', () => {
    const match = {
      id: 'x',
      practice: 'y',
      positions: [0, 0, 0, 0, 0],
      residuals: [0, inches(1 / 20), inches(1 / 8), inches(2), inches(6)].map(Math.round),
      fit: 'misfit' as const,
      shift: 0,
      shiftedResiduals: [],
      shiftedFit: 'misfit' as const,
    };
    const effects = compareHinges(match, inches(4.5), {
      fit: inches(1 / 32),
      ease: inches(1 / 16),
      holes: inches(1 / 4),
    });
    expect(effects.map((one) => one.effect)).toEqual([
      'fits',
      'eased',
      'holes',
      'overlap',
      'apart',
    ]);
    expect(effects[3]!.survey - effects[3]!.chart).toBe(effects[3]!.off);
  });
});
