import { generate } from 'otplib';
import { Page } from './support/page.js';

jest.setTimeout(180_000);

const PASSWORD = 'brass bolt in the keep';
const NEXT = 'another set of four words';
const EMAIL = 'greta.holm@test.example';
const SECOND = 'section[aria-label="Second factor"]';

describe('an account', () => {
  let ines: Page;
  let greta: Page;
  let codes: string[] = [];
  beforeAll(async () => {
    [ines, greta] = [await Page.open(), await Page.open()];
    await ines.signIn();
  });
  afterAll(async () => {
    await ines.close();
    await greta.close();
  });

  const enter = async (page: Page, password: string) => {
    await page.fill('input', 'E-mail', EMAIL);
    await page.fill('input', 'Password', password);
    await page.click('button', 'Sign in');
  };

  it('is made by an administrator’s link, with a password that is not guessed', async () => {
    await ines.click('a', 'Ines Okafor');
    await ines.click('a', 'Installation');
    await ines.sees('table', /Ines Okafor.*demo account/);
    await ines.click('button', 'Make a link');
    const link = new URL(String(await (await ines.named('input', 'Link')).getAttribute('value')));
    await greta.go(link.pathname + link.hash);
    await greta.fill('input', 'Name', 'Greta Holm');
    await greta.fill('input', 'E-mail', EMAIL);
    await greta.fill('input', 'Password', 'password12');
    await greta.click('button', 'Make the account');
    await greta.sees('[role=alert]', /guessed too easily|tried first/);
    await greta.fill('input', 'Password', PASSWORD);
    await greta.click('button', 'Make the account');
    await greta.sees('h1', 'Projects');
  });

  it('takes a second factor, read off its key, and shows recovery codes once', async () => {
    await greta.click('a', 'Greta Holm');
    await greta.click(`${SECOND} button`, 'Set it up');
    await greta.fill(`${SECOND} input`, 'Your password', 'not it at all');
    await greta.click(`${SECOND} button`, 'Go on');
    await greta.sees(`${SECOND} [role=alert]`, 'This is not your password.');
    await greta.fill(`${SECOND} input`, 'Your password', PASSWORD);
    await greta.click(`${SECOND} button`, 'Go on');
    const text = await greta.sees(SECOND, 'or type in the key:');
    await greta.find(`${SECOND} img[src^="data:image/svg+xml"]`);
    const secret = /key: ([A-Z2-7 ]+?) Six-digit/.exec(text)![1]!.replaceAll(' ', '');
    await greta.fill(`${SECOND} input`, 'Six-digit code', await generate({ secret }));
    await greta.click(`${SECOND} button`, 'Turn it on');
    await greta.sees('[data-codes]', /\w{5}-\w{5}/);
    codes = (await greta.text('[data-codes] li')).split('\n');
    expect(new Set(codes).size).toBe(10);
    await greta.click(`${SECOND} button`, 'I have them');
    await greta.sees(SECOND, 'on · 10 recovery codes left');
  });

  it('asks for it at the sign-in; a recovery code stands in', async () => {
    await greta.click('button', 'Sign out');
    await enter(greta, PASSWORD);
    await greta.sees('h2', 'Your second factor');
    await greta.fill('input', 'Code', '000000');
    await greta.click('button', 'Go on');
    await greta.sees('[role=alert]', 'does not fit');
    await greta.fill('input', 'Code', codes[0]!);
    await greta.click('button', 'Go on');
    await greta.sees('h1', 'Projects');
    await greta.go('/account');
    await greta.sees(SECOND, '9 recovery codes left');
    await greta.click(`${SECOND} button`, 'Turn it off');
    await greta.fill(`${SECOND} input`, 'Your password', PASSWORD);
    await greta.click(`${SECOND} button`, 'Turn it off');
    await greta.sees(SECOND, 'off');
  });

  it('shows where one is signed in, and ends it there: that page asks to sign in again', async () => {
    const elsewhere = await Page.open();
    try {
      await elsewhere.go('/');
      await enter(elsewhere, PASSWORD);
      await elsewhere.sees('h1', 'Projects');
      await greta.driver.navigate().refresh();
      await greta.sees('section[aria-label="Where you are signed in"]', /now, here/);
      await greta.click('button', 'Sign out there');
      await greta.until(
        'one session',
        async () => !(await greta.text('main')).includes('Sign out there'),
      );
      await elsewhere.click('button', 'New project');
      await elsewhere.fill('[role=dialog] input', 'Name', 'Late');
      await elsewhere.click('[role=dialog] button', 'Make the project');
      await elsewhere.sees('button', 'Sign in');
    } finally {
      await elsewhere.close();
    }
  });

  it('gets a new password by a letter; the old one is worth nothing', async () => {
    await greta.go('/account');
    await greta.click('button', 'Sign out');
    await greta.click('button', 'Forgotten your password?');
    await greta.fill('input', 'E-mail', EMAIL);
    await greta.click('button', 'Send the letter');
    await greta.sees('h2', 'Look into your mail');
    await ines.go('/installation/mail');
    const letter = await ines.sees('article', /reset#/);
    expect(letter).toContain(EMAIL);
    await greta.go(`/reset#${/reset#(\S+)/.exec(letter)![1]!}`);
    await greta.fill('input', 'New password', NEXT);
    await greta.click('button', 'Set it');
    await greta.click('a', 'Sign in');
    await enter(greta, PASSWORD);
    await greta.sees('[role=alert]', 'do not belong together');
    await enter(greta, NEXT);
    await greta.sees('h1', 'Projects');
  });

  it('leaves its traces in the audit log', async () => {
    await ines.go('/installation/audit');
    for (const what of [
      'signed in',
      'sign-in refused',
      'recovery code used',
      'set a new password by a link',
      'made the account',
    ])
      await ines.sees('table', what);
  });
});

describe('links into a project', () => {
  it('are listed and revoked by its owner', async () => {
    const page = await Page.open();
    const other = await Page.open();
    try {
      await page.signIn();
      await page.newProject('Linked', 'British');
      await page.click('a', 'People');
      await page.click('button', 'Make a link');
      const link = new URL(String(await (await page.named('input', 'Link')).getAttribute('value')));
      await page.sees('section li', /as editor, made by Ines Okafor/);
      await page.click('section li button', 'Revoke');
      await page.until('no link', async () => !(await page.text('section')).includes('made by'));
      await other.signIn('Maren Achebe');
      await other.go(link.pathname + link.hash);
      await other.click('button', 'Join the project');
      await other.sees('[role=alert]', 'used already, or has run out');
      await page.click('main button', 'Audit log');
      await page.sees('main', 'revoked a link');
    } finally {
      await page.close();
      await other.close();
    }
  });
});
