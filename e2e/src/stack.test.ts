import { Key } from 'selenium-webdriver';
import { Page } from './support/page.js';

jest.setTimeout(120_000);

describe('the stack edited on its drawing', () => {
  let page: Page;
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    await page.newProject('Granary');
    await page.pasteList('Mark,Size,Frame,Leaf,Hand\nA,3070,steel,steel,RH', 1);
    await page.click('[role=grid] a', 'Open A');
    await page.toStage('Sizing');
    await page.click('[role=tab]', 'Stack');
  });
  afterAll(() => page.close());

  const figure = async (part: string) => {
    const text = await page.find(`[role=tabpanel][data-state=active] text[data-part="${part}"]`);
    await page.driver.actions().move({ origin: text }).click().perform();
  };
  const editor = '[role=dialog]';

  it('takes a figure where it is clicked, and everything after it follows', async () => {
    await figure('sizing.lockGap');
    await page.find(`${editor} input`);
    await page.fill(`${editor} input`, 'Lock gap', '1/4\n');
    await page.decision('sizing.leafWidth', '35 5/8 in');
    await page.click(`${editor} label`, 'measured');
    await page.decision('sizing.lockGap', '1/4 in');
    await page.find('[data-decision="sizing.lockGap"][data-basis="measured"]');
  });

  it('lets a figure follow again', async () => {
    await page.click(`${editor} button`, 'let it follow');
    await page.decision('sizing.leafWidth', '35 3/4 in');
    await page.keys(Key.ESCAPE);
  });

  it('lets the chosen member give where frame and leaf are both fixed', async () => {
    await figure('sizing.leafWidth');
    await page.fill(`${editor} input`, 'Leaf width', '35 1/2\n');
    await page.decision('sizing.lockGap', '3/8 in');
    await page.choose('What gives', 'hinge gap', editor);
    await page.decision('sizing.hingeGap', '3/8 in');
    await page.decision('sizing.lockGap', '1/8 in');
    await page.saved();
  });
});
