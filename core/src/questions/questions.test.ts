import { decideOpening } from '../deciding/index.js';
import { withWays } from '../egress/index.js';
import { readPaste } from '../exchange/index.js';
import { applyPatch } from '../exchange/patch.js';
import type { OpeningFacts } from '../model/index.js';
import { projectBasis } from '../project/index.js';
import {
  addresseeOf,
  answerText,
  questionLetter,
  questionRows,
  questionsOf,
  readAnswers,
  type ProjectQuestion,
} from './index.js';

const HEAD = ['No.', 'From', 'To', 'Size', 'Hand', 'Rating'];
const ROWS = [
  ['1', 'Street', 'Lobby 100', 'PR 3070', 'RHRA', ''],
  ['2', 'Lobby 100', 'Corridor 110', 'PR 3070', 'LHRA', '20 min'],
  ['3', 'Corridor 110', 'Office 111', '3070', 'LH', '20 min'],
  ['4', 'Corridor 110', 'Office 112', '3070', '', '20 min'],
  ['5', 'Corridor 110', 'Office 113', '3070', 'RH', ''],
  ['6', 'Corridor 110', 'Office 114', '', 'RH', '20 min'],
  ['7', 'Corridor 110', 'Room 115', '3070', 'RH', '20 min'],
  ['8', 'Corridor 110', 'Room 116', '3070', 'RH', '20 min'],
];

const bare = projectBasis('us-commercial');
const listed = readPaste([HEAD, ...ROWS], bare.practice).openings;
const openings = listed.map((facts) => ({ id: facts.mark, facts }));
const basis = withWays(bare, listed);
const asked = questionsOf(openings, basis);
const find = (about: ProjectQuestion['about'], column: string, mark?: string) =>
  asked.find(
    (one) =>
      one.about === about &&
      one.column === column &&
      (!mark || one.openings.some((opening) => opening.mark === mark)),
  )!;
const marks = ({ openings: of }: ProjectQuestion) => of.map(({ mark }) => mark);

const openOf = (facts: OpeningFacts) =>
  decideOpening(facts, basis, { explain: false }).decisions.filter(
    ({ status }) => status === 'open',
  ).length;

describe('the questions of a project', () => {
  it('put together what is the same question, and ask each opening only once for it', () => {
    expect(marks(find('open', 'role'))).toEqual(['7', '8']);
    expect(marks(find('open', 'hand'))).toEqual(['4']);
    expect(marks(find('open', 'size'))).toEqual(['6']);
    for (const { openings: of } of asked)
      expect(new Set(of.map(({ id }) => id)).size).toBe(of.length);
    expect(new Set(asked.map(({ ref }) => ref)).size).toBe(asked.length);
  });

  it('ask first what settles most, and open ones before assumptions', () => {
    const open = asked.filter(({ about }) => about === 'open');
    expect(asked.slice(0, open.length)).toEqual(open);
    const settles = open.map((one) => one.settles);
    expect([...settles].sort((a, b) => b - a)).toEqual(settles);
  });

  it('tell what each answer settles: as many decisions as deciding with it does', () => {
    for (const { answers, openings: of } of asked)
      for (const { patch, settles } of answers) {
        const first = openings.find(({ id }) => id === of[0]!.id)!.facts;
        expect(settles).toBe((openOf(first) - openOf({ ...first, ...patch })) * of.length);
      }
    const role = find('open', 'role');
    expect(role.answers.map(({ value }) => value)).toEqual(['office', 'store', 'toilet-single']);
    expect(Math.min(...role.answers.map(({ settles }) => settles))).toBeGreaterThan(0);
  });

  it('bundle a guessed role with what follows of it, and record all that on confirming', () => {
    const office = find('assumed', 'role', '3');
    expect(marks(office)).toEqual(['3', '4', '5', '6']);
    expect(office.openings[0]!.confirm).toEqual({
      role: 'office',
      lockUse: 'office',
      secured: true,
      closer: 'any',
      frequency: 'medium',
      openAgainst: 'wall',
      // Rated 20 minutes in a corridor.
      smoke: true,
      floorTexture: 'smooth',
    });
    // Without a rating it is not said to close, nor to hold smoke back.
    expect(office.openings[2]!.confirm).not.toHaveProperty('closer');
    expect(office.openings[2]!.confirm).not.toHaveProperty('smoke');
    expect(office.said.code).toBe('role.guessed');
  });

  it('ask once how many people rooms of one role are for, whatever stands in their doors', () => {
    const facts = readPaste(
      [
        ['No.', 'From', 'To', 'Size', 'Hand', 'Rating'],
        ['1', 'Lobby', 'Auditorium', 'PR 3070', 'RHRA', '0'],
        ['2', 'Lobby', 'Gallery', '3070', 'RHR', '0'],
      ],
      bare.practice,
    ).openings;
    const all = questionsOf(
      facts.map((one) => ({ id: one.mark, facts: one })),
      bare,
    );
    const people = all.filter((one) => one.about === 'open' && one.column === 'occupants');
    expect(people.map(marks)).toEqual([['1', '2']]);
  });

  it('ask once for all rooms how their leaves meet the frame, and which are accessible', () => {
    const rooms = projectBasis('continental');
    const facts = readPaste(
      [
        ['No.', 'From', 'To', 'Size', 'Rating'],
        ['1', 'Flur', 'Büro 1', '860 x 1985', '0'],
        ['2', 'Flur', 'Lager', '860 x 1985', '0'],
        ['3', 'Flur', 'Behinderten-WC', '985 x 1985', '0'],
      ],
      rooms.practice,
    ).openings;
    const all = questionsOf(
      facts.map((one) => ({ id: one.mark, facts: one })),
      rooms,
    );
    const of = (column: string) =>
      all.filter((one) => one.about === 'assumed' && one.column === column).map(marks);
    expect(of('leafEdge')).toEqual([['1', '2', '3']]);
    expect(of('accessible')).toEqual([['3']]);
  });

  it('leave nothing assumed once all is confirmed, and nothing decided otherwise', () => {
    const confirmed = openings.map(({ id, facts }) => ({
      id,
      facts: asked.reduce((held, { about, openings: of }) => {
        const one = about === 'assumed' && of.find((opening) => opening.id === id);
        return one ? applyPatch(held, one.confirm) : held;
      }, facts),
    }));
    const left = questionsOf(confirmed, basis);
    expect(left.filter(({ about }) => about === 'assumed')).toEqual([]);
    confirmed.forEach(({ facts }, at) => {
      expect(openOf(facts)).toBe(openOf(openings[at]!.facts));
    });
  });

  it('say to whom each goes', () => {
    expect(
      ['escape', 'cableRun', 'leafMass', 'frameFace', 'lockUse', 'role'].map(addresseeOf),
    ).toEqual(['authority', 'electrician', 'leafMaker', 'frameMaker', 'owner', 'architect']);
  });
});

