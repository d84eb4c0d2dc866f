import { readFileSync } from 'node:fs';
import { decideOpening, projectBasis, readProject, summaryOf, withWays } from '@riegel/core';
import { run as runWith, type Outcome } from './run.js';

const file = JSON.stringify({
  name: 'House',
  practice: 'us-commercial',
  openings: [
    {
      mark: '101',
      frameWidth: '36 in',
      frameHeight: '2134 mm',
      frameMaterial: 'steel',
      leafConstruction: 'steel-honeycomb-18',
      hand: 'RHR',
      rating: 90,
    },
    { mark: '102', kind: 'pair', size: '6070' },
  ],
});
const read = (path: string) => {
  if (path === 'gone.json') throw Object.assign(new Error('no'), { code: 'ENOENT' });
  return path === 'bad.json'
    ? '{"openings":[{"mark":"A","frameWidth":"x"},{"mark":"B","kind":"y"}]}'
    : file;
};

/** A run in a world of the test's own; what it wrote is told with it. */
const run = async (
  args: readonly string[],
  reading: (path: string) => string,
  written: Map<string, string | Uint8Array> = new Map(),
): Promise<Omit<Outcome, 'out'> & { out: string }> => {
  const outcome = await runWith(args, {
    read: reading,
    write: (path, content) => {
      if (path === '/no/where') throw Object.assign(new Error('no'), { code: 'ENOENT' });
      written.set(path, content);
    },
    today: () => '2026-01-02',
  });
  return { ...outcome, out: Buffer.from(outcome.out as Uint8Array).toString('utf8') };
};

describe('riegel decide', () => {
  it('prints every opening with decisions, basis, reasons and findings', async () => {
    const { code, out, err } = await run(['decide', 'house.json'], read);
    expect([code, err]).toEqual([0, '']);
    const printed = JSON.parse(out) as {
      openings: {
        mark: string;
        set: number;
        decisions: {
          key: string;
          basis: string;
          value: { in: number } | null;
          reasons: string[];
          question?: string;
        }[];
      }[];
    };
    expect(printed.openings.map((one) => one.mark)).toEqual(['101', '102']);
    const leaf = printed.openings[0]!.decisions.find(
      (decision) => decision.key === 'sizing.leafWidth',
    )!;
    expect(leaf).toMatchObject({
      basis: 'derived',
      value: { in: 35.75 },
      reasons: ['36 in opening − 1/8 in hinge gap − 1/8 in lock gap.'],
    });
    expect(
      printed.openings[1]!.decisions.find((decision) => decision.key === 'sizing.leafHeight')!
        .question,
    ).toBe('What is the frame made of?');
    expect((await run(['decide', 'house.json'], read)).out).toBe(out);
  });
  it('prints one opening, and text for people', async () => {
    expect(JSON.parse((await run(['decide', '--opening', '102'], read)).out)).toMatchObject({
      openings: [{ mark: '102' }],
    });
    expect((await run(['decide', '-', '--text', '--opening=101'], read)).out).toMatch(
      /Leaf width +35 3\/4 in {2}\[derived\]/,
    );
  });
  it('ends with 2 and one sentence a fault', async () => {
    const bad = await run(['decide', 'bad.json'], read);
    expect(bad.code).toBe(2);
    expect(bad.out).toBe('');
    expect(bad.err.trim().split('\n')).toHaveLength(2);
    expect(bad.err).toContain('Opening A, frameWidth: “x” is not a length.');
    expect(await run(['decide', 'gone.json'], read)).toMatchObject({
      code: 2,
      err: expect.stringContaining('gone.json') as string,
    });
    expect((await run(['decide', '--opening', 'Z'], read)).code).toBe(2);
    expect((await run(['decide', '--frob'], read)).code).toBe(2);
    expect((await run(['frob'], read)).code).toBe(2);
    expect((await run([], read)).code).toBe(2);
    expect((await run(['--help'], read)).code).toBe(0);
  });
});

describe('the command line and the screens', () => {
  const demo = (name: string) =>
    readFileSync(new URL(`../../demo/${name}.json`, import.meta.url), 'utf8');
  interface Printed {
    practice: string;
    openings: Record<string, unknown>[];
  }
  const printed = async (content: string) =>
    JSON.parse((await run(['decide'], () => content)).out) as Printed;

  it.each([
    'larkhollow-playhouse',
    'tamsin-terrace',
    'wendelmoor-mill-studios',
    'larkhollow-draft',
    'wattlebrook-primary',
    'quellmoor-7',
  ])('%s: decide alike, decision by decision', async (name) => {
    const content = demo(name);
    const read = readProject(content);
    if (!read.ok) throw new Error('unreadable');
    const { practice, practices, building, products, locks, openings } = read.project;
    // As server and worker put it together, from what a project stores.
    const basis = withWays(projectBasis(practice, practices, building, products, locks), openings);
    const out = await printed(content);
    expect(out.openings).toHaveLength(openings.length);
    out.openings.forEach((one, index) => {
      const wanted = summaryOf(decideOpening(openings[index]!, basis));
      expect({ ...one, set: undefined }).toEqual(
        JSON.parse(JSON.stringify({ ...wanted, set: undefined })),
      );
    });
  });

  it('take the project’s own practice, rooms and functions', async () => {
    const own = {
      name: 'Own',
      practice: 'own-ours',
      practices: [
        {
          id: 'own-ours',
          name: 'Ours',
          base: 'british',
          changes: { lockHeight: { value: 320 * 990, source: 'the client' } },
        },
      ],
      building: {
        storeys: [],
        rooms: [
          { name: 'A', use: 'corridor' },
          { name: 'B', use: 'plant' },
        ],
      },
      openings: [{ mark: '1', from: 'A', to: 'B', size: '926 x 2040', hand: 'LH' }],
    };
    const out = await printed(JSON.stringify(own));
    expect(out.practice).toBe('own-ours');
    const decisions = out.openings[0]!['decisions'] as { key: string; value: { text: string } }[];
    const value = (key: string) => decisions.find((one) => one.key === key)?.value?.text;
    expect(value('securing.height')).toBe('990 mm');
    expect(value('opening.role')).toBe('plant room');
    expect(value('securing.function')).toBe('storeroom');
  });

  it('refuse a practice that there is not, and name those that there are', async () => {
    const { code, err } = await run(['decide'], () =>
      JSON.stringify({ practice: 'brittish', openings: [] }),
    );
    expect(code).toBe(2);
    expect(err).toMatch(/brittish.*us-commercial.*british/);
  });
});

