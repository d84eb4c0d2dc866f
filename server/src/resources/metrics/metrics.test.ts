import request from 'supertest';
import { start, type Harness } from '../../testing/harness.js';

const TOKEN = 'metrics-'.repeat(4);
let open: Harness;
let closed: Harness;
beforeAll(async () => {
  [open, closed] = await Promise.all([start({ metricsToken: TOKEN }), start()]);
});
afterAll(() => Promise.all([open.close(), closed.close()]));
const read = (harness: Harness, bearer?: string) => {
  const asked = request(harness.app.getHttpServer() as never).get('/api/metrics');
  return bearer === undefined ? asked : asked.set('Authorization', `Bearer ${bearer}`);
};

it('are for who has the token, and for nobody where there is none', async () => {
  await read(open).expect(401);
  await read(open, `${TOKEN}x`).expect(401);
  await read(open, 'y'.repeat(TOKEN.length)).expect(401);
  await read(closed, '').expect(401);
  await read(closed, 'undefined').expect(401);
  const { headers } = await read(open, TOKEN).expect(200);
  expect(headers['content-type']).toMatch(/^text\/plain/);
});

it('tell requests by route and status, never by address, and what waits', async () => {
  const person = await open.person();
  await person.agent.get('/api/projects').expect(200);
  await person.agent.get('/api/projects/00000000-0000-4000-8000-000000000000').expect(404);
  const { text } = await read(open, TOKEN).expect(200);
  expect(text).toMatch(
    /riegel_request_seconds_count\{method="GET",route="\/api\/projects",status="200"\} \d/,
  );
  expect(text).toMatch(/route="\/api\/projects\/:projectId",status="404"/);
  expect(text).not.toContain('00000000-0000');
  expect(text).toMatch(/riegel_streams 0/);
  expect(text).toContain('nodejs_eventloop_lag_seconds');
  expect(text).toContain('riegel_database_away_total 0');
});
