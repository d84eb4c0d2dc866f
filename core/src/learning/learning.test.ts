import fc from 'fast-check';
import { closingRun } from '../closing/index.js';
import { handDrawing } from '../drawing/index.js';
import type { Hand } from '../handing/index.js';
import { phraseText } from '../phrasing/index.js';
import { derivedProperties } from '../securing/index.js';
import { edgeOf, GAP_PLACES, pointOf } from '../site/index.js';
import type { Exercise } from './exercise.js';
import { LEARNING_BENCHES } from './exercise.js';
import { seeded } from './random.js';
import {
  answered,
  DAYS,
  masteryOf,
  mergedProgress,
  nextSkill,
  readProgress,
  type Progress,
} from './repetition.js';
import { exerciseOf, seedAt, seriesOf, skillOf, SKILLS } from './series.js';

const UNITS = { system: 'metric', denominator: 16 } as const;
const seed = fc.integer({ min: 0, max: 2 ** 32 - 1 });

describe('every exercise', () => {
  it.each(LEARNING_BENCHES)(
    'of %s has one truth among its answers, and a reason for each',
    (bench) =>
      fc.assert(
        fc.property(seed, fc.constantFrom(...SKILLS[bench]), (drawn, skill) => {
          const one = exerciseOf(bench, drawn, skill);
          const ids = one.choices.map(({ id }) => id);
          expect(new Set(ids).size).toBe(ids.length);
          expect(ids.length).toBeGreaterThanOrEqual(2);
          expect(one.choices.filter(({ mistake }) => !mistake).map(({ id }) => id)).toEqual([
            one.truth,
          ]);
          expect(skillOf(one)).toBe(skill);
          expect(exerciseOf(bench, drawn, skill)).toEqual(one);
          for (const said of [
            one.question,
            ...one.why,
            ...one.choices.flatMap(({ say, mistake }) => [say, ...(mistake ? [mistake] : [])]),
          ])
            expect(phraseText(said, UNITS)).not.toMatch(/[{}]|^\w+\.\w|undefined|NaN|: \w+\.\w/);
        }),
        { numRuns: bench === 'closer' ? 8 : 60 },
      ),
  );
  it('stands at another place each time, so that no place is the right one', () => {
    const places = Array.from({ length: 40 }, (_, at) => {
      const { choices, truth } = exerciseOf('gaps', at);
      return choices.findIndex(({ id }) => id === truth);
    });
    expect(new Set(places).size).toBe(4);
  });
});

describe('hands, by arithmetic of their own', () => {
  /** Where hinges and leaf are, in plan: outside is below, the wall along x. */
  const geometry = ({ hinges, swing }: Hand) => ({
    hingeX: hinges === 'left' ? 0 : 1,
    leafY: swing === 'out' ? -1 : 1,
  });
  /** The words of each school from points in the plan alone. */
  const words = (hand: Hand) => {
    const { hingeX, leafY } = geometry(hand);
    // Facing north from outside, smaller x is left; from the knuckles' side one faces away from the leaf.
    const fromOutside = hingeX === 0 ? 'L' : 'R';
    const facing = leafY < 0 ? 1 : -1;
    const knuckle = (hingeX === 0 ? -1 : 1) * facing < 0 ? 'left' : 'right';
    // The back at the hinge jamb, facing across the opening: the leaf goes to one side.
    const ahead = hingeX === 0 ? 1 : -1;
    const jamb = ahead * leafY > 0 ? 'left' : 'right';
    return { four: `${fromOutside}H${leafY < 0 ? 'R' : ''}`, knuckle, jamb };
  };
  it('agree with the truth of every question', () =>
    fc.assert(
      fc.property(seed, (drawn) => {
        const one = exerciseOf('hand', drawn);
        if (one.picture.kind !== 'hand') throw new Error('no hand');
        const told = words(one.picture.hand);
        const school = one.skill.split('.')[1];
        expect(one.truth).toBe(
          school === 'four-hand' ? told.four : school === 'knuckle-side' ? told.knuckle : told.jamb,
        );
      }),
    ));
  it('are drawn as they are: the pin where the hinges are, seen from where one stands', () => {
    for (const hinges of ['left', 'right'] as const)
      for (const swing of ['in', 'out'] as const)
        for (const from of ['outside', 'inside'] as const) {
          const { elements } = handDrawing({ hinges, swing }, { from, view: 'plan' });
          const pin = elements.find((one) => one.kind === 'circle' && one.layer === 'hardware')!;
          if (pin.kind !== 'circle') throw new Error('no pin');
          const left = pin.centre.x === 0;
          expect(left).toBe((hinges === 'left') === (from === 'outside'));
          const leaf = elements.find((one) => one.kind === 'line' && one.layer === 'leaf')!;
          if (leaf.kind !== 'line') throw new Error('no leaf');
          const towards = leaf.points.some(({ y }) => y < -1000);
          expect(towards).toBe((swing === 'out') === (from === 'outside'));
          const standing = handDrawing({ hinges, swing }, { from, view: 'standing' }).elements;
          // Handle and two roses of it; three knuckles where it comes towards one.
          expect(standing.filter(({ layer }) => layer === 'hardware')).toHaveLength(
            towards ? 5 : 2,
          );
        }
  });
});

