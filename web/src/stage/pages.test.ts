// A stage that was added by its folder and one line (core/src/testing/venting).
jest.mock('../../../core/src/stageRegistry/list.js', () => {
  const actual = jest.requireActual<{ STAGE_LIST: object[] }>(
    '../../../core/src/stageRegistry/list.js',
  );
  const { venting } = jest.requireActual<{ venting: { id: string } }>(
    '../../../core/src/testing/venting/venting.js',
  );
  return { STAGE_LIST: [...actual.STAGE_LIST, venting] };
});

import { BOLT_STAGES, FIELDS, termText, type Stage } from '@riegel/core';
import { boltKey, boltKeys, BOLT_PLACES, openingAddress, OPENING_PAGES } from './openingPages.js';
import { SIDE_PAGES } from './sidePages.js';

const added = 'venting' as Stage;

describe('the pages of an opening', () => {
  it('are its first, one a bolt in the order of the work, and those beside them', () => {
    expect(OPENING_PAGES.map(({ path }) => path)).toEqual([
      '',
      ...BOLT_STAGES,
      ...SIDE_PAGES.map(({ path }) => path),
    ]);
    expect(new Set(OPENING_PAGES.map(({ path }) => path)).size).toBe(OPENING_PAGES.length);
    expect([...BOLT_PLACES.values()]).toEqual(BOLT_STAGES.map((_, index) => index + 1));
  });
  it('stand below the address of the opening', () => {
    expect(openingAddress('p', 'o')).toBe('/projects/p/openings/o');
    expect(openingAddress('p', 'o', 'hanging')).toBe('/projects/p/openings/o/hanging');
  });
  it('have keys that say nothing else', () => {
    const keys = SIDE_PAGES.map(({ key }) => key);
    expect(new Set([...keys, 'n', 'p', 'd', 'f', '0']).size).toBe(keys.length + 5);
  });
  it('have a key each, also from the tenth on', () => {
    const keys = BOLT_STAGES.map((_, index) => boltKey(index + 1));
    expect(keys.length).toBeGreaterThan(9);
    expect(keys.slice(0, 10)).toEqual(['1', '2', '3', '4', '5', '6', '7', '8', '9', 'Alt+1']);
    expect(new Set(keys).size).toBe(keys.length);
    expect([boltKeys(8), boltKeys(9), boltKeys(10), boltKeys(12)]).toEqual([
      '1 … 8',
      '1 … 9',
      '1 … 9, Alt 1',
      '1 … 9, Alt 1 … 3',
    ]);
  });
  it('a stage that was added is reached, with its name and its first facts', () => {
    expect(BOLT_PLACES.get(added)).toBe(BOLT_STAGES.indexOf(added) + 1);
    expect(OPENING_PAGES.find(({ path }) => path === added)?.name).toBe('Venting');
    expect(termText(`stage.${added}`)).toBe('Venting');
    expect(FIELDS.filter(({ stage, first }) => stage === added && first)).toHaveLength(1);
  });
});
