import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Key } from 'selenium-webdriver';
import { Page } from './support/page.js';

jest.setTimeout(180_000);

const folder = mkdtempSync(join(tmpdir(), 'riegel-catalogue-'));

describe('hanging a leaf', () => {
  let page: Page;
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    await page.newProject('Saddlery');
    await page.pasteList(
      'Mark,Size,Frame,Leaf,Hand,Rating,Use\nA,3070,steel,stave core,RH,90,medium\nB,3070,timber,stave core,LH,none,medium',
      2,
    );
    await page.click('[role=grid] a', 'Open A');
    await page.toStage('Hanging');
    await page.click('[role=tab]', 'Loads');
  });
  afterAll(() => page.close());

  const hinge = (index: number) => page.find(`[data-hinge="${index}"]`);
  const text = async (index: number) => (await hinge(index)).getAttribute('aria-valuetext');
  const pull = () => page.text('svg[aria-label="Hinge edge with loads"]');

  it('draws what each hinge carries, and its arrows follow a dragged hinge', async () => {
    await page.sees('table', 'Spread equally');
    expect(await text(1)).toBe('37 1/8 in');
    const before = await pull();
    const first = await hinge(0);
    await page.driver
      .actions()
      .move({ origin: first })
      .press()
      .move({ origin: first, y: 20 })
      .move({ origin: first, y: 60 })
      .perform();
    // While it is held the figures move already.
    await page.sees('[role=status]', / in/);
    expect(await pull()).not.toBe(before);
    await page.driver.actions().release().perform();
    await page.sees('figcaption', 'to the pattern');
    const dragged = await text(0);
    expect(dragged).not.toBe('4 7/8 in');
    await page.saved();
    await page.decision(
      'hanging.positions',
      new RegExp(`${dragged!.replace(' in', '')}.*Set on the drawing`),
    );
  });

  it('moves a hinge by keys, and goes back to the pattern', async () => {
    const first = await hinge(0);
    const before = await text(0);
    await first.sendKeys(Key.ARROW_DOWN);
    await page.until('another place', async () => (await text(0)) !== before);
    await page.click('figcaption button', 'to the pattern');
    await page.until('the pattern', async () => (await text(0)) === '4 7/8 in');
    await page.click('button', 'Place them so');
    await page.sees('table', /Close under the top .* as it is/);
    await page.click('figcaption button', 'to the pattern');
    await page.sees('table', /Spread equally .* as it is/);
  });

  it('swings the leaf past its trim as far as the hinge lets it', async () => {
    await page.click('[role=tab]', 'Swing');
    await page.fact('Trim stands out', '2');
    await page.decision('hanging.hingeWidth', '6 in');
    await page.sees('figcaption', 'carries the leaf clear of its trim all the way');
    await page.fact('Shall open to, degrees', '100');
    await page.decision('hanging.hingeWidth', /narrowest that opens to 100°/);
    await page.sees('figcaption', /Clear of its trim to 1\d\d/);
    const slider = await page.named('[role=slider]', 'Opened by, degrees');
    await slider.sendKeys(Key.END);
    await page.sees('figcaption', 'The leaf meets its trim beyond');
  });

  it('names a product that satisfies the decision, and tells what one that almost does lacks', async () => {
    await page.click('article button', 'Products');
    await page.sees('[data-product="marrowby-p-4-5x4-5"], section', /satisfy/);
    await page.sees('section', 'It is 5 in high; 4 1/2 in is decided.');
    await page.click('[data-product="marrowby-b-4-5x4-5"] button', 'Name it');
    await page.sees('[data-product="marrowby-b-4-5x4-5"]', 'named');
    await page.saved();
    await page.decision('hanging.product', 'Marrowby B 4.5x4.5');
    await page.click('nav a', 'Schedule');
    // What its door is stays open, so it has no set yet; what is decided of it is told there.
    await page.click('#undecided summary', 'lines so far');
    await page.sees('#undecided', 'Marrowby B 4.5x4.5');
  });
});