describe('locks', () => {
  it('that are offered as wrong break a wish or can trap; the right one never traps', () => {
    for (const skill of SKILLS.lock)
      for (let drawn = 0; drawn < 12; drawn++) {
        const one = exerciseOf('lock', drawn, skill);
        if (one.picture.kind !== 'lock') throw new Error('no lock');
        expect(derivedProperties(one.picture.specs[one.truth]!).canTrap).toBe(false);
        expect(one.choices).toHaveLength(4);
      }
  });
  it('are what the trade names them by', () => {
    const truth = (skill: string) => exerciseOf('lock', 1, skill).truth;
    expect(truth('store.mortise')).toBe('mortise-storeroom');
    expect(truth('classroom.cylindrical')).toBe('classroom');
    expect(truth('lock-down.mortise')).toBe('classroom-inside');
    expect(truth('office.mortise')).toBe('mortise-office');
  });
});

describe('closers', () => {
  it('close well after the right turn, by a run of their own, and not after another', () => {
    for (let drawn = 0; drawn < 6; drawn++) {
      const one = exerciseOf('closer', drawn);
      if (one.picture.kind !== 'closer') throw new Error('no closer');
      const { bench, after, settings } = one.picture;
      const well = (id: string | undefined) => {
        const set = id === undefined ? settings : after[id]!;
        const run = closingRun(bench.leaf, set, bench.makeup);
        const { sweepFrom, sweepTo, latchFrom, latchTo, slam } = bench.times;
        return (
          run.latched &&
          run.sweep !== undefined &&
          run.sweep >= sweepFrom &&
          run.sweep <= sweepTo &&
          run.latch !== undefined &&
          run.latch >= latchFrom &&
          run.latch <= latchTo &&
          run.slam <= slam &&
          Math.max(set.sweep, set.latch, set.backCheck) <= bench.makeup.most
        );
      };
      expect(well(undefined)).toBe(false);
      for (const { id } of one.choices) expect([id, well(id)]).toEqual([id, id === one.truth]);
    }
  });
});

describe('gaps', () => {
  it('come right by the true move alone, by sums of their own', () => {
    for (const skill of SKILLS.gaps)
      for (let drawn = 0; drawn < 8; drawn++) {
        const one = exerciseOf('gaps', drawn, skill);
        if (one.picture.kind !== 'gaps') throw new Error('no gaps');
        const { bench, gaps, moves } = one.picture;
        const { geometry, wanted } = bench;
        const [top, foot] = [geometry.hinges[0]!, geometry.hinges.at(-1)!];
        const right = (id: string) =>
          GAP_PLACES.every((place) => {
            const { x, y } = pointOf(place, geometry);
            const { top: a, bottom: b } = moves[id]!;
            const edge = edgeOf(place);
            const turn = (a - b) / (top - foot);
            const across = a + turn * (y - top);
            const gap =
              gaps[place]! +
              (edge === 'hinge'
                ? across
                : edge === 'lock'
                  ? -across
                  : edge === 'head'
                    ? turn * x
                    : -turn * x);
            return gap >= wanted[edge].least && gap <= wanted[edge].most;
          });
        for (const { id } of one.choices) expect([id, right(id)]).toEqual([id, id === one.truth]);
      }
  });
});

