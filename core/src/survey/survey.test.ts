import fc from 'fast-check';
import { inches, mm } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import { decideOpening } from '../deciding/index.js';
import { merge3 } from '../exchange/index.js';
import { phraseText } from '../phrasing/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { Reading } from './reading.js';
import {
  currentReadings,
  fitsKind,
  nextReading,
  questionOf,
  readingKinds,
  routeOf,
  Survey,
  surveyed,
  surveyOrder,
  travel,
  travelOf,
} from './index.js';

let count = 0;
const reading = (name: string, value: number | string, more: Partial<Reading> = {}): Reading => ({
  id: `r${++count}`,
  name,
  value,
  how: 'tape',
  by: 'A',
  at: '2026-01-01T10:00:00Z',
  ...more,
});
const survey = (values: Record<string, number | string>) =>
  new Survey(Object.entries(values).map(([name, value]) => reading(name, value)));

describe('the readings that hold', () => {
  it('are those that no later one replaces; nothing is overwritten', () => {
    const first = reading('widthTop', mm(900));
    const second = reading('widthTop', mm(901), { replaces: [first.id] });
    const { held, conflicts } = currentReadings([second, first]);
    expect(held.get('widthTop')).toBe(second);
    expect(conflicts).toEqual([]);
  });

  it('two taken apart are a conflict where they differ, and the later one stands meanwhile', () => {
    const mine = reading('widthTop', mm(900));
    const theirs = reading('widthTop', mm(905), { by: 'B', at: '2026-01-01T11:00:00Z' });
    expect(currentReadings([mine, theirs])).toMatchObject({
      conflicts: [{ name: 'widthTop', readings: [mine, theirs] }],
    });
    expect(currentReadings([mine, theirs]).held.get('widthTop')).toBe(theirs);
    const same = reading('widthTop', mm(900), { by: 'B' });
    expect(currentReadings([mine, same]).conflicts).toEqual([]);
    const settled = reading('widthTop', mm(900), { replaces: [mine.id, theirs.id] });
    expect(currentReadings([mine, theirs, settled]).conflicts).toEqual([]);
  });

  it('merge without ever losing one, whichever side took or withdrew it', () => {
    const base: OpeningFacts = { mark: '1', kind: 'single' };
    const ids = fc.uniqueArray(fc.integer({ min: 0, max: 30 }), { maxLength: 12 });
    fc.assert(
      fc.property(ids, ids, ids, fc.nat({ max: 3 }), (common, ours, others, gone) => {
        const list = (numbers: number[]) =>
          numbers.map((id) => ({ ...reading('widthTop', id), id: `x${id}` }));
        const before = list(common);
        const kept = before.slice(gone);
        const mine = [...kept, ...list(ours.filter((id) => !common.includes(id)))];
        const theirs = [
          ...before,
          ...list(others.filter((id) => !common.includes(id) && !ours.includes(id))),
        ];
        const { merged, clashes } = merge3(
          { ...base, readings: before },
          { ...base, readings: mine },
          { ...base, readings: theirs },
        );
        expect(clashes).toEqual([]);
        const result = (merged.readings ?? []).map((one) => one.id).sort();
        const expected = new Set(
          [...mine, ...theirs]
            .map((one) => one.id)
            .filter((id) => !before.slice(0, gone).some((one) => one.id === id)),
        );
        expect(result).toEqual([...expected].sort());
      }),
    );
  });

  it('are checked for what they can be', () => {
    expect(fitsKind({ name: 'widthTop', value: mm(900) })).toBe(true);
    for (const [name, value] of [
      ['widthTop', 0.5],
      ['widthTop', -1],
      ['widthTop', 'wide'],
      ['hingeCount', 9],
      ['hingeDatum', 'floor'],
      ['somewhere', 1],
    ] as const) {
      expect(fitsKind({ name, value })).toBe(false);
    }
    expect(fitsKind({ name: 'plumbHinge', value: -mm(4) })).toBe(true);
  });
});

