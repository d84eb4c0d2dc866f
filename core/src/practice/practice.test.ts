import { inches, mm, toInches, toMm } from '../measure/index.js';
import { PRACTICE_IDS, type Gaps, type Sourced } from './index.js';
import { PRACTICES, practiceOf } from '../project/index.js';

const all = PRACTICE_IDS.map((id) => [id, PRACTICES[id]] as const);

describe.each(all)('the %s practice', (id, practice) => {
  it('names itself and its units', () => {
    expect(practice.id).toBe(id);
    expect(practice.name).not.toBe('');
    expect(practice.system).toBe(id.startsWith('us-') ? 'inch' : 'metric');
  });

  it('says for every value where it comes from, and whether it is a limit, a preference or a default', () => {
    const values = Object.entries(practice.values) as [string, Sourced<unknown>][];
    expect(values.length).toBeGreaterThan(45);
    for (const [name, value] of values) {
      expect([name, value.source.trim().length > 3]).toEqual([name, true]);
      expect([name, ['limit', 'preference', 'default'].includes(value.kind)]).toEqual([name, true]);
    }
  });

  it('holds whole ticks only', () => {
    const lengths: [string, number][] = [];
    const walk = (name: string, value: unknown) => {
      if (Array.isArray(value)) value.forEach((inner, index) => walk(`${name}.${index}`, inner));
      else if (typeof value === 'object' && value !== null)
        for (const [key, inner] of Object.entries(value)) walk(`${name}.${key}`, inner);
      else if (typeof value === 'number') lengths.push([name, value]);
    };
    for (const [name, value] of Object.entries(practice.values) as [string, Sourced<unknown>][]) {
      if (value.unit === 'length') walk(name, value.value);
    }
    expect(lengths.filter(([, ticks]) => !Number.isInteger(ticks))).toEqual([]);
  });

  it('has its own patterns to fall back on, and tables that rise', () => {
    const { patterns, patternSteel, patternTimber, counts, butts, grades, hingeWidths } =
      practice.values;
    const ids = patterns.value.map((pattern) => pattern.id);
    expect(ids).toEqual(expect.arrayContaining([patternSteel.value, patternTimber.value]));
    expect(new Set(ids).size).toBe(ids.length);
    const rises = (list: number[]) => expect(list).toEqual([...list].sort((a, b) => a - b));
    rises(counts.value.map((row) => row.toHeight));
    rises(counts.value.map((row) => row.count));
    rises(butts.value.map((row) => row.toThickness));
    rises(grades.value.map((row) => row.toMass));
    rises(hingeWidths.value);
  });

  it('names each size once', () => {
    const names = practice.values.nominalSizes.value.map((size) => size.name);
    expect(new Set(names).size).toBe(names.length);
  });
});

describe('the table of gaps', () => {
  const inch = (gaps: Sourced<Gaps>) =>
    Object.values(gaps.value).map((ticks: number) => toInches(ticks));
  const metric = (gaps: Sourced<Gaps>) =>
    Object.values(gaps.value).map((ticks: number) => toMm(ticks));
  // hinge, lock, head, meeting, undercut without a threshold, over one
  it('is the trade’s', () => {
    expect(inch(PRACTICES['us-commercial'].values.gapsSteel)).toEqual([
      0.125, 0.125, 0.125, 0.125, 0.75, 0.375,
    ]);
    expect(inch(PRACTICES['us-commercial'].values.gapsTimber)).toEqual([
      0.125, 0.125, 0.125, 0.125, 0.5, 0.125,
    ]);
    expect(inch(PRACTICES['us-residential'].values.gapsTimber)).toEqual([
      0.125, 0.125, 0.125, 0.1875, 0.5, 0.125,
    ]);
    expect(metric(PRACTICES.british.values.gapsTimber)).toEqual([3, 3, 3, 3, 8, 3]);
    expect(metric(PRACTICES.continental.values.gapsSteel)).toEqual([3.5, 3.5, 3.5, 4, 7, 3]);
    expect(metric(PRACTICES.australasian.values.gapsTimber)).toEqual([3, 3, 3, 3, 10, 3]);
  });
});

describe('other figures of the schools', () => {
  it('stand where they are expected', () => {
    expect(PRACTICES['us-commercial'].values.leafThickness.value).toBe(inches(1.75));
    expect(PRACTICES['us-residential'].values.leafThickness.value).toBe(inches(1.375));
    expect(PRACTICES.australasian.values.leafThickness.value).toBe(mm(40));
    expect(PRACTICES['us-commercial'].values.clearWidth).toMatchObject({
      value: inches(32),
      source: 'ADA 404.2.3',
      kind: 'limit',
    });
    expect(PRACTICES['us-commercial'].values.continuousHingeGap.value).toBe(inches(5 / 16));
    expect(PRACTICES.british.values.nominalSizes.value.map((size) => size.name)).toContain(
      '762 × 1981',
    );
    expect(PRACTICES.continental.values.nominalSizes.value.map((size) => size.name)).toContain(
      '985 × 2110',
    );
  });
  it('name US sizes by feet and inches', () => {
    const names = PRACTICES['us-commercial'].values.nominalSizes.value;
    const named = (name: string) => names.find((size) => size.name === name)!;
    expect([named('3070').width, named('3070').height]).toEqual([inches(36), inches(84)]);
    expect([named('2868').width, named('2868').height]).toEqual([inches(32), inches(80)]);
    expect([named('3-0 x 7-10').width, named('3-0 x 7-10').height]).toEqual([
      inches(36),
      inches(94),
    ]);
  });
  it('fall back to one practice for a name that is none', () => {
    expect(practiceOf('martian').id).toBe('us-commercial');
    expect(practiceOf('british').id).toBe('british');
  });
});