describe('a series', () => {
  it('is the same for all who open it, and another for another number', () => {
    const strip = (list: Exercise[]) =>
      list.map(({ bench, seed: one, truth }) => [bench, one, truth]);
    expect(strip(seriesOf(7, 8))).toEqual(strip(seriesOf(7, 8)));
    expect(strip(seriesOf(7, 8))).not.toEqual(strip(seriesOf(8, 8)));
    expect(
      seriesOf(7, 8)
        .map(({ bench }) => bench)
        .slice(0, 4),
    ).toEqual(['hand', 'lock', 'closer', 'gaps']);
    expect(seriesOf(7, 3, 'lock').every(({ bench }) => bench === 'lock')).toBe(true);
    expect(new Set(Array.from({ length: 500 }, (_, at) => seedAt(3, at))).size).toBe(500);
  });
});

describe('numbers from a seed', () => {
  it('are spread evenly and never leave their bounds', () => {
    const random = seeded(1);
    const counts = new Array<number>(10).fill(0);
    for (let at = 0; at < 10_000; at++) {
      const one = random.next();
      expect(one >= 0 && one < 1).toBe(true);
      counts[Math.floor(one * 10)]!++;
    }
    for (const count of counts) expect(Math.abs(count - 1000)).toBeLessThan(150);
    expect(seeded(5).shuffled([1, 2, 3, 4]).sort()).toEqual([1, 2, 3, 4]);
  });
});

describe('repetition', () => {
  it('brings what was wrong at once, what was right ever later', () => {
    let progress: Progress = {};
    const due: number[] = [];
    for (let time = 0; time < DAYS.length + 1; time++) {
      progress = answered(progress, 'hand.four-hand', true, 100);
      due.push(progress['hand.four-hand']!.due - 100);
    }
    expect(due).toEqual([1, 3, 7, 16, 35, 80, 80, 80]);
    progress = answered(progress, 'hand.four-hand', false, 200);
    expect(progress['hand.four-hand']).toEqual({ box: 0, due: 200, right: 8, wrong: 1 });
  });
  it('asks what is due first, then what was never asked, then what is least known; not one twice running', () => {
    const card = (box: number, due: number) => ({ box, due, right: 1, wrong: 0 });
    const [four, knuckle, jamb] = ['hand.four-hand', 'hand.knuckle-side', 'hand.back-to-jamb'];
    expect(nextSkill({}, 'hand', 10)).toBe('four-hand');
    expect(nextSkill({ [four!]: card(2, 5) }, 'hand', 10)).toBe('four-hand');
    expect(nextSkill({ [four!]: card(2, 15) }, 'hand', 10)).toBe('knuckle-side');
    expect(nextSkill({ [four!]: card(2, 5) }, 'hand', 10, 'four-hand')).toBe('knuckle-side');
    expect(
      nextSkill(
        { [four!]: card(3, 15), [knuckle!]: card(1, 20), [jamb!]: card(2, 11) },
        'hand',
        10,
      ),
    ).toBe('knuckle-side');
    expect(
      nextSkill({ [four!]: card(3, 9), [knuckle!]: card(1, 10), [jamb!]: card(0, 11) }, 'hand', 10),
    ).toBe('knuckle-side');
  });
  it('tells how far a bench is learnt', () => {
    expect(masteryOf({}, 'hand')).toEqual({ share: 0, right: 0, wrong: 0 });
    const full = Object.fromEntries(
      SKILLS.hand.map((skill) => [
        `hand.${skill}`,
        { box: DAYS.length - 1, due: 0, right: 6, wrong: 1 },
      ]),
    );
    expect(masteryOf(full, 'hand')).toEqual({ share: 1, right: 18, wrong: 3 });
  });
  it('reads what was kept and drops what is none; two devices become one', () => {
    const good = { box: 2, due: 5, right: 2, wrong: 1 };
    expect(
      readProgress({
        'hand.four-hand': good,
        'hand.nothing': good,
        'hand.knuckle-side': { ...good, box: 99 },
        'hand.back-to-jamb': { ...good, due: 'x' },
        constructor: good,
      }),
    ).toEqual({ 'hand.four-hand': good });
    expect(readProgress([])).toEqual({});
    const more = { ...good, right: 5 };
    expect(mergedProgress({ a: good }, { a: more, b: good })).toEqual({ a: more, b: good });
    expect(mergedProgress({ a: more }, { a: good })).toEqual({ a: more });
  });
});
