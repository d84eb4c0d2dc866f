import { Page } from './support/page.js';

jest.setTimeout(180_000);

describe('a practice of the project’s own, and its building', () => {
  let page: Page;
  beforeAll(async () => {
    page = await Page.open();
    await page.signIn();
    await page.newProject('Glassworks');
    await page.pasteList(
      'Mark,From,To,Size,Hand,Frame,Leaf\n1,Passage,Wig store,3070,RH,steel,steel\n2,Yard,Passage,3070,LH,steel,steel',
      2,
    );
  });
  afterAll(() => page.close());

  it('copies a shipped practice and shows what a changed value would do before it is applied', async () => {
    await page.click('nav a', 'Standards');
    await page.sees('h1', 'US commercial');
    await page.click('button', 'Copy');
    const name = await page.named('input', 'Name of the practice');
    await page.until(
      'the copy',
      async () => (await name.getAttribute('value')) === 'US commercial, ours',
    );
    await page.fill('input', 'Gaps, steel frame, lock', '3/16\n');
    const see = await page.named('button', 'See what changes');
    expect(await see.isEnabled()).toBe(false);
    await page.fill('input', 'Source of Gaps, steel frame', 'site rule');
    await page.click('button', 'See what changes');
    await page.sees('[role=dialog] [role=status]', 'No decision of this project would change');
    await page.click('[role=dialog] button', 'Apply');
    await page.sees('nav[aria-label="Practices"]', 'US commercial, ours 1 values differ');
  });

  it('uses it for the project, after showing every decision that changes', async () => {
    await page.click('button', 'Use for the project');
    await page.sees('[data-change="Lock gap"]', /1 1\/8 in → 3\/16 in/);
    await page.sees('[data-change="Leaf width"]', /2 35 3\/4 in → 35 11\/16 in/);
    await page.click('[role=dialog] button', 'Apply');
    await page.sees('nav[aria-label="Practices"]', 'in use');
    await page.click('nav a', 'Register');
    await page.sees('[role=grid]', /35 11\/16 × 83 1\/8/);
  });

  it('one opening may keep to another practice', async () => {
    await page.click('[role=grid] a', 'Open 2');
    await page.fact('Practice', 'US commercial');
    await page.decision('sizing.leafWidth', '35 3/4 in');
  });

  it('adopts another edition in a copy, and cites it', async () => {
    await page.click('nav[aria-label="Project"] a', 'Standards');
    await page.click('nav[aria-label="Practices"] button', 'British');
    await page.sees('[role=region][aria-label="Values"]', /Approved Document B, fire safety/);
    await page.click('nav[aria-label="Practices"] button', 'US commercial, ours');
    await page.choose('Edition: International Building Code', '2018');
    await page.sees('[role=region][aria-label="Values"]', /IBC 1010\.1\.10/);
    await page.click('button', 'See what changes');
    await page.click('[role=dialog] button', 'Apply');
    await page.sees(
      '[role=region][aria-label="Values"]',
      /International Building Code\s*2018\s*adopted/,
    );
  });

  it('resets one value, undoes and keeps the rest', async () => {
    await page.click('nav[aria-label="Project"] a', 'Standards');
    await page.click('[data-value="gapsSteel"] button', 'Reset');
    await page.click('button', 'See what changes');
    await page.sees('[data-change="Lock gap"]', /1 3\/16 in → 1\/8 in/);
    await page.click('[role=dialog] button', 'Apply');
    await page.sees('nav[aria-label="Practices"]', '0 values differ');
    await page.click('button', 'Undo');
    await page.sees('nav[aria-label="Practices"]', '1 values differ');
  });

  it('learns the rooms from the openings, and their use tells the outside', async () => {
    await page.click('nav[aria-label="Project"] a', 'Building');
    await page.sees('main', 'Openings name 3 rooms that are not listed yet');
    await page.click('button', 'Take them over');
    await page.find('[data-room-box="Wig store"]');
    await page.click('nav[aria-label="Project"] a', 'Register');
    await page.click('[role=grid] a', 'Open 1');
    await page.decision('handing.outside', /Passage .*more public side of Wig store/);
    await page.click('nav[aria-label="Project"] a', 'Building');
    await (await page.find('[data-room-box="Passage"]')).click();
    await page.fill('input', 'Name of Passage', 'Long gallery\n');
    await page.find('[data-room-box="Long gallery"]');
    await page.click('nav[aria-label="Project"] a', 'Register');
    await page.sees('[role=grid]', /1 Long gallery Wig store/);
  });
});
