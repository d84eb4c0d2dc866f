import { LOCK_SPECS, type Schedule } from '@riegel/core';
import { start, type Client, type Harness } from '../../testing/harness.js';

let harness: Harness;
let owner: Client;
let url: string;

const OWN = {
  ...LOCK_SPECS.find((one) => one.id === 'storeroom')!,
  id: 'own-1',
  name: 'Plant with a button',
  number: undefined,
  insideButton: true,
};
const KEYING = {
  groups: [
    { id: 'a', name: 'House', everywhere: true, storeys: [], rooms: [], plus: [], minus: ['2'] },
  ],
};

beforeAll(async () => {
  harness = await start();
  owner = await harness.person();
  const { body } = await owner.agent
    .post('/api/projects')
    .send({ name: 'Bleachery', practice: 'us-commercial' })
    .expect(201);
  url = `/api/projects/${(body as { id: string }).id}`;
});
afterAll(() => harness.close());

const write = (documents: unknown[], changes: unknown[] = []) =>
  owner.agent.post(`${url}/openings/bulk`).send({ changes, documents });
const project = async (address = url) =>
  (await owner.agent.get(address).expect(200)).body as Record<string, { body: unknown }>;

describe('lock functions and keys of a project', () => {
  it('are kept with an opening that uses them, and decided with on the server', async () => {
    await write(
      [
        { name: 'locks', version: 0, body: [OWN] },
        { name: 'keying', version: 0, body: KEYING },
      ],
      [
        {
          op: 'create',
          facts: {
            mark: '1',
            kind: 'single',
            lockUse: 'store',
            choices: { 'securing.function': { value: 'own-1', reason: 'as asked' } },
            tested: { function: 'own-1', steps: { '1': 'ok' }, by: 'A. Person', at: '2026-10-02' },
          },
        },
      ],
    ).expect(200);
    const { locks, keying } = await project();
    expect(locks!.body).toEqual([JSON.parse(JSON.stringify(OWN))]);
    expect(keying!.body).toEqual(KEYING);
    const schedule = (await owner.agent.get(`${url}/schedule`).expect(200)).body as Schedule;
    expect(JSON.stringify(schedule)).toContain('Plant with a button');
  });

  it('go with the project file, and come in with it', async () => {
    const file = (await owner.agent.get(`${url}/file`).expect(200)).body as object;
    expect(file).toMatchObject({ keying: KEYING, locks: [{ id: 'own-1' }] });
    const { body } = await owner.agent.post('/api/projects/file').send(file).expect(201);
    const copy = await project(`/api/projects/${(body as { id: string }).id}`);
    expect(copy['keying']!.body).toEqual(KEYING);
    expect(copy['locks']!.body).toMatchObject([{ id: 'own-1', insideButton: true }]);
  });

  it('are refused with what is wrong, and taken back in one step', async () => {
    const trap = await write([{ name: 'locks', version: 1, body: [{ ...OWN, latch: 'glue' }] }]);
    expect([trap.status, JSON.stringify(trap.body)]).toEqual([
      422,
      expect.stringContaining('lock function') as string,
    ]);
    const keys = await write([{ name: 'keying', version: 1, body: { groups: [{ name: 'x' }] } }]);
    expect([keys.status, JSON.stringify(keys.body)]).toEqual([
      422,
      expect.stringContaining('key group x') as string,
    ]);
    await write([{ name: 'keying', version: 1, body: { groups: [] } }]).expect(200);
    await owner.agent.post(`${url}/undo`).expect(200);
    expect((await project())['keying']!.body).toEqual(KEYING);
  });

  it('refuse a test that is none', async () => {
    const { status, body } = await write(
      [],
      [{ op: 'create', facts: { mark: '2', kind: 'single', tested: { function: 'x' } } }],
    );
    expect([status, JSON.stringify(body)]).toEqual([
      422,
      expect.stringContaining('tested') as string,
    ]);
  });
});
