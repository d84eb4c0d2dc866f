import { inches, mm } from '../measure/index.js';
import { PRACTICES } from '../project/index.js';
import { guessList, headingsAt, readListRows, readPaste } from './index.js';
import { metresAsMm } from './metresText.js';

const rows = (text: string, by: string) =>
  text
    .trim()
    .split('\n')
    .map((line) => line.split(by).map((cell) => cell.trim()));

describe('a list with a title and headings in two rows', () => {
  const CELLS = rows(
    `
DOOR SCHEDULE
DR NO.|ROOM NAME|DOOR|||||FRAME|||FIRE|HDWR|REMARKS
||W|H|THK|MATL|TYPE|MATL|TYPE|JAMB|LABEL|GRP|
100|VESTIBULE|6'-0"|7'-0"|1 3/4"|AL|FG|AL|SF-1|-|-|01|AUTO OPERATOR
103|EXAM 1|3'-0"|7'-0"|1 3/4"|SCWD|F|HM|1|6/A601|-|07|
108|NURSE STA|3'-0"|7'-0"|1 3/4"|SCWD|DUTCH|HM|1|6/A601|-|10|
114|MECH|(2) 3'-0"|7'-0"|1 3/4"|HM|F|HM|3|6/A601|90 MIN|13|CLOSER`,
    '|',
  );
  const us = PRACTICES['us-commercial'];

  it('joins a group with what stands under it', () => {
    expect(headingsAt(CELLS, 2)).toEqual([
      'DR NO.',
      'ROOM NAME',
      'DOOR W',
      'DOOR H',
      'DOOR THK',
      'DOOR MATL',
      'DOOR TYPE',
      'FRAME MATL',
      'FRAME TYPE',
      'FRAME JAMB',
      'FIRE LABEL',
      'HDWR GRP',
      'REMARKS',
    ]);
    // A title of one cell, and rows of openings, group nothing.
    expect(headingsAt(CELLS, 1)).toEqual(CELLS[1]);
    expect(headingsAt(CELLS, 4)).toEqual(CELLS[4]);
    expect(headingsAt(CELLS, -1)).toEqual([]);
  });

  it('is read whole, in paste as in import', () => {
    const pasted = readPaste(CELLS, us);
    expect(pasted.faults).toEqual([]);
    expect(pasted.ignored).toEqual(['DOOR TYPE', 'FRAME TYPE', 'FRAME JAMB', 'HDWR GRP']);
    const [vestibule, exam, nurse, plant] = pasted.openings;
    expect(vestibule).toMatchObject({ mark: '100', kind: 'pair', operator: true, rating: 0 });
    expect(exam).toMatchObject({
      to: 'EXAM 1',
      leafConstruction: 'timber-particle',
      frameMaterial: 'steel',
      note: 'DOOR TYPE: F; FRAME TYPE: 1; FRAME JAMB: 6/A601; HDWR GRP: 07.',
    });
    expect(nurse!.kind).toBe('stable');
    expect(plant).toMatchObject({
      kind: 'pair',
      frameWidth: inches(72),
      rating: 90,
      closer: 'any',
    });
    const imported = readListRows(CELLS, guessList(CELLS, us).mapping, us);
    expect(imported.map(({ patch }) => patch.mark)).toEqual(['100', '103', '108', '114']);
    expect(imported[3]!.patch).toMatchObject({ kind: 'pair', rating: 90 });
  });
});

