import fc from 'fast-check';
import {
  formatExact,
  formatLength,
  formatQuantity,
  inches,
  mm,
  parseLength,
  parseQuantity,
  parseSize,
  showLength,
  TICKS_PER_64TH,
  TICKS_PER_INCH,
  type System,
} from './index.js';

const ticks = (text: string, system: System) => {
  const result = parseLength(text, system);
  return result.ok ? result.value : result.fault.code;
};

describe('reading a fraction written as one sign', () => {
  const SIGNS = [...'¼½¾⅛⅜⅝⅞⅓⅔⅕⅖⅗⅘⅙⅚'];
  it.each(SIGNS)('%s is what unicode takes it apart into', (sign) => {
    const [over, under] = sign.normalize('NFKD').split('⁄').map(Number) as [number, number];
    // A rule is divided into halves: thirds, fifths and sixths are refused, not rounded.
    const halves = [2, 4, 8].includes(under);
    expect(ticks(`2${sign}`, 'inch')).toBe(
      halves ? inches(2 + over / under) : 'length.denominator',
    );
  });
});

describe('reading a length', () => {
  const width = inches(35.75);
  it.each([
    '35 3/4',
    '35-3/4',
    '35¾',
    '35.75',
    '35 3/4"',
    '2\' 11 3/4"',
    '2\'-11 3/4"',
    '2-11 3/4',
    '35 3/4 in',
    '2 ft 11 3/4 in',
    '35⁄1 3/4'.replace('⁄1', ''),
    '2′ 11¾″',
    ' 35  3/4 ',
    '35 12/16',
    '908.05 mm',
    '90.805 cm',
    '0.90805 m',
  ])('reads %s as 35 3/4 in in an inch field', (text) => expect(ticks(text, 'inch')).toBe(width));

  it.each([
    ['908', 908],
    ['908 mm', 908],
    ['90.8 cm', 908],
    ['0.908 m', 908],
    ['1 981', 1981],
    ['1,981', 1981],
    ['1 981,5', 1981.5],
    ['908,5', 908.5],
    ['90,8 cm', 908],
    ['0,908 m', 908],
    ['1,981 m', 1981],
    ['1 981 mm', 1981],
    ["3'", 914.4],
    ['2-11 3/4', 908.05],
  ])('reads %s as %d mm in a metric field', (text, value) =>
    expect(ticks(text, 'metric')).toBe(mm(value)),
  );

  it.each([
    ['', 'length.empty'],
    ['-3', 'length.negative'],
    ['−3 mm', 'length.negative'],
    ['35 1/3', 'length.denominator'],
    ['35⅓', 'length.denominator'],
    ['35 1/128', 'length.denominator'],
    ['2-14', 'length.inchesOverTwelve'],
    ['1,981', 'length.comma'],
    ['wide', 'length.unreadable'],
    ['35 3/', 'length.unreadable'],
    ['3 4 5', 'length.unreadable'],
    ['35"4', 'length.unreadable'],
    ['1e9', 'length.unreadable'],
    ['99999999', 'length.tooLong'],
    ['NaN', 'length.unreadable'],
  ])('refuses %s', (text, code) => expect(ticks(text, 'inch')).toBe(code));

  it('never throws on anything typed', () => {
    fc.assert(
      fc.property(
        fc.string({ maxLength: 40 }),
        fc.constantFrom<System>('inch', 'metric'),
        (text, system) => {
          const result = parseLength(text, system);
          expect(
            result.ok ? Number.isInteger(result.value) && result.value >= 0 : result.fault.code,
          ).toBeTruthy();
        },
      ),
    );
  });
});

