import { runStage } from '../testing/runStage.js';
import fc from 'fast-check';
import { practiceOf } from '../project/index.js';
import type { Observation } from './facts.js';
import type { OpeningFacts } from '../model/index.js';
import { termText } from '../phrasing/index.js';
import { agrees, ALL_HANDS, mirrored, namesOf, opposite, outsideOf, resolveHand } from './index.js';

const hand = (facts: Partial<OpeningFacts>) => {
  const whole: OpeningFacts = { mark: '1', kind: 'single', ...facts };
  const practice = practiceOf(facts.practice ?? 'us-commercial');
  return runStage('handing', whole, practice);
};

describe('the namings of a hand', () => {
  it.each([
    ['left', 'in', 'LH', 'regular', 'left', 'right', 'inside'],
    ['right', 'in', 'RH', 'regular', 'right', 'left', 'inside'],
    ['left', 'out', 'LHR', 'reverse', 'right', 'left', 'outside'],
    ['right', 'out', 'RHR', 'reverse', 'left', 'right', 'outside'],
  ] as const)(
    'hinges %s, swing %s is %s',
    (hinges, swing, code, bevel, backToJamb, knuckleSide, knuckles) => {
      expect(namesOf({ hinges, swing })).toEqual({
        code,
        bevel,
        backToJamb,
        knuckleSide,
        knuckles,
      });
    },
  );

  it('back-to-the-jamb and knuckle side always say opposite words, and a mirror swaps both', () => {
    for (const one of ALL_HANDS) {
      const names = namesOf(one);
      const mirror = namesOf(mirrored(one));
      expect(names.backToJamb).toBe(opposite(names.knuckleSide));
      expect(mirror.knuckleSide).toBe(opposite(names.knuckleSide));
      expect(mirror.bevel).toBe(names.bevel);
    }
  });
});

describe('what was seen', () => {
  const observation: fc.Arbitrary<Observation> = fc.oneof(
    fc.record({
      stood: fc.constantFrom(
        'outside' as const,
        'inside' as const,
        'knuckle-side' as const,
        'other-side' as const,
      ),
      hinges: fc.constantFrom('left' as const, 'right' as const),
      knuckles: fc.option(fc.constantFrom('seen' as const, 'not-seen' as const), {
        nil: undefined,
      }),
    }),
    fc.record({
      stood: fc.constant('in-frame' as const),
      swingsTo: fc.constantFrom('left' as const, 'right' as const),
      opensOutward: fc.option(fc.boolean(), { nil: undefined }),
    }),
  );

  it('fixes the hand, leaves it open or contradicts: exactly as trying all four says', () => {
    fc.assert(
      fc.property(fc.array(observation, { maxLength: 4 }), (seen) => {
        const possible = ALL_HANDS.filter((one) => seen.every((each) => agrees(one, each)));
        const resolved = resolveHand(seen);
        expect(resolved.state).toBe(
          possible.length === 1 ? 'fixed' : possible.length > 1 ? 'open' : 'contradiction',
        );
        if (resolved.state === 'open') expect(resolved.possible).toEqual(possible);
        if (resolved.state === 'contradiction') {
          for (const { index, leaves } of resolved.culprits) {
            const rest = seen.filter((_, other) => other !== index);
            expect(leaves).toEqual(
              ALL_HANDS.filter((one) => rest.every((each) => agrees(one, each))),
            );
            expect(leaves.length).toBeGreaterThan(0);
          }
        }
      }),
    );
  });

  it('true observations of a hand never contradict each other', () => {
    for (const one of ALL_HANDS) {
      const names = namesOf(one);
      const seen: Observation[] = [
        {
          stood: 'outside',
          hinges: one.hinges,
          knuckles: one.swing === 'out' ? 'seen' : 'not-seen',
        },
        { stood: 'inside', hinges: opposite(one.hinges) },
        { stood: 'knuckle-side', hinges: names.knuckleSide },
        { stood: 'in-frame', swingsTo: names.backToJamb, opensOutward: one.swing === 'out' },
      ];
      expect(resolveHand(seen)).toEqual({ state: 'fixed', hand: one });
      expect(resolveHand(seen.slice(2, 3))).toMatchObject({ state: 'open' });
    }
  });

  it('the classic trap: “hinges on the right” from the knuckle side on the keyed side is RHR, not RH', () => {
    const result = hand({
      observations: [{ stood: 'outside', hinges: 'right', knuckles: 'seen' }],
    });
    expect(result.names!.code).toBe('RHR');
    expect(result.decisions.find((d) => d.name === 'hand')!.basis).toBe('measured');
  });

  it('names both observations that cannot stand together', () => {
    const result = hand({
      observations: [
        { stood: 'outside', hinges: 'left' },
        { stood: 'inside', hinges: 'left' },
      ],
      swing: 'in',
    });
    expect(result.findings[0]).toMatchObject({
      code: 'handing.contradiction',
      level: 'stop',
      params: { culprits: '1 → RH; 2 → LH' },
    });
    expect(result.decisions.find((d) => d.name === 'hand')!.status).toBe('open');
  });

  it('names what the list says and what was seen, and from where, where these two differ', () => {
    const result = hand({
      observations: [{ stood: 'outside', hinges: 'left', knuckles: 'seen' }],
      hingeSide: 'right',
      swing: 'in',
    });
    expect(result.findings[0]).toMatchObject({
      code: 'handing.contradictionList',
      level: 'stop',
      params: { list: 'RH', seen: '1 (outside) → LHR' },
    });
  });
});