describe('a sheet of questions', () => {
  const rows = questionRows(asked, bare.practice);
  const answering = (answers: Record<string, string>) =>
    rows.map((row, at) => (at === 0 ? row : [...row.slice(0, 5), answers[row[0]!] ?? '']));

  it('reads back every answer that it offers', () => {
    for (const { column, answers } of asked)
      for (const { value } of answers)
        expect(answerText(column, value, bare.practice)).not.toMatch(/undefined|\[object/);
    for (const question of asked)
      for (const { value, patch } of question.answers) {
        const typed = answerText(question.column, value, bare.practice);
        const read = readAnswers(answering({ [question.ref]: typed }), asked, bare.practice);
        expect(read.faults).toEqual([]);
        expect(read.changes.map(({ id }) => id)).toEqual(question.openings.map(({ id }) => id));
        for (const change of read.changes) expect(change.patch).toEqual(patch);
      }
  });

  it('confirms what was assumed by “yes”, replaces it by another word, tells what it cannot read', () => {
    const office = find('assumed', 'role', '3');
    const read = (typed: string) =>
      readAnswers(answering({ [office.ref]: typed }), asked, bare.practice);
    expect(read('Yes').changes[0]).toEqual({ id: '3', patch: office.openings[0]!.confirm });
    expect(read('meeting').changes[0]).toEqual({ id: '3', patch: { role: 'meeting' } });
    expect(read('purple')).toMatchObject({
      changes: [],
      answered: [],
      faults: [{ ref: office.ref, typed: 'purple', fault: { code: 'field.choice' } }],
    });
    expect(readAnswers([['ZZZZZZ', 'yes']], asked, bare.practice).faults).toEqual([
      { ref: 'ZZZZZZ', typed: 'yes', fault: undefined },
    ]);
  });

  it('reads lines without headings, references in brackets', () => {
    const hand = find('open', 'hand');
    const read = readAnswers([[`[${hand.ref.toLowerCase()}]`, 'RHR']], asked, bare.practice);
    expect(read.changes).toEqual([{ id: '4', patch: { hingeSide: 'right', swing: 'out' } }]);
  });

  it('is a letter, numbered, with reference and marks', () => {
    const letter = questionLetter(asked.slice(0, 2), bare.practice);
    expect(letter).toMatch(/^1\. \[[0-9A-F]{6}\] /);
    expect(letter).toContain(`Openings: ${marks(asked[1]!).join(', ')}`);
  });
});
