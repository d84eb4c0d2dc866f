// Many people on one project: times of reads and writes, reads a second when saturated, stalls, memory.
// `npm run bench:load`, on a server and a database of its own.
import { Agent, request as ask, type IncomingMessage } from 'node:http';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { newId, startServer } from './server.js';

const PEOPLE = 50;
const OPENINGS = 5000;
const SECONDS = Number(process.env['BENCH_SECONDS'] ?? 15);
const MEMORY_SECONDS = Number(process.env['BENCH_MEMORY_SECONDS'] ?? 60);

interface Answer {
  status: number;
  body: Buffer;
  ms: number;
  headers: IncomingMessage['headers'];
}

/** Somebody's browser, as light as can be: the machine is shared with what is measured. */
class Person {
  private readonly agent = new Agent({ keepAlive: true, maxSockets: 2 });
  cookie = '';

  constructor(private readonly port: number) {}

  send(
    method: string,
    path: string,
    body?: unknown,
    headers: Record<string, string> = {},
  ): Promise<Answer> {
    const began = performance.now();
    const text = body === undefined ? undefined : JSON.stringify(body);
    return new Promise((resolve, reject) => {
      const asked = ask(
        {
          port: this.port,
          host: '127.0.0.1',
          method,
          path: `/api${path}`,
          agent: this.agent,
          headers: {
            cookie: this.cookie,
            ...(text
              ? { 'content-type': 'application/json', 'content-length': Buffer.byteLength(text) }
              : {}),
            ...headers,
          },
        },
        (response) => {
          const parts: Buffer[] = [];
          response.on('data', (part: Buffer) => parts.push(part));
          response.on('end', () => {
            const set = response.headers['set-cookie']?.[0];
            if (set) this.cookie = set.split(';')[0]!;
            resolve({
              status: response.statusCode!,
              body: Buffer.concat(parts),
              ms: performance.now() - began,
              headers: response.headers,
            });
          });
        },
      );
      asked.on('error', reject);
      asked.end(text);
    });
  }

  async json<T>(method: string, path: string, body?: unknown): Promise<T> {
    const answer = await this.send(method, path, body);
    if (answer.status >= 300)
      throw new Error(
        `${method} ${path}: ${answer.status} ${answer.body.toString().slice(0, 300)}`,
      );
    return (answer.body.length > 0 ? JSON.parse(answer.body.toString()) : undefined) as T;
  }

  /** Opens a stream and counts what it hears. */
  listen(path: string): { heard: number; close(): void } {
    const ear = { heard: 0, close: () => undefined as void };
    const asked = ask(
      { port: this.port, host: '127.0.0.1', path: `/api${path}`, headers: { cookie: this.cookie } },
      (response) => {
        response.on(
          'data',
          (part: Buffer) => (ear.heard += part.toString().split('\ndata: ').length - 1),
        );
        response.on('error', () => undefined);
      },
    );
    asked.on('error', () => undefined);
    asked.end();
    ear.close = () => void asked.destroy();
    return ear;
  }

  close(): void {
    this.agent.destroy();
  }
}

const at = (times: number[], share: number) =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))]!;
const shown = (times: number[]) =>
  `p50 ${at(times, 0.5).toFixed(1)}  p95 ${at(times, 0.95).toFixed(1)}  most ${Math.max(...times).toFixed(0)} ms (${times.length})`;
const say = (name: string, text: string) => console.log(`${name.padEnd(46)} ${text}`);
const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

interface Vitals {
  loopDelayMs: { p50: number; p99: number; max: number };
  memoryMb: { rss: number; heap: number };
  streams: number;
}

