// Takes the pictures of docs/screenshots from a running demo:
//   RIEGEL_E2E_URL=http://127.0.0.1:4310 npm run screenshots
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Page } from './support/page.js';

const folder = join(import.meta.dirname, '../../docs/screenshots');
mkdirSync(folder, { recursive: true });

const page = await Page.open();
const shot = async (name: string) => {
  // Typefaces and drawings settle before the picture is taken.
  await page.driver.executeAsyncScript(
    'const done = arguments[0]; document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done, 150))))',
  );
  writeFileSync(join(folder, `${name}.png`), await page.driver.takeScreenshot(), 'base64');
};
const theme = (name: string) =>
  page.driver.executeScript(
    `localStorage.setItem('riegel.theme', '${name}'); document.documentElement.dataset.theme = '${name}'`,
  );
let register = '';
const open = async (mark: string) => {
  await page.go(register);
  await page.fill('input', 'Search', mark);
  await page.click('[role=grid] a', `Open ${mark}`);
  await page.sees('h1', mark);
  await page.find('[role=tabpanel][data-state=active] svg.drawing path');
};

try {
  await page.go('/');
  await theme('light');
  await page.go('/');
  await page.sees('button', 'Ines Okafor');
  await page.signIn();
  await page.click('a', 'Larkhollow Playhouse');
  await page.sees('[role=grid]', /35 3\/4/);
  register = new URL(await page.url).pathname;
  await shot('register');
  await open('115');
  await page.sees('h2', 'Opening 115');
  await shot('opening');
  await page.toStage('Sizing');
  await page.click('[role=tab]', 'Stack');
  await page.go(`${register}/schedule`);
  await page.sees('h2', 'Set 1');
  await shot('schedule');
  await page.go(`${register}/schedule/sheets`);
  await page.click('aside button', '131');
  await page.sees('h2', '131');
  await page.find('[aria-label="Sheets of 131"] canvas[data-drawn]');
  await shot('sheets');
  await page.go(`${register}/schedule/releases`);
  await page.click('button', 'Issue a release');
  await page.fill('[role=dialog] input', 'Name', 'Tender');
  await page.fill('[role=dialog] textarea', 'Reason', 'for the bidders');
  await page.click('[role=dialog] button', 'Issue');
  await page.find('[data-release="1"]');
  await open('115');
  await page.toStage('Sizing');
  await page.frameWidth('44');
  await page.saved();
  await page.go(`${register}/schedule/releases`);
  await page.find('[data-changed="115"]');
  await page.click('button', 'Undo');
  await page.go(`${register}/import`);
  await (
    await page.find('input[type=file]')
  ).sendKeys(join(import.meta.dirname, '../../demo/lists/larkhollow-doors-issue-2.csv'));
  await page.sees('h1', 'larkhollow-doors-issue-2.csv');
  await page.named('select', 'Column Handing is');
  await page.click('button', 'See what would change');
  await page.click('[role=tab]', 'Changed');
  await shot('import-preview');
  await page.go(`${register}/building`);
  await (await page.find('[data-room-box="Foyer"]')).click();
  await shot('building');
  await page.go(`${register}/questions`);
  await page.find('[aria-label="Question"]');
  await shot('questions');
  await page.go(`${register}/standards`);
  await page.find('[data-value="gapsSteel"]');
  await shot('standards');
  await page.go('/');
  await page.click('a', '9 Tamsin Terrace');
  await page.sees('[role=grid]', 'Front room');
  const terrace = new URL(await page.url).pathname;
  await page.go(`${terrace}/survey`);
  await page.click('main a', 'G2');
  await page.click('[role=tab]', 'Readings');
  await page.click('table[aria-label="Readings"] button', 'Second hinge');
  await page.sees('[data-reading]', 'Second hinge');
  await shot('survey');
  await page.go(`${terrace}/survey`);
  await page.click('main a', 'F2');
  await page.toStage('Replacement');
  await page.find('[data-pattern]');
  await shot('replacement');
  await page.go(register);
  await open('204');
  await page.toStage('Hanging');
  await page.click('[role=tab]', 'Loads');
  await page.find('[data-hinge="0"]');
  await shot('hanging');
  await page.go(register);
  await open('211');
  await page.toStage('Securing');
  await page.click('[role=tab]', 'Lock cut');
  await page.click('button', 'Not taken for Lock type');
  await page.find('[data-instead]');
  await shot('securing');
  await page.click('nav a', 'Keys');
  await page.find('[data-door]');
  await page.click('[aria-label="Key groups"] button', 'Artists');
  await shot('keys');
  await page.go('/');
  await page.click('a', 'Wendelmoor Mill Studios');
  await page.fill('input', 'Search', 'Recital');
  await page.click('[role=grid] a', 'Open 1.40');
  await page.toStage('Alternatives');
  await page.find('article[data-device="concealed"]');
  await shot('alternatives');
  await page.go(register);
  await open('115');
  await page.toStage('Closing');
  await page.click('[role=tab]', 'Closer bench');
  await page.find('[data-recorder="ready"]');
  await fetch(`${process.env['RIEGEL_E2E_TAPE'] ?? 'http://127.0.0.1:4380'}/let-go`, {
    method: 'POST',
    body: JSON.stringify({ quick: true }),
  });
  await page.find('[aria-label="What to turn"]');
  await shot('closer-bench');
  await page.click('nav a', 'Overview');
  await page.sees('h2', 'What to do next');
  await shot('overview');
  await page.click('nav a', 'Findings');
  await page.find('ul[aria-label="Findings"] li');
  await shot('findings');
  await page.go(register);
  await open('115');
  await page.go(`${new URL(await page.url).pathname}/site`);
  await page.click('[role=tab]', 'Gaps');
  await page.find('[data-hinge="1"]');
  await shot('gaps');
  await page.go('/learn?series=12');
  for (let at = 0; at < 3; at++) {
    await page.find('[data-answered="false"]');
    await page.keys('1');
    await page.find('[data-answered="true"]');
    await page.keys('n');
  }
  await page.find('[data-bench="gaps"][data-answered="false"]');
  await page.keys('1');
  await page.find('[data-right]');
  await shot('practice');
} finally {
  await page.close();
}
