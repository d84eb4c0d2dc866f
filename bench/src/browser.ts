// The application in the real browser with many openings: until the register stands, scrolling it, and an edit
// with its consequences. `npm run bench:browser`, on a server and a database of its own.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Driver } from 'selenium-webdriver/chrome.js';
import { By, Key, until } from 'selenium-webdriver';
import { Page } from '../../e2e/src/support/page.js';
import { startServer } from './server.js';

const OPENINGS = Number(process.env['BENCH_OPENINGS'] ?? 5000);
const FRAMES = 240;
/** Pixels scrolled in a frame: four rows. */
const STEP = 120;
const EDITS = 20;

/** Stamps when the worker's answers come, and when the page was drawn after something in the grid changed. */
const WATCH = `
  window.bench = { asked: 0, answered: 0, changed: 0, drawn: 0 };
  const stamp = window.bench;
  const Plain = window.Worker;
  window.Worker = class extends Plain {
    constructor(...given) {
      super(...given);
      Plain.prototype.addEventListener.call(this, 'message', () => { stamp.answered = performance.now(); });
    }
    postMessage(...given) { stamp.asked = performance.now(); return super.postMessage(...given); }
  };
`;

/** Waits in the page until a cell shows a text, then until that is drawn; gives the stamps. */
const SHOWN = `
  const [row, text, done] = arguments;
  const line = () => [...document.querySelectorAll('[role=grid] [role=row]')].find((one) => one.getAttribute('aria-rowindex') === row);
  const look = () => line()?.innerText.replace(/\\s+/g, ' ').includes(text);
  window.bench.wait = new Promise((seen) => {
    const watcher = new MutationObserver(() => {
      if (!look()) return;
      watcher.disconnect();
      const changed = performance.now();
      const { asked, answered } = window.bench;
      requestAnimationFrame(() => {
        const channel = new MessageChannel();
        channel.port1.onmessage = () => seen({ asked, answered, changed, drawn: performance.now() });
        channel.port2.postMessage(0);
      });
    });
    watcher.observe(document.querySelector('[role=grid]'), { subtree: true, childList: true, characterData: true, attributes: true });
  });
  done();
`;

const at = (times: number[], share: number) =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * share))]!;
const say = (name: string, text: string) => console.log(`${name.padEnd(52)} ${text}`);
const spread = (times: number[]) =>
  `p50 ${at(times, 0.5).toFixed(1).padStart(6)}  p95 ${at(times, 0.95).toFixed(1).padStart(6)}  most ${Math.max(
    ...times,
  )
    .toFixed(1)
    .padStart(6)} ms (${times.length})`;

const running = await startServer();
process.env['RIEGEL_E2E_URL'] = `http://127.0.0.1:${running.port}`;
const page = await Page.open();
const chrome = page.driver as Driver;
const metrics = async () => {
  const { metrics: list } = (await chrome.sendAndGetDevToolsCommand(
    'Performance.getMetrics',
    {},
  )) as unknown as { metrics: { name: string; value: number }[] };
  return (name: string) => list.find((one) => one.name === name)!.value * 1000;
};

/** Scrolls what the selector finds, so many pixels a frame: wall time and time of the main thread a frame. */
async function scrolled(css: string) {
  const before = await metrics();
  const frames = await page.driver.executeAsyncScript<number[]>(
    `const [css, step, count, done] = arguments;
     const box = document.querySelector(css);
     const times = [];
     let last = performance.now();
     const frame = () => {
       const now = performance.now();
       times.push(now - last);
       last = now;
       if (times.length > count) return done(times.slice(1));
       box.scrollTop += step;
       requestAnimationFrame(frame);
     };
     requestAnimationFrame(frame);`,
    css,
    STEP,
    FRAMES,
  );
  const after = await metrics();
  const each = (name: string) => (after(name) - before(name)) / frames.length;
  return {
    frames,
    busy: `${each('TaskDuration').toFixed(1)} ms, of it script ${each('ScriptDuration').toFixed(1)}, style ${each('RecalcStyleDuration').toFixed(1)}, layout ${each('LayoutDuration').toFixed(1)}`,
  };
}

/** What the page was sent of the application over the network, in kB; each file with `BENCH_FILES`. */
async function sentKilobytes(): Promise<number> {
  const files = await page.driver.executeScript<[string, number][]>(
    `return performance.getEntriesByType('resource').concat(performance.getEntriesByType('navigation'))
       .map(({ name, transferSize }) => [new URL(name).pathname, transferSize])
       .filter(([path]) => !path.startsWith('/api'));`,
  );
  if (process.env['BENCH_FILES'])
    for (const [path, bytes] of files.sort((a, b) => b[1] - a[1]))
      console.log(`  ${path.padEnd(50)} ${(bytes / 1000).toFixed(1)}`);
  return Math.round(files.reduce((sum, [, bytes]) => sum + bytes, 0) / 1000);
}

