import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inches, type OpeningFacts } from '@riegel/core';
import { ALL_JOBS } from '../../wiring/workerJobs.js';
import { DOCUMENT_JOB_KINDS } from '../printing/jobKinds.js';
import { WorkService } from '../../base/work/work.service.js';
import { start, type Client, type Harness } from '../../testing/harness.js';
import { addOpenings, asBytes, newProject, plainFacts } from '../../testing/world.js';
import { JobsService, type JobView } from './jobs.service.js';

let harness: Harness;
let owner: Client;
let project: string;
let ids: string[];
const door: Partial<OpeningFacts> = {
  from: 'Corridor',
  to: 'Office',
  frameMaterial: 'steel',
  frameWidth: inches(36),
  frameHeight: inches(84),
  hingeSide: 'left',
  swing: 'in',
  leafConstruction: 'timber-particle',
  leafThickness: inches(1.75),
  rating: 0,
};
beforeAll(async () => {
  harness = await start();
  owner = await harness.person();
  project = await newProject(owner);
  ids = (
    await addOpenings(
      owner,
      project,
      ['1', '2', '3'].map((mark) => plainFacts(mark, door)),
    )
  ).map(({ id }) => id);
}, 60_000);
afterAll(() => harness.close());

const path = (rest = '') => `/api/projects/${project}/jobs${rest}`;
const begin = async (kind: string, openings = ids) =>
  (
    await owner.agent
      .post(path())
      .send({ kind, name: `${kind}.file`, openings })
      .expect(202)
  ).body as JobView;
const list = async () =>
  ((await owner.agent.get(path()).expect(200)).body as { jobs: JobView[] }).jobs;
