import { Page } from './support/page.js';

jest.setTimeout(180_000);

describe('people and projects', () => {
  let page: Page;
  let project: string;
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    project = await page.newProject('Shared', 'British');
    await page.pasteList(
      'Mark,From,To,Size,Frame\nB,Hall,Kitchen,762x1981,timber\nA2,Hall,Study,686x1981,timber\nA10,Landing,Bath,610x1981,timber',
      3,
    );
  });
  afterAll(() => page.close());

  it('lets somebody in by a link that works once, as the role it was made for', async () => {
    await page.click('a', 'People');
    await page.sees('table', 'Ines Okafor');
    await page.click('button', 'Make a link');
    const link = String(await (await page.named('input', 'Link')).getAttribute('value'));
    const other = await Page.open();
    try {
      await other.go(new URL(link).pathname + new URL(link).hash);
      await other.fill('input', 'Name', 'Greta Holm');
      await other.fill('input', 'E-mail', 'greta@test.example');
      await other.fill('input', 'Password', 'a long enough password');
      await other.click('button', 'Make the account');
      await other.sees('[role=grid]', 'Kitchen');
      await other.fill('input', 'Search', 'Bath');
      await other.click('[role=grid] a', 'Open A10');
      await other.fact('Storey', 'First');
      await other.saved();
      await other.click('button', 'Sign out');
      await other.fill('input', 'E-mail', 'greta@test.example');
      await other.fill('input', 'Password', 'wrong wrong wrong');
      await other.click('button', 'Sign in');
      await other.sees('[role=alert]', 'Address and password do not belong together.');
      await other.fill('input', 'Password', 'a long enough password');
      await other.click('button', 'Sign in');
      // Signing in leads back to where one was.
      await other.sees('h1', 'Projects');
      await other.go(new URL(link).pathname + new URL(link).hash);
      await other.click('button', 'Join the project');
      await other.sees('[role=alert]', 'used already');
    } finally {
      await other.close();
    }
    await page.driver.navigate().refresh();
    await page.sees('table', 'Greta Holm');
    await page.click('tr:last-child button, tr button', 'Take out');
  });

  it('sorts and searches the register', async () => {
    await page.go(project);
    await page.sees('[role=grid]', /B Hall Kitchen .*A2 Hall Study .*A10 Landing Bath/);
    await page.click('[role=columnheader] button', 'Mark');
    await page.sees('[role=grid]', /A2 Hall Study .*A10 Landing Bath .*B Hall Kitchen/);
    await page.click('[role=columnheader] button', 'Mark');
    await page.sees('[role=grid]', /B Hall Kitchen .*A10 .*A2 /);
    await page.fill('input', 'Search', 'landing');
    await page.sees('[aria-live]', '1 of 3 openings');
  });

  it('fixes a hand from what was seen, and says who contradicts it', async () => {
    await page.go(project);
    await page.click('[role=grid] a', 'Open B');
    await page.decision('handing.hand', 'on which hand are the hinges?');
    const record = async (stood: string, hinges: string, knuckles: string) => {
      await page.choose('Where one stood', stood);
      await page.choose('Hinges on', hinges);
      await page.choose('Knuckles', knuckles);
      await page.click('article button', 'Record');
    };
    await page.click('article button', 'Seen on site');
    await record('stood outside', 'right', 'knuckles seen');
    await page.decision('handing.hand', 'RHR');
    await page.find('[data-decision="handing.hand"][data-basis="measured"]');
    await record('stood inside', 'right', 'knuckles not looked');
    await page.sees(
      'article',
      /stop The observations contradict each other\. Leaving one out: 1 → .*; 2 → RHR/,
    );
    await page.click('article button', 'Take out observation 2');
    await page.decision('handing.hand', 'RHR');
    await page.saved();
  });

  it('decides everything anew in another practice, and keeps what was recorded', async () => {
    await page.decision('sizing.leafWidth', '762 mm');
    await page.click('header button', 'Shared');
    await page.choose('Practice', 'US commercial', '[role=dialog]');
    await page.click('[role=dialog] button', 'Save');
    await page.decision('sizing.leafWidth', '30 in');
    await page.decision('sizing.hingeGap', '1/8 in');
  });

  it('deletes a project only when its name is typed', async () => {
    await page.click('header button', 'Shared');
    await page.click('[role=dialog] button', 'Delete the project');
    const button = await page.named('[role=dialog] button', 'Delete the project for good');
    expect(await button.isEnabled()).toBe(false);
    await page.fill('[role=dialog] input', 'Name of the project to delete', 'Shared');
    await button.click();
    await page.sees('h1', 'Projects');
    expect(await page.text('h2')).not.toContain('Shared');
    await page.go(project);
    await page.sees('h1', 'This project is not here');
  });
});
