import fc from 'fast-check';
import { LOCK_SPECS } from '../catalogue/index.js';
import { inches, mm } from '../measure/index.js';
import { PRACTICE_IDS } from '../practice/index.js';
import { PRACTICES } from '../project/index.js';
import { FIELDS, fieldOf } from '../stageRegistry/index.js';
import { FACTS_VERSION, type OpeningFacts } from '../model/index.js';
import { phraseText } from '../phrasing/index.js';
import { anyFacts } from '../testing/arbitrary.js';
import {
  applyPatch,
  merge3,
  readColumn,
  readFacts,
  readField,
  readPaste,
  readProject,
  writeField,
  writeProject,
} from './index.js';

const us = PRACTICES['us-commercial'];
const british = PRACTICES.british;

describe('fields as text', () => {
  it('readField(writeField(x)) = x for every field', () => {
    fc.assert(
      fc.property(
        anyFacts,
        fc.constantFrom<'inch' | 'metric'>('inch', 'metric'),
        (facts, system) => {
          for (const field of FIELDS) {
            const value = facts[field.name] as string | number | boolean | undefined;
            if (value === undefined) continue;
            expect(readField(field, writeField(field, value, system), system)).toEqual({
              ok: true,
              value,
            });
          }
        },
      ),
    );
  });

  it.each([
    ['90', 90],
    ['90 min', 90],
    ['1 1/2 HR', 90],
    ['3/4 hr', 45],
    ['1.5 h', 90],
    ['FD30S', 30],
    ['EI30', 30],
    ['EI2 60-C5', 60],
    ['none', 0],
    ['NR', 0],
    ['?', 'unknown'],
  ])('reads the rating %s', (text, value) => {
    const read = readField(fieldOf('rating')!, text, 'inch');
    expect(read.ok ? read.value : undefined).toBe(value);
  });

  it('reads options in other words and lists them when it cannot', () => {
    expect(readField(fieldOf('kind')!, 'Double Egress', 'inch')).toEqual({
      ok: true,
      value: 'double-egress',
    });
    expect(readField(fieldOf('frameMaterial')!, 'HM', 'inch')).toEqual({
      ok: true,
      value: 'steel',
    });
    const bad = readField(fieldOf('kind')!, 'trapdoor', 'inch');
    expect(!bad.ok && phraseText(bad.fault, { system: 'inch' })).toMatch(
      /“trapdoor” is none of: single, pair/,
    );
  });
});

describe('columns', () => {
  it('a size is the frame opening or the leaf as the practice names it', () => {
    expect(readColumn('size', '3070', us)).toEqual({
      ok: true,
      value: { frameWidth: inches(36), frameHeight: inches(84) },
    });
    expect(readColumn('size', '826 x 2040', british)).toEqual({
      ok: true,
      value: { leafWidth: mm(826), leafHeight: mm(2040) },
    });
  });
  it('takes four-hand codes and refuses a bare word', () => {
    expect(readColumn('hand', 'rhr', us)).toEqual({
      ok: true,
      value: { hingeSide: 'right', swing: 'out' },
    });
    expect(readColumn('hand', 'LHRA', us)).toEqual({
      ok: true,
      value: { active: 'left', swing: 'out' },
    });
    expect(readColumn('hand', 'left', us)).toMatchObject({
      ok: false,
      fault: { code: 'column.hand' },
    });
  });
});