const until = async (id: string, state: string): Promise<JobView> => {
  for (let time = 0; time < 600; time++) {
    const job = (await list()).find((one) => one.id === id);
    if (job?.state === state) return job;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error(`never ${state}: ${JSON.stringify(await list())}`);
};
const fileOf = async (id: string) => {
  const { body } = await owner.agent
    .get(path(`/${id}/file`))
    .buffer(true)
    .parse(asBytes)
    .expect(200);
  const file = join(mkdtempSync(join(tmpdir(), 'riegel-job-')), 'file');
  writeFileSync(file, body as Buffer);
  return file;
};

it('makes the sheets of many openings in the background, each with its code and its numbers', async () => {
  const job = await begin('sheets');
  expect(job.state === 'waiting' || job.state === 'running').toBe(true);
  await owner.agent.get(path(`/${job.id}/file`)).expect((answer) => {
    if (answer.status !== 404 && answer.status !== 200) throw new Error(String(answer.status));
  });
  const done = await until(job.id, 'done');
  expect(done.progress).toBe(1);
  const text = execFileSync('pdftotext', ['-layout', await fileOf(job.id), '-'], {
    encoding: 'utf8',
  });
  for (const word of [
    '1, leaf',
    '2, frame',
    '3, leaf',
    'measured from the top of the leaf',
    'Order of work',
    'Acceptance test',
    'Templates for the router',
  ])
    expect(text).toContain(word);
  // Every opening begins anew: leaf, frame, numbers.
  expect(text.match(/measured from the underside of the head/g)).toHaveLength(3);
}, 90_000);

it('asked for again under its own id, because an answer was lost, is one piece of work', async () => {
  const id = randomUUID();
  const asked = { id, kind: 'sheets', name: 'once', openings: ids };
  const [first, again] = [
    (await owner.agent.post(path()).send(asked).expect(202)).body as JobView,
    (await owner.agent.post(path()).send(asked).expect(202)).body as JobView,
  ];
  expect([first.id, again.id]).toEqual([id, id]);
  expect((await list()).filter(({ name }) => name === 'once')).toHaveLength(1);
  await until(id, 'done');
});

it('makes the schedule, telling how far it is', async () => {
  const { id } = await begin('schedule', []);
  await until(id, 'done');
  const text = execFileSync('pdftotext', ['-layout', await fileOf(id), '-'], { encoding: 'utf8' });
  expect(text).toContain('Set 1 – ');
}, 90_000);

it('packs the drawings as DXF and SVG', async () => {
  const { id } = await begin('drawings');
  await until(id, 'done');
  const names = execFileSync('unzip', ['-Z1', await fileOf(id)], { encoding: 'utf8' })
    .trim()
    .split('\n');
  expect(names.sort()).toEqual(
    ['1', '2', '3']
      .flatMap((mark) =>
        ['frame', 'leaf'].flatMap((member) => [`${mark}-${member}.dxf`, `${mark}-${member}.svg`]),
      )
      .sort(),
  );
}, 90_000);

it('puts a submittal together', async () => {
  const { id } = await begin('submittal', []);
  await until(id, 'done');
  const names = execFileSync('unzip', ['-Z1', await fileOf(id)], { encoding: 'utf8' })
    .trim()
    .split('\n');
  expect(names.sort()).toEqual([
    'keys.csv',
    'preparation.pdf',
    'products.pdf',
    'questions.pdf',
    'schedule.pdf',
    'schedule.xlsx',
    'take-off.xlsx',
    'wiring.pdf',
  ]);
}, 90_000);

it('refuses what it does not know, and is taken off the list', async () => {
  await owner.agent.post(path()).send({ kind: 'everything', name: 'x', openings: [] }).expect(422);
  await owner.agent
    .post(path())
    .send({ kind: 'sheets', name: 'x', openings: ['1'] })
    .expect(422);
  const [job] = await list();
  await owner.agent.delete(path(`/${job!.id}`)).expect(204);
  expect((await list()).map(({ id }) => id)).not.toContain(job!.id);
  await owner.agent.delete(path(`/${job!.id}`)).expect(404);
});

describe('several servers on one database', () => {
  /** Work that goes on until it is let go, and counts how often it was begun. */
  class Held extends WorkService {
    begun: string[] = [];
    private ends: (() => void)[] = [];
    override run = ((_: string, input: { name?: string }, gone?: AbortSignal) => {
      this.begun.push(String(input.name));
      return new Promise<Uint8Array>((resolve, reject) => {
        this.ends.push(() => resolve(new TextEncoder().encode('made')));
        gone?.addEventListener('abort', () => reject(new Error('gone')));
      });
    }) as never;
    finish(): void {
      for (const end of this.ends.splice(0)) end();
    }
  }
  const server = () => {
    const work = new Held({ workerFile: '' } as never, ALL_JOBS);
    return { work, jobs: new JobsService(harness.source, work, DOCUMENT_JOB_KINDS) };
  };
  const started = (one: ReturnType<typeof server>, name: string) =>
    one.jobs.start(project, owner.id, { kind: 'sheets', name, input: { name } });
  const state = async (id: string) => (await list()).find((job) => job.id === id)?.state;
  const soon = () => new Promise((resolve) => setTimeout(resolve, 150));
  beforeEach(() => {
    // The application's own service would take the work before them.
    harness.app.get(JobsService).look = () => undefined;
  });

  it('do one job once, and all of many', async () => {
    const [one, two] = [server(), server()];
    const jobs = [];
    for (let at = 0; at < 6; at++) jobs.push(await started(at % 2 ? one : two, `job ${at}`));
    for (let round = 0; round < 40; round++) {
      one.jobs.look();
      two.jobs.look();
      await new Promise((resolve) => setTimeout(resolve, 25));
      one.work.finish();
      two.work.finish();
    }
    const begun = [...one.work.begun, ...two.work.begun].sort();
    expect(begun).toEqual(jobs.map((_, at) => `job ${at}`));
    for (const { id } of jobs) expect(await state(id)).toBe('done');
  });

  it('take over what a server that died had begun, and its late answer changes nothing', async () => {
    const [dead, other] = [server(), server()];
    const { id } = await started(dead, 'orphan');
    await soon();
    expect(dead.work.begun).toEqual(['orphan']);
    // As long as it is held nobody else begins it.
    other.jobs.look();
    await soon();
    expect(other.work.begun).toEqual([]);
    await harness.source.query(
      'UPDATE job SET held_until = NOW(3) - INTERVAL 1 SECOND WHERE id = ?',
      [id],
    );
    other.jobs.look();
    await soon();
    expect(other.work.begun).toEqual(['orphan']);
    other.work.finish();
    await soon();
    expect(await state(id)).toBe('done');
    await harness.source.query('UPDATE job SET size = 7 WHERE id = ?', [id]);
    dead.work.finish();
    await soon();
    expect((await list()).find((job) => job.id === id)!.size).toBe(7);
  });

  it('begin again what a server gave back when it was stopped', async () => {
    const [stopped, other] = [server(), server()];
    const { id } = await started(stopped, 'again');
    await soon();
    await stopped.jobs.onModuleDestroy();
    expect(await state(id)).toBe('waiting');
    other.jobs.look();
    await soon();
    other.work.finish();
    await soon();
    expect(await state(id)).toBe('done');
  });

  it('give up what three of them began and never ended', async () => {
    const one = server();
    const { id } = await started(one, 'poison');
    await soon();
    await harness.source.query(
      'UPDATE job SET held_until = NOW(3) - INTERVAL 1 SECOND, attempts = 3 WHERE id = ?',
      [id],
    );
    const other = server();
    other.jobs.look();
    await soon();
    expect(await state(id)).toBe('failed');
    expect(other.work.begun).toEqual([]);
  });

  it('stop what is cancelled, and nobody takes it up again', async () => {
    const one = server();
    const { id } = await started(one, 'unwanted');
    await soon();
    await one.jobs.cancel(project, id);
    await soon();
    one.work.finish();
    one.jobs.look();
    await soon();
    expect(await state(id)).toBe('cancelled');
  });
});
