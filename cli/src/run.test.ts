import { readFileSync } from 'node:fs';
import { decideOpening, projectBasis, readProject, summaryOf, withWays } from '@riegel/core';
import { run } from './run.js';

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

describe('riegel decide', () => {
  it('prints every opening with decisions, basis, reasons and findings', () => {
    const { code, out, err } = run(['decide', 'house.json'], read);
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
    expect(run(['decide', 'house.json'], read).out).toBe(out);
  });
  it('prints one opening, and text for people', () => {
    expect(JSON.parse(run(['decide', '--opening', '102'], read).out)).toMatchObject({
      openings: [{ mark: '102' }],
    });
    expect(run(['decide', '-', '--text', '--opening=101'], read).out).toMatch(
      /Leaf width +35 3\/4 in {2}\[derived\]/,
    );
  });
  it('ends with 2 and one sentence a fault', () => {
    const bad = run(['decide', 'bad.json'], read);
    expect(bad.code).toBe(2);
    expect(bad.out).toBe('');
    expect(bad.err.trim().split('\n')).toHaveLength(2);
    expect(bad.err).toContain('Opening A, frameWidth: “x” is not a length.');
    expect(run(['decide', 'gone.json'], read)).toMatchObject({
      code: 2,
      err: expect.stringContaining('gone.json') as string,
    });
    expect(run(['decide', '--opening', 'Z'], read).code).toBe(2);
    expect(run(['decide', '--frob'], read).code).toBe(2);
    expect(run(['frob'], read).code).toBe(2);
    expect(run([], read).code).toBe(2);
    expect(run(['--help'], read).code).toBe(0);
  });
});

describe('the command line and the screens', () => {
  const demo = (name: string) =>
    readFileSync(new URL(`../../demo/${name}.json`, import.meta.url), 'utf8');
  interface Printed {
    practice: string;
    openings: Record<string, unknown>[];
  }
  const printed = (content: string) => JSON.parse(run(['decide'], () => content).out) as Printed;

  it.each([
    'larkhollow-playhouse',
    'tamsin-terrace',
    'wendelmoor-mill-studios',
    'larkhollow-draft',
  ])('%s: decide alike, decision by decision', (name) => {
    const content = demo(name);
    const read = readProject(content);
    if (!read.ok) throw new Error('unreadable');
    const { practice, practices, building, products, locks, openings } = read.project;
    // As server and worker put it together, from what a project stores.
    const basis = withWays(projectBasis(practice, practices, building, products, locks), openings);
    const out = printed(content);
    expect(out.openings).toHaveLength(openings.length);
    out.openings.forEach((one, index) => {
      const wanted = summaryOf(decideOpening(openings[index]!, basis));
      expect({ ...one, set: undefined }).toEqual(
        JSON.parse(JSON.stringify({ ...wanted, set: undefined })),
      );
    });
  });

  it('take the project’s own practice, rooms and functions', () => {
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
    const out = printed(JSON.stringify(own));
    expect(out.practice).toBe('own-ours');
    const decisions = out.openings[0]!['decisions'] as { key: string; value: { text: string } }[];
    const value = (key: string) => decisions.find((one) => one.key === key)?.value?.text;
    expect(value('securing.height')).toBe('990 mm');
    expect(value('opening.role')).toBe('plant room');
    expect(value('securing.function')).toBe('storeroom');
  });

  it('refuse a practice that there is not, and name those that there are', () => {
    const { code, err } = run(['decide'], () =>
      JSON.stringify({ practice: 'brittish', openings: [] }),
    );
    expect(code).toBe(2);
    expect(err).toMatch(/brittish.*us-commercial.*british/);
  });
});
