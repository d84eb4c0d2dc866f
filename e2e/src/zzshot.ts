import { writeFileSync } from 'node:fs';
import { Page } from './support/page.js';
const page = await Page.open();
const shot = async (name: string) => {
  await page.driver.executeAsyncScript(
    'const done = arguments[0]; document.fonts.ready.then(() => setTimeout(done, 400))',
  );
  writeFileSync(`/tmp/shot-${name}.png`, await page.driver.takeScreenshot(), 'base64');
};
try {
  await page.go('/');
  await page.signIn();
  await page.click('a', process.env['PROJECT'] ?? 'Larkhollow Playhouse');
  await page.sees('[role=grid]', /./);
  const register = new URL(await page.url).pathname;
  for (const spec of (process.env['SHOTS'] ?? '').split(',').filter(Boolean)) {
    const [name, path, click, wait] = spec.split('|');
    await page.go(`${register}${path}`);
    await new Promise((r) => setTimeout(r, Number(wait ?? 1500)));
    for (const c of (click ?? '').split('&').filter(Boolean)) {
      await page.driver.executeScript(
        `const e=document.querySelector(${JSON.stringify(c)}); e && (e.click ? e.click() : e.dispatchEvent(new MouseEvent('click',{bubbles:true})))`,
      );
      await new Promise((r) => setTimeout(r, 800));
    }
    await shot(name!);
  }
} finally {
  await page.close();
}
