import { Page } from './support/page.js';

jest.setTimeout(300_000);

/** Widths as designed, as a small laptop, a tablet in portrait, a telephone. */
const SIZES = [
  [1280, 800],
  [1024, 768],
  [820, 1180],
  [390, 844],
] as const;

/** What lies on each other, or is wider than the page. Scrolled panes show only what is in them. */
const FAULTS = `
  const faults = [];
  if (document.documentElement.scrollWidth > innerWidth) faults.push('the page is ' + document.documentElement.scrollWidth + ' wide');
  const clipped = (e) => {
    let box = e.getBoundingClientRect();
    let rect = { left: box.left, top: box.top, right: box.right, bottom: box.bottom };
    for (let p = e.parentElement; p; p = p.parentElement) {
      const style = getComputedStyle(p);
      if (style.overflowX !== 'visible' || style.overflowY !== 'visible') {
        const of = p.getBoundingClientRect();
        rect = { left: Math.max(rect.left, of.left), top: Math.max(rect.top, of.top), right: Math.min(rect.right, of.right), bottom: Math.min(rect.bottom, of.bottom) };
      }
      if (style.position === 'fixed') break;
    }
    return rect;
  };
  const words = (e) => (e.getAttribute('aria-label') || e.innerText || e.tagName).replace(/\\s+/g, ' ').slice(0, 40);
  const shown = [...document.querySelectorAll('a, button, h1, h2, h3, input, select, textarea, dt, dd, [role=tab], summary')].flatMap((e) => {
    if (e.closest('svg, [role=grid], [aria-hidden=true], .sr-only') || !e.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true })) return [];
    if (e.classList.contains('sr-only')) return [];
    const box = clipped(e);
    return box.right - box.left > 3 && box.bottom - box.top > 3 ? [{ e, box }] : [];
  });
  for (const { e, box } of shown)
    if (box.left < -1 || box.right > innerWidth + 1) faults.push(words(e) + ' leaves the page');
  // What a pane that does not scroll cuts off cannot be reached.
  for (const { e } of shown) {
    const box = e.getBoundingClientRect();
    for (let p = e.parentElement; p; p = p.parentElement) {
      const style = getComputedStyle(p);
      if (style.overflowX === 'auto' || style.overflowX === 'scroll') break;
      if (style.overflowX !== 'visible' && style.textOverflow !== 'ellipsis' && box.right > p.getBoundingClientRect().right + 2) {
        faults.push(words(e) + ' is cut off');
        break;
      }
    }
  }
  for (let i = 0; i < shown.length; i++)
    for (let j = i + 1; j < shown.length; j++) {
      const a = shown[i], b = shown[j];
      if (a.e.contains(b.e) || b.e.contains(a.e)) continue;
      const x = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
      const y = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
      if (x > 3 && y > 3 && !(a.e.closest('.sticky, [data-over]') || b.e.closest('.sticky, [data-over]'))) faults.push(words(a.e) + ' on ' + words(b.e));
    }
  return faults.slice(0, 6);
`;

describe('nothing lies on anything, and nothing is wider than the page', () => {
  let page: Page;
  const addresses: [name: string, path: string, there: string][] = [];
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    await page.click('a', '9 Tamsin Terrace');
    await page.sees('[role=grid]', 'Front room');
    const project = new URL(await page.url).pathname;
    await page.click('[role=grid] a', 'Open G2');
    await page.sees('h1', 'G2');
    const opening = new URL(await page.url).pathname;
    addresses.push(
      ['projects', '/', 'main, h1'],
      ['account', '/account', 'h1'],
      ['register', project, '[role=grid] img'],
      ['survey list', `${project}/survey`, 'main a'],
      ['building', `${project}/building`, '[data-room-box]'],
      ['questions', `${project}/questions`, '[aria-label="Question"]'],
      ['overview', `${project}/overview`, '[aria-label="How far each storey is"], h1'],
      ['findings', `${project}/findings`, 'h1'],
      ['keys', `${project}/keys`, '[data-door]'],
      ['schedule', `${project}/schedule`, 'h2'],
      ['schedule by opening', `${project}/schedule/openings`, '[data-row]'],
      ['schedule by room', `${project}/schedule/rooms`, '[data-room]'],
      ['schedule, print', `${project}/schedule/print`, 'canvas[data-drawn]'],
      ['take-off', `${project}/schedule/take-off`, '[data-ref]'],
      ['sheets', `${project}/schedule/sheets`, 'canvas[data-drawn]'],
      ['releases', `${project}/schedule/releases`, '[aria-label="Releases"]'],
      ['library', `${project}/library`, '[data-product]'],
      ['standards', `${project}/standards`, '[data-value]'],
      ['people', `${project}/people`, 'table'],
      ['import', `${project}/import`, 'h1'],
      ['opening', opening, 'article[data-stage]'],
      ...(
        [
          'sizing',
          'handing',
          'hanging',
          'securing',
          'closing',
          'protecting',
          'sealing',
          'powering',
          'finishing',
        ] as const
      ).map((stage): [string, string, string] => [
        stage,
        `${opening}/${stage}`,
        'article[data-stage]',
      ]),
      ['survey', `${opening}/survey`, '[data-reading], h2'],
      ['replacement', `${opening}/replacement`, '[data-pattern]'],
      ['preparation', `${opening}/preparation`, 'article'],
      ['alternatives', `${opening}/alternatives`, '[aria-label="Alternatives"]'],
      ['site', `${opening}/site`, '[data-step]'],
      ['site list', `${project}/site`, 'main a'],
      ['due', '/due', 'h1'],
      ['practice', '/learn', 'h1'],
      ['practice of gaps', '/learn?bench=gaps', '[data-choice]'],
    );
  });
  afterAll(() => page.close());

  it.each(SIZES)('%i by %i', async (width, height) => {
    await page.size(width, height);
    const faults: string[] = [];
    for (const [name, path, there] of addresses) {
      await page.go(path);
      await page.find(there);
      await page.driver.executeAsyncScript(
        'const done = arguments[0]; document.fonts.ready.then(() => requestAnimationFrame(() => requestAnimationFrame(() => setTimeout(done, 60))))',
      );
      for (const fault of await page.driver.executeScript<string[]>(FAULTS))
        faults.push(`${name}: ${fault}`);
    }
    expect(faults).toEqual([]);
  });
});
