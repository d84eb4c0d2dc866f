import { startApplication, type Application } from './support/application.cjs';
import { Page } from './support/page.js';

jest.setTimeout(240_000);

// An application of its own: what is taken away here must not be missed by a journey beside it.
describe('the database going away', () => {
  let application: Application;
  let page: Page;
  const before = process.env['RIEGEL_E2E_URL'];
  beforeAll(async () => {
    application = await startApplication();
    process.env['RIEGEL_E2E_URL'] = application.url;
    page = await Page.open();
    await page.signIn();
    await page.newProject('Interrupted');
    await page.pasteList('Mark,Size,Hand,Frame\n1,3070,RH,steel\n2,3070,LH,steel', 2);
    await page.click('[role=grid] a', 'Open 1');
    await page.decision('sizing.leafWidth', '35 3/4 in');
  });
  afterAll(async () => {
    await page.close();
    process.env['RIEGEL_E2E_URL'] = before;
    await application.stop();
  });

  it('is said, loses no edit, and is over without a restart', async () => {
    application.database('stop');
    try {
      await page.frameWidth('44');
      await page.decision('sizing.leafWidth', '43 3/4 in');
      await page.sees('[data-save="waiting"]', 'The database does not answer just now');
    } finally {
      application.database('start');
    }
    await page.saved();
    await page.driver.navigate().refresh();
    await page.decision('sizing.leafWidth', '43 3/4 in');
  });

  it('refuses a new project with a sentence, keeps what was typed, and makes it on the next try', async () => {
    await page.go('/');
    await page.click('button', 'New project');
    await page.fill('[role=dialog] input', 'Name', 'Between');
    application.database('stop');
    try {
      await page.click('[role=dialog] button', 'Make the project');
      await page.sees(
        '[role=dialog]',
        'The database does not answer just now. Nothing was changed',
      );
    } finally {
      application.database('start');
    }
    await page.click('[role=dialog] button', 'Make the project');
    await page.sees('h2', 'No openings yet');
    await page.sees('body', 'Between');
  });
});
