import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { phraseText } from '../phrasing/index.js';
import { PRACTICES } from '../project/index.js';
import { acceptanceTest } from '../securing/index.js';
import { gapBenches, readSiteRecord, siteState, type SiteRecord } from '../site/index.js';
import { anyFacts } from '../testing/arbitrary.js';
import { DOOR } from '../testing/door.js';
import { calendarOf } from './calendar.js';
import { dueAfter, dueList, dueState, inspectionMonths, type Due } from './inspections.js';
import { countRound, gapsWithin, withinBounds } from './judge.js';
import { recordedTimes } from './recordedTimes.js';
import { acceptanceTests, inspectionTests } from './provingTests.js';

const UNITS = { system: 'metric', denominator: 16 } as const;
const decide = (facts: Partial<OpeningFacts>, practice = PRACTICES['us-commercial']) =>
  decideOpening({ ...DOOR, ...facts }, practice);
const ids = (facts: Partial<OpeningFacts>, practice = PRACTICES['us-commercial']) =>
  acceptanceTests(decide(facts, practice)).map(({ id }) => id);

describe('the tests of an opening', () => {
  it('are said whole and named once, whatever is recorded', () =>
    fc.assert(
      fc.property(anyFacts, (facts) => {
        const decided = decideOpening(facts, PRACTICES['us-commercial']);
        for (const tests of [acceptanceTests(decided), inspectionTests(decided)]) {
          expect(new Set(tests.map(({ id }) => id)).size).toBe(tests.length);
          for (const { say } of tests)
            expect(phraseText(say, UNITS)).not.toMatch(/[{}]|^\w+\.\w|undefined/);
        }
      }),
      { numRuns: 150 },
    ));
  it('try the closing three times from each angle, with both times of its valves', () => {
    const tests = acceptanceTests(decide({ role: 'stair', rating: 90 }));
    const closing = tests.filter(({ part }) => part === 'closing');
    expect(closing.filter(({ id }) => /from-/.test(id)).map(({ from }) => from)).toEqual([
      10, 10, 10, 30, 30, 30, 90, 90, 90,
    ]);
    expect(closing.find(({ id }) => id === 'closing.sweep')!.measured).toMatchObject({
      least: 5,
      most: 7,
      unit: 'seconds',
    });
    expect(ids({ closer: 'none', role: 'office' }).join(' ')).not.toContain('closing.');
  });
  it('take every step of the lock’s acceptance test', () => {
    const decided = decide({ role: 'classroom' });
    const steps = acceptanceTest(decided.results.securing.spec!);
    const tests = acceptanceTests(decided).filter(({ id }) => id.startsWith('lock.step-'));
    expect(tests).toHaveLength(steps.length);
    expect(steps.length).toBeGreaterThan(4);
    expect(tests.map(({ say }) => say.code)).toContain('prove.lock.opens');
    expect(tests.map(({ say }) => say.code)).toContain('prove.lock.refused');
    expect(ids({ role: 'classroom' })).toEqual(expect.arrayContaining(['keys.own', 'keys.other']));
  });
  it('bound the forces of the way out, and of access where the leaf is not rated', () => {
    const force = (
      facts: Partial<OpeningFacts>,
      id: string,
      practice = PRACTICES['us-commercial'],
    ) =>
      acceptanceTests(decide(facts, practice)).find((one) => one.id === `force.${id}`)?.measured
        ?.most;
    const exit = { role: 'final-exit', escape: 'to', accessible: false } as const;
    expect(force(exit, 'release')).toBe(66.7);
    expect(force(exit, 'motion')).toBe(133.4);
    expect(force({ ...exit, exterior: true, accessible: true }, 'wide')).toBe(66.7);
    expect(force({ role: 'office', accessible: true, rating: 0, escape: 'to' }, 'wide')).toBe(22.2);
    const stair = { from: 'Corridor', to: 'Stair A', accessible: true } as const;
    expect(force({ ...stair, rating: 0 }, 'wide')).toBe(22.2);
    expect(force({ ...stair, rating: 90 }, 'wide')).toBe(66.7);
    expect(force({ role: 'closet' }, 'wide')).toBeUndefined();
    expect(force(exit, 'release', PRACTICES.british)).toBe(80);
    expect(force(exit, 'motion', PRACTICES.british)).toBeUndefined();
  });
  it('look at labels and changes of rated leaves only, at leaves in their order only of pairs', () => {
    expect(ids({ rating: 90 })).toEqual(expect.arrayContaining(['whole.labels', 'whole.changes']));
    expect(ids({ rating: 0 })).not.toContain('whole.labels');
    expect(ids({ kind: 'pair', frameWidth: mm(1830), rating: 90, role: 'store' })).toContain(
      'pair.order',
    );
    expect(ids({ rating: 90 })).not.toContain('pair.order');
  });
  it('go through power and alarm where it has any', () => {
    const held = ids({ role: 'cross-corridor', rating: 90, holdOpen: true } as never);
    expect(held).toContain('power.holdOpen');
    const reader = acceptanceTests(decide({ role: 'server', access: 'reader' } as never));
    const states = reader.filter(({ part }) => part === 'power').map(({ id }) => id);
    expect(states).toEqual(expect.arrayContaining(['power.normal', 'power.power-lost']));
    expect(ids({ role: 'closet' }).some((id) => id.startsWith('power.'))).toBe(false);
  });
});

