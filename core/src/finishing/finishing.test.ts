import { decideOpening, decisionOf } from '../deciding/index.js';
import type { OpeningFacts } from '../model/index.js';
import type { PracticeId } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { DOOR } from '../testing/door.js';
import { appearanceOf, finishOn } from './appearance.js';
import { FINISHING_VALUES, type BaseMetal } from './values.js';

const FINISHES = FINISHING_VALUES.finishes['us-commercial'].value;
const decide = (facts: Partial<OpeningFacts>, practice: PracticeId = 'us-commercial') =>
  decideOpening({ ...DOOR, lockUse: 'office', closer: 'any', ...facts }, PRACTICES[practice]);

describe('an appearance', () => {
  it.each([
    ['626', 'satin-chrome'],
    ['26D', 'satin-chrome'],
    ['US26D', 'satin-chrome'],
    ['us 32d', 'satin-stainless'],
    ['652', 'satin-chrome'],
    ['Satin stainless steel', 'satin-stainless'],
    ['Brushed stainless', 'satin-stainless'],
    ['Polished brass', 'bright-brass'],
    ['10B', 'oil-rubbed-bronze'],
    ['matt black', 'flat-black'],
    ['silver', 'satin-aluminium'],
    ['clear anodised', 'satin-aluminium'],
    ['RAL 9005', undefined],
    ['689', undefined],
  ])('%s is %s', (text, id) => {
    expect(appearanceOf(FINISHES, text)?.id).toBe(id);
  });
  // ANSI/BHMA A156.18, and what looks nearest.
  it.each<[string, BaseMetal, string | undefined]>([
    ['satin-chrome', 'brass', '626'],
    ['satin-chrome', 'steel', '652'],
    ['satin-chrome', 'stainless', '630'],
    ['satin-stainless', 'steel', '652'],
    ['bright-brass', 'steel', '632'],
    ['oil-rubbed-bronze', 'bronze', '613'],
    ['satin-aluminium', 'brass', '626'],
    ['satin-aluminium', 'stainless', '630'],
    ['satin-nickel', 'stainless', undefined],
    ['zinc', 'brass', undefined],
  ])('%s on %s: %s', (id, metal, code) => {
    const row = FINISHES.find((one) => one.id === id)!;
    expect(finishOn(FINISHES, row, metal)?.code).toBe(code);
  });
});

describe('the finish of a set', () => {
  const finishes = (facts: Partial<OpeningFacts>, practice?: PracticeId) =>
    Object.fromEntries(
      decide(facts, practice).items.map((item) => [item.term?.split('.')[1], item.finish]),
    );
  it('is a number by base metal in the United States, words elsewhere', () => {
    expect(finishes({ finish: '26D' })).toMatchObject({
      butt: '652',
      lock: '626',
      closer: '689',
      stop: '626',
    });
    expect(finishes({ finish: 'satin stainless' }, 'british')).toMatchObject({
      butt: 'finish.satin-chrome',
      trim: 'finish.satin-stainless',
    });
  });
  it('is told outside where it rusts, not where it is primed to be painted', () => {
    const codes = (finish: string) =>
      decide({
        finish,
        exterior: true,
        choices: { 'hanging.metal': { value: 'steel', reason: 'x' } },
      })
        .findings.map(({ code }) => code)
        .filter((code) => code.startsWith('finishing.'));
    expect(codes('satin chrome')).toContain('finishing.outside');
    expect(codes('primed')).not.toContain('finishing.outside');
  });
  it('leaves what a person wrote, and what has none', () => {
    const written = {
      stage: 'closing',
      quantity: 1,
      unit: 'each',
      description: 'Stop',
      finish: 'black',
    } as const;
    const items = decide({ finish: '626', manualItems: [written] }).items;
    expect(items.find((item) => item.written === 'Stop')?.finish).toBe('black');
    expect(items.find((item) => item.term === 'item.silencer')?.finish).toBeUndefined();
  });
  it('stands as written where it is no listed appearance, and is asked for where nobody said', () => {
    expect(finishes({ finish: 'RAL 9005' })).toMatchObject({ butt: 'RAL 9005', lock: 'RAL 9005' });
    expect(decisionOf(decide({ finish: 'unknown' }), 'finishing.appearance')?.status).toBe('open');
    expect(decisionOf(decide({}), 'finishing.appearance')).toMatchObject({
      basis: 'assumed',
      value: { term: 'finish.satin-chrome' },
    });
  });
  it('tells what is not to be had, once a metal, and what rusts outside', () => {
    const codes = (facts: Partial<OpeningFacts>) =>
      decide(facts)
        .findings.map(({ code }) => code)
        .filter((code) => code.startsWith('finishing'));
    expect(codes({ finish: 'satin nickel', exterior: true })).toEqual(['finishing.none']);
    expect(codes({ finish: '626' })).toEqual([]);
    const steel = { 'hanging.metal': { value: 'steel', reason: 'as the frame' } };
    expect(codes({ finish: '626', exterior: true, choices: steel })).toContain('finishing.outside');
  });
});
