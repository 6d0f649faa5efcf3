import { expect, test } from './fixtures';

test.use({ serviceWorkers: 'allow' });

/** Places and their parts, none of which was opened before the server went away. */
const SCREENS = [
  ['/bench', 'Bridge keeper’s ring'],
  ['/bench/00000004-0000-4000-8000-000000000007', 'Bridge keeper’s ring'],
  ['/plan/search', 'What should I use?'],
  ['/stock', 'Brennac Union 20 brenn, 1948'],
  ['/stock/kit', 'Punches'],
  ['/stock/archived', 'Tools'],
  ['/orders', 'Ferry crew, no. 3'],
  ['/orders/people', 'Mirel Oss'],
  ['/orders/shelf/market', 'Isolt’s thumb ring, 28'],
  ['/orders/day', 'Ferry crew, no. 3'],
  ['/log', 'finished rings'],
  ['/log/shop', 'Twelve months of the shop'],
  ['/settings', 'First size system'],
] as const;

test('the app can be installed: its manifest, icons and shortcuts are there', async ({ app: page }) => {
  const href = await page.locator('link[rel="manifest"]').getAttribute('href');
  const manifest = (await (await page.request.get(new URL(href ?? '', page.url()).href)).json()) as {
    name: string;
    display: string;
    start_url: string;
    theme_color: string;
    icons: { src: string; sizes: string; purpose?: string }[];
    shortcuts: { name: string; url: string }[];
  };
  expect(manifest).toMatchObject({ name: 'Round Mint', display: 'standalone', start_url: '/' });
  expect(manifest.shortcuts.map(({ name, url }) => [name, url])).toEqual([
    ['Bench', '/bench'],
    ['New order', '/orders/new'],
  ]);
  expect(manifest.icons.some(({ purpose }) => purpose === 'maskable')).toBe(true);
  for (const { src, sizes } of manifest.icons.filter(({ src: file }) => file.endsWith('.png'))) {
    const size = await page.evaluate(async (file) => {
      const picture = await createImageBitmap(await (await fetch(file)).blob());
      return `${picture.width}x${picture.height}`;
    }, src);
    expect(size, src).toBe(sizes);
  }
  // The colour round the page follows the light.
  const theme = page.locator('meta[name="theme-color"]');
  await expect(theme).toHaveAttribute('content', manifest.theme_color);
  await page.request.patch(new URL('/api/v1/settings', page.url()).href, { data: { light: 'torch' } });
  await expect(theme).not.toHaveAttribute('content', manifest.theme_color);
});

test('after one visit every place opens while the server is away, and says how old it is', async ({
  app: page,
  workshop,
}) => {
  await expect(page.getByTestId('bench-screen')).toBeVisible();
  await expect.poll(() => page.evaluate(() => localStorage.getItem('all-kept-at'))).not.toBeNull();
  await workshop.stop();
  for (const [path, thing] of SCREENS) {
    await page.goto(workshop.url + path);
    await expect(page.getByText(thing).first(), path).toBeVisible();
    await expect(page.getByTestId('away-bar'), path).toContainText(
      /The server is away. What you see is from .*\d\d:\d\d/,
    );
  }
  await workshop.start();
  await expect(page.getByTestId('away-bar')).toBeHidden();
});