describe('writing a length', () => {
  it('parse(format(x)) = x on the inch grid', () => {
    fc.assert(
      fc.property(
        fc.nat({ max: 64 * 400 }),
        fc.constantFrom<System>('inch', 'metric'),
        (n, field) => {
          const text = formatLength(n * TICKS_PER_64TH, { system: 'inch', denominator: 64 });
          expect(ticks(text, field)).toBe(n * TICKS_PER_64TH);
        },
      ),
    );
  });

  it('parse(format(x)) = x on the half-millimetre grid', () => {
    fc.assert(
      fc.property(
        fc.nat({ max: 20_000 }),
        fc.constantFrom<System>('inch', 'metric'),
        (n, field) => {
          expect(ticks(formatLength(n * 160, { system: 'metric' }), field)).toBe(n * 160);
        },
      ),
    );
  });

  it('formatExact reads back to every single tick', () => {
    fc.assert(
      fc.property(
        fc.nat({ max: 5_000_000 }),
        fc.constantFrom<System>('inch', 'metric'),
        (n, system) => {
          expect(ticks(formatExact(n, system), system)).toBe(n);
        },
      ),
    );
  });

  it('sums across systems are exact', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(fc.nat({ max: 3000 }), fc.nat({ max: 3000 }))), (pairs) => {
        const total = pairs.reduce((sum, [a, b]) => sum + a * TICKS_PER_64TH + b * 32, 0);
        const back = pairs.reduce((rest, [a, b]) => rest - b * 32 - a * TICKS_PER_64TH, total);
        expect(back).toBe(0);
        expect(Number.isInteger(total)).toBe(true);
      }),
    );
  });

  it('rounds in the direction asked for, and says that it did', () => {
    // Three sixty-fourths and a tick: on no grid that a tape has.
    const length = inches(35) + 3 * TICKS_PER_64TH + 1;
    const format = (rounding: 'down' | 'nearest' | 'up') =>
      showLength(length, { system: 'inch', rounding });
    expect([format('down').text, format('nearest').text, format('up').text]).toEqual([
      '35',
      '35 1/16',
      '35 1/16',
    ]);
    expect(format('down').rounded).toBe(true);
    // What lies on the finest grid is told as it is, whatever the step.
    expect(showLength(inches(35) + 3 * TICKS_PER_64TH, { system: 'inch' })).toMatchObject({
      text: '35 3/64',
      rounded: false,
    });
    expect(showLength(mm(893.7), { system: 'metric', rounding: 'down' }).text).toBe('893.7');
    expect(showLength(mm(893.7) + 1, { system: 'metric', rounding: 'down' }).text).toBe('893.5');
    expect(showLength(inches(35.25), { system: 'inch' })).toMatchObject({
      text: '35 1/4',
      rounded: false,
      numerator: 1,
      denominator: 4,
    });
    fc.assert(
      fc.property(fc.nat({ max: 4_000_000 }), (n) => {
        const read = (rounding: 'down' | 'up') =>
          ticks(formatLength(n, { system: 'inch', rounding }), 'inch') as number;
        expect(read('down')).toBeLessThanOrEqual(n);
        expect(read('up')).toBeGreaterThanOrEqual(n);
        expect(read('up') - read('down')).toBeLessThanOrEqual(TICKS_PER_INCH / 16);
      }),
    );
  });
});

describe('reading a size', () => {
  it.each([
    ['3070', 36, 84],
    ['2868', 32, 80],
    ['300710', 36, 94],
    ['30-0710', 36, 94],
    ['3-0 x 7-10', 36, 94],
    ['3\'-0" x 7\'-0"', 36, 84],
    ['36 × 84', 36, 84],
    ['36 by 84', 36, 84],
  ])('reads %s', (text, width, height) => {
    expect(parseSize(text, 'inch')).toEqual({
      ok: true,
      value: { width: inches(width), height: inches(height) },
    });
  });
  it('reads metric sizes and refuses the rest', () => {
    expect(parseSize('910x2040', 'metric')).toEqual({
      ok: true,
      value: { width: mm(910), height: mm(2040) },
    });
    expect(parseSize('big', 'metric')).toMatchObject({
      ok: false,
      fault: { code: 'size.unreadable' },
    });
    expect(parseSize('36 x wide', 'inch')).toMatchObject({ ok: false });
  });
});

describe('other quantities', () => {
  it.each([
    ['120 lb', 'mass', 54431.0844],
    ['55 kg', 'mass', 55000],
    ['5 lbf', 'force', 22.241108],
    ['30 N', 'force', 30],
    ['26 N·m', 'moment', 26],
    ['90°', 'angle', 90],
  ] as const)('reads %s', (text, quantity, value) => {
    const read = parseQuantity(text, quantity, 'metric');
    expect(read.ok && read.value).toBeCloseTo(value, 6);
  });
  it('takes the field’s unit for a bare number, and refuses words', () => {
    const read = parseQuantity('100', 'mass', 'inch');
    expect(read.ok && read.value).toBeCloseTo(45359.237, 6);
    expect(parseQuantity('heavy', 'mass', 'inch').ok).toBe(false);
    expect(parseQuantity('-3 kg', 'mass', 'inch').ok).toBe(false);
    expect(formatQuantity(22.2411, 'force', 'inch')).toBe('5 lbf');
    expect(formatQuantity(53070, 'mass', 'inch')).toBe('117 lb');
  });
});
