import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { inches, readModelDoors, stepEntities, type ModelRead } from '@riegel/core';
import { readFile } from '../lists/readFile.js';
import { start, type Client, type Harness } from '../../testing/harness.js';
import { addOpenings, asBytes, newProject, plainFacts } from '../../testing/world.js';

const MODEL = readFileSync(join(__dirname, '../../../../demo/lists/larkhollow-model.ifc'));
const text = MODEL.toString('latin1');

let harness: Harness;
let owner: Client;
let project: string;
beforeAll(async () => {
  harness = await start();
  owner = await harness.person();
  project = await newProject(owner);
}, 60_000);
afterAll(() => harness.close());

const send = (path: string, bytes: Buffer) =>
  owner.agent
    .post(`/api/projects/${project}/${path}`)
    .set('Content-Type', 'application/octet-stream')
    .send(bytes);

it('gives the doors of a model as a list', async () => {
  const { body } = await send('lists/read', MODEL).expect(200);
  const { kind, detail, sheets } = body as {
    kind: string;
    detail: string;
    sheets: { name: string; cells: string[][] }[];
  };
  expect([kind, detail, sheets.length]).toEqual(['model', 'IFC4 building model, 36 doors', 1]);
  const [head, first] = sheets[0]!.cells;
  expect(head!.slice(0, 5)).toEqual(['Mark', 'Storey', 'From', 'To', 'Size']);
  expect(first![0]).toBe('101');
  expect(sheets[0]!.cells).toHaveLength(37);
});

it('refuses a model that is cut off, of another schema, without doors, too large', async () => {
  for (const [bytes, why] of [
    [MODEL.subarray(0, MODEL.length - 200), /cut off/],
    [Buffer.from(text.replace("('IFC4')", "('AP214')")), /IFC4 or IFC2x3/],
    [Buffer.from(text.replaceAll('IFCDOOR(', 'IFCWALL(')), /no doors/],
    [Buffer.concat([MODEL.subarray(0, 300), Buffer.alloc(64_000_001, 32)]), /larger than 64 MB/],
  ] as const) {
    const read = await readFile(bytes);
    expect(read.ok ? '' : read.why).toMatch(why);
  }
  // A list may not be as large as a model.
  const list = await readFile(
    Buffer.concat([Buffer.from('Mark,Size\n'), Buffer.alloc(8_000_001, 49)]),
  );
  expect(list.ok ? '' : list.why).toMatch(/larger than 8 MB/);
});

it('writes what was decided back beside the rest, and says of how many doors', async () => {
  await addOpenings(owner, project, [
    plainFacts('101', {
      frameWidth: inches(72),
      frameHeight: inches(96),
      kind: 'pair',
      role: 'entrance',
    }),
    plainFacts('999'),
  ]);
  const { body, headers } = await send('model', MODEL).buffer(true).parse(asBytes).expect(200);
  expect(headers['x-riegel-doors']).toBe('1');
  const made = (body as Buffer).toString('latin1');
  const read = (of: string) => (readModelDoors(of) as ModelRead).doors;
  expect(read(made)).toEqual(read(text));
  const sets = [...stepEntities(made, new Set(['IFCPROPERTYSET']))].map(({ values }) => values[2]);
  expect(sets.filter((name) => name === 'Riegel_DoorHardware')).toHaveLength(1);
  await send('model', Buffer.from('Mark,Size')).expect(422);
});

it('reads a thousand doors at once', async () => {
  const many = Array.from(
    { length: 1000 },
    (_, at) =>
      `#${10_000 + at}=IFCDOOR('x${at}',$,'D',$,$,$,$,'M${at}',2040.,926.,.DOOR.,.SINGLE_SWING_LEFT.,$);`,
  );
  const large = text.replace('ENDSEC;\nEND-ISO', `${many.join('\n')}\nENDSEC;\nEND-ISO`);
  const read = await readFile(Buffer.from(large));
  expect(read.ok && read.sheets[0]!.cells.length).toBe(1037);
});
