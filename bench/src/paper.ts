// Times of the documents: npm run bench:paper
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readModelDoors, readProject, type OpeningFacts } from '@riegel/core';
import { schedulePdf, sheetsPdf, workbook, type ScheduleJob } from '@riegel/paper';

const file = join(import.meta.dirname, '../../demo/larkhollow-playhouse.json');
const read = readProject(readFileSync(file, 'utf8'));
if (!read.ok) throw new Error(JSON.stringify(read.faults));
const { openings, practice, building } = read.project;

/** So many openings made of the demo project's, each with a mark of its own. */
const many = (count: number): ScheduleJob['openings'] =>
  Array.from({ length: count }, (_, at) => ({
    id: String(at),
    facts: { ...openings[at % openings.length], mark: `${at + 1}` } as OpeningFacts,
  }));
const job = (count: number): ScheduleJob => ({
  projectName: 'Bench',
  practice,
  practices: [],
  building,
  products: [],
  locks: [],
  settings: {},
  note: '',
  date: '2026-01-02',
  known: [],
  openings: many(count),
});

async function time(name: string, work: () => Promise<unknown> | unknown): Promise<void> {
  const from = performance.now();
  await work();
  console.log(`${name.padEnd(44)} ${(performance.now() - from).toFixed(0).padStart(8)} ms`);
}

await time('schedule by set, 70 openings', () => schedulePdf(job(70)));
await time('schedule by set, 1,000 openings', () => schedulePdf(job(1000)));
await time('schedule by opening, 1,000 openings', () => schedulePdf(job(1000), 'opening'));
await time('preparation of 200 openings', () =>
  sheetsPdf({ ...job(200), wanted: many(200).map(({ id }) => id), address: 'https://x/' }),
);
await time('workbook of 10,000 rows', () =>
  workbook([
    {
      name: 'Rows',
      head: Array.from({ length: 20 }, (_, at) => `Column ${at}`),
      rows: Array.from({ length: 10_000 }, (_, row) =>
        Array.from({ length: 20 }, (__, at) => (at % 5 ? `cell ${row} ${at}` : row)),
      ),
    },
  ]),
);
const doors = Array.from(
  { length: 1000 },
  (_, at) =>
    `#${at + 10}=IFCDOOR('x${at}',$,'D',$,$,$,$,'M${at}',2040.,926.,.DOOR.,.SINGLE_SWING_LEFT.,$);`,
);
const other = Array.from(
  { length: 100_000 },
  (_, at) => `#${at + 2000}=IFCCARTESIANPOINT((${at}.,0.,0.));`,
);
const model = `ISO-10303-21;\nHEADER;\nFILE_SCHEMA(('IFC4'));\nENDSEC;\nDATA;\n${[...doors, ...other].join('\n')}\nENDSEC;\nEND-ISO-10303-21;\n`;
await time(`model of 1,000 doors, ${(model.length / 1e6).toFixed(1)} MB`, () =>
  readModelDoors(model),
);
