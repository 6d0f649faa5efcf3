import { readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { installIfNeeded } from './lib/build.mjs';
import { chromiumIfNeeded, chromiumPath } from './lib/chromium.mjs';
import { ROOT } from './lib/run.mjs';

// The app's icon as pictures, from its drawing: for phones that take no drawings.
const FOLDER = join(ROOT, 'apps/web/public/icons');
/** Phones cut a maskable icon to their own shape: its middle four fifths stay. */
const MASKED = 0.8;

await installIfNeeded();
await chromiumIfNeeded();
const drawing = await readFile(join(FOLDER, 'icon.svg'), 'utf8');
const background = /<rect[^>]*fill="([^"]+)"/.exec(drawing)?.[1] ?? 'none';

const ICONS = [
  { name: 'icon-180.png', size: 180, share: 1, back: background },
  { name: 'icon-192.png', size: 192, share: 1, back: 'transparent' },
  { name: 'icon-512.png', size: 512, share: 1, back: 'transparent' },
  { name: 'maskable-512.png', size: 512, share: MASKED, back: background },
];

const { chromium } = await import('@playwright/test');
const browser = await chromium.launch({ executablePath: chromiumPath() });
try {
  for (const { name, size, share, back } of ICONS) {
    const page = await browser.newPage({ viewport: { width: size, height: size } });
    const edge = Math.round(size * share);
    await page.setContent(
      `<body style="margin:0;background:${back};display:grid;place-items:center;height:100vh">` +
        drawing.replace('<svg', `<svg width="${edge}" height="${edge}"`),
    );
    await writeFile(join(FOLDER, name), await page.screenshot({ omitBackground: true }));
    await page.close();
  }
} finally {
  await browser.close();
}