describe('handing an opening', () => {
  it.each([
    ['Street', 'Foyer', 'from', 'outside.street'],
    ['Office', 'Corridor', 'to', 'outside.corridor'],
    ['Cleaner’s closet', 'Corridor', 'to', 'outside.closet'],
    ['Office', 'Studio', 'from', 'outside.first'],
    ['Roof', 'Plant', 'from', 'outside.street'],
    ['Keller Flur', 'Heizraum', 'from', 'outside.closet'],
    ['Keller', 'Heizraum', 'from', 'outside.first'],
    ['Cupboard under stairs', 'Hall', 'to', 'outside.closet'],
    ['Hall', 'Cupboard under stairs', 'from', 'outside.closet'],
    ['Stair', 'Hall', 'from', 'outside.corridor'],
    ['Foyer', 'Porch', 'to', 'outside.street'],
    ['Outside', 'Porch', 'from', 'outside.street'],
  ])('from %s to %s the outside is %s', (from, to, outside, why) => {
    const found = outsideOf({ mark: '1', kind: 'single', from, to });
    expect([found.outside, found.why().code]).toEqual([outside, why]);
  });

  it('hands the kinds that have none or two', () => {
    expect(hand({ kind: 'double-acting', hingeSide: 'left' }).hand).toBeUndefined();
    expect(hand({ kind: 'pocket' }).decisions.at(-1)).toMatchObject({
      status: 'open',
      question: { code: 'ask.slideTo' },
    });
    const egress = hand({ kind: 'double-egress', hingeSide: 'left' }).decisions.find(
      (d) => d.name === 'hand',
    )!;
    expect(egress).toMatchObject({
      value: { term: 'hand.LHR-both' },
      reasons: [{ params: { pushed: { term: 'side.right' } } }],
    });
    expect(
      hand({ kind: 'pair', active: 'right', swing: 'out' }).decisions.find(
        (d) => d.name === 'hand',
      )!.value,
    ).toEqual({ type: 'term', term: 'hand.RHR-active' });
  });

  it('names the hand first as the practice does, always with the four-hand code', () => {
    const named = (practice: OpeningFacts['practice'], rest: Partial<OpeningFacts>) => {
      const value = hand({ practice, ...rest }).decisions.find((d) => d.name === 'hand')!.value;
      return value?.type === 'term' ? termText(value.term) : '';
    };
    const rightOut = { hingeSide: 'right', swing: 'out' } as const;
    expect(named('us-commercial', rightOut)).toBe('RHR');
    expect(named('continental', rightOut)).toBe('right, opens out (RHR)');
    // In schools that name the knuckle side, LH is a right-hand leaf.
    expect(named('british', { hingeSide: 'left', swing: 'in' })).toBe('right, opens in (LH)');
    expect(named('british', { kind: 'pair', active: 'left', swing: 'out' })).toBe(
      'left, opens out (LHR active)',
    );
  });

  it('asks the one question that decides', () => {
    expect(
      hand({ hingeSide: 'left' }).decisions.find((d) => d.name === 'hand')!.question!.code,
    ).toBe('ask.swing');
    expect(hand({}).decisions.find((d) => d.name === 'hand')!.question!.code).toBe('ask.hingeSide');
  });
});
