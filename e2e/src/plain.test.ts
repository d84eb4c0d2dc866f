import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { By, Key } from 'selenium-webdriver';
import { Page } from './support/page.js';

jest.setTimeout(240_000);

const list = readFileSync(join(__dirname, '../../demo/lists/larkhollow-plain.csv'), 'utf8');

describe('a plain list becomes a sound draft', () => {
  let page: Page;
  let project = '';
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    project = await page.newProject('Plain list');
  });
  afterAll(() => page.close());

  it('is pasted as it came; a word that is not read has a likely meaning that one key takes', async () => {
    await page.click('button', 'Paste');
    await (await page.find('[role=dialog] textarea')).sendKeys(list);
    await page.sees('[aria-label="Words not read"]', 'PANEL');
    const likely = await page.named('button', 'PANEL in');
    await likely.sendKeys(Key.ENTER);
    await page.until(
      'every word read',
      async () =>
        (await page.driver.findElements(By.css('[aria-label="Words not read"]'))).length === 0,
    );
    await page.click('[role=dialog] button', 'Add 66 openings');
    await page.sees('[role=grid]', /101 STREET FOYER pair/);
    // What a door is was guessed, and shows as a guess.
    await page.sees('[role=grid]', /office/);
  });

  it('shows what is assumed on an opening, and confirms it there', async () => {
    await page.click('[role=grid] a', 'Open 131');
    await page.sees('[aria-label="Assumed"]', /Finish wanted\s+satin chrome/);
    await page.find('.drawing .assumed');
    await page.click('[aria-label="Assumed"] button', 'Confirm all');
    await page.until(
      'nothing assumed but the role',
      async () => (await page.driver.findElements(By.css('[data-assumed]'))).length === 0,
    );
    await page.saved();
  });

  it('asks the fewest questions, answered for many openings by a key, as one step', async () => {
    await page.go(`${project}/questions`);
    await page.sees('[aria-label="Question"]', 'to the');
    await page.sees('[aria-label="Open"] [aria-current]', /opening/);
    const before = await (await page.find('h1 + span')).getText();
    await page.click('[aria-label="Assumed"] button', 'office');
    await page.sees('[aria-label="Question"]', 'Is that right?');
    await page.keys('1');
    await page.until(
      'fewer questions',
      async () => (await (await page.find('h1 + span')).getText()) !== before,
    );
    await page.saved();
    await page.go(project);
    await page.sees('[role=grid]', /132 .*office/);
  });

  it('reads answers that come back', async () => {
    await page.go(`${project}/questions`);
    await page.click('[aria-label="Open"] button', 'How many people');
    const ref = /ref ([0-9A-F]{6})/.exec(await page.sees('[aria-label="Question"]', 'ref'))![1]!;
    await page.click('button', 'Read answers');
    await page.fill('textarea', 'Answers', `Ref,Answer\n${ref},many\nFFFFFF,yes`);
    await page.sees('[role=dialog] [role=alert]', 'no question has this reference');
    await page.fill('textarea', 'Answers', `Ref,Answer\n${ref},180`);
    await page.sees('[role=dialog]', /1 answer for \d+ opening/);
    await page.click('[role=dialog] button', 'Record 1 answer');
    await page.saved();
  });

  it('draws the building with the ways out, where people are counted and doors told', async () => {
    await page.go(`${project}/building`);
    await page.click('button', 'Take them over');
    await (await page.find('[data-room-box="FOYER"]')).click();
    await page.sees('[data-room="FOYER"]', /ways? out/);
    await page.fill('input', 'People in FOYER', '300\n');
    await page.sees('[data-room="FOYER"]', /300 people leave through it/);
    const line = await page.find('[data-line~="101"]');
    await page.driver.executeScript(
      'arguments[0].dispatchEvent(new MouseEvent("click", { bubbles: true }))',
      line,
    );
    await page.sees('[data-doors]', /People leave from FOYER to STREET/);
    await page.find('[data-line~="101"] [data-bolts] path');
    await page.find('[data-doors] svg[aria-label*="Hanging: decided"]');
    await page.choose('People leave by 101', 'nobody');
    await page.saved();
    await page.sees('[data-doors]', /People leave/);
  });

  it('makes a schedule that lists what nobody confirmed', async () => {
    await page.go(`${project}/schedule`);
    await page.sees('h2', 'Set 1');
    const text = await page.driver.executeAsyncScript<string>(
      `const done = arguments[0];
       fetch('/api' + location.pathname.replace('/schedule', '/questions.pdf'))
         .then((answer) => answer.blob()).then((blob) => done(blob.type + ' ' + (blob.size > 3000)));`,
    );
    expect(text).toBe('application/pdf true');
  });
});
