import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { inches, mm } from '../measure/index.js';
import { FIELDS, SET_STAGES, STAGE_LIST, STAGES } from '../stageRegistry/index.js';
import { OPENING_KINDS, type Item } from '../model/index.js';
import { PRACTICES } from '../project/index.js';
import {
  decisionName,
  itemSizeParts,
  itemText,
  lengthPart,
  partsText,
  phrase,
  phraseText,
  SENTENCES,
  TERMS,
  termText,
  valueInOther,
  valueParts,
} from './index.js';

const inch = { system: 'inch' } as const;
const metric = { system: 'metric' } as const;

/** Every source file of core but tests and the words themselves. */
function sources(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return entry.name === 'testing' ? [] : sources(path);
    return /\.ts$/.test(entry.name) && !/\.test\.ts$|essages\.ts$|erms\.ts$/.test(entry.name)
      ? [readFileSync(path, 'utf8')]
      : [];
  });
}

describe('the words', () => {
  const code = sources(join(__dirname, '..')).join('\n');

  // That every code has a sentence with just its parameters is held by the types (`opening/said.ts`).
  it('are no sentences that nothing says', () => {
    const said = new Set([...code.matchAll(/'([a-z]+\.[A-Za-z.-]+)'/g)].map(([, found]) => found!));
    const stems = [...code.matchAll(/`([a-z]+\.[A-Za-z.]*)\$\{/g)].map(([, found]) => found!);
    const unused = Object.keys(SENTENCES).filter(
      (key) => !said.has(key) && !stems.some((stem) => key.startsWith(stem)),
    );
    expect(unused).toEqual([]);
  });

  it('have no word that stands twice, in two stages or beside them', () => {
    const seen = new Map<string, string>();
    for (const { id, messages = {}, terms } of STAGE_LIST)
      for (const key of [...Object.keys(messages), ...Object.keys(terms)]) {
        expect([key, seen.get(key)]).toEqual([key, undefined]);
        seen.set(key, id as string);
      }
  });

  it('name every stage, kind, fact and option', () => {
    const wanted = [
      ...STAGES.map((stage) => `stage.${stage}`),
      ...OPENING_KINDS.flatMap((kind) => [`kind.${kind}`, `short.kind.${kind}`]),
      ...FIELDS.map((field) => `fact.${field.name}`),
      ...FIELDS.flatMap((field) =>
        field.options && field.name !== 'outside' && field.name !== 'practice'
          ? field.options.map((option) => `${field.terms}.${option}`)
          : [],
      ),
      ...Object.values(PRACTICES).flatMap((practice) =>
        practice.values.patterns.value.map((pattern) => `pattern.${pattern.id}`),
      ),
    ];
    expect(wanted.filter((key) => !TERMS[key])).toEqual([]);
    expect(SET_STAGES.every((stage) => STAGES.includes(stage))).toBe(true);
  });
});

describe('a phrase', () => {
  it('puts figures in the project’s units and rounds them the way they must be', () => {
    const said = {
      code: 'hanging.count.wide',
      params: {
        width: { ticks: inches(49.03), rounding: 'down' as const },
        limit: { ticks: inches(48) },
      },
    };
    expect(phraseText(said, inch)).toBe('One more: 49 in wide, over 48 in.');
    expect(phraseText(said, metric)).toBe('One more: 1245 mm wide, over 1219.2 mm.');
  });
  it('keeps lengths apart for the screen, with their exact value', () => {
    const parts = phrase({ code: 'ask.width', params: {} }, inch);
    expect(parts).toEqual(['How wide is the frame opening, or the leaf?']);
    const chain = phrase(
      {
        code: 'sizing.chain.width',
        params: {
          total: { ticks: inches(36) },
          times: 1,
          parts: 1,
          m0: { ticks: inches(1 / 8) },
          n0: { term: 'part.lockGap' },
        },
      },
      inch,
    );
    expect(partsText(chain)).toBe('36 in opening − 1/8 in lock gap.');
    expect(chain[0]).toMatchObject({ exact: '36 in', length: { whole: '36', rounded: false } });
  });
  it('halves a chain that two leaves share, and adds an overlap', () => {
    const said = {
      code: 'sizing.chain.width',
      params: {
        total: { ticks: mm(1600) },
        times: 2,
        parts: 1,
        m0: { ticks: mm(-13) },
        n0: { term: 'part.rebate' },
      },
    };
    expect(phraseText(said, metric)).toBe('(1600 mm opening + 13 mm rebate overlap) ÷ 2.');
  });
  it('gives masses, forces, areas and angles in either system', () => {
    const mass = {
      code: 'hanging.mass',
      params: {
        area: { squareMetres: 2 },
        surface: { gramsPerSquareMetre: 25000 },
        construction: { term: 'construction.glass' },
        body: { grams: 50000 },
        hardware: { grams: 4000 },
      },
    };
    expect(phraseText(mass, metric)).toBe(
      '2.00 m² × 25.0 kg/m² (all glass) = 50 kg, and 4 kg for hardware.',
    );
    expect(phraseText(mass, inch)).toBe(
      '21.5 ft² × 5.1 lb/ft² (all glass) = 110 lb, and 8.8 lb for hardware.',
    );
  });
  it('shows an unknown code as it is and a missing parameter as a question mark', () => {
    expect(phraseText({ code: 'nothing.such', params: {} }, inch)).toBe('Nothing.such');
    expect(phraseText({ code: 'ask.width', params: {} }, inch)).not.toContain('?{');
    expect(phraseText({ code: 'hanging.heavy.mass', params: {} }, inch)).toBe('?, from ?.');
  });
});

describe('values and items', () => {
  it('are shown in the project’s units, the other on hover', () => {
    const length = { type: 'length', ticks: inches(35.75), rounding: 'down' } as const;
    expect(partsText(valueParts(length, inch))).toBe('35 3/4 in');
    expect(valueInOther(length, inch)).toBe('908 mm');
    expect(valueInOther({ type: 'term', term: 'metal.steel' }, inch)).toBe('');
    expect(partsText(valueParts({ type: 'area', squareMm: 64516 }, inch))).toBe('100.0 in²');
    expect(partsText(valueParts({ type: 'positions', ticks: [mm(150), mm(900)] }, metric))).toBe(
      '150 mm · 900 mm',
    );
    expect(partsText([lengthPart(inches(35.76), inch)])).toBe('35 3/4 in');
  });
  it('name hinges by traits and by height × width', () => {
    const item: Item = {
      stage: 'hanging',
      term: 'item.butt',
      quantity: 3,
      unit: 'each',
      height: inches(4.5),
      width: inches(4),
      traits: ['weight.heavy', 'bearing.bearing', 'metal.stainless', 'pin.non-removable'],
      handed: false,
    };
    expect(itemText(item)).toBe(
      'Butt hinge, heavy weight, ball bearing or concealed bearing, stainless steel, non-removable pin',
    );
    expect(partsText(itemSizeParts(item, inch))).toBe('4 1/2 in × 4 in');
    expect(itemText({ ...item, written: 'Own words' })).toBe('Own words');
    expect(decisionName('hanging', 'count')).toBe('Hinges per leaf');
    expect(termText('=Any room')).toBe('Any room');
  });
});