describe('a German list in metres', () => {
  const CELLS = rows(
    `
Tür-Nr.;Raum von;Raum nach;Breite;Höhe;DIN;Brandschutz;Zarge;Türblatt;Bemerkung
E.01;Außen;Windfang;1,26;2,135;L;;Alu;Glas/Alu;Automatik
E.07;Flur;Treppenhaus;1,135;2,135;R;T30-RS;Stahl;Stahl;OTS, FSA
E.11;Treppenhaus;Außen;1.01 m;2.135;R;;Alu;Alu;Panikschloss`,
    ';',
  );
  it('is read whole', () => {
    const { openings, faults, ignored } = readPaste(CELLS, PRACTICES.continental);
    expect([faults, ignored]).toEqual([[], []]);
    expect(openings[0]).toMatchObject({
      wallWidth: mm(1260),
      wallHeight: mm(2135),
      leafWidth: mm(1235),
      leafHeight: mm(2110),
      observations: [{ stood: 'knuckle-side', hinges: 'left' }],
      operator: true,
      leafConstruction: 'aluminium-narrow',
    });
    expect(openings[1]).toMatchObject({ rating: 30, smoke: true, closer: 'any', holdOpen: true });
    expect(openings[2]).toMatchObject({ wallWidth: mm(1010), leafWidth: mm(985), egress: true });
  });
  it.each([
    ['1,01', '1010'],
    ['0,885 x 2,135', '885 x 2135'],
    ['1.01 m', '1010'],
    ['2,135', '2135'],
    ['3.175 mm', '3.175 mm'],
    ['885', '885'],
    ['12,5', '12,5'],
    ['4,10', '4,10'],
    ['1,5', '1,5'],
  ])('metres in %s: %s', (typed, text) => {
    expect(metresAsMm(typed)).toBe(text);
  });
});

describe('a list of a house that names one room a door', () => {
  const CELLS = rows(
    `
Door;Location;Leaf size;Core;Frame;Fire;Hardware notes
D02;Garage to hall;820x2040;SC;PSF;-/60/30;self closing
D03;Bed 1;820x2040;HC;TIMBER;;
D05;WIR;2/620 x 2040;HC;TIMBER;;
D06;Plant;885/2135;SOLID;TIMBER;;`,
    ';',
  );
  it('is read whole', () => {
    const { openings, faults, ignored } = readPaste(CELLS, PRACTICES.australasian);
    expect([faults, ignored]).toEqual([[], []]);
    expect(openings[0]).toMatchObject({ rating: 60, closer: 'any', frameMaterial: 'steel' });
    expect(openings[2]).toMatchObject({ kind: 'pair', leafWidth: mm(620), leafHeight: mm(2040) });
    expect(openings[3]).toMatchObject({ leafWidth: mm(885), leafHeight: mm(2135) });
  });
});

describe('a British list by leaves', () => {
  const CELLS = rows(
    `
Surgery, door schedule, revision C

Ref;Level;Room Name;Leaf W;Leaf H;Leaf T;FR;VP;Frame;Notes
DG.01;00;Draught Lobby;1000;2100;44;-;Y;PPC alum;Automatic
DG.02;00;Waiting;926;2040;44;FD30S;Y;Softwood;hold open, automatic drop seal
DG.06;00;Plant;1526;2040;54;FD60S;N;Hardwood;Pair`,
    ';',
  );
  it('is read whole, FR by its contents', () => {
    const { openings, faults, ignored } = readPaste(CELLS, PRACTICES.british);
    expect([faults, ignored]).toEqual([[], ['VP']]);
    expect(openings[0]).toMatchObject({ leafWidth: mm(1000), operator: true, rating: 0 });
    expect(openings[1]).toMatchObject({ rating: 30, smoke: true, leafThickness: mm(44) });
    expect(openings[1]).not.toHaveProperty('operator');
    expect(openings[2]).toMatchObject({ kind: 'pair', rating: 60, leafHeight: mm(2040) });
  });
  it('names the frame by “Door W” only where sizes are those of frames', () => {
    const cells = [
      ['Mark', 'Door W', 'Room'],
      ['1', '926', 'Office'],
    ];
    expect(readPaste(cells, PRACTICES.british).columns[1]).toBe('leafWidth');
    expect(readPaste(cells, PRACTICES['us-commercial']).columns[1]).toBe('frameWidth');
  });
});

describe('sizes with more or less in them', () => {
  const read = (text: string) =>
    readPaste(
      [
        ['Mark', 'Size', 'To'],
        ['1', text, 'Office'],
      ],
      PRACTICES['us-commercial'],
    );
  it('a code with a thickness', () => {
    expect(read('PR 3070 x 1-3/4').openings[0]).toMatchObject({
      kind: 'pair',
      frameWidth: inches(72),
      leafThickness: inches(1.75),
    });
  });
  it('never a width no opening has', () => {
    const { openings, faults } = read('3070 x 96');
    expect(openings[0]).not.toHaveProperty('frameWidth');
    expect(faults.map(({ fault }) => fault.code)).toEqual(['size.unreadable']);
  });
});
