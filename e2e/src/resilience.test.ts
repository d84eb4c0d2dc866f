import { writeFileSync } from 'node:fs';
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Page } from './support/page.js';

jest.setTimeout(180_000);

const LIST = `Mark,Size,Hand,Frame
1,3070,RH,steel
2,3070,LH,steel`;

describe('work that must not be lost', () => {
  let page: Page;
  let project: string;
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    project = await page.newProject('Unlost');
    await page.pasteList(LIST, 2);
  });
  afterAll(() => page.close());

  it('outlives a lost connection and a reload', async () => {
    await page.click('[role=grid] a', 'Open 1');
    await page.sees('h1', '1');
    await page.online(false);
    await page.frameWidth('40');
    await page.decision('sizing.leafWidth', '39 3/4 in');
    await page.sees(
      '[data-save="waiting"]',
      '1 not saved yet, kept on this device. There is no connection',
    );
    await page.online(true);
    // Before the next try is due the page is loaded anew: the change is on the device only.
    await page.driver.navigate().refresh();
    await page.decision('sizing.leafWidth', '39 3/4 in');
    await page.saved();
    await page.driver.navigate().refresh();
    await page.decision('sizing.leafWidth', '39 3/4 in');
  });

  it('merges what two people changed apart, and asks field by field about what both changed', async () => {
    await page.go(project);
    await page.click('[role=grid] a', 'Open 2');
    await page.sees('h1', '2');
    const path = new URL(await page.url).pathname;
    await page.decision('sizing.leafWidth', '35');
    await page.online(false);
    await page.frameWidth('34');
    await page.toStage('Opening');
    await page.fact('Level', 'First');
    await page.find('[data-save="waiting"]');

    const other = await Page.open();
    try {
      await other.signIn();
      await other.go(path);
      await other.frameWidth('38');
      await other.toStage('Opening');
      await other.fact('To', 'Archive');
      await other.decision('sizing.leafWidth', '37 3/4 in');
      await other.saved();

      await page.online(true);
      await page.sees('[role=dialog]', /Two people changed opening 2/);
      await page.sees('[role=dialog]', /Frame opening width 36 in 38 in 34 in/);
      await page.click('[role=dialog] label', '34 in');
      await page.click('[role=dialog] button', 'Keep this');
      await page.decision('sizing.leafWidth', '33 3/4 in');
      await page.saved();
      await page.toStage('Opening');
      await page.sees('[aria-label="Recorded"]', /To Archive .*Level First/);
      // The other screen hears of it without being asked.
      await other.decision('sizing.leafWidth', '33 3/4 in');
    } finally {
      await other.close();
    }
  });

  it('warns of a mark that stands twice and blocks nothing', async () => {
    await page.go(project);
    await page.pasteList('Mark,Size\n1,3070\n7,3070', 2);
    await page.sees('[role=grid]', '7');
    await page.find('[title="This mark stands more than once"]');
  });

  it('refuses a paste that is too large with a sentence, and stays usable', async () => {
    await page.click('button', 'Paste');
    await page.driver.executeScript(`
      const area = document.querySelector('[role=dialog] textarea');
      Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(area, 'Mark,Size\\n' + ('1,3070' + ' '.repeat(694) + '\\n').repeat(15_000));
      area.dispatchEvent(new Event('input', { bubbles: true }));`);
    await page.sees('[role=dialog] [role=alert]', /That is 1\d MB; at most 5 MB can be pasted/);
    await page.click('[role=dialog] button', 'Empty it');
    await page.click('[role=dialog] button', 'Not now');
    await page.sees('[role=grid]', '7');
  });
});

describe('what is not there', () => {
  let page: Page;
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn('Maren Achebe');
  });
  afterAll(() => page.close());

  it('is said: a page, a project, an opening', async () => {
    await page.go('/nowhere');
    await page.sees('h1', 'There is no page here');
    await page.go('/projects/00000000-0000-4000-8000-000000000000');
    await page.sees('h1', 'This project is not here');
    await page.go('/');
    await page.click('a', 'Larkhollow Playhouse');
    await page.find('[role=grid]');
    await page.go(
      `${new URL(await page.url).pathname}/openings/00000000-0000-4000-8000-000000000000`,
    );
    await page.sees('h1', 'This opening is not here');
  });

  it('shows a reader everything and lets them change nothing', async () => {
    await page.go('/');
    await page.click('a', 'Tamsin Terrace');
    await page.sees('[role=grid]', 'Front room');
    expect(await page.text('button')).not.toContain('Paste');
    await page.click('[role=grid] a', 'Open G1');
    await page.decision('hanging.device', 'butt hinges');
    await page.toStage('Sizing');
    await page.click('article button', 'All facts of sizing');
    expect(await (await page.named('input', 'Frame opening width')).isEnabled()).toBe(false);
  });

  it('refuses a broken project file with a sentence and makes nothing', async () => {
    await page.go('/');
    const folder = mkdtempSync(join(tmpdir(), 'riegel-files-'));
    const send = async (text: string) => {
      const path = join(folder, 'file.json');
      writeFileSync(path, text);
      await (await page.find('input[type=file]')).sendKeys(path);
    };
    await send('{"openings": [');
    await page.sees('[role=alert]', 'it is not JSON');
    await send(
      '{"openings": [{"mark": "X1", "kind": "hatch"}, {"mark": "X2", "frameWidth": "broad"}]}',
    );
    await page.sees('[role=alert]', 'Opening X1, kind: “hatch” is none of');
    await page.sees('[role=alert]', 'Opening X2, frameWidth: “broad” is not a length');
    await page.driver.navigate().refresh();
    await page.sees('h1', 'Projects');
    expect(await page.text('h2')).not.toContain('Untitled');
  });
});
