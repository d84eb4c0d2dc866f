import type { Finding } from '@riegel/core';
import { countLevels, groupFindings, groupNotChecked } from './findingGroups.js';

const finding = (code: string, level: Finding['level'], more: Partial<Finding> = {}): Finding => ({
  code: code as Finding['code'],
  level,
  params: {},
  stage: 'closing',
  source: 'trade practice',
  parts: [],
  ...more,
});
const accepted = { code: 'b', on: '1', reason: 'x', by: 'y', at: 'z' };
const openings = [
  {
    id: '1',
    mark: '101',
    storey: undefined,
    questions: [],
    kept: 2,
    notChecked: [{ law: 'width', lacks: ['occupants'] as const }],
    assumed: 0,
    findings: [finding('a', 'note'), finding('b', 'check')],
  },
  {
    id: '2',
    mark: '102',
    storey: undefined,
    questions: [],
    kept: 2,
    notChecked: [{ law: 'width', lacks: ['occupants'] as const }],
    assumed: 0,
    findings: [finding('b', 'check'), finding('powering.noAlarm', 'stop', { stage: 'powering' })],
  },
  {
    id: '3',
    mark: '103',
    storey: undefined,
    questions: [],
    kept: 2,
    notChecked: [{ law: 'width', lacks: ['occupants'] as const }],
    assumed: 0,
    findings: [finding('b', 'check', { accepted })],
  },
];
const all = { levels: new Set(['stop', 'check', 'note'] as const), accepted: false, text: '' };
const shown = (
  ...rest: Parameters<typeof groupFindings> extends [unknown, infer By, infer F, unknown]
    ? [By, F?]
    : never
) =>
  groupFindings({ openings }, rest[0], rest[1] ?? all, ({ code }) => code).map(
    ({ key, all: of }) => `${key}: ${of.map(({ mark }) => mark).join(' ')}`,
  );

describe('findings put together', () => {
  it('by rule: one line for all openings, the gravest first, what was accepted apart', () => {
    expect(shown('rule')).toEqual([
      'stop powering.noAlarm: 102',
      'check b: 101 102',
      'note a: 101',
    ]);
    expect(shown('rule', { ...all, accepted: true })).toEqual(['check b: 103']);
  });
  it('by opening and by who must answer', () => {
    expect(shown('opening')).toEqual(['2: 102 102', '1: 101 101']);
    expect(shown('answers')).toEqual(['electrician: 102', 'specifier: 101 101 102']);
  });
  it('of the levels and words that are wanted', () => {
    expect(shown('rule', { ...all, levels: new Set(['stop'] as const) })).toEqual([
      'stop powering.noAlarm: 102',
    ]);
    expect(shown('rule', { ...all, text: '101' })).toEqual(['check b: 101', 'note a: 101']);
  });
  it('what is told once a project is one line, however they are put together', () => {
    const once = finding('checking.blockingUnknown', 'note');
    const two = openings.slice(0, 2).map((one) => ({ ...one, findings: [once] }));
    for (const by of ['rule', 'opening', 'answers'] as const)
      expect(groupFindings({ openings: two }, by, all, ({ code }) => code)).toMatchObject([
        { heading: undefined, all: [{ mark: '101' }, { mark: '102' }] },
      ]);
  });
  it('what could not be checked, by what is not recorded', () => {
    const more = { law: 'swing', lacks: ['swing', 'hingeSide'] as const };
    const [first, second] = openings;
    const found = [{ ...first!, notChecked: [...first!.notChecked, more] }, second!];
    expect(groupNotChecked(found)).toEqual([
      {
        law: 'width',
        lacks: ['occupants'],
        ones: [
          { id: '1', mark: '101' },
          { id: '2', mark: '102' },
        ],
      },
      { law: 'swing', lacks: ['swing', 'hingeSide'], ones: [{ id: '1', mark: '101' }] },
    ]);
  });
  it('counts each level, and what was accepted', () => {
    const across = [
      { level: 'check', code: 'checking.across.mark', params: {}, source: '', openings: [] },
    ] as const;
    expect(countLevels(openings, across)).toEqual({ stop: 1, check: 3, note: 1, accepted: 1 });
  });
});
