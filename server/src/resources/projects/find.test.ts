import { start, type Client, type Harness } from '../../testing/harness.js';
import { addOpenings, join, newProject, plainFacts } from '../../testing/world.js';
import type { Found } from './find.controller.js';

let harness: Harness;
let owner: Client;
let reader: Client;
beforeAll(async () => {
  harness = await start();
  owner = await harness.person();
  reader = await harness.person();
  const [mill, house] = [await newProject(owner, 'Mill'), await newProject(owner, 'House')];
  await join(owner, reader, house, 'reader');
  await addOpenings(owner, mill, [
    plainFacts('1.40', { from: 'Corridor', to: 'Recital room' }),
    plainFacts('11.4', { from: 'Hall', to: 'Plant 100%' }),
  ]);
  await addOpenings(owner, house, [plainFacts('1.4', { from: 'Corridor', to: 'Kitchen' })]);
});
afterAll(() => harness.close());
const find = async (client: Client, q: string) => {
  const { body } = await client.agent.get('/api/find').query({ q }).expect(200);
  return (body as { found: Found[] }).found.map(({ project, mark }) => `${project} ${mark}`);
};

it('finds marks from their beginning, rooms anywhere, the very mark first', async () => {
  expect(await find(owner, '1.4')).toEqual(['House 1.4', 'Mill 1.40']);
  expect(await find(owner, 'ital')).toEqual(['Mill 1.40']);
  expect(await find(owner, 'corridor kitchen')).toEqual(['House 1.4']);
});
it('only where one is let in, and takes no sign for another', async () => {
  expect(await find(reader, 'corridor')).toEqual(['House 1.4']);
  expect(await find(owner, '100%')).toEqual(['Mill 11.4']);
  expect(await find(owner, '%')).toEqual(['Mill 11.4']);
  expect(await find(owner, '_.4')).toEqual([]);
  expect(await find(owner, '  ')).toEqual([]);
  await owner.agent.get('/api/find').expect(422);
});
