import { productCells, projectBasis, readProductCells, SHIPPED_PRODUCTS } from '@riegel/core';
import { start, type Client, type Harness } from '../../testing/harness.js';

let harness: Harness;
let owner: Client;
let url: string;

const OWN = { id: 'own-1', maker: 'Tarnhollow', model: 'Odd 90', type: 'butt', height: 28_800 };

beforeAll(async () => {
  harness = await start();
  owner = await harness.person();
  const { body } = await owner.agent
    .post('/api/projects')
    .send({ name: 'Foundry', practice: 'british' })
    .expect(201);
  url = `/api/projects/${(body as { id: string }).id}`;
});
afterAll(() => harness.close());

const save = (version: number, body: unknown) =>
  owner.agent
    .post(`${url}/openings/bulk`)
    .send({ changes: [], documents: [{ name: 'catalogue', version, body }] });

describe('a project’s catalogue', () => {
  it('is given out as CSV and JSON that read back to the same products', async () => {
    const csv = (await owner.agent.get(`${url}/catalogue.csv`).expect(200)).text;
    const read = await owner.agent
      .post(`${url}/lists/read`)
      .set('Content-Type', 'application/octet-stream')
      .send(Buffer.from(csv))
      .expect(200);
    const { sheets } = read.body as { sheets: { cells: string[][] }[] };
    const rows = readProductCells(sheets[0]!.cells);
    expect(rows.ok && rows.value.map((row) => row.product)).toEqual([...SHIPPED_PRODUCTS]);
    const json = (await owner.agent.get(`${url}/catalogue.json`).expect(200)).body as unknown;
    expect(json).toEqual([...SHIPPED_PRODUCTS]);
  });

  it('keeps own products, decides with them, and takes them back in one step', async () => {
    await save(0, [OWN]).expect(200);
    const project = (await owner.agent.get(url).expect(200)).body as {
      catalogue: { version: number; body: unknown };
    };
    expect(project.catalogue).toMatchObject({ version: 1, body: [OWN] });
    const csv = (await owner.agent.get(`${url}/catalogue.csv`)).text;
    expect(csv).toContain('Odd 90');
    const { products } = projectBasis('british', [], undefined, [OWN as never]);
    expect(products.size).toBe(SHIPPED_PRODUCTS.length + 1);
    await owner.agent.post(`${url}/undo`).expect(200);
    expect((await owner.agent.get(`${url}/catalogue.csv`)).text).not.toContain('Odd 90');
    await owner.agent.post(`${url}/redo`).expect(200);
    expect((await owner.agent.get(`${url}/catalogue.csv`)).text).toContain('Odd 90');
  });

  it('goes with the project file, and comes in with it', async () => {
    const file = (await owner.agent.get(`${url}/file`).expect(200)).body as { products: unknown };
    expect(file.products).toEqual([OWN]);
    const { body } = await owner.agent.post('/api/projects/file').send(file).expect(201);
    const copy = (await owner.agent.get(`/api/projects/${(body as { id: string }).id}`)).body as {
      catalogue: { body: unknown };
    };
    expect(copy.catalogue.body).toEqual([OWN]);
  });

  it('refuses what is no product, naming it, and a stale write', async () => {
    const wrong = await save(3, [{ ...OWN, height: 'tall' }]).expect(422);
    expect(JSON.stringify(wrong.body)).toContain('own-1');
    await save(0, []).expect(409);
    // The same again, after a lost answer, counts as done.
    await save(0, [OWN]).expect(200);
    await save(3, [OWN, OWN]).expect(422);
  });

  it('writes no cell that a spreadsheet would run, and is not shown to strangers', async () => {
    const project = (await owner.agent.get(url)).body as { catalogue: { version: number } };
    await save(project.catalogue.version, [{ ...OWN, note: '=HYPERLINK("x")' }]).expect(200);
    const csv = (await owner.agent.get(`${url}/catalogue.csv`)).text;
    expect(csv).not.toMatch(/(^|,)"?=HYPERLINK/m);
    const stranger = await harness.person();
    await stranger.agent.get(`${url}/catalogue.csv`).expect(404);
    await stranger.agent.get(`${url}/catalogue.json`).expect(404);
    expect(productCells([]).length).toBe(1);
  });
});
