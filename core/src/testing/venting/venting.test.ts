import { inches } from '../../measure/index.js';
import type { OpeningFacts } from '../../model/index.js';

// The one line that adds a stage, as it would stand in the list.
jest.mock('../../stageRegistry/list.js', () => {
  const actual = jest.requireActual<{ STAGE_LIST: { id: string }[] }>(
    '../../stageRegistry/list.js',
  );
  const { venting } = jest.requireActual<{ venting: { id: string } }>('./venting.js');
  const at = actual.STAGE_LIST.findIndex(({ id }) => id === 'sealing');
  return {
    STAGE_LIST: [...actual.STAGE_LIST.slice(0, at), venting, ...actual.STAGE_LIST.slice(at)],
  };
});

import {
  bareBasis,
  decideOpening,
  FACTS_VERSION,
  FIELDS,
  groupSets,
  itemText,
  partsText,
  phraseText,
  PRACTICES,
  preparationOf,
  projectFileSchema,
  readEditedPractices,
  readFacts,
  readProject,
  scheduleOf,
  SET_STAGES,
  STAGES,
  summaryText,
  termText,
  valueParts,
  writeProject,
} from '../../index.js';
import { columnNamed } from '../../exchange/headings.js';
import { DOOR } from '../door.js';

const us = PRACTICES['us-commercial'];
const facts: OpeningFacts = {
  ...DOOR,
  version: FACTS_VERSION,
  rating: 90,
  grille: inches(12),
  louvre: { slats: 9, closable: true },
};
const decided = decideOpening(facts, us);
const units = { system: 'inch' } as const;

describe('a stage that was added by its folder and one line', () => {
  it('stands in the order of the work, with a bolt', () => {
    expect(STAGES.indexOf('venting')).toBe(STAGES.indexOf('protecting') + 1);
    expect(SET_STAGES).toContain('venting');
    expect(decided.progress.find(({ stage }) => stage === 'venting')).toEqual({
      stage: 'venting',
      state: 'decided',
      open: 0,
    });
    const open = decideOpening({ ...facts, grille: undefined }, us);
    expect(open.progress.find(({ stage }) => stage === 'venting')).toMatchObject({
      state: 'open',
      open: 1,
    });
    const none = decideOpening({ ...facts, omitted: { venting: 'no air wanted' } }, us);
    expect(none.progress.find(({ stage }) => stage === 'venting')!.state).toBe('none');
    expect(none.items.some(({ stage }) => stage === 'venting')).toBe(false);
  });

  it('decides, says why, takes choices and finds', () => {
    expect(decided.results.venting).toEqual({ width: inches(17.875) });
    const width = decided.decisions.find(({ key }) => key === 'venting.width')!;
    expect(partsText(valueParts(width.value!, units))).toBe('17 7/8 in');
    expect(phraseText(width.reasons[0]!, units)).toBe(
      'Half the leaf of 35 3/4 in, for 12 in of height.',
    );
    const kind = decided.decisions.find(({ key }) => key === 'venting.kind')!;
    expect(termText((kind.value as { term: string }).term)).toBe('fire-rated');
    const chosen = decideOpening(
      { ...facts, choices: { 'venting.width': { value: inches(10), reason: 'as drawn' } } },
      us,
    );
    expect(chosen.results.venting.width).toBe(inches(10));
    const slip = decideOpening(
      { ...facts, choices: { 'venting.width': { value: inches(41), reason: 'a slip' } } },
      us,
    );
    expect(slip.findings.map(({ code }) => code)).toContain('choice.notTaken');
    const high = decideOpening({ ...facts, grille: inches(25) }, us);
    expect(high.findings.find(({ code }) => code === 'venting.tooHigh')).toMatchObject({
      level: 'stop',
      stage: 'venting',
    });
    expect(summaryText(decided)).toContain('Width of the grille');
  });

  it('has its facts in forms, headings, JSON Schema, wire and file', () => {
    expect(
      FIELDS.filter(({ stage }) => stage === 'venting').map(({ name, first }) => [name, first]),
    ).toEqual([
      ['grille', true],
      ['grilleKind', false],
    ]);
    expect(columnNamed('Grille, height')).toBe('grille');
    expect(JSON.stringify(projectFileSchema())).toContain('"louvre"');
    expect(readFacts(JSON.parse(JSON.stringify(facts)))).toEqual({ ok: true, value: facts });
    expect(readFacts({ ...facts, louvre: { slats: 0 } })).toMatchObject({ ok: false });
    const file = writeProject({ name: 'P', practice: 'us-commercial', openings: [facts] });
    expect(file).toContain('"grille": "12 in"');
    expect(readProject(file)).toMatchObject({ ok: true, project: { openings: [facts] } });
  });

  it('lets something out of the leaf, and clashes with what is there', () => {
    expect(decided.solids.filter(({ owner }) => owner === 'grille')).toHaveLength(1);
    const glazed = decideOpening(
      {
        ...facts,
        glassWidth: inches(10),
        glassHeight: inches(10),
        glassThickness: inches(0.25),
        glassAt: inches(10),
        glassFromLock: inches(12),
      },
      us,
    );
    const clash = glazed.findings.find(({ code }) => code === 'checking.void')!;
    expect([clash.stage, phraseText(clash, units)]).toEqual([
      'venting',
      'The grille comes onto the glass by 8 in: there is nothing to hold it.',
    ]);
  });

  it('stands in set, schedule and preparation', () => {
    const { sets } = groupSets([{ id: '1', mark: '1', items: decided.items }]);
    expect(sets[0]!.items.map((item) => itemText(item))).toContain('Transfer grille');
    const schedule = scheduleOf([{ id: '1', mark: '1', items: decided.items, decided }], []);
    expect(JSON.stringify(schedule)).toContain('Transfer grille');
    const sheet = preparationOf(decided, bareBasis(us))!;
    expect(sheet.groups.map(({ name }) => termText(name))).toContain('Grille');
  });

  it('brings its figures to every practice, where a project may set them otherwise', () => {
    expect(us.values.grilleMost.value).toBe(inches(24));
    const edited = readEditedPractices([
      {
        id: 'own-ours',
        name: 'Ours',
        base: 'british',
        changes: { grilleMost: { value: inches(30), source: 'our own' } },
      },
    ]);
    expect(edited).toMatchObject({ ok: true });
  });
});
