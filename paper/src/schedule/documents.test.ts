import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  inches,
  SENTENCES,
  TERMS,
  questionsOf,
  readProject,
  type OpeningFacts,
} from '@riegel/core';
import PDFDocument from 'pdfkit';
import {
  basisOf,
  face,
  printable,
  questionsPdf,
  registerFaces,
  scheduleCsv,
  scheduleOfJob,
  schedulePdf,
  type ScheduleBy,
  type ScheduleJob,
} from '../index.js';

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
    settings: {},
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
  const pages = execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' }).split('\f');
  return {
    path,
    pages,
    text: pages.join('\n'),
    info: execFileSync('pdfinfo', [path], { encoding: 'utf8' }),
  };
};

describe('the printed schedule', () => {
  it('holds every opening, every set and what is open, on the paper of the country', async () => {
    const one = job('larkhollow-playhouse');
    const { text, info } = await pdfText(one);
    for (const { facts } of one.openings)
      expect(text).toMatch(new RegExp(`(^|[ ,])${facts.mark}([ ,]|$)`, 'm'));
    const { sets, open } = scheduleOfJob(one);
    for (const set of sets)
      expect(text).toMatch(new RegExp(`^ *Set ${set.number} – .* \\d+ opening`, 'm'));
    expect(text).toContain('The observations contradict each other');
    expect(text.replace(/\s+/g, ' ')).toContain(open[0]!.text.slice(0, 24));
    expect(text).toContain('page 1 of');
    expect(info).toMatch(/Page size: +792 x 612/);
    expect((await pdfText(job('tamsin-terrace'))).info).toMatch(/Page size: +841\.89 x 595\.28/);
  });

  it('lists what was assumed and nobody confirmed, with the openings', async () => {
    const one = job('larkhollow-draft');
    const { text } = await pdfText(one);
    expect(text).toContain('Assumed');
    expect(text).toContain('Finish wanted: satin chrome');
    expect(scheduleCsv(scheduleOfJob(one))).toContain('ASSUMED: Finish wanted: satin chrome');
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
    expect((await pdfText(job('larkhollow-playhouse'))).text).toMatch(/4 1⁄2 in × 4 1⁄2 in/);
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

describe('the printed schedule as a document', () => {
  const pagesOf = async (one: ScheduleJob, by?: ScheduleBy) =>
    (await pdfText(one, (job) => schedulePdf(job, by))).pages;

  it('tells in its index on which page each mark stands', async () => {
    const one = job('larkhollow-playhouse');
    const pages = await pagesOf(one);
    const pageOfSet = (number: string) =>
      pages.findIndex((text) => new RegExp(`^ *Set ${number} – `, 'm').test(text)) + 1;
    const index = pages.find((text) => /^ *Index /m.test(text))!;
    const entries = [...index.matchAll(/(\S+) +set (\d+) +(\d+)/g)];
    const { sets, undecided } = scheduleOfJob(one);
    expect(entries).toHaveLength(one.openings.length - undecided.length);
    for (const [, mark, set, page] of entries) {
      expect(
        sets.find(({ number }) => number === Number(set))!.headings.map((h) => h.mark),
      ).toContain(mark);
      expect(pageOfSet(set!)).toBe(Number(page));
    }
  });

  it('is tagged, has an outline, links and its own faces', async () => {
    const { info, path } = await pdfText(job('wendelmoor-mill-studios'));
    expect(info).toMatch(/Tagged: +yes/);
    const structure = execFileSync('pdfinfo', ['-struct', path], { encoding: 'utf8' });
    for (const tag of ['H1', 'H2', 'Table', 'TR', 'TH', 'TD', 'Figure'])
      expect(structure).toContain(tag);
    const fonts = execFileSync('pdffonts', [path], { encoding: 'utf8' });
    expect(fonts).toMatch(/Chivo/);
    expect(fonts).toMatch(/Archivo/);
    expect(
      fonts
        .split('\n')
        .slice(2)
        .filter(Boolean)
        .every((line) => / yes yes yes /.test(line)),
    ).toBe(true);
    const raw = readFileSync(path, 'latin1');
    expect(raw).toContain('/Outlines');
    expect(raw).toContain('/Link');
  });

  it('stands on the paper that was chosen, with the columns that were, names, parties and notes', async () => {
    const one = {
      ...job('tamsin-terrace'),
      settings: {
        paper: 'A3' as const,
        columns: ['mark' as const, 'hand' as const],
        names: [{ number: 1, name: 'Front door' }],
        parties: [{ what: 'Architect', who: 'A Studio of Three' }],
        notes: 'Bring samples.\n\nAsk first.',
      },
    };
    const { text, info } = await pdfText(one);
    expect(info).toMatch(/Page size: +1190\.55 x 841\.89/);
    expect(text).toMatch(/Set 1 – Front door/);
    expect(text).toMatch(/Architect +A Studio of Three/);
    expect(text).toMatch(/Bring samples/);
    expect(text).toMatch(/^ *mark +hand *$/m);
  });

  it('carries a cell that is longer than a page on, losing nothing', async () => {
    const facts: OpeningFacts = { mark: '', kind: 'single', frameMaterial: 'steel' };
    const many = {
      ...job('tamsin-terrace'),
      openings: Array.from({ length: 1500 }, (_, at) => ({
        id: String(at),
        facts: { ...facts, mark: `M${at}X` },
      })),
    };
    const { pages } = await pdfText(many, (one) => schedulePdf(one, 'room'));
    const questions = pages.join(' ').slice(pages.join(' ').indexOf('Open questions'));
    const told = new Set([...questions.matchAll(/M(\d+)X/g)].map(([, number]) => number));
    expect(told.size).toBe(1500);
    // Nothing runs off the foot of a page.
    expect(pages.filter((text) => text.trim()).every((text) => /page \d+ of \d+/.test(text))).toBe(
      true,
    );
  }, 60_000);

  it('tells how far it is, set by set', async () => {
    const told: number[] = [];
    const one = job('tamsin-terrace');
    await schedulePdf(one, 'set', (done) => told.push(done));
    const count = scheduleOfJob(one).sets.length;
    expect(told).toEqual(Array.from({ length: count }, (_, at) => (at + 1) / (count + 2)));
  });

  it('goes by opening and by room as well', async () => {
    const one = job('wendelmoor-mill-studios');
    const byOpening = (await pagesOf(one, 'opening')).join('\n');
    for (const { facts } of one.openings) expect(byOpening).toContain(facts.mark);
    expect(byOpening).toMatch(/^ *mark +set +to +opening +hand +rating +hanging/m);
    const { rooms } = scheduleOfJob(one);
    const byRoom = (await pagesOf(one, 'room')).join('\n');
    expect(rooms.length).toBeGreaterThan(10);
    for (const { room } of rooms.slice(0, 10)) expect(byRoom).toContain(room);
  });

  it('prints letters that its face has not, and true fractions', async () => {
    expect(printable('35 3/4 in, 1½″, 5/8')).toBe('35 3⁄4 in, 1 1⁄2″, 5⁄8');
    expect(printable('-/60/30 A156.1/2 7/16/1 5/4')).toBe('-/60/30 A156.1/2 7/16/1 5/4');
    const one = job('tamsin-terrace');
    const { text } = await pdfText({ ...one, note: 'Дверь Ω' });
    expect(text).toContain('Дверь Ω');
  });

  it('has a glyph for every sign of what the application says', () => {
    const doc = new PDFDocument({ font: null as unknown as string });
    registerFaces(doc);
    const signs = new Set(
      [...Object.values(SENTENCES), ...Object.values(TERMS)].flatMap((text) => [
        ...printable(text),
      ]),
    );
    const none = [...signs].filter((sign) => {
      face(doc, 'plain', sign);
      const { font } = (
        doc as unknown as { _font: { font: { hasGlyphForCodePoint(code: number): boolean } } }
      )._font;
      return !font.hasGlyphForCodePoint(sign.codePointAt(0)!);
    });
    expect(none).toEqual([]);
  });
});

describe('the schedule as CSV', () => {
  it('has a row for every opening and item, all of one width', () => {
    const one = job('wendelmoor-mill-studios');
    const schedule = scheduleOfJob(one);
    const rows = scheduleCsv(schedule).slice(1).trimEnd().split('\r\n');
    const items = schedule.sets.reduce(
      (sum, set) => sum + set.headings.length * set.lines.length,
      0,
    );
    expect(rows.filter((row) => /^\d+,/.test(row))).toHaveLength(items);
    const commas = (row: string) => row.replace(/"([^"]|"")*"/g, '').split(',').length;
    expect(new Set(rows.map(commas))).toEqual(new Set([21]));
  });
});
