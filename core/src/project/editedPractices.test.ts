import fc from 'fast-check';
import { inches, mm } from '../measure/index.js';
import { changesBetween, decideOpening } from '../deciding/index.js';
import { projectBasis } from './basis.js';
import type { OpeningFacts } from '../model/index.js';
import { TERMS } from '../phrasing/index.js';
import {
  buildPractice,
  isOwnPractice,
  readEditedPractices,
  type EditedPractice,
} from './editedPractices.js';
import {
  figureAt,
  figureType,
  PRACTICE_IDS,
  valueTable,
  withFigure,
  type ValueName,
} from '../practice/index.js';
import { DOOR } from '../testing/door.js';
import { PRACTICES } from './practices.js';

const own = (changes: EditedPractice['changes'] = {}): EditedPractice => ({
  id: 'own-ours',
  name: 'Ours',
  base: 'us-commercial',
  changes,
});
const facts: OpeningFacts = {
  mark: '1',
  kind: 'single',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
};
const NAMES = Object.keys(PRACTICES.british.values) as ValueName[];

describe('a practice of one’s own', () => {
  const gaps = { ...PRACTICES['us-commercial'].values.gapsSteel.value, lock: inches(3 / 16) };
  const edited = own({ gapsSteel: { value: gaps, source: 'site rule', note: 'sticking leaves' } });

  it('is the shipped one with its own values in place, and everything follows', () => {
    const practice = buildPractice(edited);
    expect(practice.values.gapsSteel).toMatchObject({
      value: gaps,
      source: 'site rule',
      kind: 'default',
    });
    expect(practice.values.gapsTimber).toBe(PRACTICES['us-commercial'].values.gapsTimber);
    const leaf = (basis: ReturnType<typeof projectBasis>) =>
      decideOpening(facts, basis).results.sizing.leaves[0]!.width;
    expect(leaf(projectBasis('us-commercial'))).toBe(inches(35.75));
    expect(leaf(projectBasis('own-ours', [edited]))).toBe(inches(36 - 1 / 8 - 3 / 16));
  });

  it('may be named by one opening alone, and falls back on the project’s when it is gone', () => {
    const one = { ...facts, practice: 'own-ours' };
    const width = (list: EditedPractice[]) =>
      decideOpening(one, projectBasis('us-commercial', list)).results.sizing.leaves[0]!.width;
    expect(width([edited])).toBe(inches(36 - 1 / 8 - 3 / 16));
    expect(width([])).toBe(inches(35.75));
  });

  it('tells which decisions it changes, and reset changes nothing', () => {
    const decide = (list: EditedPractice[], id: string) =>
      decideOpening(facts, projectBasis(id, list));
    const changes = changesBetween(decide([], 'us-commercial'), decide([edited], 'own-ours'));
    expect(changes.map((change) => change.key)).toEqual(
      expect.arrayContaining(['sizing.lockGap', 'sizing.leafWidth']),
    );
    expect(changes.find((change) => change.key === 'sizing.lockGap')).toMatchObject({
      before: { ticks: inches(1 / 8) },
      after: { ticks: inches(3 / 16) },
    });
    expect(
      changesBetween(decide([], 'us-commercial'), decide([own()], 'own-ours')).map((c) => c.key),
    ).toEqual([]);
  });

  it('opens though there are more roles now than when it was edited', () => {
    const { roleUse, rolePlates } = PRACTICES['us-commercial'].values;
    const { riser: _, ...before } = roleUse.value;
    const { riser: __, ...plates } = rolePlates.value;
    const edited = own({
      roleUse: { value: { ...before, office: 'passage' }, source: 'ours' },
      rolePlates: { value: { ...plates, office: 'kick' }, source: 'ours' },
    });
    const read = readEditedPractices([JSON.parse(JSON.stringify(edited))]);
    expect(read.ok).toBe(true);
    const { values } = buildPractice(edited);
    expect(values.roleUse.value).toEqual({ ...roleUse.value, office: 'passage' });
    expect(values.rolePlates.value).toEqual({ ...rolePlates.value, office: 'kick' });
    // What is not a value of the shipped one is still refused.
    const more = own({ roleUse: { value: { ...before, attic: 'store' }, source: 'ours' } });
    expect(readEditedPractices([more]).ok).toBe(false);
  });
  it('opens though locks are for more than when it was edited', () => {
    const { lockFor } = PRACTICES['us-commercial'].values;
    const { 'guest-card': _, ...before } = lockFor.value;
    const own = { lockFor: { value: { ...before, office: 'mortise' }, source: 'ours' } };
    const read = readEditedPractices([
      { id: 'own-1', name: 'Ours', base: 'us-commercial', changes: own },
    ]);
    expect(read.ok && buildPractice(read.value[0]!).values.lockFor.value).toEqual({
      ...lockFor.value,
      office: 'mortise',
    });
  });

  it('is refused without a source, with a value of another shape, or twice', () => {
    expect(readEditedPractices([edited]).ok).toBe(true);
    const bad: unknown[] = [
      'x',
      [{ ...edited, id: 'us-commercial' }],
      [{ ...edited, base: 'somewhere' }],
      [edited, edited],
      [own({ gapsSteel: { value: gaps, source: ' ' } })],
      [own({ gapsSteel: { value: { ...gaps, lock: 'wide' }, source: 'x' } })],
      [own({ gapsSteel: { value: { lock: 1 }, source: 'x' } })],
      [own({ butts: { value: [], source: 'x' } })],
      [own({ rebate: { value: -5, source: 'x' } })],
      [own({ nothing: { value: 1, source: 'x' } } as never)],
      [own({ patterns: { value: [{ id: 'A b' }], source: 'x' } })],
    ];
    for (const one of bad) expect(readEditedPractices(one).ok).toBe(false);
    expect(isOwnPractice('own-ours')).toBe(true);
    expect(isOwnPractice('british')).toBe(false);
  });

  it('every shipped value fits its own shape, and so does every value scaled', () => {
    for (const id of PRACTICE_IDS) {
      for (const name of NAMES) {
        const { value } = PRACTICES[id].values[name];
        const edit = { ...own({ [name]: { value, source: 'same' } }), base: id };
        expect([id, name, readEditedPractices([edit]).ok]).toEqual([id, name, true]);
      }
    }
  });
});