describe('pasted cells', () => {
  it('reads a header, keeps good cells of a row and reports the bad one', () => {
    const pasted = readPaste(
      [
        ['Door No.', 'From', 'To', 'Width', 'Height', 'Hand', 'Paint'],
        ['101', 'Corridor', 'Office', '36', '84', 'RH', 'red'],
        ['102', 'Corridor', 'Store', 'wide', '84', 'LH', 'blue'],
        ['', '', '', '', '', '', ''],
      ],
      us,
    );
    expect(pasted.ignored).toEqual(['Paint']);
    expect(pasted.openings).toEqual([
      {
        mark: '101',
        kind: 'single',
        from: 'Corridor',
        to: 'Office',
        frameWidth: inches(36),
        frameHeight: inches(84),
        hingeSide: 'right',
        swing: 'in',
        note: 'Paint: red.',
      },
      {
        mark: '102',
        kind: 'single',
        from: 'Corridor',
        to: 'Store',
        frameHeight: inches(84),
        hingeSide: 'left',
        swing: 'in',
        note: 'Paint: blue.',
      },
    ]);
    expect(pasted.faults).toMatchObject([
      { row: 1, column: 'frameWidth', typed: 'wide', fault: { code: 'length.unreadable' } },
    ]);
  });
  it('without a header takes the usual columns, and a pair’s hand for its active leaf', () => {
    const pasted = readPaste(
      [['7', 'Foyer', 'Hall', 'pair', '6070', 'RHR', '90', 'steel', '']],
      us,
    );
    expect(pasted.openings[0]).toMatchObject({
      mark: '7',
      kind: 'pair',
      frameWidth: inches(72),
      active: 'right',
      swing: 'out',
      rating: 90,
      frameMaterial: 'steel',
    });
  });
});

describe('the project file', () => {
  const observations: OpeningFacts['observations'] = [
    { stood: 'outside', hinges: 'left', knuckles: 'seen' },
    { stood: 'in-frame', swingsTo: 'right', opensOutward: true, by: 'A', at: '2026-01-01' },
  ];

  it('writes and reads back the same facts, whatever they are', () => {
    fc.assert(
      fc.property(
        fc.array(anyFacts, { maxLength: 5 }),
        fc.constantFrom(...PRACTICE_IDS),
        (openings, practice) => {
          const project = {
            name: 'A house',
            practice,
            openings: openings.map((facts) => ({
              ...facts,
              observations,
              choices: { 'hanging.count': { value: 4, reason: 'heavy use' } },
              manualItems: [
                {
                  stage: 'securing' as const,
                  quantity: 1,
                  unit: 'each' as const,
                  description: 'Lock',
                  size: '10',
                },
              ],
              omitted: { powering: 'none here' },
              provenance: { frameWidth: 'measured' as const },
              tested: {
                function: 'storeroom',
                steps: { '1': 'ok' as const, '2': 'fault' as const },
                by: 'A. Person',
                at: '2026-10-02T10:00:00.000Z',
              },
            })),
            locks: [{ ...LOCK_SPECS[0]!, id: 'own-1', name: 'Ours' }],
            keying: {
              groups: [
                {
                  id: 'a',
                  name: 'House',
                  holders: 'manager',
                  everywhere: true,
                  storeys: ['Ground'],
                  rooms: [],
                  plus: ['1'],
                  minus: ['2'],
                },
              ],
            },
          };
          expect(readProject(writeProject(project))).toEqual({ ok: true, project });
        },
      ),
    );
  });

  it('reads lengths as people write them', () => {
    const read = readProject(
      JSON.stringify({
        name: 'x',
        practice: 'british',
        openings: [
          {
            mark: 1,
            leafWidth: '910 mm',
            frameHeight: '35 3/4 in',
            leafHeight: 2040,
            size: '826x2040',
            rating: 'FD30',
            exterior: true,
          },
        ],
      }),
    );
    expect(read.ok && read.project.openings[0]).toEqual({
      version: FACTS_VERSION,
      mark: '1',
      kind: 'single',
      leafWidth: mm(826),
      frameHeight: inches(35.75),
      leafHeight: mm(2040),
      rating: 30,
      exterior: true,
    });
  });

  it('gives one sentence for every fault and reads nothing by halves', () => {
    const read = readProject(
      JSON.stringify({
        practice: 'martian',
        colour: 1,
        openings: [
          { mark: 'A', frameWidth: '3 1/3' },
          { kind: 'hatch', mark: 'B' },
          { from: 'x' },
          7,
          { mark: 'C', choices: { count: 1 } },
          { mark: 'D', windows: 2 },
          { mark: 'E', tested: { function: 'x', steps: { one: 'ok' }, by: 'a', at: 'b' } },
        ],
        locks: [{ id: 'storeroom' }],
        keying: { groups: 'all' },
      }),
    );
    expect(read.ok).toBe(false);
    if (read.ok) return;
    expect(read.faults.map(({ where, fault }) => `${where}|${fault.code}`)).toEqual([
      'locks|locks.value',
      'keying|keying.shape',
      'practice|file.practice',
      'opening A, frameWidth|length.denominator',
      'opening B, kind|field.choice',
      'opening 3|file.noMark',
      'opening 4|file.openingNotObject',
      'opening C, choices|file.choices',
      'opening D|file.unknownKey',
      'opening E, tested|file.tested',
      'colour|file.unknownKey',
    ]);
    for (const { fault } of read.faults)
      expect(phraseText(fault, { system: 'inch' })).not.toContain('file.');
    expect(readProject('{"openings": [')).toMatchObject({
      ok: false,
      faults: [{ fault: { code: 'file.json' } }],
    });
    expect(readProject('[]')).toMatchObject({ ok: false });
  });
});