describe('the yearly look', () => {
  it('has what the list of the standard has, of what this opening has', () => {
    const tests = (facts: Partial<OpeningFacts>) =>
      inspectionTests(decide(facts)).map(({ id }) => id);
    const rated = tests({ rating: 90, role: 'stair' });
    expect(rated).toEqual(
      expect.arrayContaining([
        'whole.labels',
        'whole.holes',
        'whole.secure',
        'whole.missing',
        'gaps.gaps',
        'closing.self',
        'lock.latch',
        'whole.auxiliary',
        'whole.changes',
        'whole.signs',
      ]),
    );
    expect(rated).not.toContain('whole.glass');
    expect(tests({ rating: 0, role: 'office' })).not.toContain('whole.labels');
  });
  it('comes back each year for rated leaves, quarterly in common parts of British flats, else never', () => {
    expect(inspectionMonths(decide({ rating: 90 }))).toBe(12);
    expect(inspectionMonths(decide({ rating: 0 }))).toBeUndefined();
    const flats = { rating: 30, role: 'stair', occupancy: 'residential' } as const;
    expect(inspectionMonths(decide(flats, PRACTICES.british))).toBe(3);
    expect(inspectionMonths(decide({ ...flats, role: 'apartment' }, PRACTICES.british))).toBe(12);
    expect(inspectionMonths(decide({ ...flats, occupancy: 'business' }, PRACTICES.british))).toBe(
      12,
    );
    expect(inspectionMonths(decide(flats))).toBe(12);
    expect(dueAfter(decide(flats, PRACTICES.british), '2026-11-30')).toBe('2027-02-28');
    expect(dueAfter(decide({ rating: 0 }), '2026-11-30')).toBeUndefined();
  });
});

describe('judging', () => {
  it('holds a figure against its bounds, both ends within', () => {
    const bounds = { unit: 'seconds', least: 5, most: 7, source: '' } as const;
    expect([4.99, 5, 7, 7.01].map((value) => withinBounds(value, bounds))).toEqual([
      false,
      true,
      true,
      false,
    ]);
    expect(withinBounds(1, { unit: 'newtons', source: '' })).toBeUndefined();
    expect(withinBounds(1, { unit: 'newtons', most: 0.5, source: '' })).toBe(false);
  });
  it('counts what nobody recorded as untried', () => {
    const tests = acceptanceTests(decide({ rating: 90 }));
    const record = (test: string, outcome: string) =>
      readSiteRecord({
        id: test.replace('.', '-'),
        openingId: 'o',
        kind: 'test',
        at: '2026-11-27T08:00:00Z',
        by: 'x',
        round: 'acceptance',
        test,
        outcome,
      }) as SiteRecord;
    const found = siteState([
      record('whole.labels', 'right'),
      record('whole.missing', 'fault'),
      record('whole.changes', 'not-tried'),
      record('whole.nothing', 'right'),
    ]).tests.get('acceptance');
    expect(countRound(tests, found)).toEqual({ right: 1, faults: 1, untried: tests.length - 2 });
    expect(countRound(tests)).toEqual({ right: 0, faults: 0, untried: tests.length });
  });
  it('takes the gaps of every leaf, all twelve places, as read last', () => {
    const { facts, practice, results } = decide({ frameMaterial: 'timber' });
    const benches = gapBenches(facts, practice, results);
    const { wanted } = benches[0]!;
    const all = (more: object = {}) => ({
      ...Object.fromEntries(
        ['hinge', 'lock'].flatMap((edge) =>
          ['top', 'middle', 'bottom'].map((at) => [`${edge}-${at}`, wanted.lock.wanted]),
        ),
      ),
      ...Object.fromEntries(
        ['hinge', 'middle', 'lock'].flatMap((at) => [
          [`head-${at}`, wanted.head.wanted],
          [`floor-${at}`, wanted.floor.wanted],
        ]),
      ),
      ...more,
    });
    const state = (gaps: object) =>
      siteState([
        readSiteRecord({
          id: 'g',
          openingId: 'o',
          kind: 'gaps',
          at: '2026-11-27T08:00:00Z',
          by: 'x',
          leaf: 'leaf',
          gaps,
        })!,
      ]);
    expect(gapsWithin(benches, state(all()))).toBe(true);
    expect(gapsWithin(benches, state(all({ 'lock-top': wanted.lock.most + 1 })))).toBe(false);
    expect(gapsWithin(benches, state({ 'lock-top': wanted.lock.wanted }))).toBeUndefined();
    expect(gapsWithin(benches, siteState([]))).toBeUndefined();
    expect(gapsWithin([], siteState([]))).toBeUndefined();
  });
});