describe('words that mean nothing', () => {
  const rooms = [
    { from: 'Corridor', to: 'Office', rating: 60 },
    { from: 'Outside', to: 'Lobby', kind: 'pair', active: 'left' },
    { from: 'Corridor', to: 'Comms room', access: 'reader', sound: 30 },
  ] as const;
  it('are refused, or leave every opening decided', () => {
    for (const id of PRACTICE_IDS)
      for (const name of NAMES) {
        const { value } = PRACTICES[id].values[name];
        const { columns, rows, open } = valueTable(value);
        const text = columns.find((path) =>
          ['text', 'choice'].includes(figureType(name, PRACTICES[id].values, path).type),
        );
        if (!text || rows.length === 0) continue;
        const { label } = rows[0]!;
        const at = [...(label !== undefined ? [label] : open ? ['0'] : []), ...text];
        const nonsense = withFigure(value, at, 'nonsense');
        const edit = { ...own({ [name]: { value: nonsense, source: 'x' } }), base: id };
        const read = readEditedPractices([edit]);
        if (!read.ok) continue;
        for (const between of rooms)
          expect([
            name,
            decideOpening({ ...DOOR, ...between }, buildPractice(read.value[0]!)).decisions.length >
              0,
          ]).toEqual([name, true]);
      }
  });
  it('name no leaf', () => {
    for (const name of ['leafRated', 'leafOutside'] as const)
      expect(readEditedPractices([own({ [name]: { value: 'oak', source: 'x' } })]).ok).toBe(false);
    const { value } = PRACTICES.british.values.leafByRole;
    const leaves = (office: string) =>
      readEditedPractices([own({ leafByRole: { value: { ...value, office }, source: 'x' } })]).ok;
    expect([leaves('timber-stave'), leaves(''), leaves('oak')]).toEqual([true, true, false]);
  });
});

describe('the figures of a practice', () => {
  it('have names, and each is what its type says', () => {
    for (const id of PRACTICE_IDS) {
      const { values } = PRACTICES[id];
      for (const name of NAMES) {
        expect(TERMS[`value.${name}`]).toBeDefined();
        const table = valueTable(values[name].value);
        for (const { figures } of table.rows) {
          table.columns.forEach((path, column) => {
            const figure = figures[column];
            if (figure === undefined) return;
            const { type } = figureType(name, values, path);
            const expected = {
              length: 'number',
              mass: 'number',
              number: 'number',
              text: 'string',
              choice: 'string',
              'yes-no': 'boolean',
            }[type];
            expect([name, path.join('.'), typeof figure]).toEqual([name, path.join('.'), expected]);
            if (type === 'length') expect(Number.isInteger(figure)).toBe(true);
          });
        }
      }
    }
  });

  it('are set one at a time, without touching the others or the shipped value', () => {
    fc.assert(
      fc.property(fc.constantFrom(...NAMES), fc.nat(), fc.nat(), (name, r, c) => {
        const { value } = PRACTICES.british.values[name];
        const before = JSON.stringify(value);
        const table = valueTable(value);
        const row = table.rows[r % table.rows.length]!;
        const path = table.columns[c % table.columns.length]!;
        const index = String(table.rows.indexOf(row));
        const whole = [
          ...(row.label !== undefined ? [row.label] : table.open ? [index] : []),
          ...path,
        ];
        const next = withFigure(value, whole, 12_345);
        expect(figureAt(next, whole)).toBe(12_345);
        expect(JSON.stringify(value)).toBe(before);
        const restored = withFigure(next, whole, figureAt(value, whole));
        expect(restored).toEqual(value);
      }),
    );
  });

  it('lay out records with a row for each entry and lists with a row for each member', () => {
    const { butts, gapsSteel, surfaceMasses, patterns } = PRACTICES.british.values;
    expect(valueTable(gapsSteel.value).rows.map((row) => row.label)).toContain('undercut');
    expect(valueTable(butts.value)).toMatchObject({ open: true });
    expect(valueTable(surfaceMasses.value).columns.map((path) => path.join('.'))).toEqual([
      'gramsPerSquareMetre',
      'at',
      'scales',
    ]);
    expect(valueTable(patterns.value).columns.map((path) => path.join('.'))).toContain('top.from');
    expect(valueTable(mm(3)).rows).toEqual([{ label: undefined, figures: [mm(3)] }]);
  });
});
