import { AxeBuilder } from '@axe-core/webdriverjs';
import { join } from 'node:path';
import { Key } from 'selenium-webdriver';
import { Page } from './support/page.js';

jest.setTimeout(240_000);

describe('axe finds no serious fault', () => {
  let page: Page;
  beforeAll(async () => {
    page = await Page.open();
  });
  afterAll(() => page.close());

  /** Everything in the light theme; in the dark one only colours differ. */
  let dark = false;
  const check = async () => {
    const axe = new AxeBuilder(page.driver).options({ resultTypes: ['violations'] });
    if (dark) axe.withRules(['color-contrast']);
    const { violations } = await axe.analyze();
    const serious = violations.filter(
      (one) => one.impact === 'serious' || one.impact === 'critical',
    );
    expect(
      serious.map(
        (one) =>
          `${one.id}: ${one.nodes
            .slice(0, 3)
            .map((node) => `${node.html.slice(0, 160)} ${node.failureSummary ?? ''}`)
            .join(' | ')}`,
      ),
    ).toEqual([]);
  };
  const theme = (name: string) => {
    dark = name === 'dark';
    return page.driver.executeScript(
      `localStorage.setItem('riegel.theme', '${name}'); document.documentElement.dataset.theme = '${name}'`,
    );
  };

  it.each(['light', 'dark'])('in the %s theme on every screen', async (name) => {
    await page.go('/');
    await theme(name);
    await page.go('/');
    await page.sees('button', 'Ines Okafor');
    await check();
    await page.signIn();
    await check();
    await page.click('button', 'New project');
    await page.find('[role=dialog]');
    await check();
    await page.go('/');
    await page.click('a', 'Larkhollow Playhouse');
    await page.sees('[role=grid]', /35 3\/4/);
    await check();
    await page.click('button', 'Paste');
    await page.find('[role=dialog] textarea');
    await check();
    await page.click('[role=dialog] button', 'Not now');
    await page.fill('input', 'Search', 'Archive');
    await page.click('[role=grid] a', 'Open 303');
    await page.sees('article', 'The observations contradict each other');
    await check();
    await page.toStage('Hanging');
    await page.click('button', 'Not taken for Metal');
    await page.find('[data-instead]');
    await page.click('article button', 'All facts of hanging');
    await check();
    await page.click('article [data-edits]', '');
    await page.find('[role=dialog]');
    await check();
    await page.keys(Key.ESCAPE);
    await page.click('a', 'Schedule');
    await page.sees('h2', 'Set 1');
    await check();
    await page.click('a', 'People');
    await page.sees('table', 'Tobias Lund');
    await check();
    await page.go('/account');
    await page.sees('section', /now, here/);
    await check();
    await page.go('/installation');
    await page.sees('table', 'Tobias Lund');
    await check();
    await page.go('/installation/audit');
    await page.sees('table', 'signed in');
    await check();
    await page.go('/installation/mail');
    await page.sees('main', 'Riegel sends no mail by itself');
    await check();
    await page.go('/reset#x');
    await page.sees('h1', 'A new password');
    await check();
    await page.go('/nowhere');
    await page.sees('h1', 'There is no page here');
    await check();
    await page.go('/due');
    await page.sees('h1', 'Inspections due');
    await check();
    for (const bench of ['hand', 'lock', 'closer', 'gaps']) {
      await page.go(`/learn?bench=${bench}`);
      await page.find('[data-choice]');
      await page.keys('1');
      await page.find('[data-right]');
      await check();
    }
    await page.go('/');
    await page.click('button', 'Sign out');
    await page.sees('button', 'Ines Okafor');
    await page.go('/welcome#x');
    await page.sees('h1', 'Welcome');
    await check();
  });

  it('where the opening is found out and hung', async () => {
    await page.go('/');
    await theme('light');
    await page.signIn();
    await page.click('a', 'Larkhollow Playhouse');
    await page.sees('[role=grid]', /35 3\/4/);
    const base = new URL(await page.url).pathname;
    await page.chord(Key.CONTROL, 'k');
    await page.find('[role=dialog] input');
    await check();
    await page.go(`${base}/import`);
    await page.sees('h1', 'Import door list');
    await check();
    await (
      await page.find('input[type=file]')
    ).sendKeys(join(__dirname, '../../demo/lists/larkhollow-doors-issue-1.csv'));
    await page.named('select', 'Column Handing is');
    await check();
    await page.click('button', 'See what would change');
    await page.find('[data-row]');
    await check();
    await page.go(`${base}/site`);
    await page.sees('main', '115');
    await check();
    await page.click('[role=tab]', 'Keeping');
    await page.sees('h2', 'Inspections');
    await check();
    await page.go(base);
    await page.fill('input', 'Search', '115');
    await page.click('[role=grid] a', 'Open 115');
    await page.sees('h1', '115');
    await page.go(`${new URL(await page.url).pathname}/site`);
    for (const tab of ['Fit', 'Take off', 'Gaps', 'Prove', 'Keep']) {
      await page.click('[role=tab]', tab);
      await check();
    }
    await page.go(`${base}/building`);
    await page.find('[data-room-box="Foyer"]');
    await check();
    await page.go(`${base}/questions`);
    await page.find('[aria-label="Question"]');
    await check();
    await page.go(`${base}/practices`);
    await page.find('[data-value="gapsSteel"]');
    await check();
    await page.go(`${base}/library`);
    await page.find('[data-product]');
    await check();
    await page.click('[role=tab]', 'Hinge patterns');
    await page.find('[data-pattern] svg');
    await check();
    await page.click('[role=tab]', 'Lock functions');
    await page.find('[data-act]');
    await check();
    await page.go('/');
    await page.click('a', '9 Tamsin Terrace');
    await page.click('nav a', 'Survey');
    await page.sees('h1', 'Survey');
    await check();
    await page.click('main a', 'G2');
    await page.click('[role=tab]', 'Readings');
    await page.click('table[aria-label="Readings"] button', 'Second hinge');
    await page.sees('[data-reading]', 'Second hinge');
    await check();
    await page.click('[role=tab]', 'Hand');
    await page.sees('h2', 'Where are you standing?');
    await check();
    await page.toStage('Replacement');
    await page.find('[data-pattern]');
    await check();
    await page.toStage('Securing');
    await page.click('[role=tab]', 'Heights');
    await page.find('svg[aria-label="Heights on the elevation"]');
    await page.click('article button', 'Heights');
    await check();
    await page.toStage('Preparation');
    await page.find('[data-prep="bits"]');
    await check();
    await page.toStage('Hanging');
    await page.click('[role=tab]', 'Loads');
    await page.find('[data-hinge="0"]');
    await page.click('article button', 'Products');
    await page.find('[data-product]');
    await page.click('article button', 'Clashes');
    await check();
    await page.toStage('Alternatives');
    await page.find('[aria-label="Alternatives"]');
    await check();
    await page.click('nav a', 'Keys');
    await page.sees('h1', 'Key groups');
    await check();
    await page.click('button', 'Sign out');
  });

  it('in the dark theme where clashes and loads are drawn', async () => {
    await page.go('/');
    await theme('dark');
    await page.signIn();
    await page.click('a', 'Wendelmoor Mill Studios');
    await page.fill('input', 'Search', 'Recital');
    await page.click('[role=grid] a', 'Open 1.40');
    await page.toStage('Alternatives');
    await page.find('article[data-device="concealed"]');
    await check();
    await page.toStage('Hanging');
    await page.click('article button', 'Clashes');
    await page.find('[data-clash] svg');
    await check();
  });
});
