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
  ],
};

const printed = async (command: string, mark: string): Promise<string[]> => {
  const { code, out, err } = await run([command, 'house.json', '--opening', mark], {
    read: () => JSON.stringify(house),
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
  it('is asked for an opening that there is', async () => {
    const { code, err } = await run(['work', 'house.json', '--opening', 'nowhere'], {
      read: () => JSON.stringify(house),
      write: () => undefined,
      today: () => '2026-01-02',
    });
    expect([code, err]).toEqual([2, 'riegel: there is no opening “nowhere” in the file.\n']);
  });
});
