import { decideOpening } from '../deciding/index.js';
import { inches, mm } from '../measure/index.js';
import type { OpeningFacts } from '../model/index.js';
import { PRACTICE_IDS } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { heavyReasons } from './butt.js';
import { buttRow, gradeFor, hingeCount, intermediatePivots, setBackFor } from './index.js';

const us = PRACTICES['us-commercial'];
const decide = (facts: Partial<OpeningFacts>) => decideOpening({ ...DOOR, ...facts }, us);
const THIN = 1;

/** Each row of a table holds up to its limit and no further. */
describe.each(PRACTICE_IDS)('the tables of %s, on both sides of each limit', (id) => {
  const practice = PRACTICES[id];
  const { butts, counts, grades, countStep, countWideFrom, massCarried } = practice.values;

  it('butts by thickness, width and mass', () => {
    for (const row of butts.value) {
      const at = { width: row.toWidth, thickness: row.toThickness };
      const light = row.toMass ?? 1000;
      expect(buttRow(practice, at, light)).toBe(row);
      const wider = buttRow(practice, { ...at, width: at.width + THIN }, light);
      const thicker = buttRow(practice, { ...at, thickness: at.thickness + THIN }, light);
      expect(wider).not.toBe(row);
      expect(thicker).not.toBe(row);
      if (row.toMass !== undefined) {
        expect(buttRow(practice, at, row.toMass + 1)).not.toBe(row);
        expect(buttRow(practice, at, undefined)).toBe('needs-mass');
      }
    }
  });
  it('numbers by height, width and mass', () => {
    const count = (height: number, width = countWideFrom.value, mass?: number) =>
      hingeCount(practice, { width, height }, mass, 'standard').count;
    counts.value.forEach((row, index) => {
      expect(count(row.toHeight)).toBe(row.count);
      const next = counts.value[index + 1]?.count ?? row.count + 1;
      expect(count(row.toHeight + THIN)).toBe(next);
    });
    const last = counts.value[counts.value.length - 1]!;
    expect(count(last.toHeight + countStep.value)).toBe(last.count + 1);
    expect(count(last.toHeight + countStep.value + THIN)).toBe(last.count + 2);
    const low = counts.value[0]!;
    expect(count(low.toHeight, countWideFrom.value + THIN)).toBe(low.count + 1);
    for (const weight of ['standard', 'heavy'] as const) {
      const carried = massCarried.value[weight];
      const by = (mass: number) =>
        hingeCount(practice, { width: inches(30), height: low.toHeight }, mass, weight).count;
      expect([by(carried), by(carried + 1)]).toEqual([low.count, low.count + 1]);
    }
  });
  it('grades by mass', () => {
    grades.value.forEach((row, index) => {
      expect(gradeFor(practice, row.toMass)).toBe(row.grade);
      expect(gradeFor(practice, row.toMass + 1)).toBe(grades.value[index + 1]?.grade);
    });
  });
  it('set-backs and the heavy class by thickness, width and mass', () => {
    const { setBack, setBackThick, setBackThickFrom } = practice.values;
    expect(setBackFor(practice, setBackThickFrom.value - THIN)).toBe(setBack.value);
    expect(setBackFor(practice, setBackThickFrom.value)).toBe(setBackThick.value);
    const { heavyMass, heavyWidth, heavyThickness } = practice.values;
    const heavy = (width: number, thickness: number, mass?: number) =>
      heavyReasons(practice, { width, thickness }, mass, 'medium', undefined).length;
    const [wide, thick] = [heavyWidth.value, heavyThickness.value];
    expect(heavy(wide, thick)).toBe(0);
    expect(heavy(wide + THIN, thick)).toBe(1);
    expect(heavy(wide + THIN, thick - THIN)).toBe(0);
    expect(heavy(wide, thick, heavyMass.value - 1)).toBe(0);
    expect(heavy(wide, thick, heavyMass.value)).toBe(1);
  });
});

