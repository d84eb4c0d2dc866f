import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  compareList,
  guessList,
  lastList,
  listCells,
  projectBasis,
  readListRows,
  readProject,
  withReading,
  type OpeningFacts,
} from '@riegel/core';
import { newId, startServer } from './server.js';

const ROWS = 10_000;
const PEOPLE = 50;
const SECONDS = 15;

interface View {
  id: string;
  version: number;
  facts: OpeningFacts;
}

const basis = projectBasis('us-commercial');
const file = join(import.meta.dirname, '../../demo/larkhollow-playhouse.json');
const read = readProject(readFileSync(file, 'utf8'));
if (!read.ok) throw new Error('the demo project cannot be read');
const base = read.project.openings;
const openings = Array.from({ length: ROWS }, (_, index) => {
  const {
    manualItems: _written,
    omitted: _none,
    choices: _choices,
    ...facts
  } = base[index % base.length]!;
  return { ...facts, mark: `${index}` };
});

const timed = async <T>(name: string, work: () => Promise<T> | T): Promise<T> => {
  const started = performance.now();
  const result = await work();
  console.log(`${name.padEnd(52)} ${(performance.now() - started).toFixed(0).padStart(7)} ms`);
  return result;
};

const server = await startServer();
try {
  console.log(`A door list of ${ROWS} rows`);
  const project = await server.call<{ id: string }>('POST', '/projects', {
    name: 'Bench',
    practice: 'us-commercial',
  });
  const url = `/projects/${project.id}`;
  const cells = listCells(openings, basis);
  const csv = Buffer.from(cells.map((row) => row.map(quoted).join(',')).join('\n'));
  const sheet = await timed(`file of ${(csv.length / 1e6).toFixed(1)} MB read by the server`, () =>
    server.call<{ sheets: { cells: string[][] }[] }>('POST', `${url}/lists/read`, csv),
  );
  const list = sheet.sheets[0]!.cells;
  const { mapping } = await timed('columns guessed', () => guessList(list, basis.practice));
  const rows = await timed('rows read', () => readListRows(list, mapping, basis.practice));
  const compared = await timed('held against an empty project', () =>
    compareList(rows, [], mapping.columns),
  );
  const made = await timed('written in one transaction', () =>
    server.call<{ openings: View[] }>('POST', `${url}/openings/bulk`, {
      kind: 'import',
      changes: compared.rows.map((row) => ({ op: 'create', facts: row.facts })),
      documents: [{ name: 'lists', version: 0, body: { last: lastList(rows) } }],
    }),
  );
  const xlsx = await timed('written out as XLSX', () => server.bytes(`${url}/openings.xlsx`));
  await timed(`that workbook of ${(xlsx.length / 1e6).toFixed(1)} MB read again`, () =>
    server.call('POST', `${url}/lists/read`, xlsx),
  );
  await timed('held against itself', () =>
    compareList(rows, made.openings, mapping.columns, lastList(rows)),
  );
  const changed = await timed('every row changed, in one transaction', () =>
    server.call<{ openings: View[] }>('POST', `${url}/openings/bulk`, {
      kind: 'import',
      changes: made.openings.map(({ id, version, facts }) => ({
        op: 'update',
        id,
        version,
        facts: { ...facts, rating: 45 },
      })),
    }),
  );
  await timed('taken back as one step', () => server.call('POST', `${url}/undo`));

  console.log(`\n${PEOPLE} people, each saving a reading a second for ${SECONDS} s`);
  const held = new Map(
    changed.openings.slice(0, PEOPLE).map((one) => [one.id, { ...one, version: one.version + 1 }]),
  );
  const times: number[] = [];
  const person = async (opening: View, index: number) => {
    let current = (await server.call<View>('GET', `${url}/openings/${opening.id}`)) as View;
    await new Promise((resolve) => setTimeout(resolve, (index * 1000) / PEOPLE));
    for (let second = 0; second < SECONDS; second++) {
      const started = performance.now();
      const facts = {
        ...current.facts,
        readings: withReading(current.facts.readings ?? [], {
          id: newId(),
          name: 'widthTop',
          value: 288_000 + second,
          how: 'tape',
          by: 'bench',
          at: new Date().toISOString(),
        }),
      };
      const answer = await server.call<{ openings: View[] }>('POST', `${url}/openings/bulk`, {
        changes: [{ op: 'update', id: current.id, version: current.version, facts }],
      });
      current = answer.openings[0]!;
      const took = performance.now() - started;
      times.push(took);
      await new Promise((resolve) => setTimeout(resolve, Math.max(0, 1000 - took)));
    }
  };
  await Promise.all([...held.values()].map(person));
  times.sort((a, b) => a - b);
  const at = (share: number) => times[Math.floor(times.length * share)]!.toFixed(1);
  console.log(
    `${times.length} saves: median ${at(0.5)} ms, 95 of 100 within ${at(0.95)} ms, slowest ${at(0.9999)} ms`,
  );
} finally {
  server.stop();
}

function quoted(cell: string): string {
  return /[",\n]/.test(cell) ? `"${cell.replace(/"/g, '""')}"` : cell;
}
