import fc from 'fast-check';
import { decideOpening } from '../deciding/index.js';
import { guessList, readListRows } from '../exchange/index.js';
import { mm } from '../measure/index.js';
import { PRACTICES, projectBasis } from '../project/index.js';
import {
  isStep,
  isWholeStep,
  MODEL_SET,
  modelCells,
  readModelDoors,
  stepEntities,
  stepText,
  writeModel,
  type ModelRead,
} from './index.js';

/** A made-up house: two storeys, four rooms, five doors; IFC4, or IFC2x3 with the operation in the style. */
function house(
  schema: 'IFC4' | 'IFC2X3',
  unit = 'IFCSIUNIT(*,.LENGTHUNIT.,.MILLI.,.METRE.)',
  scale = 1,
): string {
  const four = schema === 'IFC4';
  const door = (
    id: number,
    guid: string,
    name: string,
    tag: string,
    high: number,
    wide: number,
    operation: string,
  ) =>
    `#${id}=IFCDOOR('${guid}',#5,'${name}',$,$,#90,#91,'${tag}',${(high * scale).toFixed(4)},${(wide * scale).toFixed(4)}${four ? `,.DOOR.,${operation},$` : ''});`;
  return `ISO-10303-21;
HEADER;
FILE_DESCRIPTION(('ViewDefinition [CoordinationView]'),'2;1');
FILE_NAME('house; plan.ifc','2026-01-02T00:00:00',(''),(''),'','','');
FILE_SCHEMA(('${schema}'));
ENDSEC;
DATA;
#1=IFCPROJECT('0pr',#5,'House',$,$,$,$,$,#2);
#2=IFCUNITASSIGNMENT((#3,#4));
#3=${unit};
#4=IFCSIUNIT(*,.AREAUNIT.,$,.SQUARE_METRE.);
#5=IFCOWNERHISTORY($,$,$,.ADDED.,$,$,$,0);
/* a comment; with a semicolon and 'quotes' */
#10=IFCBUILDINGSTOREY('0st1',#5,'Ground',$,$,$,$,$,.ELEMENT.,0.);
#11=IFCBUILDINGSTOREY('0st2',#5,'First',$,$,$,$,$,.ELEMENT.,3000.);
#20=IFCSPACE('0sp1',#5,'001',$,$,$,$,'Corridor',.ELEMENT.,$,$);
#21=IFCSPACE('0sp2',#5,'002',$,$,$,$,'B\\X2\\00FC\\X0\\ro',.ELEMENT.,$,$);
#22=IFCSPACE('0sp3',#5,'101',$,$,$,$,'Store; dry',.ELEMENT.,$,$);
#30=${four ? `IFCDOORTYPE('0ty1',#5,'EI30',$,$,(#60),$,$,$,.DOOR.,.SINGLE_SWING_RIGHT.,$,$)` : `IFCDOORSTYLE('0ty1',#5,'EI30',$,$,(#60),$,$,.SINGLE_SWING_RIGHT.,.WOOD.,.F.,.F.)`};
${door(40, '0dr1', 'Door:926', 'D01', 2040, 926, four ? '.SINGLE_SWING_LEFT.' : '')}
${door(41, '0dr2', "It''s a door", 'D02', 2040, 826, four ? '$' : '')}
${door(42, '0dr3', 'Double', 'D03', 2135, 1810, four ? '.DOUBLE_DOOR_SINGLE_SWING.' : '')}
${door(43, '0dr4', 'D04', '', 2040, 926, four ? '.ROLLINGUP.' : '')}
#50=IFCRELDEFINESBYTYPE('0rt1',#5,$,$,(#41),#30);
#51=IFCRELDEFINESBYPROPERTIES('0rp1',#5,$,$,(#40,#42),#61);
#52=IFCRELCONTAINEDINSPATIALSTRUCTURE('0rc1',#5,$,$,(#40,#41),#10);
#53=IFCRELCONTAINEDINSPATIALSTRUCTURE('0rc2',#5,$,$,(#42),#11);
#54=IFCRELSPACEBOUNDARY('0rb1',#5,$,$,#21,#40,$,.PHYSICAL.,.INTERNAL.);
#55=IFCRELSPACEBOUNDARY('0rb2',#5,$,$,#20,#40,$,.PHYSICAL.,.INTERNAL.);
#56=IFCRELSPACEBOUNDARY('0rb3',#5,$,$,#22,#41,$,.PHYSICAL.,.INTERNAL.);
#60=IFCPROPERTYSET('0ps1',#5,'Pset_DoorCommon',$,(#70));
#61=IFCPROPERTYSET('0ps2',#5,'Pset_DoorCommon',$,(#71,#72));
#70=IFCPROPERTYSINGLEVALUE('FireRating',$,IFCLABEL('EI30'),$);
#71=IFCPROPERTYSINGLEVALUE('IsExternal',$,IFCBOOLEAN(.F.),$);
#72=IFCPROPERTYSINGLEVALUE('FireRating',$,IFCLABEL('EI2 30-C'),$);
#90=IFCLOCALPLACEMENT($,$);
#91=IFCPRODUCTDEFINITIONSHAPE($,$,());
ENDSEC;
END-ISO-10303-21;
`;
}
const read = (text: string): ModelRead => {
  const model = readModelDoors(text);
  if (typeof model === 'string') throw new Error(model);
  return model;
};

describe('doors of a building model', () => {
  it('are read with size, storey, rooms, rating, whatever says it', () => {
    const { schema, doors, last } = read(house('IFC4'));
    expect([schema, last]).toEqual(['IFC4', 91]);
    expect(doors.map(({ mark, storey, from, to }) => [mark, storey, from, to])).toEqual([
      ['D01', 'Ground', 'Corridor 001', 'Büro 002'],
      ['D02', 'Ground', '', 'Store; dry 101'],
      ['D03', 'First', '', ''],
      ['D04', '', '', ''],
    ]);
    expect(
      doors.map(({ width, height, operation, rating, exterior }) => [
        width,
        height,
        operation,
        rating,
        exterior,
      ]),
    ).toEqual([
      [926, 2040, 'SINGLE_SWING_LEFT', 'EI2 30-C', false],
      [826, 2040, 'SINGLE_SWING_RIGHT', 'EI30', undefined],
      [1810, 2135, 'DOUBLE_DOOR_SINGLE_SWING', 'EI2 30-C', false],
      [926, 2040, 'ROLLINGUP', '', undefined],
    ]);
  });
  it('say the same in IFC2x3, where the style has the operation', () => {
    const { schema, doors } = read(house('IFC2X3'));
    expect(schema).toBe('IFC2X3');
    expect(doors.map(({ operation, width }) => [operation, width])).toEqual([
      ['', 926],
      ['SINGLE_SWING_RIGHT', 826],
      ['', 1810],
      ['', 926],
    ]);
  });
  it.each([
    ['metres', 'IFCSIUNIT(*,.LENGTHUNIT.,$,.METRE.)', 0.001],
    ['feet', "IFCCONVERSIONBASEDUNIT(#99,.LENGTHUNIT.,'FOOT',#98)", 1 / 304.8],
    ['inches', "IFCCONVERSIONBASEDUNIT(#99,.LENGTHUNIT.,'inch',#98)", 1 / 25.4],
  ])('are measured in %s as the file says', (_, unit, scale) => {
    expect(read(house('IFC4', unit, scale)).doors[0]!.width).toBeCloseTo(926, 1);
  });
  it('are told apart from what is no whole model', () => {
    expect(readModelDoors(house('IFC4').slice(0, -40))).toBe('cut');
    expect(readModelDoors(house('IFC4').replace("'IFC4'", "'AP214'"))).toBe('schema');
    expect(readModelDoors(house('IFC4').replaceAll('IFCDOOR(', 'IFCWALL('))).toBe('none');
    expect([isStep(house('IFC4')), isStep('Mark,Size'), isWholeStep('ISO')]).toEqual([
      true,
      false,
      false,
    ]);
  });
  it('never throw, whatever is cut out of the file', () => {
    const text = house('IFC4');
    fc.assert(
      fc.property(fc.nat(text.length), fc.nat(200), (at, count) => {
        const broken = text.slice(0, at) + text.slice(at + count);
        expect(['string', 'object']).toContain(typeof readModelDoors(broken));
      }),
      { numRuns: 300 },
    );
  });
});

describe('values of the format', () => {
  const one = (text: string) =>
    [...stepEntities(`DATA;#7=X(${text});ENDSEC;`, new Set(['X']))][0]?.values;
  it('are read as they are written', () => {
    expect(one(`'a''b',$,*,.T.,.F.,.ENUM.,#12,-1.5E+2,(1,(2,'x')),IFCLABEL('y')`)).toEqual([
      "a'b",
      null,
      null,
      true,
      false,
      { word: 'ENUM' },
      { ref: 12 },
      -150,
      [1, [2, 'x']],
      'y',
    ]);
    expect(one(`'\\X\\E9\\X2\\00FC\\X0\\\\\\S\\\\e'`)).toBeDefined();
  });
  it('of any text come back as they went', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 40 }), (text) => {
        // Leading and trailing blanks are kept, too.
        expect(one(stepText(text))).toEqual([text]);
      }),
    );
  });
  it('nested beyond reason end, and do not throw', () => {
    expect(one(`${'('.repeat(5000)}1${')'.repeat(5000)}`)).toBeDefined();
  });
});

