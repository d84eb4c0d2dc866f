import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { By } from 'selenium-webdriver';
import { Page } from './support/page.js';

jest.setTimeout(180_000);

const folder = mkdtempSync(join(tmpdir(), 'riegel-lists-'));

function file(name: string, text: string): string {
  const path = join(folder, name);
  writeFileSync(path, text, 'latin1');
  return path;
}

const FIRST = `Door list;;;;;
;;;;;
Door No.;Room from;Room to;Size (W x H);Handing;Fire label
GROUND FLOOR
G1;Street;Café;3070;RHRA;NR
G2;Café;Store;3'-0" x 7'-0";LH;1 1/2 HR
G3;Café;Office;2868;left;20 min
G3;Café;Office again;2868;LH;20 min
`;

const SECOND = FIRST.replace('1 1/2 HR', '3/4 HR')
  .replace('Store', 'Pantry')
  .replace(/G3;Café;Office again.*\n/, 'G4;Café;Cellar;2468;RH;\n')
  .replace(/G1.*\n/, '');

describe('taking over a door list', () => {
  let page: Page;
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    await page.newProject('Tannery');
  });
  afterAll(() => page.close());

  const choose = async (path: string) => {
    await (await page.find('input[type=file]')).sendKeys(path);
  };

  it('reads a file, guesses its columns and shows what would happen before anything does', async () => {
    await page.click('a', 'Import');
    await choose(file('issue 1.csv', FIRST));
    await page.sees('header', 'Windows-1252, parted by semicolons');
    const size = await page.named('select', 'Column Size (W x H) is');
    expect(await size.getAttribute('value')).toBe('size');
    // A fact is dragged onto the column it stands in, and back.
    const handing = await page.named('select', 'Column Handing is');
    await page.drag(await page.named('button', 'Level'), handing);
    await page.until(
      'the column to be the storey',
      async () => (await handing.getAttribute('value')) === 'storey',
    );
    await page.drag(await page.named('button', 'Hand'), handing);
    await page.until(
      'the column to be the hand',
      async () => (await handing.getAttribute('value')) === 'hand',
    );
    await page.click('button', 'See what would change');
    await page.sees('[role=tab]', /New 3 Changed 0 The same 0 Not readable 1/);
    await page.sees('[data-row="G3"]', 'Hand “left” not read');
    await page.click('[role=tab]', 'Not readable');
    await page.sees('[data-row="G3"]', 'The mark G3 stands in row 7 already.');
  });

  it('takes the project’s meaning for a word, writes everything as one step, and takes it back as one', async () => {
    const meaning = await page.named('select', 'left in Hand means');
    await meaning.findElement(By.css('option[value="LH"]')).click();
    await page.sees('[aria-label="Words of the list"]', 'left = LH');
    await page.click('button.primary', 'Take it over');
    await page.sees('[role=grid]', /G3 Café Office single 32 80/);
    await page.sees('[role=grid]', /G1 Street Café/);
    await page.click('button', 'Undo');
    await page.sees('h2', 'No openings yet');
    await page.click('button', 'Redo');
    await page.sees('[role=grid]', 'G2');
  });

  it('shows what the architect changed in the next issue, apart from what was changed here', async () => {
    // The specifier's own change of the rating of G3.
    await page.click('[role=grid] a', 'Open G3');
    await page.sees('h1', 'G3');
    await page.fact('Fire rating, minutes', '60');
    await page.saved();
    await page.click('a', 'Register');
    await page.click('a', 'Import');
    await choose(file('issue 2.csv', SECOND));
    await page.sees('header', 'held against “issue 1.csv”');
    await page.click('button', 'See what would change');
    await page.sees('[role=tab]', /New 1 Changed 2 The same 0 Not readable 0 Not in the list 1/);
    await page.click('[role=tab]', 'Changed');
    await page.sees('[data-row="G2"]', /To Store → Pantry.*90 min → 45 min/);
    await page.sees('[data-row="G3"]', /60 min → 20 min changed here since the last list/);
    await page.sees('[role=status]', '1 new, 1 changed');
    await page.click('[role=tab]', 'Not in the list');
    await page.click('label', 'G1');
    await page.sees('[role=status]', '1 new, 1 changed, 1 deleted');
    await page.click('button.primary', 'Take it over');
    await page.sees('[role=grid]', /G2 Café Pantry/);
    await page.sees('[role=grid]', /G3 .* 60/);
    expect(await page.text('[role=grid]')).not.toContain('Street');
  });

  it('gives the same list back as a workbook that reads without a change', async () => {
    await page.click('button', 'Take a file');
    await page.click('[role=menuitem]', 'XLSX');
    const path = await page.download('openings.xlsx');
    await page.click('a', 'Import');
    await choose(path);
    await page.click('button', 'See what would change');
    await page.sees('[role=tab]', /New 0 Changed 0 The same 3 Not readable 0 Not in the list 0/);
  });

  it('refuses what is no list, and reads pasted cells', async () => {
    await page.click('button', 'Another list');
    await choose(file('doors.xls', '\u00d0\u00cf\u0011\u00e0'));
    await page.sees('[role=alert]', 'old binary workbook format');
    const area = await page.named('textarea', 'Pasted cells');
    await page.driver.executeScript(
      `const [area, text] = arguments;
       Object.getOwnPropertyDescriptor(HTMLTextAreaElement.prototype, 'value').set.call(area, text);
       area.dispatchEvent(new Event('input', { bubbles: true }));`,
      area,
      'Mark\tRating\nG2\tEI60\n',
    );
    await page.sees('h1', 'Pasted cells');
    await page.click('button', 'See what would change');
    await page.sees('[data-row="G2"]', '45 min → 60 min');
  });
});