describe('the order of readings', () => {
  const kinds = fc.shuffledSubarray(readingKinds(4), { minLength: 3 }).map((list) => [...list]);

  it('takes every reading once, and no stretch of it would be shorter the other way round', () => {
    fc.assert(
      fc.property(kinds, (list) => {
        const route = routeOf(list);
        expect([...route].sort((a, b) => (a.name < b.name ? -1 : 1))).toEqual(
          [...list].sort((a, b) => (a.name < b.name ? -1 : 1)),
        );
        expect(route[0]).toBe(list[0]);
        for (let first = 1; first < route.length - 1; first++) {
          for (let last = first + 1; last < route.length; last++) {
            const other = [
              ...route.slice(0, first),
              ...route.slice(first, last + 1).reverse(),
              ...route.slice(last + 1),
            ];
            expect(travelOf(route)).toBeLessThanOrEqual(travelOf(other) + 1e-6);
          }
        }
      }),
      { numRuns: 30 },
    );
  });

  it('moves the tape less than the order of the list, and asks first what the hinges are measured from', () => {
    const order = surveyOrder(readingKinds(3));
    expect(order.length).toBe(readingKinds(3).length);
    expect(travelOf(order)).toBeLessThan(travelOf(readingKinds(3)));
    const names = order.map((kind) => kind.name);
    expect(names.indexOf('hingeDatum')).toBeLessThan(names.indexOf('hinge1'));
    expect(names[0]).toBe('widthTop');
  });

  it('asks of a leaf that is copied only for what something follows from', () => {
    const names = (values: Record<string, number | string>, skipped: string[] = []) =>
      new Survey([
        ...Object.entries(values).map(([name, value]) => reading(name, value)),
        ...skipped.map((name) => ({ ...reading(name, 0), value: undefined, skipped: 'not there' })),
      ])
        .kinds(true)
        .map(({ name }) => name);
    expect(names({})).toEqual(
      expect.arrayContaining(['gapLockTop', 'headGapNow', 'viewerFromLock']),
    );
    // A leaf that hangs well is copied as it hangs; a gap that was read stands all the same.
    const well = names({ hangs: 'well', gapLockTop: mm(3) });
    expect(well).not.toContain('gapLockBottom');
    expect(well).not.toContain('headGapNow');
    expect(well).toContain('gapLockTop');
    // The first reading of a hole says whether it is there.
    const none = names({}, ['viewerFromTop', 'closerFromTop']);
    expect(none).toContain('viewerFromTop');
    expect(none).not.toContain('viewerFromLock');
    expect(none).not.toContain('closerFromHinge');
    expect(none).toContain('plateFromLock');
    expect(none).toContain('closerPlace');
    const order = surveyOrder(new Survey().kinds(true)).map(({ name }) => name);
    for (const hole of ['viewer', 'plate', 'vent'])
      expect(order.indexOf(`${hole}FromTop`)).toBeLessThan(order.indexOf(`${hole}FromLock`));
    expect(order.indexOf('hangs')).toBe(0);
    expect(order.indexOf('leafWidthTop')).toBeLessThan(order.indexOf('widthTop'));
  });

  it('a turned tape travels the same', () => {
    for (const one of readingKinds(2)) {
      const turned = { a: one.tape.b, b: one.tape.a };
      expect(travel(one.tape, turned)).toBe(0);
    }
  });

  it('goes on where readings were taken or skipped', () => {
    const order = surveyOrder(readingKinds());
    const held = new Map<string, unknown>([['widthTop', true]]);
    expect(nextReading(order, held)!.name).toBe(order[1]!.name);
    expect(nextReading(order, new Map(order.map((kind) => [kind.name, true])))).toBeUndefined();
  });
});

