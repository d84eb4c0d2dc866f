import { run } from './run.js';

/** Ticks, as a project file keeps readings. */
const mm = (millimetres: number) => Math.round(millimetres * 320);
const readings = (values: Record<string, number | string>) =>
  Object.entries(values).map(([name, value], at) => ({
    id: `r${at}`,
    name,
    value,
    how: 'tape',
    by: 'A',
    at: '2026-01-01T00:00:00Z',
  }));

/** Jobs in a made-up house, British practice: gaps of 3 in timber, 8 under the leaf. */
const house = {
  name: 'Number nine',
  practice: 'british',
  openings: [
    {
      mark: 'copied',
      work: 'replacement',
      copyLeaf: true,
      frameMaterial: 'timber',
      leafConstruction: 'timber-panelled-softwood',
      lockKind: 'sash',
      lockUse: 'office',
      hingeSide: 'left',
      swing: 'in',
      rating: 0,
      readings: readings({
        hangs: 'binds at the lock edge',
        leafWidthTop: mm(757),
        leafWidth: mm(758),
        leafWidthBottom: mm(759),
        leafHeightHinge: mm(1976),
        leafHeight: mm(1972),
        leafSquareEnd: 'head',
        leafThickness: mm(35),
        bevelLock: mm(2),
        headGapNow: mm(4),
        gapHeadLock: mm(2),
        gapLockTop: mm(1),
        gapLockBottom: mm(2.5),
        gapFloorHinge: mm(6),
        gapFloorLock: mm(9),
        gapHingeTop: mm(3),
        gapHingeBottom: mm(3),
        hingeCount: 3,
        hingeDatum: 'leaf-top',
        hingePoint: 'top-edge',
        hinge1: mm(152),
        hinge2: mm(930),
        hinge3: mm(1712),
        hingeHeight: mm(76),
        hingeSetBack: mm(5),
        lockFromTop: mm(935),
        backset: mm(44),
      }),
    },
    {
      mark: 'square',
      work: 'replacement',
      frameMaterial: 'steel',
      frameWidth: '900 mm',
      frameHeight: '2100 mm',
      hingeGap: '3 mm',
      lockGap: '3 mm',
      headGap: '3 mm',
      undercut: '6 mm',
      leafConstruction: 'steel-honeycomb-16',
      rating: 0,
    },
    {
      mark: 'dead',
      frameMaterial: 'timber',
      frameWidth: '838 mm',
      frameHeight: '2000 mm',
      leafConstruction: 'timber-panelled-softwood',
      leafThickness: '44 mm',
      lockKind: 'mortise-dead',
      lockUse: 'dwelling',
      backset: '44 mm',
      hingeSide: 'left',
      swing: 'in',
      rating: 0,
    },
    {
      mark: 'rim',
      frameMaterial: 'timber',
      frameWidth: '767 mm',
      frameHeight: '1990 mm',
      leafConstruction: 'timber-panelled-softwood',
      leafThickness: '35 mm',
      lockKind: 'rim-lock',
      lockUse: 'passage',
      hingeSide: 'left',
      swing: 'in',
      rating: 0,
      trimProjection: '18 mm',
    },
    {
      mark: 'concealed',
      frameMaterial: 'timber',
      frameWidth: '932 mm',
      frameHeight: '2046 mm',
      leafConstruction: 'timber-stave',
      leafThickness: '44 mm',
      hingeSide: 'right',
      swing: 'in',
      rating: 0,
      nothingVisible: true,
      choices: { 'hanging.device': { value: 'adjustable-concealed', reason: 'wanted' } },
    },
    {
      mark: 'lining',
      frameMaterial: 'timber',
      readings: readings({
        frameState: 'split',
        wallHingeTop: mm(118),
        wallHingeBottom: mm(124),
        wallLockTop: mm(121),
        wallLockBottom: mm(121),
      }),
    },
    { mark: 'unread', frameMaterial: 'timber', work: 'replacement' },
    {
      mark: 'rebated',
      kind: 'pair',
      from: 'Hall',
      to: 'Living room',
      frameMaterial: 'timber',
      frameWidth: '1220 mm',
      frameHeight: '2010 mm',
      leafConstruction: 'timber-panelled-hardwood',
      leafThickness: '44 mm',
      meetingEdge: 'rebated',
      hingeSide: 'left',
      active: 'right',
      swing: 'in',
      rating: 0,
    },
    {
      mark: 'thin',
      work: 'replacement',
      frameMaterial: 'timber',
      frameWidth: '767 mm',
      frameHeight: '1990 mm',
      leafConstruction: 'timber-panelled-softwood',
      leafThickness: '34 mm',
      lockKind: 'sash',
      lockUse: 'passage',
      lockHeight: '890 mm',
      hingeSide: 'left',
      swing: 'in',
      rating: 0,
    },
  ],
};

