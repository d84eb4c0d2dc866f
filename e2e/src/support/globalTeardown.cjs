const { execFileSync } = require('node:child_process');
const { rmSync } = require('node:fs');
const { join } = require('node:path');

module.exports = async () => {
  globalThis.riegelTape.kill('SIGTERM');
  const server = globalThis.riegelServer;
  const ended = new Promise((resolve) => server.on('exit', resolve));
  server.removeAllListeners('exit');
  server.on('exit', () => undefined);
  server.kill('SIGTERM');
  await Promise.race([ended, new Promise((resolve) => setTimeout(resolve, 3000))]);
  server.kill('SIGKILL');
  execFileSync(join(__dirname, '../../../bin/database'), ['stop', process.env.RIEGEL_E2E_FOLDER]);
  rmSync(process.env.RIEGEL_E2E_FOLDER, { recursive: true, force: true });
};