describe('a recorded closing', () => {
  const falling = (to = 0) =>
    Array.from({ length: 301 }, (_, at) => ({
      at: at / 50,
      // Still for half a second, 20° a second, then 6° a second from 12°.
      degrees: Math.max(
        to,
        at < 25 ? 90 : at < 220 ? 90 - ((at - 25) / 50) * 20 : 12 - ((at - 220) / 50) * 10,
      ),
    }));
  it('tells both zones and that it is shut', () => {
    const { from, sweep, latch, shut } = recordedTimes(falling(), 12);
    expect([from, shut]).toEqual([90, true]);
    expect(sweep).toBeCloseTo(3.8, 1);
    expect(latch).toBeCloseTo(1.1, 1);
  });
  it('that stops on the way tells what it has', () => {
    const stopped = recordedTimes(falling(8), 12);
    expect(stopped.sweep).toBeCloseTo(3.8, 1);
    expect([stopped.latch, stopped.shut]).toEqual([undefined, false]);
    const early = recordedTimes(falling(40), 12);
    expect([early.sweep, early.latch, early.shut]).toEqual([undefined, undefined, false]);
    expect(recordedTimes([], 12)).toEqual({
      from: 0,
      sweep: undefined,
      latch: undefined,
      shut: false,
    });
  });
});

describe('what is due', () => {
  const due = (mark: string, day: string, project = 'Mill'): Due => ({
    projectId: project.toLowerCase(),
    project,
    openingId: `o${mark}`,
    mark,
    due: day,
    from: 'Corridor',
  });
  it('stands soonest first, and says how near it is', () => {
    const { list, counts } = dueList(
      [
        due('3', '2027-03-01'),
        due('1', '2026-11-26'),
        due('2', '2026-12-27'),
        due('4', '2027-02-27'),
      ],
      '2026-11-27',
    );
    expect(list.map(({ mark }) => mark)).toEqual(['1', '2', '4', '3']);
    expect(counts).toEqual({ overdue: 1, month: 1, quarter: 1, later: 1 });
  });
  it.each([
    ['2026-11-26', 'overdue'],
    ['2026-11-27', 'month'],
    ['2026-12-27', 'month'],
    ['2026-12-28', 'quarter'],
    ['2027-02-27', 'quarter'],
    ['2027-02-28', 'later'],
  ])('%s is %s', (day, state) => expect(dueState(day, '2026-11-27')).toBe(state));
  it('goes into a calendar by days and projects, its lines no longer than the standard lets', () => {
    const marks = Array.from({ length: 30 }, (_, at) => due(`1.${at}`, '2026-12-31'));
    const text = calendarOf(
      [...marks, due('9', '2028-02-28', 'Höfe; Süd, 2')],
      '2026-11-27T09:30:00Z',
    );
    const lines = text.split('\r\n');
    expect(lines[0]).toBe('BEGIN:VCALENDAR');
    expect(text.endsWith('END:VCALENDAR\r\n')).toBe(true);
    for (const line of lines) expect(Buffer.byteLength(line)).toBeLessThanOrEqual(75);
    const whole = text.replaceAll('\r\n ', '');
    expect(whole.match(/BEGIN:VEVENT/g)).toHaveLength(2);
    expect(whole).toContain('DTSTART;VALUE=DATE:20261231\r\nDTEND;VALUE=DATE:20270101');
    expect(whole).toContain('DTSTART;VALUE=DATE:20280228\r\nDTEND;VALUE=DATE:20280229');
    expect(whole).toContain('SUMMARY:Höfe\\; Süd\\, 2: inspect opening 9');
    expect(whole).toContain('SUMMARY:Mill: inspect 30 openings');
    expect(whole).toContain('DTSTAMP:20261127T093000Z');
    expect(whole).toContain('1.29  Corridor');
  });
});