/** Jobs in a made-up house in the United States: gaps of 1/8 in. */
const inch = (inches: number) => Math.round(inches * 8128);
const bungalow = {
  name: 'Number eleven',
  practice: 'us-residential',
  openings: [
    {
      mark: 'kept',
      work: 'replacement',
      copyLeaf: true,
      frameMaterial: 'timber',
      leafConstruction: 'timber-hollow',
      lockKind: 'cylindrical',
      lockUse: 'office',
      hingeSide: 'left',
      swing: 'in',
      rating: 0,
      readings: readings({
        lockState: 'sound',
        leafWidthTop: inch(29.75),
        leafWidth: inch(29.75),
        leafWidthBottom: inch(29.75),
        leafHeightHinge: inch(79),
        leafHeight: inch(79),
        leafSquareEnd: 'head',
        leafThickness: inch(1.375),
        headGapNow: inch(0.125),
        gapHeadLock: inch(0.125),
        gapLockTop: inch(0.125),
        gapLockBottom: inch(0.125),
        gapFloorHinge: inch(0.5),
        gapFloorLock: inch(0.5),
        lockFromTop: inch(42.5),
        backset: inch(2.375),
      }),
    },
    {
      mark: 'glazed',
      frameMaterial: 'aluminium',
      leafConstruction: 'aluminium-narrow',
      frameWidth: '36 in',
      frameHeight: '84 in',
      hingeSide: 'left',
      swing: 'out',
      rating: 0,
    },
  ],
};

const printed = async (
  command: string,
  mark: string,
  project: object = house,
): Promise<string[]> => {
  const { code, out, err } = await run([command, 'house.json', '--opening', mark], {
    read: () => JSON.stringify(project),
    write: () => undefined,
    today: () => '2026-01-02',
  });
  expect([code, err]).toEqual([0, '']);
  const [first, ...lines] = String(out).trimEnd().split('\n');
  expect(first).toBe(mark);
  return lines;
};
const cells = (lines: readonly string[], name: string) =>
  lines
    .find((line) => line.trim().startsWith(name))
    ?.trim()
    .split('\t')
    .slice(1);

