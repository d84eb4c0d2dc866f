import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  decideOpening,
  inches,
  mm,
  partsText,
  projectBasis,
  storySticks,
  toMm,
  unitsOf,
  valueParts,
  type OpeningFacts,
} from '@riegel/core';
import { houseJob } from '../testing/houseJob.js';
import { drawingFiles, sheetsPdf, stickPdf, zipOf, type SheetsJob } from '../index.js';

const FACTS: OpeningFacts = {
  mark: '101',
  kind: 'single',
  from: 'Corridor',
  to: 'Office',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
  leafThickness: inches(1.75),
  hingeSide: 'left',
  swing: 'in',
  leafConstruction: 'timber-particle',
  rating: 20,
};
const fileOf = (bytes: Uint8Array, name: string) => {
  const path = join(mkdtempSync(join(tmpdir(), 'riegel-sheets-')), name);
  writeFileSync(path, bytes);
  return path;
};
const job = (facts: OpeningFacts[], practice = 'us-commercial'): SheetsJob => ({
  ...houseJob(facts, practice),
  wanted: facts.map((_, at) => String(at)),
  address: 'https://riegel.example/openings/',
});
const textOf = async (one: SheetsJob) =>
  execFileSync('pdftotext', ['-layout', fileOf(await sheetsPdf(one), 's.pdf'), '-'], {
    encoding: 'utf8',
  });

/** Words of a page with the height of their upper edge, in points. */
const wordsOf = (path: string) =>
  [
    ...execFileSync('pdftotext', ['-bbox', path, '-'], { encoding: 'utf8' }).matchAll(
      /<word xMin="([\d.]+)" yMin="([\d.]+)"[^>]*>([^<]*)<\/word>/g,
    ),
  ].map(([, x, y, text]) => ({ x: Number(x), y: Number(y), text: text! }));

describe('preparation sheets on paper', () => {
  it('tell what is not set out, and cut nothing by half a hand', async () => {
    const text = await textOf(job([{ ...FACTS, hingeSide: undefined }]));
    expect(text).toContain('Nothing is set out yet');
    expect(text).not.toContain('measured from the top of the leaf');
  });
  it('warn before anything is cut where something stops', async () => {
    const text = await textOf(
      job([{ ...FACTS, choices: { 'hanging.bearing': { value: 'plain', reason: 'x' } } }]),
    );
    expect(text).toMatch(/Do not cut yet: \d+ to be settled/);
  });
  it('carry the rating into the order of work, and the numbers of the lock', async () => {
    const text = await textOf(job([FACTS]));
    expect(text).toMatch(/nothing\s+is\s+cut\s+beyond\s+the\s+listing/);
    expect(text).toMatch(/Backset, at the middle of the edge +2 3⁄4 in/);
    expect(await textOf(job([{ ...FACTS, rating: 0 }]))).not.toMatch(/beyond\s+the\s+listing/);
  });
  it('print one number for one quantity, on every page of an opening', async () => {
    const names = [
      ['Leaf width', 'sizing.leafWidth'],
      ['Leaf height', 'sizing.leafHeight'],
      ['Undercut', 'sizing.undercut'],
      ['Backset', 'securing.backset'],
      ['Height above finished floor', 'securing.height'],
      ['Middle above the finished floor', 'securing.height'],
      ['Backset, at the middle of the edge', 'securing.backset'],
      ['Bolt engagement', 'securing.engagement'],
      ['Bolt engagement, closed', 'securing.engagement'],
    ] as const;
    let compared = 0;
    for (const practice of ['us-commercial', 'british'] as const)
      for (const more of [
        {},
        { frameWidth: inches(35.9375), leafThickness: mm(45) },
        { frameMaterial: 'timber', frameHeight: mm(2051), lockKind: 'tubular' },
      ] as const) {
        const facts: OpeningFacts = { ...FACTS, lockUse: 'office', ...more };
        const text = (await textOf(job([facts], practice))).replace(/⁄/g, '/');
        const decided = decideOpening(facts, projectBasis(practice));
        for (const [name, key] of names) {
          const value = decided.decisions.find((one) => one.key === key)?.value;
          if (!value) continue;
          const told = partsText(valueParts(value, unitsOf(decided)));
          const found = text.matchAll(
            new RegExp(`(?:^|[·\\s])${name}\\s+((?:\\d+ )?\\d+(?:[./]\\d+)?\\s(?:in|mm))`, 'gm'),
          );
          for (const [, printed] of found) {
            compared++;
            expect([practice, name, printed!.replace(/\s+/g, ' ')]).toEqual([practice, name, told]);
          }
        }
      }
    expect(compared).toBeGreaterThan(30);
  });
  it('tell each step how far it is', async () => {
    const told: number[] = [];
    await sheetsPdf(job([FACTS, { ...FACTS, mark: '102' }]), (done) => told.push(done));
    expect(told).toEqual([1 / 3, 2 / 3]);
  });
});

