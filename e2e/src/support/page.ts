import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Builder, By, Key, type WebDriver, type WebElement } from 'selenium-webdriver';
import chrome from 'selenium-webdriver/chrome.js';

// A busy machine is no fault of the code; a wait that is met costs nothing.
const WAIT = 45_000;

const FLAGS = [
  '--headless=new',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--lang=en',
];

/** A browser window as a person sees it: finds things by what they say, and waits for them. */
export class Page {
  private constructor(
    readonly driver: WebDriver,
    private readonly folder: string,
  ) {}

  static async open(): Promise<Page> {
    const folder = mkdtempSync(join(tmpdir(), 'riegel-browser-'));
    const options = new chrome.Options();
    options.setChromeBinaryPath('/usr/bin/chromium');
    options.addArguments(...FLAGS, `--user-data-dir=${join(folder, 'profile')}`);
    options.setUserPreferences({
      'download.default_directory': join(folder, 'downloads'),
      'download.prompt_for_download': false,
    });
    const driver = await new Builder()
      .forBrowser('chrome')
      .setChromeOptions(options)
      .setChromeService(new chrome.ServiceBuilder('/usr/bin/chromedriver'))
      .build();
    // A busy machine takes its time over a long script, too.
    await driver.manage().setTimeouts({ script: 180_000 });
    const page = new Page(driver, folder);
    await page.size(1280, 800);
    return page;
  }

