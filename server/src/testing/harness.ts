import 'reflect-metadata';
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import type { INestApplication } from '@nestjs/common';
import request from 'supertest';
import type { DataSource } from 'typeorm';
import { createApp } from '../wiring/app.js';
import type { Config } from '../base/config.js';
import { openDatabase } from '../base/database/dataSource.js';
import { PeopleService } from '../resources/people/people.service.js';
import { holdsAnswers, type HeldAnswers } from './holdsAnswers.js';

export const PASSWORD = 'a long enough password';
const HOUR = 3600 * 1000;

/** A running application on the tests' own MariaDB. */
export interface Harness {
  app: INestApplication;
  source: DataSource;
  /** Every answer is held against what the interface's documents say of it. */
  answers: HeldAnswers;
  /** Throws where an answer was another than is described. */
  close(): Promise<void>;
  /** A new person, signed in. */
  person(name?: string): Promise<Client>;
}

/** Somebody's browser: keeps the session cookie. */
export interface Client {
  id: string;
  email: string;
  agent: ReturnType<typeof request.agent>;
}

export async function start(
  overrides: Partial<Config> = {},
  url = process.env['RIEGEL_TEST_URL']!,
): Promise<Harness> {
  const source = await openDatabase(url);
  const config: Config = {
    databaseUrl: url,
    port: 0,
    host: '127.0.0.1',
    secret: 'x'.repeat(40),
    demo: false,
    webRoot: undefined,
    secureCookies: false,
    trustedProxies: [],
    publicUrl: 'http://localhost:4310',
    // Threads run what was built; bin/test builds first.
    workerFile: join(__dirname, '../../dist/wiring/worker.js'),
    sessionIdleMs: 24 * HOUR,
    sessionMs: 14 * 24 * HOUR,
    requestsAMinute: 100_000,
    guessesAMinute: 100_000,
    openDocs: false,
    production: false,
    metricsToken: undefined,
    tapeUrl: undefined,
    ...overrides,
  };
  process.env['RIEGEL_LOG'] ??= 'silent';
  const app = await createApp(config, source);
  const answers = holdsAnswers(app);
  await app.listen(0, '127.0.0.1');
  return {
    app,
    source,
    answers,
    async close() {
      await app.close();
      await source.destroy();
      if (answers.faults.length > 0)
        throw new Error(
          `Answered otherwise than described:\n${[...new Set(answers.faults)].join('\n')}`,
        );
    },
    async person(name = 'Somebody') {
      const email = `${randomUUID()}@test.example`;
      const { id } = await app.get(PeopleService).add({ name, email, password: PASSWORD });
      const agent = request.agent(app.getHttpServer() as never);
      await agent.post('/api/session').send({ email, password: PASSWORD }).expect(201);
      return { id, email, agent };
    },
  };
}

/** Stops or starts the tests' database. */
export function database(command: 'start' | 'stop'): void {
  const {
    RIEGEL_TEST_SCRIPT: script,
    RIEGEL_TEST_FOLDER: folder,
    RIEGEL_TEST_PORT: port,
  } = process.env;
  execFileSync(script!, [command, folder!, ...(command === 'start' ? [port!] : [])], {
    stdio: ['ignore', 'ignore', 'inherit'],
  });
}