describe('a story stick on paper', () => {
  it.each([
    ['us-commercial', inches(84)],
    ['british', mm(2040)],
  ] as const)('is in true size, %s', async (practice, frameHeight) => {
    const decided = decideOpening({ ...FACTS, frameHeight }, projectBasis(practice));
    const [hinge] = storySticks(decided);
    const path = fileOf(await stickPdf(decided, false, 'stick'), 'stick.pdf');
    const size = /Page size: +[\d.]+ x ([\d.]+)/.exec(
      execFileSync('pdfinfo', [path], { encoding: 'utf8' }),
    )!;
    const margins = 4 * 14 * (72 / 25.4);
    expect((Number(size[1]) - margins) * (25.4 / 72)).toBeCloseTo(toMm(hinge!.length), 1);
    // The words at the upper ends of the hinges lie as far apart as the hinges.
    const tops = hinge!.marks
      .filter(({ half, end }) => half === 'frame' && end === 'top')
      .map(({ down }) => down);
    const words = wordsOf(path).filter(
      ({ text, x }) => text === 'hinge' && x > 34 * (72 / 25.4) + 26 * (72 / 25.4),
    );
    const found = words.slice(0, tops.length).map(({ y }) => y * (25.4 / 72));
    expect(found).toHaveLength(tops.length);
    found.forEach((y, at) => expect(y - found[0]!).toBeCloseTo(toMm(tops[at]! - tops[0]!), 1));
    expect(execFileSync('pdftotext', [path, '-'], { encoding: 'utf8' })).toMatch(
      practice === 'british' ? /100 mm long/ : /4 in long/,
    );
  });
  it('comes in tiles that overlap, each with its proof line, and is not scaled', async () => {
    const decided = decideOpening(FACTS, projectBasis('us-commercial'));
    const bytes = await stickPdf(decided, true, 'stick');
    const pages = execFileSync('pdftotext', ['-layout', fileOf(bytes, 'stick.pdf'), '-'], {
      encoding: 'utf8',
    })
      .split('\f')
      .filter((text) => text.trim());
    const parts = pages.map((text) => /part (\d+) of (\d+)/.exec(text)!.slice(1).map(Number));
    const many = parts[0]![1]!;
    expect(many).toBeGreaterThan(2);
    expect(parts).toEqual([...parts.keys()].map((at) => [(at % many) + 1, many]));
    for (const [at, text] of pages.entries()) {
      expect(text).toContain('measure it before use');
      if (at % many > 0) expect(text).toContain(`join to part ${at % many}`);
    }
    expect(Buffer.from(bytes).toString('latin1')).toMatch(/\/PrintScaling \/?\(?None/);
  });
  it('says so where there is nothing to set out', async () => {
    const decided = decideOpening({ mark: '1', kind: 'single' }, projectBasis('british'));
    const path = fileOf(await stickPdf(decided, true, 'stick'), 'stick.pdf');
    expect(execFileSync('pdftotext', [path, '-'], { encoding: 'utf8' })).toContain(
      'Nothing to set out yet',
    );
  });
});

describe('files of drawings', () => {
  it('are a DXF and an SVG a sheet', () => {
    const files = drawingFiles(decideOpening(FACTS, projectBasis('us-commercial')));
    expect(files.map(({ name }) => name)).toEqual([
      '101-leaf.dxf',
      '101-leaf.svg',
      '101-frame.dxf',
      '101-frame.svg',
    ]);
    expect(files[1]!.text).toMatch(/^<svg /);
  });
  it('are packed each under a name of its own, the same files into the same archive', async () => {
    const files = [
      { name: 'a.txt', bytes: 'one' },
      { name: 'a.txt', bytes: 'two' },
    ];
    const [one, two] = [await zipOf(files, '2026-01-02'), await zipOf(files, '2026-01-02')];
    expect(Buffer.from(one).equals(Buffer.from(two))).toBe(true);
    const path = fileOf(one, 'a.zip');
    expect(execFileSync('unzip', ['-Z1', path], { encoding: 'utf8' }).trim().split('\n')).toEqual([
      'a.txt',
      'a-2.txt',
    ]);
    expect(execFileSync('unzip', ['-p', path, 'a-2.txt'], { encoding: 'utf8' })).toBe('two');
  });
});
