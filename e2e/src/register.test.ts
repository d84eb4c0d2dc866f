import { Key } from 'selenium-webdriver';
import { Page } from './support/page.js';

const LIST = [
  ['R1', 'Corridor', 'Office', '36', '84', '20'],
  ['R2', 'Corridor', 'Store', '35 1/2', '84', '90'],
  ['R3', 'Hall', 'Office', '35 3/16', '84', '90'],
  ['R4', 'Hall', 'Plant', '102', '84', ''],
];

describe('the register', () => {
  let page: Page;
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    await page.newProject('Arranged');
    await page.pasteList(
      [['Mark', 'From', 'To', 'Width', 'Height', 'Rating'], ...LIST]
        .map((row) => row.join(','))
        .join('\n'),
      4,
    );
  });
  afterAll(() => page.close());

  const marks = () =>
    page.driver.executeScript<string>(
      'return [...document.querySelectorAll("[role=grid] a[data-open]")].map((a) => [a.getBoundingClientRect().top, a.getAttribute("aria-label").slice(5)]).sort((a, b) => a[0] - b[0]).map((one) => one[1]).join(" ")',
    );
  const shows = (order: string) => page.until(order, async () => (await marks()) === order);

  it('sorts lengths by what they are, and with Shift by several columns', async () => {
    await page.click('[role=columnheader] button', 'Width');
    await shows('R3 R2 R1 R4');
    await page.click('[role=columnheader] button', 'To');
    await shows('R1 R3 R4 R2');
    const width = await page.named('[role=columnheader] button', 'Width');
    await page.driver.actions().keyDown(Key.SHIFT).click(width).keyUp(Key.SHIFT).perform();
    await shows('R3 R1 R4 R2');
  });

  it('filters a column by what stands in it, by keyboard', async () => {
    await (await page.find('#cell-0-9')).click();
    await page.chord(Key.ALT, Key.ARROW_DOWN);
    await page.click('[aria-label="Column Rating"] label', '20');
    await shows('R3 R4 R2');
    await page.keys(Key.ESCAPE);
    await page.sees('main', 'Rating: 2 values');
    await page.sees('main', '3 of 4 openings');
  });

  it('keeps columns and a named view over a reload', async () => {
    await page.click('button', 'Columns');
    await page.click('[aria-label="Columns"] label', 'Function');
    await page.click('[aria-label="Shown columns"] label', 'Frame');
    await page.keys(Key.ESCAPE);
    await page.sees('[role=grid]', 'FUNCTION');
    await page.click('button', 'Views');
    await page.fill('[aria-label="Views"] input', 'Name of the view', 'Rated');
    await page.click('[aria-label="Views"] button', 'Save view');
    await page.click('main button', 'Rating: 2 values');
    await page.driver.navigate().refresh();
    await page.sees('[role=grid]', 'FUNCTION');
    expect(await page.text('[role=grid] [role=columnheader]')).not.toContain('FRAME');
    await shows('R1 R2 R3 R4');
    await page.click('button', 'Views');
    await page.click('[aria-label="Views"] button', 'Rated');
    await shows('R3 R4 R2');
  });

  it('shows the number of each opening’s set as the schedule has it', async () => {
    await page.go('/');
    await page.click('a', 'Larkhollow Playhouse');
    await page.sees('[role=grid]', /./);
    await page.click('button', 'Columns');
    await page.click('[aria-label="Columns"] label', 'Set');
    await page.keys(Key.ESCAPE);
    await page.sees('[role=grid]', 'SET');
    const project = new URL(await page.url).pathname.split('/')[2]!;
    const told = await page.driver.executeAsyncScript<Record<string, number | null>>(
      `const done = arguments[arguments.length - 1];
       fetch('/api/projects/' + arguments[0] + '/schedule').then((answer) => answer.json())
         .then(({ matrix }) => done(Object.fromEntries(matrix.rows.map(({ heading, set }) => [heading.mark, set ?? null]))));`,
      project,
    );
    // What the lines on the screen say, by mark.
    const shown = () =>
      page.driver.executeScript<Record<string, string>>(
        `const heads = [...document.querySelectorAll('[role=columnheader]')];
         const at = heads.findIndex((head) => /^set/i.test(head.textContent.trim()));
         return Object.fromEntries([...document.querySelectorAll('[role=grid] a[data-open]')].map((link) => {
           const cells = [...link.closest('[role=row]').querySelectorAll('[role=gridcell], [role=rowheader]')];
           return [link.getAttribute('aria-label').slice(5), (cells[at] ?? { textContent: '?' }).textContent.trim()];
         }));`,
      );
    await page.until('numbers of sets', async () =>
      Object.values(await shown()).some((text) => /^\d+$/.test(text)),
    );
    for (const [mark, text] of Object.entries(await shown()))
      expect([mark, text]).toEqual([mark, String(told[mark] ?? '')]);
    // Wider than the window now: the mark stays, its head over its cells, also when the others are scrolled.
    const lefts = () =>
      page.driver.executeScript<number[]>(
        `return ['[data-column-id="mark"]', '#cell-0-0'].map((css) => Math.round(document.querySelector(css).getBoundingClientRect().left));`,
      );
    const [head, cell] = await lefts();
    expect(head).toBe(cell);
    await page.driver.executeScript(`document.querySelector('[role=grid]').scrollLeft = 200;`);
    await page.until('scrolled', async () =>
      page.driver.executeScript<boolean>(
        `return document.querySelector('[role=grid]').scrollLeft > 50;`,
      ),
    );
    expect(await lefts()).toEqual([head, cell]);
  });
});
