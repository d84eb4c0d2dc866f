import { Key } from 'selenium-webdriver';
import { Page } from './support/page.js';

jest.setTimeout(180_000);

const STAGES = [
  'Sizing',
  'Handing',
  'Hanging',
  'Securing',
  'Closing',
  'Protecting',
  'Sealing',
  'Powering',
  'Finishing',
];

describe('the one place for an opening', () => {
  let page: Page;
  let opening: string;
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    await page.click('a', 'Larkhollow Playhouse');
    await page.fill('input', 'Search', '115');
    await page.click('[role=grid] a', 'Open 115');
    await page.sees('h2', 'Opening 115');
    opening = new URL(await page.url).pathname;
  });
  afterAll(() => page.close());

  const drawn = () =>
    page.driver.executeScript<number>(
      'return document.querySelectorAll("[role=tabpanel][data-state=active] svg.drawing path").length',
    );
  const viewBox = () =>
    page.driver.executeScript<string>(
      'return document.querySelector("[role=tabpanel][data-state=active] svg.drawing").getAttribute("viewBox")',
    );

  it('shows on every stage’s page its drawing, what was decided, asked and found, and keeps its head', async () => {
    for (const [at, name] of STAGES.entries()) {
      await page.keys(String(at + 1));
      await page.sees('h2', name);
      const parts = await page.driver.executeScript<Record<string, number>>(
        `const article = document.querySelector('article[data-stage]');
         return {
           decided: article.querySelectorAll('[data-decision]').length,
           written: article.querySelectorAll('[aria-label="Written by hand"] p').length,
           asked: article.querySelectorAll('[data-fact]').length,
           recorded: article.querySelectorAll('[aria-label="Recorded"] button, [data-decision] [data-edits]').length,
           folds: [...article.querySelectorAll('button')].filter((one) => one.textContent.startsWith('All facts of')).length,
         };`,
      );
      expect(parts['folds']).toBe(1);
      expect(
        parts['decided']! + parts['written']! + parts['asked']! + parts['recorded']!,
      ).toBeGreaterThan(0);
      expect(await drawn()).toBeGreaterThan(20);
      expect(await page.text('h1')).toBe('115');
      expect(await page.text('nav[aria-label="Stages"] a[aria-current="page"]')).toContain(name);
    }
  });

  it('keeps view and zoom while stages change, and lights what belongs to the stage', async () => {
    await page.keys('0');
    await page.sees('h2', 'Opening 115');
    await page.click('[role=tab]', 'Inside');
    await page.keys('+', '+');
    const near = await viewBox();
    await page.keys('4');
    await page.sees('h2', 'Securing');
    expect(await page.text('[role=tab][data-state=active]')).toBe('Inside');
    expect(await viewBox()).toBe(near);
    const quiet = (part: string) =>
      page.driver.executeScript<boolean>(
        `return [...document.querySelectorAll('[data-part="' + arguments[0] + '"]')].every((one) => one.classList.contains('quiet'))`,
        part,
      );
    expect(await quiet('lockKind')).toBe(false);
    expect(await quiet('hanging.positions')).toBe(true);
    await page.keys('=');
    expect(await viewBox()).not.toBe(near);
  });

  it('lights a part, its figure and its decision together', async () => {
    await page.keys('1');
    await page.click('[role=tab]', 'Outside');
    const row = await page.find('[data-decision="sizing.leafHeight"]');
    await page.driver.actions().move({ origin: row }).perform();
    await page.find('svg.drawing text.lit[data-part="sizing.leafHeight"]');
    const figure = await page.find('svg.drawing text[data-part="sizing.frameHeight"]');
    await page.driver.actions().move({ origin: figure }).perform();
    await page.find('[data-decision="sizing.frameHeight"] .bg-brass-wash\\/60');
  });

  it('edits a fact where a reason names it', async () => {
    await page.click('[data-decision="sizing.leafWidth"] [data-edits="hingeGap"]', '1/8');
    await page.fill('[role=dialog] input', 'Hinge gap', '3/16\n');
    await page.decision('sizing.leafWidth', '35 11/16 in');
    await page.keys(Key.ESCAPE);
    await page.saved();
    await page.click('button', 'Undo');
    await page.decision('sizing.leafWidth', '35 3/4 in');
  });

  it('takes the whole screen and gives it back, goes to its side pages and on to the next opening, by keys', async () => {
    await page.keys('f');
    await page.find('[aria-label="Back beside the page"]');
    await page.keys(Key.ESCAPE);
    await page.find('[aria-label="Over the whole screen"]');
    await page.keys('a');
    await page.find('[aria-label="Alternatives"]');
    await page.keys('w');
    await page.sees('h2', 'Preparation 115');
    await page.keys('n');
    await page.sees('h2', 'Preparation 116');
    await page.keys('p');
    await page.sees('h2', 'Preparation 115');
    await page.keys('s');
    await page.find('progress');
  });

  it('is worked by touch on a tablet in portrait', async () => {
    await page.size(820, 1180);
    await page.go(`${opening}/hanging`);
    await page.sees('h2', 'Hanging');
    const tap = async (css: string, words: string) => {
      const element = await page.named(css, words);
      await page.driver.executeScript('arguments[0].scrollIntoView({ block: "center" })', element);
      await page.driver.actions().move({ origin: element }).press().release().perform();
    };
    await tap('nav[aria-label="Stages"] a', 'Securing');
    await page.sees('h2', 'Securing');
    await tap('[role=tab]', 'Lock cut');
    await page.find('svg[aria-label^="Level cut through the lock"]');
    await tap('article button', 'All facts of securing');
    await page.find('[data-fact="latchThrow"] input');
    await page.size(1280, 800);
  });

  it('opens addresses of earlier days where their pages went', async () => {
    const id = opening.split('/').at(-1)!;
    const project = opening.split('/').slice(0, 3).join('/');
    await page.go(`${project}/hanging/${id}`);
    await page.sees('h2', 'Hanging');
    expect(await page.url).toContain(`${opening}/hanging`);
    await page.go(`${project}/preparation/${id}`);
    await page.sees('h2', 'Preparation 115');
  });
});
