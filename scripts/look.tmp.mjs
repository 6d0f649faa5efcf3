import { chromium } from 'playwright-core';
import flags from './lib/chromium-flags.json' with { type: 'json' };
const shots = JSON.parse(process.argv[2]);
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: flags });
for (const { name, path, wide, full, act } of shots) {
  const context = await browser.newContext({ viewport: wide ? { width: 1280, height: 800 } : { width: 390, height: 844 }, serviceWorkers: 'block' });
  const page = await context.newPage();
  page.on('pageerror', (e) => console.log(name, 'ERR', e.message));
  await page.goto(`http://127.0.0.1:4321${path}`);
  await page.waitForTimeout(2500);
  for (const step of act ?? []) {
    const [kind, target, value] = step;
    if (kind === 'click') await page.getByRole(target, { name: new RegExp(value) }).first().click();
    if (kind === 'text') await page.getByText(target).first().click();
    if (kind === 'fill') await page.getByLabel(target, { exact: true }).first().fill(value);
    if (kind === 'scroll') await page.mouse.move(200, 400).then(() => page.mouse.wheel(0, target));
    await page.waitForTimeout(500);
  }
  await page.waitForTimeout(500);
  await page.screenshot({ path: `/tmp/look-${name}.png`, fullPage: !!full });
  await context.close();
}
await browser.close();