describe('riegel check', () => {
  const plain = JSON.stringify({
    name: 'House',
    practice: 'us-commercial',
    openings: [
      { mark: '1', size: '3070', rating: 90, closer: 'none' },
      { mark: '2', size: '3070', rating: 0 },
    ],
  });
  it('prints what is found, the grave ones unless asked for more, and ends with 1 where something stops', async () => {
    const found = await run(['check', 'x.json'], () => plain);
    const lines = found.out
      .trim()
      .split('\n')
      .map((line) => line.split('\t'));
    const graded = lines.filter(([level]) => level !== 'not checked');
    expect(graded.every(([level]) => level === 'stop' || level === 'check')).toBe(true);
    // Silence is no check: what is not recorded is named.
    expect(found.out).toContain('not checked\t1\tlaw.latches\t');
    expect(found.out).toContain('; not recorded: ');
    expect(found.code).toBe(lines.some(([level]) => level === 'stop') ? 1 : 0);
    const all = await run(['check', '--level', 'note', 'x.json'], () => plain);
    expect(all.out.split('\n').length).toBeGreaterThan(found.out.split('\n').length);
    const stops = await run(['check', '--level=stop', 'x.json'], () => plain);
    expect(
      stops.out
        .split('\n')
        .filter(Boolean)
        .every((line) => line.startsWith('stop\t')),
    ).toBe(true);
    expect((await run(['check', '--level', 'loud'], () => plain)).code).toBe(2);
  });
});

describe('riegel sets', () => {
  it('prints sets with their openings, and what is undecided', async () => {
    const file = readFileSync(
      new URL('../../demo/larkhollow-playhouse.json', import.meta.url),
      'utf8',
    );
    const { sets, undecided } = JSON.parse((await run(['sets'], () => file)).out) as {
      sets: { number: number; openings: string[]; lines: object[] }[];
      undecided: { mark: string; open: string[] }[];
    };
    expect(sets[0]).toMatchObject({ number: 1, openings: ['101', '102', '103', '104'] });
    expect(undecided.map(({ mark }) => mark)).toEqual(['302', '303', '304', '305']);
    const text = (await run(['sets', '--text'], () => file)).out;
    expect(text).toMatch(/^Set 1 {2}main entrance.*: 101, 102, 103, 104\n/);
    expect(text).toMatch(/Undecided\n {2}302: /);
  });
});

describe('riegel export', () => {
  const file = readFileSync(new URL('../../demo/tamsin-terrace.json', import.meta.url), 'utf8');
  const made = async (...args: string[]) => {
    const written = new Map<string, string | Uint8Array>();
    const outcome = await run(['export', ...args], () => file, written);
    return { ...outcome, written };
  };
  it.each([
    ['schedule.pdf', '%PDF-1.7'],
    ['openings.pdf', '%PDF-1.7'],
    ['rooms.pdf', '%PDF-1.7'],
    ['questions.pdf', '%PDF-1.7'],
    ['preparation.pdf', '%PDF-1.7'],
    ['schedule.xlsx', 'PK'],
    ['take-off.xlsx', 'PK'],
    ['prices.xlsx', 'PK'],
    ['drawings.zip', 'PK'],
    ['submittal.zip', 'PK'],
    ['schedule.csv', '\ufeffSet,Set name,Mark'],
  ])(
    'makes %s',
    async (format, begins) => {
      const { code, err, written } = await made(format, 'x.json', '--out', 'made');
      expect([code, err]).toEqual([0, '']);
      const content = written.get('made')!;
      expect(
        Buffer.from(content as Uint8Array)
          .toString('utf8')
          .startsWith(begins),
      ).toBe(true);
    },
    60_000,
  );
  it('says in one sentence what is wrong', async () => {
    expect((await made('schedule.doc', 'x.json')).err).toMatch(/“schedule.doc” is no format/);
    expect((await made('schedule.csv', 'x.json', '--date', 'today')).err).toMatch(/no date/);
    expect((await made('schedule.csv', 'x.json', '--out', '/no/where')).err).toMatch(
      /cannot be written \(ENOENT\)/,
    );
    expect((await made('schedule.csv', 'x.json', 'y.json')).err).toMatch(/one word too many/);
    expect((await made()).err).toMatch(/something is missing/);
    expect((await made('schedule.csv', '--out')).err).toMatch(/--out needs a value/);
    expect((await made('constructor', 'x.json')).code).toBe(2);
    expect((await made('schedule.csv', 'x.json')).out).toMatch(/^\ufeffSet/);
  });
});
