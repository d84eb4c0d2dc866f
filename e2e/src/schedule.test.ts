import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { By } from 'selenium-webdriver';
import { Page } from './support/page.js';

jest.setTimeout(240_000);

const LIST = [
  'Mark,From,To,Size,Hand,Rating,Door,Frame,Finish',
  '101,Corridor,Office 1,3070,LH,NR,SC,HM,626',
  '102,Corridor,Office 2,3070,RH,NR,SC,HM,626',
  '103,Corridor,Office 3,3070,LH,NR,SC,HM,626',
  '104,Corridor,Meeting,3070,RH,NR,SC,HM,626',
  '105,Corridor,Store,3070,,NR,SC,HM,626',
].join('\n');

describe('what leaves the office', () => {
  let page: Page;
  let project: string;
  let shared: Page | undefined;
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    project = await page.newProject('Paper works');
    await page.pasteList(LIST, 5);
    await page.saved();
  });
  afterAll(async () => {
    await shared?.close();
    await page.close();
  });
  const to = (path = '') => page.go(`${project}/schedule${path}`);

  it('names sets, leaves what is undecided apart, and holds two sets against each other', async () => {
    await to();
    await page.sees('#set-1', /office .*101 .*102 .*103/);
    await page.sees('#undecided', /105/);
    await page.click('button', 'Rename set 1');
    await page.fill('input', 'Name of set 1', 'Staff offices\n');
    await page.sees('#set-1', 'Staff offices');
    await page.sees('nav[aria-label="Sets"]', 'Staff offices');
    await page.choose('Hold set 2 against', 'Set 1 Staff offices');
    await page.sees('[role=dialog]', /Set 2 beside set 1/);
    await page.sees('[aria-label="What differs"]', /lock|latch/i);
    await page.sees('[aria-label="Why"]', /function/i);
    await page.sees('[role=dialog]', /would then take the same/);
    await page.click('[role=dialog] button', 'Take these choices');
    await page.saved();
    await page.sees('#set-1', /101 .*102 .*103 .*104/);
  });

  it('keeps an opening apart with a reason, and puts it together again', async () => {
    await page.click('input[type=checkbox]', 'Choose 103');
    await page.click('button', 'Keep apart');
    await page.fill('[role=dialog] textarea', 'Reason', 'next phase');
    await page.click('[role=dialog] button', 'Keep apart');
    await page.sees('main, [role=region]', /Kept apart: next phase/);
    await page.click('button', 'Put together again');
    await page.sees('#set-1', /101 .*102 .*103 .*104/);
  });

  it('drags an opening onto another set, and shows what it would take before', async () => {
    await page.click('button', 'Undo');
    await page.sees('main, [role=region]', /Kept apart: next phase/);
    const grip = await page.find('[data-heading="101"] [title="Drag onto a set at the left"]');
    const onto = await page.named('nav[aria-label="Sets"] a', 'Set 3');
    await page.drag(grip, onto);
    await page.sees('[role=dialog]', /101 beside set/);
    await page.click('[role=dialog] button', 'Cancel');
  });

  it('prints what is seen: by set, by opening, by room, with parties and notes', async () => {
    await page.click('button', 'What is printed');
    await page.click('[role=dialog] button', 'Add a party');
    await page.fill('[role=dialog] input', 'Party 1', 'Architect');
    await page.fill('[role=dialog] input', 'Name of party 1', 'A Studio of Three');
    await page.fill('[role=dialog] textarea', 'General notes', 'Samples first.');
    await page.click('[role=dialog] button', 'Save');
    await page.until(
      'the dialog gone',
      async () => (await page.driver.findElements(By.css('[role=dialog]'))).length === 0,
    );
    await page.click('button', 'PDF');
    const text = execFileSync('pdftotext', ['-layout', await page.download('.pdf'), '-'], {
      encoding: 'utf8',
    });
    expect(text).toMatch(/Architect +A Studio of Three/);
    expect(text).toContain('Samples first.');
    expect(text).toContain('Set 1 – Staff offices');
    await to('/print');
    await page.find('canvas[data-drawn]');
    await to('/openings');
    await page.sees('[data-row="105"]', 'open');
    await to('/rooms');
    await page.sees('[data-room="Corridor"]', '101');
  });

  it('takes off what is ordered, asks for prices, and reads what comes back', async () => {
    await to('/take-off');
    await page.sees('[data-ref]', /Butt hinge/);
    await page.choose('Spares', '5 % spares');
    await page.sees('[data-ref]', /spare/);
    await page.click('button', 'Request for prices');
    const asked = await page.download('.xlsx');
    // A reply as a spreadsheet saves it: every price 2.
    const answered = asked.replace(/\.xlsx$/, '.csv');
    const sheet = execFileSync('unzip', ['-p', asked, 'xl/worksheets/sheet1.xml'], {
      encoding: 'utf8',
    });
    expect(sheet).toContain('<row');
    const refs = await page.driver.executeScript<string[]>(
      'return [...document.querySelectorAll("[data-ref]")].map((row) => row.dataset.ref)',
    );
    writeFileSync(
      answered,
      ['Ref,Price each,Currency', ...refs.map((ref) => `${ref},2.00,USD`)].join('\n'),
    );
    await (await page.named('input[type=file]', 'Read a reply')).sendKeys(answered);
    await page.sees('[aria-label="Replies"]', /USD \d+\.00/);
    await page.sees('[aria-label="Replies"]', 'complete');
  });

  it('makes sheets of many in the background, to be taken when they are done', async () => {
    await to('/sheets');
    await page.find('canvas[data-drawn]');
    await page.click('aside button', '5 as PDF');
    await page.sees('[data-job="sheets"]', /kB/);
    await page.click('[data-job="sheets"] button', 'Take paper-works-sheets-all.pdf');
    const text = execFileSync(
      'pdftotext',
      ['-layout', await page.download('sheets-all.pdf'), '-'],
      {
        encoding: 'utf8',
      },
    );
    expect(text).toContain('101, leaf');
    await page.click('button', 'in one piece');
    expect((await page.download('.pdf')).length).toBeGreaterThan(0);
  });

  it('takes the doors of a building model over, and writes what was decided back into it', async () => {
    const model = join(__dirname, '../../demo/lists/larkhollow-model.ifc');
    await page.go(`${project}/import`);
    await (await page.find('input[aria-label="File of the list"]')).sendKeys(model);
    await page.sees('h1', 'larkhollow-model.ifc');
    await page.click('button', 'See what would change');
    await page.sees('[role=tab]', /New \d+/);
    await page.go(`${project}/schedule/sheets`);
    await (await page.find('input[aria-label="Building model"]')).sendKeys(model);
    const written = readFileSync(await page.download('-hardware.ifc'), 'latin1');
    expect(written).toContain("'Riegel_DoorHardware'");
    expect(written.startsWith(readFileSync(model, 'latin1').slice(0, 20_000))).toBe(true);
  });

  it('issues a release, holds it against what came after, and shows it to a reader by a link', async () => {
    await to('/releases');
    await page.click('button', 'Issue a release');
    await page.fill('[role=dialog] input', 'Name', 'Tender');
    await page.fill('[role=dialog] textarea', 'Reason', 'for the bidders');
    await page.click('[role=dialog] button', 'Issue');
    await page.sees('[data-release="1"]', /Tender .*for the bidders .*schedule\.pdf/);
    await page.sees('[aria-label="Differences"]', /Nothing differs/);
    await page.click('[data-release="1"] button', 'Link');
    await page.click('[role=dialog] button', 'Make a link');
    const link = await (await page.named('[role=dialog] input', 'Link')).getAttribute('value');
    await page.click('[role=dialog] button', 'Close');
    shared = await Page.open();
    const { pathname, hash } = new URL(link!);
    await shared.go(pathname + hash);
    await shared.sees('h1', 'Paper works');
    await shared.sees('main', /Release 1: Tender .*schedule\.pdf/);
    await shared.click('main button', 'schedule.csv');
    expect(readFileSync(await shared.download('.csv'), 'utf8')).toContain('Staff offices');
    // No other page opens for them.
    await shared.go(`${project}/schedule`);
    await shared.sees('body', /Sign in|sign in/);
    await page.go(project);
    await page.click('[role=grid] a', 'Open 101');
    await page.sees('h1', '101');
    await page.frameWidth('48');
    await page.saved();
    await to('/releases');
    await page.sees('[data-changed="101"]', /Opening 36 in × 84 in 48 in × 84 in/);
  });
});
