import { Key } from 'selenium-webdriver';
import { Page } from './support/page.js';

jest.setTimeout(180_000);

describe('with the keyboard alone', () => {
  let page: Page;
  beforeAll(async () => {
    page = await Page.open();
    await page.go('/');
    await page.sees('h2', /demo/i);
  });
  afterAll(() => page.close());

  const focused = () =>
    page.driver.executeScript<string>(
      'const e = document.activeElement; if (e === document.body) return ""; return (e.getAttribute("aria-label") ?? e.textContent ?? "").trim() + "|" + (e.labels?.[0]?.textContent ?? "")',
    );
  /** Tabs until what has the focus says the words. */
  const tabTo = async (words: string) => {
    for (let step = 0; step < 60; step++) {
      if ((await focused()).includes(words)) return;
      await page.keys(Key.TAB);
    }
    throw new Error(`Tab never reached “${words}”`);
  };
  const cell = () =>
    page.driver.executeScript<string>(
      'const g = document.querySelector("[role=grid]"); return document.getElementById(g.getAttribute("aria-activedescendant"))?.innerText ?? ""',
    );
  const cellIs = (words: string | RegExp) =>
    page.until(`the cell ${String(words)}`, async () =>
      typeof words === 'string' ? (await cell()) === words : words.test(await cell()),
    );

  it('signs in, makes a project and adds openings', async () => {
    await tabTo('Ines Okafor');
    await page.keys(Key.ENTER);
    await page.sees('h1', 'Projects');
    await tabTo('New project');
    await page.keys(Key.ENTER);
    await page.find('[role=dialog]');
    await page.keys('Keys only', Key.ENTER);
    await page.sees('h2', 'No openings yet');
    await page.keys('a');
    await page.find('[role=grid] input');
    await page.keys('A1', Key.TAB);
    await page.find('[role=grid]');
    await page.keys(Key.ENTER, 'Corridor', Key.TAB, 'Office', Key.TAB);
    await page.keys(Key.ARROW_RIGHT, '36', Key.TAB, '84', Key.TAB);
    await page.sees('[role=grid]', /A1 Corridor Office single 36 84/);
    await page.keys(Key.ARROW_RIGHT, Key.F2);
    await page.until(
      'a select',
      async () =>
        (await page.driver.executeScript<string>('return document.activeElement.tagName')) ===
        'SELECT',
    );
    await page.keys('steel', Key.ENTER);
    await page.sees('[role=grid]', /35 3\/4 × 83 1\/8/);
    await page.saved();
  });

  it('fills down, edits several together, deletes and undoes', async () => {
    await page.chord(Key.ALT, 'a');
    await page.find('[role=grid] input');
    await page.keys('A2', Key.ENTER);
    await page.until(
      'no editor',
      async () =>
        (await page.driver.executeScript<number>(
          'return document.querySelectorAll("[role=grid] input").length',
        )) === 0,
    );
    await page.chord(Key.CONTROL, Key.HOME);
    await cellIs('A1');
    await page.keys(Key.ARROW_RIGHT);
    await page.driver
      .actions()
      .keyDown(Key.SHIFT)
      .sendKeys(Key.ARROW_DOWN, Key.END)
      .keyUp(Key.SHIFT)
      .perform();
    await page.chord(Key.CONTROL, 'd');
    await page.sees('[role=grid]', /A2 Corridor Office single 36 84/);
    await page.saved();
    await page.chord(Key.ALT, 'e');
    await page.sees('[role=dialog] h2', 'Edit 2 openings');
    await tabTo('Fact');
    await page.keys('Fire');
    await tabTo('Value');
    await page.keys('1 1/2 hr', Key.ENTER);
    await tabTo('Change 2');
    await page.keys(Key.ENTER);
    await page.sees('[role=grid]', /A1 .* 90 .*A2 .* 90 /);
    await page.saved();
    await page.chord(Key.CONTROL, 'z');
    await page.until(
      'no rating',
      async () => !/ 90 /.test((await page.text('[role=grid]')).replace(/\s+/g, ' ')),
    );
  });

  it('finds an opening, walks through its stages and drawings, and shows the keys', async () => {
    await page.chord(Key.CONTROL, 'k');
    await page.find('[cmdk-input]');
    await page.keys('A2');
    await page.sees('[cmdk-list]', 'A2');
    await page.keys(Key.ENTER);
    await page.sees('h1', 'A2');
    await page.keys('p');
    await page.sees('h1', 'A1');
    await page.keys('3');
    await page.sees('h2', 'Hanging');
    await page.keys('0');
    await page.sees('h2', 'Opening A1');
    await page.keys('9');
    await page.sees('h2', 'Finishing');
    await page.keys('w');
    await page.sees('h2', 'Preparation A1');
    await page.keys('4');
    await page.sees('h2', 'Securing');
    await page.keys('d');
    await page.until('the inside', async () =>
      (await page.text('[role=tab][data-state=active]')).includes('Inside'),
    );
    await page.keys('?');
    await page.sees('[role=dialog]', 'next and previous opening');
    await page.keys(Key.ESCAPE);
    await page.keys('n');
    await page.sees('h1', 'A2');
    // The stage stays.
    await page.sees('h2', 'Securing');
  });

  it('keeps a text that cannot be read, says why, also after a reload, until it is put right', async () => {
    await page.chord(Key.CONTROL, 'k');
    await page.find('[cmdk-input]');
    await page.keys('Register', Key.ENTER);
    const grid = await page.find('[role=grid]');
    await grid.sendKeys(Key.chord(Key.CONTROL, Key.HOME));
    await page.keys(Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ARROW_RIGHT, Key.ENTER);
    const editor = await page.find('[role=grid] input');
    await editor.sendKeys(Key.chord(Key.CONTROL, 'a'), '3 1/3', Key.ENTER);
    const fault = await page.find('[role=gridcell][aria-invalid=true]');
    expect(await fault.getAttribute('title')).toMatch(/The fraction 1\/3 is not in halves/);
    await page.driver.navigate().refresh();
    await page.until(
      'the text again',
      async () => (await page.text('[role=gridcell][aria-invalid=true]')) === '3 1/3',
    );
    const again = await page.find('[role=grid]');
    await again.sendKeys(Key.chord(Key.CONTROL, Key.HOME));
    await page.keys(
      Key.ARROW_RIGHT,
      Key.ARROW_RIGHT,
      Key.ARROW_RIGHT,
      Key.ARROW_RIGHT,
      '3',
      '-',
      '4',
      Key.ENTER,
    );
    await page.sees('[role=grid]', /single 40 84/);
    expect(await page.text('[role=gridcell][aria-invalid=true]')).toBe('');
  });
});
