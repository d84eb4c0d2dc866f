import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, root } from './support/application.cjs';
import { Page } from './support/page.js';

jest.setTimeout(240_000);

describe('bin/demo', () => {
  let demo: ChildProcess;
  let said = '';
  let port: number;
  let page: Page;
  const state = mkdtempSync(join(tmpdir(), 'riegel-demo-'));
  const before = process.env['RIEGEL_E2E_URL'];
  beforeAll(async () => {
    port = await freePort();
    demo = spawn(join(root, 'bin/demo'), ['--port', String(port)], {
      // As it is shipped: what was answered is on the disk.
      env: { ...process.env, RIEGEL_STATE: state, RIEGEL_DATABASE_OPTIONS: '' },
      detached: true,
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    const heard = (text: Buffer) => (said += text.toString());
    demo.stdout!.on('data', heard);
    demo.stderr!.on('data', heard);
    await until('the demo', () => said.includes('Riegel is at'));
    process.env['RIEGEL_E2E_URL'] = `http://127.0.0.1:${port}`;
    page = await Page.open();
  });
  afterAll(async () => {
    if (process.env['RIEGEL_SAID']) process.stderr.write(said);
    await page.close();
    process.env['RIEGEL_E2E_URL'] = before;
    const ended = new Promise((resolve) => demo.on('close', resolve));
    demo.kill('SIGTERM');
    await ended;
    rmSync(state, { recursive: true, force: true });
  });

  async function until(what: string, look: () => boolean): Promise<void> {
    const end = Date.now() + 120_000;
    while (!look()) {
      if (Date.now() > end) throw new Error(`${what} did not come: ${said}`);
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
  }
  const database = () =>
    Number(
      execFileSync(join(root, 'bin/database'), ['pid', join(state, `demo-${port}`)], {
        encoding: 'utf8',
      }),
    );
  const server = () =>
    Number(
      execFileSync('pgrep', ['-f', '-P', String(demo.pid), 'server/dist/main.js'], {
        encoding: 'utf8',
      }),
    );

  it('starts again a server and a database that are killed, and no key stroke is lost', async () => {
    await page.signIn();
    await page.newProject('Supervised');
    await page.pasteList('Mark,Size,Hand,Frame\n1,3070,RH,steel', 1);
    await page.click('[role=grid] a', 'Open 1');
    await page.decision('sizing.leafWidth', '35 3/4 in');

    process.kill(server(), 'SIGKILL');
    await page.frameWidth('40');
    await page.decision('sizing.leafWidth', '39 3/4 in');
    await until('the server', () =>
      said.includes('The server ended with 137; it is started again.'),
    );
    await page.saved();

    process.kill(database(), 'SIGKILL');
    await page.frameWidth('44');
    await page.decision('sizing.leafWidth', '43 3/4 in');
    await until('the database', () => said.includes('The database ended; it is started again.'));
    await page.saved();

    await page.driver.navigate().refresh();
    await page.decision('sizing.leafWidth', '43 3/4 in');
  });

  it('is backed up while it runs', () => {
    const file = join(state, 'running.backup');
    const told = execFileSync(join(root, 'bin/backup'), [file, '--port', String(port)], {
      encoding: 'utf8',
      env: { ...process.env, RIEGEL_STATE: state },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    expect(told).toContain('running.backup');
    expect(
      execFileSync(join(root, 'bin/backup'), ['--check', file], { encoding: 'utf8' }),
    ).toContain('whole');
  });
});