describe('facts over the wire', () => {
  it('takes what a screen stores and refuses the rest by field', () => {
    fc.assert(
      fc.property(anyFacts, (facts) =>
        expect(readFacts(JSON.parse(JSON.stringify(facts)))).toEqual({ ok: true, value: facts }),
      ),
    );
    const refused = (facts: object) => readFacts({ mark: '1', kind: 'single', ...facts });
    expect(refused({ frameWidth: 1.5 })).toMatchObject({
      ok: false,
      fault: { params: { field: 'frameWidth' } },
    });
    for (const wrong of [
      { frameWidth: -1 },
      { kind: 'hatch' },
      { mark: ' ' },
      { exterior: 'yes' },
      { choices: [] },
      { leafMass: 0 },
    ])
      expect(refused(wrong)).toMatchObject({ ok: false, fault: { code: 'facts.value' } });
    expect(refused({ __proto: 1 })).toMatchObject({
      ok: false,
      fault: { code: 'facts.unknownField' },
    });
    expect(readFacts([])).toMatchObject({ ok: false });
  });
});

describe('merging two people’s work', () => {
  const before: OpeningFacts = { mark: '1', kind: 'single', frameWidth: 1, frameHeight: 2 };
  it('takes what only one changed and asks about what both did', () => {
    const { merged, clashes } = merge3(
      before,
      { ...before, frameWidth: 5, note: 'mine' },
      { ...before, frameWidth: 6, frameHeight: 7 },
    );
    expect(merged).toEqual({
      mark: '1',
      kind: 'single',
      frameWidth: 6,
      frameHeight: 7,
      note: 'mine',
    });
    expect(clashes).toEqual([{ name: 'frameWidth', before: 1, mine: 5, theirs: 6 }]);
  });

  it('what both sides made the same is no clash, whatever order its keys stand in', () => {
    const tested = { function: 'storeroom', steps: { 1: 'ok' as const }, by: 'A', at: 'now' };
    const mine = { ...before, tested: { ...tested, steps: { 1: 'ok', 2: 'fault' } as const } };
    const theirs = {
      ...before,
      tested: {
        at: 'now',
        by: 'A',
        function: 'storeroom',
        steps: { 2: 'fault', 1: 'ok' } as const,
      },
    };
    expect(merge3({ ...before, tested }, mine, theirs)).toEqual({ merged: theirs, clashes: [] });
    const others = { ...theirs, tested: { ...theirs.tested, steps: { 2: 'ok' } as const } };
    expect(merge3({ ...before, tested }, mine, others).clashes).toHaveLength(1);
    expect(merge3(before, mine, { ...before }).merged).toEqual(mine);
  });
  it('loses nobody’s work', () => {
    const facts = fc
      .record({
        mark: fc.constant('1'),
        kind: fc.constant('single' as const),
        frameWidth: fc.option(fc.nat({ max: 3 }), { nil: undefined }),
        note: fc.option(fc.constantFrom('a', 'b'), { nil: undefined }),
      })
      .map((f) => applyPatch({ mark: '1', kind: 'single' }, f));
    fc.assert(
      fc.property(facts, facts, facts, (base, mine, theirs) => {
        const { merged, clashes } = merge3(base, mine, theirs);
        for (const key of ['frameWidth', 'note'] as const) {
          const clash = clashes.find((one) => one.name === key);
          if (clash) expect([clash.mine, clash.theirs]).toEqual([mine[key], theirs[key]]);
          else expect(merged[key]).toEqual(mine[key] === base[key] ? theirs[key] : mine[key]);
        }
      }),
    );
  });
});
