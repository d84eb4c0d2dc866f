const { execFileSync } = require('node:child_process');
const { mkdtempSync } = require('node:fs');
const { createServer } = require('node:net');
const { tmpdir } = require('node:os');
const { join } = require('node:path');

/** A port nobody listens on just now. */
const freePort = () =>
  new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });

/** Starts a MariaDB of the tests' own; nothing else is ever touched. */
module.exports = async () => {
  const script = join(__dirname, '../../../bin/database');
  const folder = mkdtempSync(join(tmpdir(), 'riegel-test-'));
  const port = String(await freePort());
  process.env.RIEGEL_DATABASE_OPTIONS = '--innodb-flush-log-at-trx-commit=0';
  const url = execFileSync(script, ['start', folder, port], {
    encoding: 'utf8',
    stdio: ['ignore', 'pipe', 'inherit'],
  }).trim();
  Object.assign(process.env, {
    RIEGEL_TEST_URL: url,
    RIEGEL_TEST_FOLDER: folder,
    RIEGEL_TEST_PORT: port,
    RIEGEL_TEST_SCRIPT: script,
  });
};