describe('a model as a list', () => {
  it('is read by the same reader: sizes, kinds, hands, ratings', () => {
    const cells = modelCells(read(house('IFC4')).doors);
    const british = PRACTICES.british;
    const { mapping } = guessList(cells, british);
    const rows = readListRows(cells, mapping, british);
    expect(rows.flatMap(({ unread }) => unread)).toEqual([]);
    expect(rows[0]!.patch).toMatchObject({
      mark: 'D01',
      storey: 'Ground',
      from: 'Corridor 001',
      to: 'Büro 002',
      leafWidth: mm(926),
      leafHeight: mm(2040),
      kind: 'single',
      rating: 30,
      exterior: false,
      observations: [{ stood: 'knuckle-side', hinges: 'right' }],
    });
    expect(rows[1]!.patch.observations).toEqual([{ stood: 'knuckle-side', hinges: 'left' }]);
    expect(rows[2]!.patch).toMatchObject({ kind: 'pair' });
    expect(rows[3]!.patch.note).toContain('rollingup');
  });
});

describe('decided data written back', () => {
  const text = house('IFC4');
  const decided = decideOpening(
    {
      mark: 'D01',
      kind: 'single',
      leafWidth: mm(926),
      leafHeight: mm(2040),
      role: 'office',
      hingeSide: 'left',
      swing: 'in',
    },
    projectBasis('british'),
  );
  const openings = new Map([
    ['D01', { decided, set: 4 }],
    ['X99', { decided, set: undefined }],
  ]);
  const made = writeModel(text, openings)!;
  const again = [
    ...stepEntities(
      made.text,
      new Set(['IFCPROPERTYSET', 'IFCPROPERTYSINGLEVALUE', 'IFCRELDEFINESBYPROPERTIES']),
    ),
  ];
  it('stand beside everything that was there, unchanged', () => {
    expect([made.written, made.unknown]).toEqual([1, ['X99']]);
    const at = text.lastIndexOf('ENDSEC');
    expect(made.text.startsWith(text.slice(0, at))).toBe(true);
    expect(made.text.endsWith(text.slice(at))).toBe(true);
    expect(read(made.text).doors).toEqual(read(text).doors);
  });
  it('are a property set of the door, read by any reader of the format', () => {
    const set = again.find(
      ({ type, values }) => type === 'IFCPROPERTYSET' && values[2] === MODEL_SET,
    )!;
    const related = again.find(
      ({ type, values }) =>
        type === 'IFCRELDEFINESBYPROPERTIES' &&
        JSON.stringify(values[5]) === JSON.stringify({ ref: set.id }),
    )!;
    expect(related.values[4]).toEqual([{ ref: 40 }]);
    expect(related.values[1]).toEqual({ ref: 5 });
    const ids = (set.values[4] as { ref: number }[]).map(({ ref }) => ref);
    const values = new Map(
      again.filter(({ id }) => ids.includes(id)).map((one) => [one.values[0], one.values[2]]),
    );
    expect(values.get('Mark')).toBe('D01');
    expect(values.get('HardwareSet')).toBe('4');
    expect(values.get('LeafWidth')).toBe('926 mm');
    expect(String(values.get('Hardware'))).toMatch(/hinge/i);
    expect(values.get('Open')).toBe(
      decided.decisions.filter(({ status }) => status === 'open').length,
    );
  });
  it('get numbers and identifiers of their own, the same every time', () => {
    const all = [...made.text.matchAll(/(?:^|\n)#(\d+)=/g)].map(([, id]) => id);
    expect(new Set(all).size).toBe(all.length);
    const guids = again
      .filter(({ type }) => type !== 'IFCPROPERTYSINGLEVALUE')
      .map(({ values }) => values[0]);
    expect(new Set(guids).size).toBe(guids.length);
    expect(guids.slice(-2).every((guid) => /^[0-9A-Za-z_$]{22}$/.test(String(guid)))).toBe(true);
    expect(writeModel(text, openings)!.text).toBe(made.text);
    expect(writeModel('x', openings)).toBeUndefined();
  });
});