  /** Makes the page exactly so large. */
  async size(width: number, height: number): Promise<void> {
    await (this.driver as chrome.Driver).sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
      width,
      height,
      deviceScaleFactor: 1,
      mobile: false,
    });
  }

  async close(): Promise<void> {
    await this.driver.quit();
    rmSync(this.folder, { recursive: true, force: true });
  }

  get url(): Promise<string> {
    return this.driver.getCurrentUrl();
  }

  async go(path: string): Promise<void> {
    await this.driver.get(`${process.env['RIEGEL_E2E_URL']}${path}`);
  }

  /** Waits until something holds and gives it back; the message says what was waited for. */
  async until<T>(what: string, look: () => Promise<T | undefined | false>): Promise<T> {
    const end = Date.now() + WAIT;
    let last: unknown;
    while (Date.now() < end) {
      try {
        const found = await look();
        if (found) return found;
      } catch (error) {
        last = error;
      }
      await new Promise((resolve) => setTimeout(resolve, 60));
    }
    throw new Error(
      `Waited in vain for ${what} at ${await this.url}. ${last instanceof Error ? last.message : ''}\n${(await this.text('body')).replace(/\n+/g, ' ').slice(0, 3000)}`,
    );
  }

  find(css: string): Promise<WebElement> {
    return this.until(css, async () => (await this.driver.findElements(By.css(css)))[0]);
  }

  /** The first visible element of a kind whose text, label or placeholder contains the words. */
  named(css: string, words: string): Promise<WebElement> {
    return this.until(`${css} “${words}”`, () => this.seek(css, words));
  }

  private async seek(css: string, words: string): Promise<WebElement | undefined> {
    const found = await this.driver.executeScript<WebElement | null>(
      `const [css, words] = arguments;
       const own = (e) => e.closest('label')?.textContent ?? (e.id && document.querySelector('label[for="' + CSS.escape(e.id) + '"]')?.textContent) ?? '';
       return [...document.querySelectorAll(css)].find((e) => e.getClientRects().length > 0 && [e.textContent, e.getAttribute('aria-label'), e.getAttribute('title'), e.placeholder, (['INPUT','SELECT','TEXTAREA'].includes(e.tagName) || e.hasAttribute('data-select')) ? own(e) : ''].some((t) => t && t.replace(/\\s+/g, ' ').includes(words))) ?? null;`,
      css,
      words,
    );
    return found ?? undefined;
  }

  /**
   * A page that is still filling moves its buttons or has them disabled, a list that is still being decided or
   * searched moves its lines, and a notice may lie over them for a moment: the pointer waits for all of it.
   */
  async click(css: string, words: string): Promise<void> {
    await this.until(`${css} “${words}” free to be clicked`, async () => {
      const element = await this.seek(css, words);
      if (!element || !(await this.rests(element))) return false;
      await element.click();
      return true;
    });
  }

  /** Whether something stays where it is, can be used, and is in nothing that is still being worked on. */
  private rests(element: WebElement): Promise<boolean> {
    return this.driver.executeAsyncScript<boolean>(
      `const [element, done] = arguments;
       element.scrollIntoView({ block: 'center' });
       let before = '';
       const look = () => {
         if (!element.isConnected) return done(false);
         const { x, y, width, height } = element.getBoundingClientRect();
         const now = [x, y, width, height].join();
         if (now === before) return done(!element.disabled && !element.closest('[aria-busy=true]'));
         before = now;
         requestAnimationFrame(() => requestAnimationFrame(look));
       };
       look();`,
      element,
    );
  }

  async fill(css: string, words: string, value: string): Promise<WebElement> {
    const element = await this.named(css, words);
    await element.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.DELETE, value);
    return element;
  }

  /** Drags one thing onto another with the mouse, in several moves as a hand does. */
  async drag(thing: WebElement, onto: WebElement): Promise<void> {
    const hand = this.driver.actions();
    hand.move({ origin: thing }).press().move({ origin: thing, x: 12, y: 12 });
    hand.move({ origin: onto, x: -6 }).move({ origin: onto }).pause(100).release();
    await hand.perform();
  }

  /** Keys for whatever has the focus. */
  async keys(...keys: string[]): Promise<void> {
    for (const key of keys) await this.driver.actions().sendKeys(key).perform();
  }

  async chord(...keys: string[]): Promise<void> {
    const actions = this.driver.actions();
    for (const key of keys) actions.keyDown(key);
    for (const key of [...keys].reverse()) actions.keyUp(key);
    await actions.perform();
  }

  text(css: string): Promise<string> {
    return this.driver.executeScript<string>(
      `return [...document.querySelectorAll(arguments[0])].map((e) => e.innerText ?? e.textContent).join('\\n').replace(/\\u00a0/g, ' ')`,
      css,
    );
  }

  /** Waits until the text of what the selector finds contains the words. */
  async sees(css: string, words: string | RegExp): Promise<string> {
    return this.until(`“${String(words)}” in ${css}`, async () => {
      const text = (await this.text(css)).replace(/\s+/g, ' ');
      return (typeof words === 'string' ? text.includes(words) : words.test(text))
        ? text
        : undefined;
    });
  }

  async saved(): Promise<void> {
    await this.find('[data-save="saved"]');
  }

  /** Goes to a page of the opening by its bolt row. */
  async toStage(name: string): Promise<void> {
    await this.click('nav[aria-label="Stages"] a', name);
    await this.until(`the page ${name}`, () =>
      this.driver.executeScript<boolean>(
        `const [name] = arguments;
         const current = document.querySelector('nav[aria-label="Stages"] a[aria-current="page"]');
         const article = document.querySelector('article[data-stage]');
         return current?.textContent.includes(name) && (!article || article.ariaLabel === name);`,
        name,
      ),
    );
  }

  /** Value of a decision with its reasons, on the page of its stage. */
  async decision(key: string, words: string | RegExp): Promise<string> {
    const stage = key.split('.')[0]!;
    await this.until(`the page of ${stage}`, () =>
      this.driver.executeScript<boolean>(
        `const article = document.querySelector('article[data-stage]');
         if (!article || article.dataset.stage === arguments[0]) return document.querySelector('[data-decision]') !== null;
         document.querySelector('nav[aria-label="Stages"] a[href$="/' + arguments[0] + '"]')?.click();
         return false;`,
        stage,
      ),
    );
    return this.sees(`[data-decision="${key}"]`, words);
  }

  /** Takes an option of a list that opens, by its words. */
  async choose(label: string, option: string, within = ''): Promise<void> {
    await this.click(`${within} [data-select]`, label);
    await this.until(`the option ${option}`, () =>
      this.driver.executeScript<boolean>(
        `const [words] = arguments;
         const all = [...document.querySelectorAll('[role=listbox] [role=option]')];
         const text = (one) => one.textContent.trim();
         const found = all.find((one) => text(one) === words) ?? all.find((one) => text(one).includes(words));
         found?.scrollIntoView({ block: 'nearest' });
         found?.setAttribute('data-wanted', '');
         return found !== undefined;`,
        option,
      ),
    );
    await (await this.find('[role=option][data-wanted]')).click();
    await this.until(
      'the list closed',
      async () => (await this.driver.findElements(By.css('[role=listbox]'))).length === 0,
    );
  }

  /** Records the frame opening width of the opening that is open. */
  async frameWidth(value: string): Promise<void> {
    await this.decision('sizing.frameWidth', /./);
    await this.fact('Frame opening width', value);
  }

  /** Records a fact of the stage that is open: where it stands, where it is asked, else among all facts. */
  async fact(label: string, value: string): Promise<void> {
    const visible = (css: string) =>
      this.driver.executeScript<boolean>(
        `const [css, words] = arguments;
         return [...document.querySelectorAll(css)].some((e) => e.getClientRects().length > 0 && (e.getAttribute('aria-label') ?? e.textContent).replace(/\\s+/g, ' ').trim().startsWith(words));`,
        css,
        label,
      );
    const field = '[data-fact] label';
    if (!(await visible(field))) {
      const chip = 'article [data-edits]';
      if (await visible(chip)) await this.click(chip, label);
      else await this.click('article button', 'All facts of');
    }
    const within = (await this.driver.findElements(By.css('[role=dialog][data-state=open]'))).length
      ? '[role=dialog]'
      : '[data-fact]';
    const box = await this.named(`${within} input, ${within} [data-select]`, label);
    if ((await box.getTagName()) === 'input')
      await box.sendKeys(Key.chord(Key.CONTROL, 'a'), Key.DELETE, value, Key.ENTER);
    else await this.choose(label, value, within);
    if (within === '[role=dialog]') await this.keys(Key.ESCAPE);
  }

  async online(on: boolean): Promise<void> {
    await (this.driver as chrome.Driver).sendDevToolsCommand('Network.enable', {});
    await (this.driver as chrome.Driver).sendDevToolsCommand('Network.emulateNetworkConditions', {
      offline: !on,
      latency: 0,
      downloadThroughput: -1,
      uploadThroughput: -1,
    });
  }

  /** The page as it would be printed, its text. */
  async printed(): Promise<string> {
    const { data } = (await (this.driver as chrome.Driver).sendAndGetDevToolsCommand(
      'Page.printToPDF',
      {},
    )) as unknown as { data: string };
    const path = join(this.folder, 'printed.pdf');
    writeFileSync(path, data, 'base64');
    return execFileSync('pdftotext', ['-layout', path, '-'], { encoding: 'utf8' });
  }

  /** Waits for a finished download and gives its path. */
  download(ending: string): Promise<string> {
    const folder = join(this.folder, 'downloads');
    return this.until(`a download ${ending}`, () => {
      const name = readdirSync(folder).find((file) => file.endsWith(ending));
      return Promise.resolve(
        name && readFileSync(join(folder, name)).length > 0 ? join(folder, name) : undefined,
      );
    });
  }

  async signIn(name = 'Ines Okafor'): Promise<void> {
    await this.go('/');
    await this.click('button', name);
    await this.sees('h1', 'Projects');
  }

  /** Makes a project and opens its register; gives its address. */
  async newProject(name: string, practice = 'US commercial'): Promise<string> {
    await this.go('/');
    await this.click('button', 'New project');
    await this.fill('[role=dialog] input', 'Name', name);
    await this.click('[role=dialog] label', practice);
    await this.click('[role=dialog] button', 'Make the project');
    await this.sees('h2', 'No openings yet');
    return new URL(await this.url).pathname;
  }

  /** Pastes a list as a person would: into the dialog, then adds it. */
  async pasteList(text: string, count: number): Promise<void> {
    await this.click('button', 'Paste');
    const area = await this.find('[role=dialog] textarea');
    await area.sendKeys(text);
    await this.click('[role=dialog] button.primary', `Add ${count} opening`);
    await this.until(
      `${count} rows`,
      async () => (await this.driver.findElements(By.css('[role=grid] [role=row]'))).length > count,
    );
    await this.saved();
  }
}
