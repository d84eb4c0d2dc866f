const { execFileSync, spawn } = require('node:child_process');
const { mkdtempSync, rmSync } = require('node:fs');
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
exports.startApplication = async (more = {}) => {
  const folder = mkdtempSync(join(tmpdir(), 'riegel-e2e-'));
  const options = {
    ...process.env,
    RIEGEL_DATABASE_OPTIONS: '--innodb-flush-log-at-trx-commit=0',
  };
  const databasePort = String(await freePort());
  const database = (command) =>
    execFileSync(
      join(root, 'bin/database'),
      [command, folder, ...(command === 'start' ? [databasePort] : [])],
      { encoding: 'utf8', env: options, stdio: ['ignore', 'pipe', 'inherit'] },
    ).trim();
  const databaseUrl = database('start');
  const port = await freePort();
  const server = spawn(process.execPath, [join(root, 'server/dist/main.js')], {
    stdio: ['ignore', 'pipe', 'inherit'],
    env: {
      ...process.env,
      NODE_ENV: 'production',
      RIEGEL_DATABASE_URL: databaseUrl,
      RIEGEL_PORT: String(port),
      RIEGEL_DEMO: '1',
      RIEGEL_SECRET: 'e2e '.repeat(12),
      RIEGEL_WEB_ROOT: join(root, 'web/dist'),
      RIEGEL_DEMO_FILES: join(root, 'demo'),
      ...more,
    },
  });
  await new Promise((resolve, reject) => {
    server.stdout.on('data', (text) => String(text).includes('Riegel is at') && resolve());
    server.on('exit', (code) =>
      reject(new Error(`the server ended with ${code} before it was up`)),
    );
  });
  return {
    url: `http://127.0.0.1:${port}`,
    folder,
    database,
    async stop() {
      const ended = new Promise((resolve) => server.on('exit', resolve));
      server.kill('SIGTERM');
      await Promise.race([ended, new Promise((resolve) => setTimeout(resolve, 3000).unref())]);
      server.kill('SIGKILL');
      database('stop');
      rmSync(folder, { recursive: true, force: true });
    },
  };
};
exports.freePort = freePort;
exports.root = root;
