import { writeFileSync } from 'node:fs';
import { Page } from './support/page.js';
const page = await Page.open();
const shot = async (name: string) => {
  await new Promise((r) => setTimeout(r, 700));
  writeFileSync(`/tmp/t/${name}.png`, await page.driver.takeScreenshot(), 'base64');
};
let register = '';
const open = async (mark: string) => {
  await page.go(register);
  await page.fill('input', 'Search', mark);
  await page.click('[role=grid] a', `Open ${mark}`);
  await page.sees('h1', mark);
  await page.find('[role=tabpanel][data-state=active] svg.drawing path');
};
const into = (sel: string) =>
  page.driver.executeScript(`document.querySelector('${sel}')?.scrollIntoView({block:'start'})`);
try {
  await page.go('/');
  await page.driver.executeScript(`localStorage.setItem('riegel.theme','light')`);
  await page.go('/');
  await page.signIn();
  await page.click('a', 'Larkhollow Playhouse');
  await page.sees('[role=grid]', /35 3\/4/);
  register = new URL(await page.url).pathname;
  await open('221');
  await shot('a1');
  await into('section[aria-label=Checked]');
  await shot('a2');
  await page.toStage('Securing');
  await page.find('figure[aria-label="Who gets through"]');
  await into('figure[aria-label="Who gets through"]');
  await shot('a3');
  await open('210');
  await page.toStage('Powering');
  await into('figure[aria-label="Who gets through"]');
  await shot('a4');
} finally {
  await page.driver.quit();
}