const running = await startServer();
try {
  const { port } = running;
  const owner = new Person(port);
  const session = await owner.json<{ demoPeople: { id: string }[] }>('GET', '/session');
  await owner.json('POST', '/session/demo', { personId: session.demoPeople[0]!.id });
  const vitals = () => owner.json<Vitals>('GET', '/installation/vitals');
  const file = JSON.parse(
    readFileSync(join(import.meta.dirname, '../../demo/larkhollow-playhouse.json'), 'utf8'),
  ) as { openings: Record<string, unknown>[] };
  const many = {
    ...file,
    name: 'Many',
    openings: Array.from({ length: OPENINGS }, (_, index) => ({
      ...file.openings[index % file.openings.length]!,
      mark: `${index}`,
      // No two alike.
      ...(index % 3 === 0 ? { note: `n ${index}` } : { storey: `Storey ${index % 40}` }),
    })),
  };
  await vitals();
  const made = await owner.send('POST', '/projects/file', many);
  if (made.status !== 201) throw new Error(made.body.toString().slice(0, 300));
  const { id } = JSON.parse(made.body.toString()) as { id: string };
  const stall = async () => {
    const { loopDelayMs } = await vitals();
    return `longest stall of the main thread ${loopDelayMs.max.toFixed(0)} ms, p99 ${loopDelayMs.p99.toFixed(1)}`;
  };
  say(`project file of ${OPENINGS} taken`, `${made.ms.toFixed(0)} ms; ${await stall()}`);

  const people = await Promise.all(
    Array.from({ length: PEOPLE }, async (_, index) => {
      const person = new Person(port);
      const { token } = await owner.json<{ token: string }>('POST', `/projects/${id}/invitations`, {
        role: 'editor',
      });
      await person.json('POST', '/session/accept', {
        token,
        name: `Person ${index}`,
        email: `${newId()}@bench.example`,
        password: 'a long enough password',
      });
      return person;
    }),
  );
  const cold = await owner.send('GET', `/projects/${id}/openings`, undefined, {
    'accept-encoding': 'gzip',
  });
  say(
    'register, nothing kept yet',
    `${cold.ms.toFixed(0)} ms, ${(cold.body.length / 1e6).toFixed(2)} MB; ${await stall()}`,
  );
  const kept: number[] = [];
  const unchanged: number[] = [];
  for (let time = 0; time < 30; time++) {
    kept.push(
      (
        await owner.send('GET', `/projects/${id}/openings`, undefined, {
          'accept-encoding': 'gzip',
        })
      ).ms,
    );
    unchanged.push(
      (
        await owner.send('GET', `/projects/${id}/openings`, undefined, {
          'if-none-match': String(cold.headers['etag']),
        })
      ).ms,
    );
  }
  say('register, kept', shown(kept));
  say('register, nothing changed (304)', shown(unchanged));
  const { openings } = await owner.json<{
    openings: { id: string; version: number; facts: object }[];
  }>('GET', `/projects/${id}/openings`);

  const ears = people.map((person) => person.listen(`/projects/${id}/stream`));
  await wait(1000);
  let round = 0;
  const turns = async (seconds: number) => {
    const reads: number[] = [];
    const writes: number[] = [];
    let writesDone = 0;
    await Promise.all(
      people.map(async (person, index) => {
        round++;
        // Everybody has openings of their own, and acts once a second at a moment of their own.
        const own = openings.filter((_, place) => place % PEOPLE === index);
        await wait((index / PEOPLE) * 1000);
        const end = performance.now() + seconds * 1000;
        for (let turn = 0; performance.now() < end; turn++) {
          const began = performance.now();
          const one = own[turn % own.length]!;
          if (turn % 2 === 0) {
            const answer = await person.send('GET', `/projects/${id}/openings/${one.id}`);
            if (answer.status !== 200) throw new Error(String(answer.status));
            reads.push(answer.ms);
          } else {
            const answer = await person.send('PUT', `/projects/${id}/openings/${one.id}`, {
              version: one.version,
              facts: { ...one.facts, note: `turn ${turn} ${index} ${round}` },
            });
            if (answer.status !== 200)
              throw new Error(`${answer.status} ${answer.body.toString().slice(0, 200)}`);
            Object.assign(one, JSON.parse(answer.body.toString()));
            writes.push(answer.ms);
            writesDone++;
          }
          await wait(Math.max(0, 1000 - (performance.now() - began)));
        }
      }),
    );
    return { reads, writes, writesDone };
  };
  await turns(3);
  await vitals();
  const before = ears.reduce((sum, ear) => sum + ear.heard, 0);
  const { reads, writes, writesDone } = await turns(SECONDS);
  await wait(1500);
  const heard = ears.reduce((sum, ear) => sum + ear.heard, 0) - before;
  say(`${PEOPLE} people once a second, reads`, shown(reads));
  say(`${PEOPLE} people once a second, writes`, shown(writes));
  say(`${PEOPLE} streams heard`, `${heard} of ${writesDone * PEOPLE}; ${await stall()}`);

  const rates: number[] = [];
  const target = openings[0]!.id;
  for (let time = 0; time < 3; time++) {
    let done = 0;
    const end = performance.now() + 5000;
    await Promise.all(
      people.map(async (person) => {
        while (performance.now() < end) {
          await person.send('GET', `/projects/${id}/openings/${target}`);
          done++;
        }
      }),
    );
    rates.push(done / 5);
  }
  say(
    'reads a second of one opening, saturated',
    `${rates.map((rate) => rate.toFixed(0)).join(', ')}; ${await stall()}`,
  );

  const schedule = await owner.send('GET', `/projects/${id}/schedule`);
  say(
    `schedule of ${OPENINGS}`,
    `${schedule.ms.toFixed(0)} ms, ${schedule.status}; ${await stall()}`,
  );
  const again = await owner.send('GET', `/projects/${id}/schedule`);
  say('the same, kept', `${again.ms.toFixed(0)} ms; ${await stall()}`);
  for (const document of ['openings.xlsx', 'openings.csv', 'file', 'schedule.csv']) {
    const answer = await owner.send('GET', `/projects/${id}/${document}`);
    say(document, `${answer.ms.toFixed(0)} ms, ${answer.status}; ${await stall()}`);
  }
  const bulk = await owner.send('POST', `/projects/${id}/openings/bulk`, {
    changes: openings.map((one) => ({
      op: 'update',
      id: one.id,
      version: one.version,
      facts: { ...one.facts, storey: 'First' },
    })),
  });
  say(
    `${OPENINGS} changed in one write`,
    `${bulk.ms.toFixed(0)} ms, ${bulk.status}; ${await stall()}`,
  );
  const undone = await owner.send('POST', `/projects/${id}/undo`);
  say('the same taken back', `${undone.ms.toFixed(0)} ms, ${undone.status}; ${await stall()}`);

  const now = await owner.json<{ openings: typeof openings }>('GET', `/projects/${id}/openings`);
  for (const [index, one] of now.openings.entries()) Object.assign(openings[index]!, one);
  const first = await vitals();
  await turns(MEMORY_SECONDS);
  const last = await vitals();
  say(
    `memory after ${MEMORY_SECONDS} s of ${PEOPLE} people`,
    `${last.memoryMb.rss.toFixed(0)} MB (${first.memoryMb.rss.toFixed(0)} before), heap ${last.memoryMb.heap.toFixed(0)}; longest stall ${last.loopDelayMs.max.toFixed(0)} ms`,
  );
  for (const ear of ears) ear.close();
  for (const person of [...people, owner]) person.close();
} finally {
  running.stop();
}
