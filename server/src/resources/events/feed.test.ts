import { get, type ClientRequest } from 'node:http';
import request from 'supertest';
import { PASSWORD, start, type Client, type Harness } from '../../testing/harness.js';
import { addOpenings, join, newProject, plainFacts, portOf } from '../../testing/world.js';
import { FeedService } from './feed.service.js';
import { writeEvent } from './eventRows.js';

let one: Harness;
let two: Harness;
let owner: Client;
let id: string;
beforeAll(async () => {
  [one, two] = await Promise.all([start(), start()]);
  owner = await one.person('Owner');
});
beforeEach(async () => {
  id = await newProject(owner);
});
afterAll(async () => {
  await Promise.all([one.close(), two.close()]);
});

async function cookieOf(client: Client): Promise<string> {
  const answer = await client.agent
    .post('/api/session')
    .send({ email: client.email, password: PASSWORD });
  return answer.headers['set-cookie']![0]!.split(';')[0]!;
}

/** An ear at a project's stream: what it heard, in order. */
class Ear {
  readonly heard: { seq: number; openings: string[] | null }[] = [];
  resets = 0;
  ended = false;
  status = 0;
  private request: ClientRequest;

  constructor(
    harness: Harness,
    cookie: string,
    projectId: string,
    headers: Record<string, string> = {},
  ) {
    this.request = get(
      {
        port: portOf(harness),
        host: '127.0.0.1',
        path: `/api/projects/${projectId}/stream`,
        headers: { cookie, ...headers },
      },
      (response) => {
        this.status = response.statusCode!;
        let text = '';
        response.on('data', (chunk: Buffer) => {
          text += chunk.toString();
          for (let end = text.indexOf('\n\n'); end >= 0; end = text.indexOf('\n\n')) {
            const block = text.slice(0, end);
            text = text.slice(end + 2);
            if (/^event: reset/m.test(block)) this.resets++;
            else {
              const data = /^data: (.*)$/m.exec(block);
              if (data)
                this.heard.push(JSON.parse(data[1]!) as { seq: number; openings: string[] });
            }
          }
        });
        response.on('close', () => (this.ended = true));
      },
    );
    this.request.on('error', () => (this.ended = true));
  }

