// A stage that was added by its folder and one line (core/src/testing/venting).
jest.mock('../../../core/src/stages/list.js', () => {
  const actual = jest.requireActual<{ STAGE_LIST: object[] }>('../../../core/src/stages/list.js');
  const { venting } = jest.requireActual<{ venting: { id: string } }>(
    '../../../core/src/testing/venting/venting.js',
  );
  return { STAGE_LIST: [...actual.STAGE_LIST, venting] };
});

import { FIELDS, STAGES, termText, type Stage } from '@riegel/core';
import { STAGE_PAGES, STAGE_ROUTES } from './pages.js';
import { REACHED_STAGES, stageAddress } from './reached.js';

const added = 'venting' as Stage;

describe('the pages of stages', () => {
  it('are routes of their own, one a page', () => {
    expect(STAGE_ROUTES.map(({ path }) => path)).toEqual(
      Object.values(STAGE_PAGES).map(({ path }) => `${path}/:openingId`),
    );
    expect(new Set(STAGE_ROUTES.map(({ path }) => path)).size).toBe(STAGE_ROUTES.length);
  });
  it('are gone to where there is one, else the stage’s part of the opening’s page', () => {
    expect(stageAddress('/projects/p', 'o', 'hanging')).toBe('/projects/p/hanging/o');
    expect(stageAddress('/projects/p', 'o', 'replacing')).toBe('/projects/p/replacement/o');
    expect(stageAddress('/projects/p', 'o', 'closing')).toBe(
      '/projects/p/openings/o#stage-closing',
    );
  });
  it('a stage that was added is reached, with its name and its first facts', () => {
    expect(REACHED_STAGES).toContain(added);
    expect(stageAddress('/b', 'o', added)).toBe('/b/openings/o#stage-venting');
    expect(termText(`stage.${added}`)).toBe('Venting');
    expect(FIELDS.filter(({ stage, first }) => stage === added && first)).toHaveLength(1);
    expect(REACHED_STAGES).toEqual(STAGES.filter((stage) => REACHED_STAGES.includes(stage)));
  });
});
