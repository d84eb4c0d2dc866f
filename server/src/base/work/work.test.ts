import { join } from 'node:path';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import type { Config } from '../config.js';
import { start } from '../../testing/harness.js';
import { addOpenings, newProject, plainFacts } from '../../testing/world.js';
import { ALL_JOBS } from '../../wiring/workerJobs.js';
import { TooMuchWork, WorkService } from './work.service.js';

/** The same lanes with bounds that a test need not wait for. */
class Quick extends WorkService {
  protected override readonly lanes = {
    bodies: { threads: 1, queue: 3, megabytes: 64, milliseconds: 5000 },
    documents: { threads: 1, queue: 3, megabytes: 64, milliseconds: 700 },
    batch: { threads: 1, queue: 3, megabytes: 64, milliseconds: 5000 },
    files: { threads: 2, queue: 2, megabytes: 64, milliseconds: 20_000 },
    pictures: { threads: 1, queue: 1, megabytes: 64, milliseconds: 5000 },
  };
}

let work: Quick;
beforeEach(() => {
  work = new Quick(
    { workerFile: join(__dirname, '../../testing/hardWorker.cjs') } as Config,
    ALL_JOBS,
  );
});
afterEach(() => work.onModuleDestroy());

const run = (job: 'readList' | 'schedule' | 'readWrites', input: object, gone?: AbortSignal) =>
  work.run(job, input as never, gone) as Promise<unknown>;

it('gives back what the work came to, and throws what it threw', async () => {
  expect(await run('readWrites', { a: 1 })).toEqual({ got: { a: 1 }, kept: 0 });
  await expect(run('readWrites', { fail: 'broken' })).rejects.toThrow('broken');
});

it('takes no more than may wait: the next is told to come back, and those that wait are done', async () => {
  const asked = Array.from({ length: 7 }, () => run('readList', { spin: 200 }));
  const ended = await Promise.allSettled(asked);
  expect(ended.filter(({ status }) => status === 'fulfilled')).toHaveLength(4);
  for (const one of ended)
    if (one.status === 'rejected')
      expect(one.reason).toMatchObject({
        status: 429,
        title: expect.stringContaining('Try again') as string,
      });
});

it('ends what takes too long, and works on', async () => {
  await expect(run('schedule', { spin: 20_000 })).rejects.toBeInstanceOf(TooMuchWork);
  expect(await run('schedule', { spin: 0 })).toMatchObject({ kept: 0 });
});

it('ends what takes too much memory, and works on', async () => {
  await expect(run('readList', { grow: 4000 })).rejects.toBeInstanceOf(TooMuchWork);
  expect(await run('readList', {})).toMatchObject({ kept: 0 });
});

it('ends for who has left', async () => {
  const left = new AbortController();
  const asked = run('readList', { spin: 20_000 }, left.signal);
  setTimeout(() => left.abort(), 50);
  await expect(asked).rejects.not.toBeInstanceOf(TooMuchWork);
});

it('one lane does not hold another, nor the thread that answers', async () => {
  await Promise.all([run('readWrites', {}), run('readList', {})]);
  const delay = monitorEventLoopDelay({ resolution: 10 });
  delay.enable();
  const long = run('readList', { spin: 1500 });
  const other = run('readList', { spin: 1500 });
  const order: string[] = [];
  void long.then(() => order.push('list'));
  await run('readWrites', {});
  order.push('body');
  await Promise.all([long, other]);
  expect(order).toEqual(['body', 'list']);
  expect(delay.max / 1e6).toBeLessThan(1000);
});

it('a schedule that many ask for at once is made once', async () => {
  const harness = await start();
  const owner = await harness.person();
  const id = await newProject(owner);
  await addOpenings(owner, id, [plainFacts('1')]);
  const spied = jest.spyOn(harness.app.get(WorkService), 'run');
  const answers = await Promise.all(
    Array.from({ length: 12 }, () => owner.agent.get(`/api/projects/${id}/schedule`)),
  );
  expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([200]));
  expect(spied.mock.calls.filter(([job]) => job === 'schedule')).toHaveLength(1);
  const tag = answers[0]!.headers['etag']!;
  await owner.agent.get(`/api/projects/${id}/schedule`).set('If-None-Match', tag).expect(304);
  await addOpenings(owner, id, [plainFacts('2')]);
  await owner.agent.get(`/api/projects/${id}/schedule`).set('If-None-Match', tag).expect(200);
  await owner.agent
    .patch(`/api/projects/${id}`)
    .send({ version: 1, practice: 'british' })
    .expect(200);
  expect((await owner.agent.get(`/api/projects/${id}/schedule`)).headers['etag']).not.toBe(tag);
  await harness.close();
});