describe('the knot', () => {
  let page: Page;
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    await page.click('a', 'Wendelmoor Mill Studios');
    await page.fill('input', 'Search', 'Recital');
    await page.click('[role=grid] a', 'Open 1.40');
  });
  afterAll(() => page.close());

  it('shows what clashes where it clashes', async () => {
    await page.toStage('Sealing');
    await page.sees('article', /arm of the foot and the full-mortised drop seal/);
    await page.find('[role=tabpanel][data-state=active] .layer-clash');
    await page.toStage('Hanging');
    await page.click('article button', 'Clashes');
    await page.sees('[data-clash="overlap"]', '250 mm × 32 mm × 14 mm');
    await page.find('[data-clash="overlap"] svg .layer-clash');
    await page.click('a', 'Look for alternatives');
  });

  it('lays the ways out side by side, with what each keeps, changes and asks', async () => {
    await page.sees(
      'article[data-device="concealed"]',
      /Nothing visible kept.*Closer maker: a template/,
    );
    await page.sees('article[data-device="centre-pivot"]', 'actuator plate');
    await page.sees('article[data-device="offset-pivot"]', 'The frame becomes rebated');
    await page.sees(
      'section[aria-label="Not possible"]',
      /concealed spring hinges Springs have no checking/,
    );
    await page.sees('[aria-label="Alternatives"]', 'A threshold after all');
  });

  it('takes one as a single step that is undone as one', async () => {
    await page.click('article[data-device="concealed"] button', 'Take this one');
    await page.decision('hanging.device', 'concealed hinges');
    await page.saved();
    await page.until(
      'no clash',
      async () => !(await page.text('nav[aria-label="Stages"]')).includes(', stop'),
    );
    await page.click('button', 'Undo');
    await page.decision('hanging.device', 'centre-hung pivots');
    await page.toStage('Sealing');
    await page.sees('article', 'want the same place');
  });

  it('changes with what is wished', async () => {
    await page.toStage('Alternatives');
    await page.click('label', 'Held open');
    await page.until(
      'the wish gone',
      async () => !(await page.text('article[data-device="concealed"]')).includes('Held open'),
    );
    await page.click('label', 'Held open');
    await page.sees('article[data-device="concealed"]', 'Held open');
    await page.saved();
  });
});

describe('the library', () => {
  let page: Page;
  /** Products that ship. */
  let many = 0;
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    await page.newProject('Cooperage', 'British');
    await page.click('nav a', 'Library');
  });
  afterAll(() => page.close());

  it('finds products by words and shows one with its recess', async () => {
    const status = await page.sees('[role=status]', /(\d+) of \1/);
    many = Number(/\d+/.exec(status)![0]);
    expect(many).toBeGreaterThan(300);
    await page.fill('input', 'Find a product', 'quillstead adjustable');
    await page.click('[role=listitem] button', 'A160');
    await page.sees('aside', /Adjusts sideways, ± 3 mm/);
    await page.find('aside svg[aria-label="Recess on the edge and in a cut"]');
  });

  it('gives its catalogue out and takes a changed one in, fault by fault, undone as one step', async () => {
    await page.fill('input', 'Find a product', '');
    await page.click('a', 'CSV');
    const csv = readFileSync(await page.download('catalogue.csv'), 'utf8');
    const [heading] = csv.split('\r\n');
    const path = join(folder, 'ours.csv');
    const columns = heading!.replace('\uFEFF', '').split(',');
    const row = (cells: Record<string, string>) =>
      columns.map((name) => cells[name] ?? '').join(',');
    writeFileSync(
      path,
      [
        csv.replace(/\r\n$/, ''),
        row({
          id: 'ours-1',
          maker: 'Tarnhollow',
          model: 'Ours 100',
          type: 'butt',
          height: '100 mm',
          width: '80 mm',
        }),
        row({ id: 'ours-2', maker: 'Tarnhollow', model: 'Ours 2', type: 'gadget', height: 'tall' }),
      ].join('\r\n'),
    );
    await page.click('button', 'Take over');
    await (await page.find('[role=dialog] input[type=file]')).sendKeys(path);
    await page.sees(
      '[role=dialog] [role=status]',
      `1 new, 0 changed, ${many} the same, 1 not readable`,
    );
    await page.sees('[role=dialog]', 'Type “gadget” is not read');
    await page.click('[role=dialog] button.primary', 'Take over 1');
    await page.sees('[role=status]', `${many + 1} of ${many + 1}`);
    await page.fill('input', 'Find a product', 'ours');
    await page.sees('[role=list]', /Ours 100 own/);
    await page.click('button', 'Undo');
    await page.sees('[role=status]', `0 of ${many}`);
  });

  it('refuses a file that is none, with what is wrong', async () => {
    const path = join(folder, 'list.json');
    writeFileSync(path, '[{"id":"x"}]');
    await page.click('button', 'Take over');
    await (await page.find('[role=dialog] input[type=file]')).sendKeys(path);
    await page.sees('[role=alert]', 'The product x has something in “maker”');
    await page.click('[role=dialog] button', 'Close');
  });

  it('draws the hinge patterns beside each other', async () => {
    await page.click('[role=tab]', 'Hinge patterns');
    await page.sees('[data-pattern="british-150-225"]', /150.*British, Australian and New Zealand/);
    await page.find('[data-pattern="us-timber-7-11"] svg');
  });
});
