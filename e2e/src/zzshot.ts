import { writeFileSync } from 'node:fs';
import { Page } from './support/page.js';
const [, , name, path, ...steps] = process.argv;
const page = await Page.open();
try {
  await page.go('/');
  await page.sees('button', 'Ines Okafor');
  await page.signIn();
  await page.click('a', 'Larkhollow Playhouse');
  await page.sees('[role=grid]', /35 3\/4/);
  const base = new URL(await page.url).pathname;
  await page.go(base + '/' + path);
  await new Promise((r) => setTimeout(r, 4500));
  for (const step of steps) {
    await page.driver.executeScript(step);
    await new Promise((r) => setTimeout(r, 900));
  }
  writeFileSync(`/tmp/p/${name}.png`, await page.driver.takeScreenshot(), 'base64');
} finally {
  await page.close();
}
