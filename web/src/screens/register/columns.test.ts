import { bareBasis, inches, mm, PRACTICES, type OpeningFacts } from '@riegel/core';
import { packRow } from '../../worker/row.js';
import { cellOf, COLUMNS, editText, optionsOf, readCell, type Line } from './columns.js';

const us = PRACTICES['us-commercial'];
const facts: OpeningFacts = {
  mark: '101',
  kind: 'single',
  from: 'Corridor',
  frameWidth: inches(36),
  frameHeight: inches(84),
  frameMaterial: 'steel',
  leafConstruction: 'timber-mineral',
  hingeSide: 'right',
  swing: 'out',
  rating: 90,
  provenance: { frameWidth: 'measured' },
};
const line = (rest: Partial<OpeningFacts> = {}, practice = us): Line => {
  const all = { ...facts, ...rest };
  return { id: 'x', facts: all, row: packRow('x', all, bareBasis(practice)) };
};
const column = (id: string) => COLUMNS.find((one) => one.id === id)!;
const shown = (one: Line) =>
  Object.fromEntries(COLUMNS.map((each) => [each.id, cellOf(one, each).text]));

describe('a register line', () => {
  it('shows facts and what follows from them', () => {
    expect(shown(line())).toEqual({
      mark: '101',
      from: 'Corridor',
      to: '',
      role: 'open',
      kind: 'single',
      frameWidth: '36 in',
      frameHeight: '84 in',
      leafConstruction: 'mineral core',
      frameMaterial: 'steel',
      hand: 'RHR',
      rating: '90',
      leafSize: '35 3/4 in × 83 1/8 in',
      hinges: '3 · 4 1/2 in × 4 1/2 in',
    });
    expect(cellOf(line(), column('frameWidth')).basis).toBe('measured');
    expect(cellOf(line(), column('leafSize')).basis).toBe('derived');
    // A role is a guess until somebody says it.
    expect(cellOf(line({ to: 'Office' }), column('role'))).toMatchObject({
      text: 'office',
      basis: 'assumed',
    });
    expect(cellOf(line({ to: 'Office', role: 'store' }), column('role'))).toMatchObject({
      text: 'store',
      basis: 'given',
    });
  });
  it('shows what is open as open and what is unknown as unknown', () => {
    const open = shown(
      line({
        frameWidth: undefined,
        hingeSide: undefined,
        rating: 'unknown',
        leafConstruction: 'unknown',
      }),
    );
    expect([open['leafSize'], open['hand'], open['rating'], open['leafConstruction']]).toEqual([
      'open',
      'open',
      'unknown',
      'unknown',
    ]);
  });
  it('names what is not a butt hinge briefly', () => {
    expect(cellOf(line({ kind: 'double-acting' }), column('hinges')).text).toBe('1 · centre-hung');
    expect(cellOf(line({ kind: 'pocket', slideTo: 'left' }), column('hinges')).text).toBe(
      '1 · sliding',
    );
    expect(cellOf(line({ kind: 'pocket', slideTo: 'left' }), column('hand')).text).toBe('to left');
    expect(
      cellOf(line({ kind: 'pair', frameWidth: inches(72), active: 'left' }), column('hand')).text,
    ).toBe('LHR act.');
    expect(
      cellOf(line({ kind: 'double-egress', frameWidth: inches(72) }), column('hand')).text,
    ).toBe('RHR both');
  });
  it('names hands as the practice does, and edits them by the four-hand code', () => {
    const british = line({}, PRACTICES.british);
    expect(cellOf(british, column('hand')).text).toBe('right, out');
    expect(editText(british, column('hand'), PRACTICES.british)).toBe('RHR');
  });
  it('counts what is found and what is open', () => {
    expect(
      line({
        choices: { 'hanging.count': { value: 2, reason: 'x' } },
        frequency: 'low',
        secured: true,
        lockUse: 'store',
        finish: '626',
        closer: 'any',
      }).row,
    ).toMatchObject({ stops: 1, checks: 0, open: 0 });
    expect(
      line({ hingeSide: undefined, secured: true, lockUse: 'store', finish: '626', closer: 'none' })
        .row!.open,
    ).toBe(2);
  });
});

describe('editing a cell', () => {
  it('starts from a text that reads back to the same', () => {
    for (const one of COLUMNS.filter((each) => each.editable)) {
      for (const each of [
        line(),
        line({ kind: 'pair', frameWidth: inches(72), active: 'left' }),
        line({ frameWidth: 12_345 }),
      ]) {
        const text = editText(each, one, us);
        if (text === '') continue;
        const read = readCell(each, one, text, us);
        expect('patch' in read && { ...each.facts, ...read.patch }).toEqual(each.facts);
      }
    }
  });
  it('says why a text cannot be read', () => {
    expect(readCell(line(), column('frameWidth'), '3 1/3', us)).toEqual({
      fault: expect.stringContaining('1/3') as string,
    });
    expect(readCell(line(), column('hand'), 'left', us)).toEqual({
      fault: expect.stringContaining('schools mean opposite things') as string,
    });
    expect(readCell(line(), column('mark'), ' ', us)).toEqual({ fault: 'Mark cannot be empty.' });
  });
  it('takes a hand for the active leaf of a pair', () => {
    expect(readCell(line({ kind: 'pair' }), column('hand'), 'LH', us)).toEqual({
      patch: { active: 'left', swing: 'in' },
    });
    expect(readCell(line(), column('hand'), 'LH', us)).toEqual({
      patch: { hingeSide: 'left', swing: 'in' },
    });
  });
  it('reads the units of the practice', () => {
    expect(readCell(undefined, column('frameWidth'), '910', PRACTICES.british)).toEqual({
      patch: { frameWidth: mm(910) },
    });
    expect(readCell(undefined, column('frameWidth'), '', us)).toEqual({
      patch: { frameWidth: undefined },
    });
  });
  it('offers options in words', () => {
    expect(optionsOf(column('frameMaterial'))).toEqual([
      ['steel', 'steel'],
      ['timber', 'timber'],
      ['aluminium', 'aluminium'],
    ]);
    expect(optionsOf(column('mark'))).toBeUndefined();
  });
});