describe('limits in the decisions', () => {
  it('use by passages a day', () => {
    const use = (passagesPerDay: number) =>
      decide({ passagesPerDay, frequency: undefined }).decisions.find(
        (one) => one.key === 'hanging.frequency',
      )!.value;
    const { highUse, mediumUse } = us.values;
    const term = (one: string) => ({ type: 'term', term: `use.${one}` });
    expect(use(highUse.value)).toEqual(term('high'));
    expect(use(highUse.value - 1)).toEqual(term('medium'));
    expect(use(mediumUse.value)).toEqual(term('medium'));
    expect(use(mediumUse.value - 1)).toEqual(term('low'));
  });
  it('intermediate pivots: to 90 in, 120 in and one more for each 30 in or part', () => {
    const { countStep } = us.values;
    const at = (steps: number, more = 0) => intermediatePivots(us, steps * countStep.value + more);
    expect([at(2), at(3), at(3, THIN), at(4), at(4, THIN)]).toEqual([1, 1, 2, 2, 3]);
  });
  it('concealed hinges by mass, leaf and jamb', () => {
    const { concealedMasses } = us.values;
    const concealed = (leafMass: number, frameHeight: number) =>
      decide({
        frameHeight,
        choices: { 'hanging.device': { value: 'concealed', reason: 'tried' } },
        leafThickness: mm(60),
        frameMaterial: 'timber',
        leafMass,
      });
    const count = (leafMass: number) =>
      concealed(leafMass, inches(60)).results.hanging.leaves[0]!.count;
    concealedMasses.value.forEach((row, index) => {
      expect(count(row.toMass)).toBe(row.count);
      const next = concealedMasses.value[index + 1];
      if (next) expect(count(row.toMass + 1)).toBe(next.count);
    });
    // A tall leaf has three, and says why.
    const tall = concealed(concealedMasses.value[0]!.toMass, inches(84));
    const three = tall.decisions.find((one) => one.key === 'hanging.count')!;
    expect(three.value).toEqual({ type: 'count', count: 3 });
    expect(three.reasons.map((one) => one.code)).toContain('hanging.count.tall');
  });
  it('long screws in timber from just above the mass', () => {
    const { longScrew, longScrewMass } = us.values;
    const screw = (leafMass: number, frameMaterial: 'timber' | 'steel' = 'timber') =>
      decide({ leafMass, frameMaterial }).decisions.find((one) => one.key === 'hanging.longScrew')
        ?.value;
    expect(screw(longScrewMass.value)).toBeUndefined();
    expect(screw(longScrewMass.value + 1)).toMatchObject({ ticks: longScrew.value });
    expect(screw(longScrewMass.value + 1, 'steel')).toBeUndefined();
  });
  it('the recess in the jamb is as deep as that in the leaf, beyond the hinge gap', () => {
    const { solids, results } = decide({});
    const recess = us.values.recess.value.standard;
    const hinges = (on: string) =>
      solids.filter((one) => one.thing === 'solid.hinge' && one.on === on).map((one) => one.x);
    const gap = results.sizing.hingeGap!;
    expect(hinges('leaf')).toEqual(Array(3).fill([0, recess]));
    expect(hinges('frame')).toEqual(Array(3).fill([-gap - recess, -gap]));
  });
  it('the active leaf alone passes what frame, second leaf, its gap and its own thickness leave', () => {
    const { results } = decide({
      kind: 'pair',
      active: 'left',
      hingeSide: undefined,
      frameWidth: inches(72),
    });
    const { frameWidth, hingeGap, leaves, stopWidth } = results.sizing;
    const single = decide({ frameWidth: inches(36) }).results;
    // A single leaf's clear width lacks the open leaf's reach, and the stop on the lock side.
    const reach =
      single.sizing.frameWidth! - stopWidth - decidedTicks(decide({ frameWidth: inches(36) }));
    expect(results.hanging.clearWidthActive).toBe(
      frameWidth! - reach - hingeGap! - leaves[0]!.width!,
    );
  });
  it('ways to gain width name the practice’s own angle and the thinner leaf', () => {
    const short = decide({
      frameWidth: inches(34),
      accessible: true,
      leafThickness: inches(1.75),
      choices: { 'hanging.form': { value: 'full-mortise', reason: 'as the others' } },
    });
    const ways = short.decisions.find((one) => one.key === 'hanging.clearWidth')!.reasons;
    const of = (code: string) => ways.find((one) => one.code === `hanging.gain.${code}`)?.params;
    expect(of('thinner')?.['thickness']).toEqual({ ticks: inches(1.4) });
    expect(of('wide')?.['angle']).toEqual({ degrees: us.values.wideOpen.value });
  });
});

function decidedTicks(decided: ReturnType<typeof decide>): number {
  const { value } = decided.decisions.find((one) => one.key === 'hanging.clearWidth')!;
  if (value?.type !== 'length') throw new Error('The clear width is no length.');
  return value.ticks;
}
