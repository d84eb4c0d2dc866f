import { execFileSync, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const script = join(__dirname, '../../../../bin/database');
const folder = mkdtempSync(join(tmpdir(), 'riegel-script-'));
const run = (...args: string[]) =>
  execFileSync(script, args, { encoding: 'utf8', stdio: ['ignore', 'pipe', 'inherit'] }).trim();

let port: string;
beforeAll(async () => {
  port = await new Promise<string>((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port: free } = server.address() as AddressInfo;
      server.close(() => resolve(String(free)));
    });
  });
});
afterAll(() => {
  run('stop', folder);
  rmSync(folder, { recursive: true, force: true });
});

/** The pid file, by what the script itself derives it from. */
function pidFile(): string {
  const sum = execFileSync('cksum', { input: folder, encoding: 'utf8' }).split(' ')[0]!;
  return join(process.env['TMPDIR'] ?? '/tmp', `riegel-${process.getuid!()}-${sum}`, 'm.pid');
}

it('bin/database starts again one that was killed, at once', () => {
  const url = run('start', folder, port);
  const pid = Number(run('pid', folder));
  process.kill(pid, 'SIGKILL');
  // It may still be dying; its number stands in the file all the same.
  expect(readFileSync(pidFile(), 'utf8').trim()).toBe(String(pid));
  const began = Date.now();
  expect(run('start', folder, port)).toBe(url);
  expect(Date.now() - began).toBeLessThan(25_000);
  expect(Number(run('pid', folder))).not.toBe(pid);
});

it('and takes no other process for it whose number the file holds', () => {
  run('stop', folder);
  writeFileSync(pidFile(), `${process.pid}\n`);
  expect(spawnSync(script, ['pid', folder]).status).not.toBe(0);
  run('stop', folder);
  expect(process.kill(process.pid, 0)).toBe(true);
  run('start', folder, port);
  expect(Number(run('pid', folder))).not.toBe(process.pid);
});