describe('questioning a reading', () => {
  it.each([
    ['heightHinge', inches(20), {}, 'survey.question.size'],
    ['widthMiddle', mm(870), { widthTop: mm(900), widthBottom: mm(902) }, 'survey.question.middle'],
    ['heightLock', mm(1900), { heightHinge: mm(2010) }, 'survey.question.heights'],
    [
      'diagonalFromHingeTop',
      mm(2100),
      { widthBottom: mm(900), heightHinge: mm(2000) },
      'survey.question.diagonal',
    ],
    ['leafWidth', mm(905), { widthTop: mm(900) }, 'survey.question.leafLarger'],
    ['leafWidth', mm(820), { widthTop: mm(900) }, 'survey.question.leafSmaller'],
    ['hinge2', mm(200), { hinge1: mm(150), hingeHeight: mm(100) }, 'survey.question.hingeOrder'],
    ['hinge3', mm(1990), { leafHeight: mm(1981) }, 'survey.question.hingeBelow'],
    ['strikeHeight', mm(1100), { lockHeight: mm(1000) }, 'survey.question.strike'],
  ] as const)('%s of %d', (name, value, others, code) => {
    const question = questionOf(
      name,
      value,
      survey(others as Record<string, number>),
      PRACTICES.british,
    );
    expect(question?.code).toBe(code);
    expect(phraseText(question!, { system: 'metric' })).not.toContain('undefined');
  });

  it('lets pass what can be', () => {
    const crooked = survey({
      widthTop: mm(838),
      widthBottom: mm(846),
      heightHinge: mm(1990),
      hinge1: mm(150),
      hingeHeight: mm(100),
    });
    expect(questionOf('widthMiddle', mm(841), crooked, PRACTICES.british)).toBeUndefined();
    expect(questionOf('heightLock', mm(1998), crooked, PRACTICES.british)).toBeUndefined();
    expect(
      questionOf('diagonalFromHingeTop', mm(2158), crooked, PRACTICES.british),
    ).toBeUndefined();
    expect(questionOf('hinge2', mm(940), crooked, PRACTICES.british)).toBeUndefined();
  });
});

describe('what a survey fills in', () => {
  const facts: OpeningFacts = { mark: '1', kind: 'single' };

  it('is the smallest of widths and heights, marked as measured', () => {
    const filled = surveyed(
      facts,
      survey({
        widthTop: mm(842),
        widthMiddle: mm(838),
        widthBottom: mm(840),
        heightHinge: mm(1995),
        heightLock: mm(1990),
        coveringNow: mm(4),
        coveringLater: mm(12),
      }),
    );
    expect(filled).toMatchObject({
      frameWidth: mm(838),
      frameHeight: mm(1990),
      floorFinish: mm(8),
      work: 'replacement',
      provenance: { frameWidth: 'measured' },
    });
  });

  it('is given, not measured, where it was told and not read', () => {
    const filled = surveyed(
      facts,
      new Survey([
        { ...reading('widthTop', mm(842)), how: 'told' },
        reading('heightHinge', mm(1995)),
      ]),
    );
    expect(filled).toMatchObject({ frameWidth: mm(842), frameHeight: mm(1995) });
    expect(filled.provenance).toEqual({ frameHeight: 'measured' });
  });

  it('never overrides what was recorded, and a survey of nothing changes nothing', () => {
    expect(
      surveyed({ ...facts, frameWidth: mm(900) }, survey({ widthTop: mm(842) })).frameWidth,
    ).toBe(mm(900));
    expect(surveyed(facts, new Survey())).toBe(facts);
  });

  it('shows on the opening as a measured figure', () => {
    const decided = decideOpening(
      {
        ...facts,
        readings: [reading('widthTop', mm(838)), reading('heightHinge', mm(1990))],
      },
      PRACTICES.british,
    );
    expect(decided.decisions.find((one) => one.key === 'sizing.frameWidth')).toMatchObject({
      basis: 'measured',
      value: { ticks: mm(838) },
    });
    expect(decided.facts.frameWidth).toBeUndefined();
  });
});
