const { execFileSync, spawn } = require('node:child_process');
const { mkdtempSync } = require('node:fs');
const { createServer } = require('node:net');
const { tmpdir } = require('node:os');
const { join } = require('node:path');

const root = join(__dirname, '../../..');

const freePort = () =>
  new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });

/** Starts the built application with its demo data on a database of its own. */
module.exports = async () => {
  const folder = mkdtempSync(join(tmpdir(), 'riegel-e2e-'));
  process.env.RIEGEL_DATABASE_OPTIONS = '--innodb-flush-log-at-trx-commit=0';
  const databasePort = String(await freePort());
  const database = execFileSync(join(root, 'bin/database'), ['start', folder, databasePort], {
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'inherit'],
  }).trim();
  const port = await freePort();
  const tapePort = await freePort();
  const tape = spawn(process.execPath, [join(root, 'tape/dist/main.js')], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, RIEGEL_TAPE_PORT: String(tapePort), RIEGEL_TAPE_SEED: '1' },
  });
  const server = spawn(process.execPath, [join(root, 'server/dist/main.js')], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: {
      ...process.env,
      NODE_ENV: 'production',
      RIEGEL_DATABASE_URL: database,
      RIEGEL_PORT: String(port),
      RIEGEL_DEMO: '1',
      RIEGEL_SECRET: 'e2e '.repeat(12),
      RIEGEL_WEB_ROOT: join(root, 'web/dist'),
      RIEGEL_TAPE_URL: `http://127.0.0.1:${tapePort}`,
      RIEGEL_DEMO_FILES: join(root, 'demo'),
    },
  });
  await new Promise((resolve, reject) => {
    server.stdout.on('data', (text) => String(text).includes('Riegel is at') && resolve());
    server.on('exit', (code) =>
      reject(new Error(`the server ended with ${code} before it was up`)),
    );
  });
  Object.assign(process.env, {
    RIEGEL_E2E_TAPE: `http://127.0.0.1:${tapePort}`,
    RIEGEL_E2E_URL: `http://127.0.0.1:${port}`,
    RIEGEL_E2E_FOLDER: folder,
    RIEGEL_E2E_DATABASE_PORT: databasePort,
  });
  globalThis.riegelServer = server;
  globalThis.riegelTape = tape;
};
