import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inches, questionsOf, readProject, type OpeningFacts } from '@riegel/core';
import { scheduleCsv } from './csv.js';
import { questionsPdf } from './pdf/questionsPdf.js';
import { basisOf, schedulePdf, scheduleOf, type ScheduleJob } from './pdf/schedulePdf.js';

const demo = (name: string) => {
  const read = readProject(readFileSync(join(__dirname, `../../../demo/${name}.json`), 'utf8'));
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  return read.project;
};
const job = (name: string): ScheduleJob => {
  const { openings, practice, note } = demo(name);
  return {
    projectName: name,
    practice,
    note: note ?? '',
    date: '2026-01-02',
    practices: [],
    building: undefined,
    products: [],
    locks: [],
    known: [],
    openings: openings.map((facts, index) => ({ id: String(index), facts })),
  };
};
const pdfText = async (one: ScheduleJob, write = schedulePdf) => {
  const path = join(mkdtempSync(join(tmpdir(), 'riegel-pdf-')), 'schedule.pdf');
  writeFileSync(path, await write(one));
  return {
    text: execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' }).replaceAll(
      '\f',
      '\n',
    ),
    info: execFileSync('pdfinfo', [path], { encoding: 'utf8' }),
  };
};

describe('the printed schedule', () => {
  it('holds every opening, every set and what is open, on the paper of the country', async () => {
    const one = job('larkhollow-playhouse');
    const { text, info } = await pdfText(one);
    for (const { facts } of one.openings)
      expect(text).toMatch(new RegExp(`(^|[ ,])${facts.mark}([ ,]|$)`, 'm'));
    const { sets, open } = scheduleOf(one);
    for (const set of sets)
      expect(text).toMatch(new RegExp(`^ *Set ${set.number} +\\d+ opening`, 'm'));
    expect(text).toContain('The observations contradict each other');
    expect(text).toContain(open[0]!.question);
    expect(text).toContain('page 1 of');
    expect(info).toMatch(/Page size: +792 x 612/);
    expect((await pdfText(job('tamsin-terrace'))).info).toMatch(/Page size: +841\.89 x 595\.28/);
  });

  it('lists what was assumed and nobody confirmed, with the openings', async () => {
    const one = job('larkhollow-draft');
    const { text } = await pdfText(one);
    expect(text).toContain('Assumed');
    expect(text).toContain('Finish wanted: satin chrome');
    expect(scheduleCsv(scheduleOf(one))).toContain('ASSUMED: Finish wanted: satin chrome');
    const confirmed = {
      ...one,
      openings: one.openings.map(({ id, facts }) => ({
        id,
        facts: { ...facts, finish: 'satin chrome' },
      })),
    };
    expect((await pdfText(confirmed)).text).not.toContain('Finish wanted: satin chrome');
  });

  it('prints the questions by whom they go to, each with its reference', async () => {
    const one = job('larkhollow-draft');
    const { text } = await pdfText(one, questionsPdf);
    const asked = questionsOf(one.openings, basisOf(one));
    for (const { ref } of asked) expect(text).toContain(ref);
    expect(text).toContain('To the architect');
    expect(text).toContain('How many people is the room for?');
  });

  it('prints metric figures and fractions that can be read back', async () => {
    const { text } = await pdfText(job('tamsin-terrace'));
    expect(text).toMatch(/838 mm × 2005 mm/);
    expect((await pdfText(job('larkhollow-playhouse'))).text).toMatch(/4 1\/2 in × 4 1\/2 in/);
  });

  it('is made of nothing, too', async () => {
    const { text } = await pdfText({ ...job('tamsin-terrace'), openings: [] });
    expect(text).toContain('0 openings in 0 sets');
  });

  it('keeps long texts on the page and long tables under their heads', async () => {
    const facts: OpeningFacts = {
      mark: 'M',
      kind: 'single',
      frameMaterial: 'steel',
      frameWidth: inches(36),
      frameHeight: inches(84),
      hingeSide: 'left',
      swing: 'in',
      rating: 0,
      leafConstruction: 'timber-stave',
      from: 'A room with quite a long name, longer than its column',
      to: 'Another',
    };
    const many = {
      ...job('tamsin-terrace'),
      practice: 'us-commercial' as const,
      openings: Array.from({ length: 120 }, (_, index) => ({
        id: String(index),
        facts: { ...facts, mark: `M${index}` },
      })),
    };
    const { text, info } = await pdfText(many);
    const pages = Number(/Pages: +(\d+)/.exec(info)![1]);
    expect(pages).toBeGreaterThan(3);
    expect(text.match(/^ *mark +from +to/gm)!.length).toBeGreaterThan(2);
    expect(text).toMatch(/M119 /);
  });
});

describe('the schedule as CSV', () => {
  it('has a row for every opening and item, all of one width', () => {
    const one = job('wendelmoor-mill-studios');
    const schedule = scheduleOf(one);
    const rows = scheduleCsv(schedule).slice(1).trimEnd().split('\r\n');
    const items = schedule.sets.reduce(
      (sum, set) => sum + set.headings.length * set.lines.length,
      0,
    );
    expect(rows.filter((row) => /^\d+,/.test(row))).toHaveLength(items);
    const commas = (row: string) => row.replace(/"([^"]|"")*"/g, '').split(',').length;
    expect(new Set(rows.map(commas))).toEqual(new Set([20]));
  });
});
