import { By } from 'selenium-webdriver';
import { Page } from './support/page.js';

jest.setTimeout(120_000);

describe('practice', () => {
  let page: Page;
  beforeAll(async () => {
    page = await Page.open();
  });
  afterAll(() => page.close());
  const question = () =>
    page.driver.executeScript<string>(
      "return document.querySelector('article')?.innerText.split('End')[1] ?? ''",
    );
  const choices = async () => (await page.driver.findElements(By.css('[data-choice]'))).length;

  it('is open to somebody without an account, answered by keys, explained', async () => {
    await page.go('/learn');
    await page.sees('h1', 'Training');
    await page.click('button', 'Hand');
    await page.find('[data-choice]');
    const first = await question();
    await page.keys('1');
    await page.sees('[data-right]', /From outside the hinges are on the (left|right)/);
    await page.sees('[role=status]', /1 right, 0 wrong|0 right, 1 wrong/);
    await page.keys('n');
    await page.until('another question', async () => (await question()) !== first);
    await page.find('[data-answered="false"]');
  });

  it.each(['Lock', 'Closer', 'Gaps'])('of %s shows what the answer comes to', async (bench) => {
    await page.go('/learn');
    await page.click('button', bench);
    await page.find('[data-choice]');
    expect(await choices()).toBe(4);
    await page.keys('2');
    await page.find('[data-right]');
    if (bench === 'Lock') await page.sees('[aria-label="The functions"]', 'Out by one motion');
    if (bench === 'Closer') await page.sees('article', /after your answer: sweep/);
    if (bench === 'Gaps') await page.find('svg[aria-label="The gaps after your answer"]');
  });

  it('remembers what was wrong, through a reload', async () => {
    await page.go('/learn');
    await page.sees('li', /\d right, \d wrong/);
  });

  it('gives the same series to all who open its address', async () => {
    const other = await Page.open();
    try {
      const asked: string[][] = [];
      for (const one of [page, other]) {
        await one.go('/learn?series=4711');
        const list: string[] = [];
        for (let at = 0; at < 4; at++) {
          await one.sees('[role=status]', `question ${at + 1} of 20`);
          await one.find('[data-answered="false"]');
          list.push(
            await one.driver.executeScript<string>(
              "return document.querySelector('article ol').innerText + document.querySelector('article p').innerText",
            ),
          );
          await one.keys('1');
          await one.find('[data-answered="true"]');
          await one.keys('n');
        }
        asked.push(list);
      }
      expect(asked[0]).toEqual(asked[1]);
      expect(new Set(asked[0]).size).toBe(4);
    } finally {
      await other.close();
    }
  });
});