describe('the work at the bench, from reading to sheet', () => {
  it('copies the old leaf: each edge by its gap, cuts from a blank of 762 × 1981', async () => {
    const cuts = await printed('cuts', 'copied');
    expect(cells(cuts, 'Leaf')).toEqual(['stock 762 × 1981', '762 mm × 1981 mm']);
    // Head: 4 − 3 and 2 − 3. Lock edge: 1 − 3 and 2.5 − 3. Foot: 6 − 8 and 9 − 8.
    expect(cells(cuts, 'head edge against')).toEqual(['hinge side +1 mm', 'lock side −1 mm']);
    expect(cells(cuts, 'lock edge against')).toEqual(['top −2 mm', 'bottom −0.5 mm']);
    expect(cells(cuts, 'bottom edge against')).toEqual(['hinge side −2 mm', 'lock side +1 mm']);
    // At the top 757 − 2 = 755 of 762; at the foot 759 − 0.5 = 758.5.
    expect(cells(cuts, 'lock edge')!.slice(1, 3)).toEqual(['top 7 mm', 'bottom 3.5 mm']);
    // Hinge edge 1976 + 1 − 2 = 1975 of 1981; the lock edge begins 2 lower and is 1972 − 1 + 1 long.
    expect(cells(cuts, 'bottom edge')!.slice(1, 3)).toEqual(['hinge side 6 mm', 'lock side 7 mm']);
    expect(cells(cuts, 'hinge edge')).toEqual(['leave it']);
  });
  it('carries the hinge line and the lock over, with their own measures', async () => {
    const sheet = await printed('prepare', 'copied');
    // The head is 1 higher at the hinges, 1 lower at the lock.
    expect(cells(sheet, 'Hinge tops')).toEqual(['153 mm · 931 mm · 1713 mm']);
    expect(cells(sheet, 'Set-back')).toEqual(['5 mm']);
    expect(cells(sheet, 'Middle from the leaf’s top')).toEqual(['934 mm']);
    expect(cells(sheet, 'Backset')).toEqual(['44 mm']);
    // A bevel of 2 over the thickness: 1 to either side of its middle.
    expect(cells(sheet, 'At the pull face')).toEqual(['45 mm × 43 mm']);
    const read = await printed('survey', 'copied');
    expect(read[0]).toBe('How the old leaf hangs\tbinds at the lock edge');
    expect(cells(read, 'Strike, its middle')).toEqual(['?']);
  });
  it('orders exactly for a frame that is square, and says what is not known', async () => {
    expect(cells(await printed('cuts', 'square'), 'Leaf')).toEqual([
      'made to size, not cut',
      '894 mm × 2091 mm',
    ]);
    expect((await printed('cuts', 'unread'))[0]).toMatch(/nothing is ordered/);
    expect(await printed('survey', 'unread')).toEqual(['nothing was read']);
  });
  it('prepares a mortice dead lock: a row of seven holes of 18, a key hole, no spindle', async () => {
    const sheet = await printed('prepare', 'dead');
    // 90 high, first and last hole 9 from its ends: 72 in six spaces of 12, two thirds of the bit.
    expect(cells(sheet, 'Pocket, height')).toEqual(['90 mm × 18 mm × 63 mm']);
    expect(cells(sheet, 'Their centres')).toEqual([
      '9 mm · 21 mm · 33 mm · 45 mm · 57 mm · 69 mm · 81 mm',
    ]);
    expect(cells(sheet, 'Key hole, round')).toEqual(['10 mm']);
    expect(cells(sheet, 'Slot below it')).toEqual(['6 mm × 20 mm']);
    expect(cells(sheet, 'Spindle')).toBeUndefined();
    expect(cells(sheet, 'Through bolts')).toBeUndefined();
  });
  it('prepares a rim lock: through the leaf, its flange in the edge, its keep by the trim', async () => {
    const sheet = await printed('prepare', 'rim');
    expect(cells(sheet, 'Flange')).toEqual(['75 mm × 14 mm × 2 mm']);
    expect(cells(sheet, 'Spindle hole')).toEqual(['20 mm']);
    // An architrave of 18 on a jamb that stands 1 beyond the leaf.
    expect(cells(sheet, 'Leaf’s face behind')).toEqual(['19 mm']);
    const work = await printed('work', 'rim');
    expect(work.some((step) => /through the leaf first.*flange/.test(step))).toBe(true);
  });
  it('recesses concealed hinges in two depths, each with its template, and adjusts them in order', async () => {
    const sheet = await printed('prepare', 'concealed');
    // The plate 160 long; the body 22 shorter at each end, 35 deep and 1 over; bit 12, guide 16.
    expect(cells(sheet, 'For the plate')).toEqual(['160 mm × 32 mm × 3 mm']);
    expect(cells(sheet, 'For the body')).toEqual(['116 mm × 32 mm × 36 mm']);
    expect(cells(sheet, 'Corner radius')).toEqual(['6 mm']);
    expect(cells(sheet, 'Template for the plate')).toEqual(['164 mm × 36 mm']);
    const work = await printed('work', 'concealed');
    const at = (words: RegExp) => work.findIndex((step) => words.test(step));
    expect(at(/shallow recess for the plates first/)).toBeGreaterThan(0);
    expect(at(/height first.*then side, then depth/)).toBeGreaterThan(
      at(/one screw in each hinge/),
    );
  });
  it('cuts a lining to a wall that tapers, place by place', async () => {
    const { out } = await run(['decide', 'house.json', '--opening', 'lining', '--text'], {
      read: () => JSON.stringify(house),
      write: () => undefined,
      today: () => '2026-01-02',
    });
    // British boards need 2 on each face: 124 + 4, and 118 + 4 at the top.
    expect(String(out)).toMatch(/Lining or jamb depth\s+128 mm/);
    expect(String(out)).toMatch(/Lining at the hinge jamb, top · foot\s+122 mm · 128 mm/);
  });
  it('leaves a lock that stays its own place: 42 1/2 from the top, backset 2 3/8', async () => {
    const sheet = await printed('prepare', 'kept', bungalow);
    expect(cells(sheet, 'Middle from the leaf’s top')).toEqual(['42 1/2 in']);
    expect(cells(sheet, 'Middle from the frame’s head')).toEqual(['42 5/8 in']);
    // 79 − 42 1/2 from the foot; the gap below is 1/2.
    expect(cells(sheet, 'Middle from the leaf’s bottom')).toEqual(['36 1/2 in']);
    expect(cells(sheet, 'Middle above the finished floor')).toEqual(['37 in']);
    expect(cells(sheet, 'Backset')).toEqual(['2 3/8 in']);
    expect(cells(sheet, 'Edge bore, to the cross bore’s middle')).toEqual(['2 3/8 in']);
    // Slabs of dwellings are 30 × 80: this one may lose no inch at its foot, so the leaf is made.
    const cuts = await printed('cuts', 'kept', bungalow);
    expect(cells(cuts, 'Leaf')).toEqual(['made to measure', '29 3/4 in × 79 in']);
    expect(cells(cuts, 'bottom edge')).toEqual(['leave it']);
    expect(cells(cuts, 'lock edge')).toEqual(['leave it']);
  });
  it('makes a rebated pair whole: leaves, lock, strike and bolts in the rebate', async () => {
    // (1220 − 3 × 3) ÷ 2 = 605.5, and half of a rebate of 13 on each.
    expect(cells(await printed('cuts', 'rebated'), 'Each leaf')).toEqual([
      'new work: made to size, not cut',
      '612 mm × 1999 mm',
    ]);
    const sheet = await printed('prepare', 'rebated');
    expect(cells(sheet, 'Backset, at the middle of the edge')).toEqual(['57 mm']);
    expect(cells(sheet, 'Backset from the overlapping edge')).toEqual(['70 mm']);
    expect(sheet.join()).toMatch(/bolts are let into the rebate of the inactive leaf/);
    const work = await printed('work', 'rebated');
    const hung = (leaf: string) =>
      work.findIndex((step) => step.includes(`\t${leaf} leaf: With 2 people, wedge`));
    expect(hung('inactive')).toBeGreaterThan(0);
    expect(hung('active')).toBeGreaterThan(hung('inactive'));
  });
  it('weighs the glass of a narrow stile, and says how glass is carried', async () => {
    const { out } = await run(['decide', 'house.json', '--opening', 'glazed', '--text'], {
      read: () => JSON.stringify(bungalow),
      write: () => undefined,
      today: () => '2026-01-02',
    });
    expect(String(out)).toMatch(/Leaf mass\s+\d+ lb {2}\[assumed\]/);
    expect(String(out)).toMatch(/= 39 lb, glass 48 lb, and 10 lb for hardware/);
    expect(String(out)).toMatch(/carry it upright, two people, gloves/);
  });
  it('asks of a thin leaf and a low handle no more than a note', async () => {
    const { out, code } = await run(['check', 'house.json', '--level', 'note'], {
      read: () => JSON.stringify({ ...house, openings: house.openings.slice(-1) }),
      write: () => undefined,
      today: () => '2026-01-02',
    });
    expect(code).toBe(0);
    // (34 − 16) ÷ 2 = 9 of 10 beside the case; 890 of 900 above the floor.
    expect(String(out)).toMatch(/note\tthin\tsecuring\.thinLeaf\tBeside the case 9 mm/);
    expect(String(out)).toMatch(/note\tthin\tsecuring\.height\.range\tAt 890 mm/);
    expect(String(out)).not.toMatch(/^(stop|check)/m);
  });
  it('is asked for an opening that there is', async () => {
    const { code, err } = await run(['work', 'house.json', '--opening', 'nowhere'], {
      read: () => JSON.stringify(house),
      write: () => undefined,
      today: () => '2026-01-02',
    });
    expect([code, err]).toEqual([2, 'riegel: there is no opening “nowhere” in the file.\n']);
  });
});