  async until(what: () => boolean): Promise<void> {
    const end = Date.now() + 15_000;
    while (!what()) {
      if (Date.now() > end) throw new Error(`heard only ${JSON.stringify(this.heard)}`);
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
  }

  close(): void {
    this.request.destroy();
  }
}

const epoch = () => one.app.get(FeedService).epoch;
const seqs = (ear: Ear) => ear.heard.map(({ seq }) => seq);
const upTo = (count: number) => Array.from({ length: count }, (_, index) => index + 1);

it('nothing is missed and nothing told twice, by writers at two servers, to listeners at both', async () => {
  const cookie = await cookieOf(owner);
  const ears = [new Ear(one, cookie, id), new Ear(two, cookie, id)];
  await Promise.all(ears.map((ear) => ear.until(() => ear.status === 200)));
  const writers = [one, two].flatMap((harness) =>
    [0, 1].map(async (writer) => {
      const agent = request(harness.app.getHttpServer() as never);
      for (let index = 0; index < 12; index++)
        await agent
          .post(`/api/projects/${id}/openings/bulk`)
          .set('cookie', cookie)
          .send({ changes: [{ op: 'create', facts: plainFacts(`${writer}-${index}`) }] })
          .expect(200);
    }),
  );
  await Promise.all(writers);
  for (const ear of ears) {
    await ear.until(() => ear.heard.length >= 48);
    expect(seqs(ear)).toEqual(upTo(48));
    ear.close();
  }
});

it('an event that was begun first and is committed last is told all the same', async () => {
  const cookie = await cookieOf(owner);
  const ear = new Ear(two, cookie, id);
  await ear.until(() => ear.status === 200);
  const event = { projectId: id, personId: owner.id, kind: 'bulk' as const };
  const change = (mark: string) => [{ openingId: mark.padEnd(36, '0'), before: null, after: '{}' }];
  let commit: () => void = () => undefined;
  const gate = new Promise<void>((resolve) => (commit = resolve));
  let begun: () => void = () => undefined;
  const started = new Promise<void>((resolve) => (begun = resolve));
  const slow = one.source.transaction(async (manager) => {
    // Its row has the lower id, but it takes its place in the feed only when it ends.
    await manager.query(
      "INSERT INTO event (project_id, person_id, kind, size) VALUES (?, ?, 'bulk', 0)",
      [id, owner.id],
    );
    begun();
    await gate;
    await writeEvent(manager, event, change('slow'));
  });
  await started;
  await one.source.transaction((manager) => writeEvent(manager, event, change('quick')));
  await ear.until(() => ear.heard.length === 1);
  expect(ear.heard[0]!.openings![0]).toMatch(/^quick/);
  commit();
  await slow;
  await ear.until(() => ear.heard.length === 2);
  expect(ear.heard[1]!.openings![0]).toMatch(/^slow/);
  expect(seqs(ear)).toEqual([1, 2]);
  ear.close();
});

it('who was away is told from where they stopped, at another server too', async () => {
  const cookie = await cookieOf(owner);
  for (const mark of ['1', '2', '3']) await addOpenings(owner, id, [plainFacts(mark)]);
  const back = new Ear(two, cookie, id, { 'Last-Event-ID': `${epoch()}-1` });
  await back.until(() => back.heard.length === 2);
  expect(seqs(back)).toEqual([2, 3]);
  back.close();
});

it('who was away for too long, or comes from another time, is told to read anew', async () => {
  const cookie = await cookieOf(owner);
  await addOpenings(owner, id, [plainFacts('1')]);
  await one.source.query('UPDATE project_feed SET seq = 2000 WHERE project_id = ?', [id]);
  for (const last of [`${epoch()}-1`, `${epoch()}-999999`, 'another-1', '1', '-']) {
    const ear = new Ear(one, cookie, id, { 'Last-Event-ID': last });
    await ear.until(() => ear.resets === 1);
    expect(ear.heard).toEqual([]);
    ear.close();
  }
});

it('a stream ends with the right it rests on: signed out, or taken out of the project', async () => {
  const [leaver, loser] = [await one.person('Leaver'), await one.person('Loser')];
  await join(owner, leaver, id, 'reader');
  await join(owner, loser, id, 'reader');
  const cookie = await cookieOf(leaver);
  const ears = [new Ear(one, cookie, id), new Ear(two, await cookieOf(loser), id)];
  await Promise.all(ears.map((ear) => ear.until(() => ear.status === 200)));
  await leaver.agent.delete('/api/session').expect(204);
  await owner.agent.delete(`/api/projects/${id}/members/${loser.id}`).expect(204);
  await addOpenings(owner, id, [plainFacts('secret')]);
  for (const ear of ears) {
    await ear.until(() => ear.ended);
    expect(ear.heard).toEqual([]);
  }
});

it('one person holds no more than so many streams', async () => {
  const somebody = await one.person();
  const project = await newProject(somebody);
  const cookie = await cookieOf(somebody);
  const ears = Array.from({ length: 30 }, () => new Ear(one, cookie, project));
  await Promise.all(ears.map((ear) => ear.until(() => ear.status > 0)));
  expect(ears.filter((ear) => ear.status === 200).length).toBeLessThanOrEqual(24);
  expect(ears.filter((ear) => ear.status === 429).length).toBeGreaterThanOrEqual(6);
  for (const ear of ears) ear.close();
});

it('a write of thousands is told without naming each', async () => {
  const cookie = await cookieOf(owner);
  const ear = new Ear(one, cookie, id);
  await ear.until(() => ear.status === 200);
  await addOpenings(
    owner,
    id,
    Array.from({ length: 60 }, (_, index) => plainFacts(String(index))),
  );
  await ear.until(() => ear.heard.length === 1);
  expect(ear.heard[0]).toMatchObject({ seq: 1, openings: null, documents: null });
  ear.close();
});
