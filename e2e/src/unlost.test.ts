import { Page } from './support/page.js';

jest.setTimeout(180_000);

const LIST = `Mark,Size,Hand,Frame
1,3070,RH,steel
2,3070,LH,steel
3,3070,LH,steel`;

describe('unsaved work of several tabs', () => {
  let page: Page;
  let project: string;
  const tabs: string[] = [];
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    project = await page.newProject('Tabs');
    await page.pasteList(LIST, 3);
    tabs.push(await page.driver.getWindowHandle());
    await page.driver.switchTo().newWindow('tab');
    tabs.push(await page.driver.getWindowHandle());
  });
  afterAll(() => page.close());

  const inTab = async (index: number) => page.driver.switchTo().window(tabs[index]!);
  const openMark = async (mark: string) => {
    await page.go(project);
    await page.sees('[role=grid]', /83 1\/8.*83 1\/8.*83 1\/8/);
    await page.click('[role=grid] a', `Open ${mark}`);
    await page.sees('h1', mark);
  };

  it('is kept side by side without a connection, seen by both, and all of it saved', async () => {
    await inTab(0);
    await openMark('1');
    await inTab(1);
    await openMark('2');
    for (const index of [0, 1]) {
      await inTab(index);
      await page.online(false);
      await page.frameWidth(index === 0 ? '40' : '34');
      await page.sees('[data-save="waiting"]', /not saved yet, kept on this device/);
    }
    // The second tab knows of the first one's change as well.
    await page.sees('[data-save="waiting"]', '2 not saved yet');
    await inTab(0);
    await page.online(true);
    await inTab(1);
    await page.online(true);
    await page.saved();
    await inTab(0);
    await page.saved();
    await page.driver.navigate().refresh();
    await page.decision('sizing.leafWidth', '39 3/4 in');
    await openMark('2');
    await page.decision('sizing.leafWidth', '33 3/4 in');
  });

  it('is told, and goes on, where the browser’s store refuses it', async () => {
    await inTab(0);
    await openMark('3');
    await page.driver.executeScript(
      'IDBObjectStore.prototype.put = function () { throw new DOMException("full", "QuotaExceededError"); }',
    );
    await page.online(false);
    await page.frameWidth('44');
    await page.decision('sizing.leafWidth', '43 3/4 in');
    await page.sees('[data-save="waiting"]', 'this browser cannot keep it');
    await page.online(true);
    await page.saved();
    await page.driver.navigate().refresh();
    await page.decision('sizing.leafWidth', '43 3/4 in');
  });

  it('outlives the end of the session: one signs in again and it is saved', async () => {
    await inTab(0);
    await openMark('1');
    await page.sees('h1', '1');
    await page.decision('sizing.leafWidth', '39 3/4 in');
    // Signed out behind the page's back, as elsewhere or by time.
    await page.driver.executeAsyncScript(
      'const done = arguments[0]; fetch("/api/session", { method: "DELETE" }).then(() => done())',
    );
    await page.frameWidth('48');
    await page.click('button', 'Ines Okafor');
    await page.decision('sizing.leafWidth', '47 3/4 in');
    await page.saved();
    await page.driver.navigate().refresh();
    await page.decision('sizing.leafWidth', '47 3/4 in');
  });
});