try {
  // As at a first visit: nothing kept, and no service worker that brings the rest meanwhile.
  await chrome.sendDevToolsCommand('Network.enable', {});
  await chrome.sendDevToolsCommand('Network.setCacheDisabled', { cacheDisabled: true });
  await chrome.sendDevToolsCommand('Network.setBypassServiceWorker', { bypass: true });
  await chrome.sendDevToolsCommand('Performance.enable', { timeDomain: 'threadTicks' });
  await chrome.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', { source: WATCH });
  await page.driver.manage().setTimeouts({ script: 120_000 });
  const file = JSON.parse(
    readFileSync(join(import.meta.dirname, '../../demo/larkhollow-playhouse.json'), 'utf8'),
  ) as { openings: Record<string, unknown>[] };
  const { id } = await running.call<{ id: string }>('POST', '/projects/file', {
    ...file,
    name: 'Many',
    openings: Array.from({ length: OPENINGS }, (_, index) => ({
      ...file.openings[index % file.openings.length]!,
      mark: `${index + 1}`,
      to: `Room ${index + 1}`,
    })),
  });
  const address = `/projects/${id}`;
  await page.go('/');
  await page.driver.wait(until.elementLocated(By.css('form, button')), 60_000);
  say('sent until sign-in can be used (aim 150 kB)', `${await sentKilobytes()} kB`);
  await page.signIn();
  await page.go(address);
  await page.driver.wait(until.elementLocated(By.css('[role=grid] [role=row] svg')), 60_000);
  say(
    'sent until the register stands, with an empty cache (aim 400 kB)',
    `${await sentKilobytes()} kB`,
  );
  const first: number[] = [];
  for (let run = 0; run < 5; run++) {
    await page.go('/');
    await page.sees('h1', 'Projects');
    // From the click on the project, as a person opens it.
    first.push(
      await page.driver.executeAsyncScript<number>(
        `const done = arguments[0];
         const began = performance.now();
         const look = () => {
           const rows = document.querySelectorAll('[role=grid] [role=row]');
           if (rows.length > 10 && document.querySelectorAll('[role=grid] [role=row] svg').length > 10) return requestAnimationFrame(() => done(performance.now() - began));
           requestAnimationFrame(look);
         };
         [...document.querySelectorAll('a')].find((link) => link.getAttribute('href') === '${address}').click();
         look();`,
      ),
    );
  }
  say(`${OPENINGS} openings: from the click to the first rows decided`, spread(first));
  await page.until('everything decided', async () => {
    const text = await page.text('main');
    return text.includes(`${OPENINGS} openings`) && !text.includes('deciding');
  });

  const grid = await scrolled('[role=grid]');
  await page.driver.executeScript(
    `const list = document.createElement('div');
     list.id = 'plain';
     list.style.cssText = 'position:fixed;inset:100px 0 0 0;overflow:auto;background:#fff;z-index:99;contain:strict';
     list.innerHTML = Array.from({ length: ${OPENINGS} }, (_, at) => '<div style="height:30px;white-space:nowrap">' + at + ' Foyer → Room, pair, 72 × 84, mineral core, steel</div>').join('');
     document.body.append(list);`,
  );
  const plain = await scrolled('#plain');
  await page.driver.executeScript(`document.getElementById('plain').remove()`);
  say('scrolling, four rows a frame', spread(grid.frames));
  say('  main thread a frame', grid.busy);
  say('a plain list of as many rows', spread(plain.frames));
  say('  main thread a frame', plain.busy);

  await page.driver.executeScript(`document.querySelector('[role=grid]').scrollTop = 0`);
  await page.driver.wait(until.elementLocated(By.id('cell-14-4')));
  const toWorker: number[] = [];
  const inWorker: number[] = [];
  const toPage: number[] = [];
  const toScreen: number[] = [];
  for (let edit = 0; edit < EDITS; edit++) {
    // Line 15 of the list is a single leaf of steel; its width steps up, its leaf follows.
    const width = 40 + (edit % 8) / 2 + (edit >= 8 ? 4 : 0);
    await page.driver.executeScript(
      `const cell = document.getElementById('cell-14-4');
       for (const type of ['mousedown', 'mouseup', 'click']) cell.dispatchEvent(new MouseEvent(type, { bubbles: true }));
       document.querySelector('[role=grid]').focus();`,
    );
    const whole = Math.floor(width - 0.25);
    const leaf = `${whole} ${width % 1 ? '1/4' : '3/4'} ×`;
    await page.keys(Key.ENTER);
    const input = await page.driver.findElement(By.css('[role=grid] input'));
    await input.sendKeys(Key.chord(Key.CONTROL, 'a'), String(width));
    await page.driver.executeAsyncScript(SHOWN, '16', leaf);
    await page.driver.executeScript(
      `window.bench.pressed = performance.now();
       document.querySelector('[role=grid] input').dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }));`,
    );
    const stamps = await page.driver.executeAsyncScript<Record<string, number>>(
      `const done = arguments[0]; window.bench.wait.then((stamps) => done({ ...stamps, pressed: window.bench.pressed }));`,
    );
    toWorker.push(stamps['asked']! - stamps['pressed']!);
    inWorker.push(stamps['answered']! - stamps['asked']!);
    toPage.push(stamps['changed']! - stamps['answered']!);
    toScreen.push(stamps['drawn']! - stamps['answered']!);
    await page.saved();
  }
  say('an edit: from Enter until the worker is asked', spread(toWorker));
  say('  until it has answered', spread(inWorker));
  say('  from the answer until it stands in the page', spread(toPage));
  say('  from the answer until it is drawn', spread(toScreen));
  say(
    '  from the worker having it until it is drawn',
    spread(inWorker.map((ms, index) => ms + toScreen[index]!)),
  );
} finally {
  await page.close();
  running.stop();
}
