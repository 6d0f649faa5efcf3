import { expect, goTo, sheetsClosed, test, visit } from './fixtures';

// Most tests here change nothing that another one would see.
test.use({ fresh: false });

const COIN = '00000001-0000-4000-8000-000000000000';

test('each page is named, and going to one leads to its heading', async ({ app: page }) => {
  await visit(page, '/bench');
  await expect(page).toHaveTitle('Bench · Round Mint');
  await page.getByRole('link', { name: 'Stock' }).click();
  await expect(page).toHaveTitle('Stock · Round Mint');
  await expect(page.getByRole('heading', { level: 1, name: 'Stock' })).toBeFocused();
  await expect(page.getByRole('heading', { level: 1 })).toHaveCount(1);
});

test('the rings in work can be read and pressed before the app is there', async ({ app: page, workshop }) => {
  await page.route('**/*.js', (route) => route.abort());
  const rings = page.locator('#first-look').getByRole('listitem');
  // A server that is busy sends the page without them rather than late.
  await expect
    .poll(async () => {
      await page.goto(`${workshop.url}/bench`);
      return rings.count();
    })
    .toBeGreaterThan(2);
  const [next = 'nothing'] = (await rings.first().innerText()).split('\n');
  await rings.first().getByRole('link').click();
  await expect(page).toHaveURL(/\/bench\/[0-9a-f-]+$/);
  await expect(rings).toHaveCount(1);
  await expect(rings).toContainText(next);
  await page.unroute('**/*.js');
  await page.reload();
  await expect(page.locator('#first-look')).toBeHidden();
  await expect(page.getByRole('main')).toContainText(next.split(',')[0] ?? next);
});

test('an address that leads nowhere says so, with ways on', async ({ app: page }) => {
  await visit(page, '/nowhere/at-all');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('There is no such page.');
  await page.getByTestId('no-such-page').getByRole('button', { name: 'Orders' }).click();
  await expect(page).toHaveTitle('Orders · Round Mint');
});

test('plates are one stop of the keyboard; arrows go from one to the next', async ({ app: page }) => {
  await visit(page, `/plan?stockId=${COIN}`);
  const walls = page.getByRole('radiogroup', { name: 'Wall' });
  const chosen = walls.getByRole('radio', { checked: true });
  await chosen.focus();
  const names = await walls
    .getByRole('radio')
    .evaluateAll((radios) => radios.map((radio) => radio.ariaLabel));
  const at = names.indexOf(await chosen.getAttribute('aria-label'));
  await page.keyboard.press('ArrowRight');
  const next = walls.getByRole('radio', { name: names[(at + 1) % names.length] ?? '' });
  await expect(next).toBeFocused();
  await expect(next).toBeChecked();
  await page.keyboard.press('ArrowLeft');
  await expect(walls.getByRole('radio', { name: names[at] ?? '' })).toBeChecked();
  expect(await walls.locator('[role=radio][tabindex="0"]').count()).toBe(1);
});

test('Back closes a sheet, then leaves the page', async ({ app: page }) => {
  await goTo(page, 'Stock');
  await page.getByRole('link', { name: 'Kit' }).click();
  const kit = page.getByTestId('kit-screen');
  const tool = kit.getByRole('button', { name: /^Change / }).first();
  const sheet = page.getByRole('dialog');
  await tool.click();
  await expect(sheet).toBeVisible();
  await page.goBack();
  await sheetsClosed(page);
  await expect(kit).toBeVisible();
  await tool.click();
  await page.keyboard.press('Escape');
  await sheetsClosed(page);
  await page.goBack();
  await expect(page).toHaveURL(/\/stock$/);
});

test('a page that is opened from a sheet leaves no dead step behind', async ({ app: page }) => {
  await goTo(page, 'Log');
  await page.getByRole('link', { name: 'Search' }).click();
  await page.getByRole('textbox', { name: /^Rings, orders/ }).fill('goes wrong');
  await page.getByRole('list', { name: 'Handbook' }).getByRole('link').first().click();
  await page.getByRole('button', { name: 'The funnel is bent like a saddle' }).click();
  await page
    .getByRole('dialog')
    .getByRole('link', { name: /^Handbook/ })
    .click();
  await expect(page).toHaveTitle(/^3 Coin to band/);
  await page.goBack();
  await expect(page).toHaveTitle(/^10 When something goes wrong/);
  await sheetsClosed(page);
  await page.goBack();
  await expect(page.getByTestId('search-everything')).toBeVisible();
});

test('one search finds over everything, by its key; back from what was found leads to it', async ({
  app: page,
}) => {
  await visit(page, '/bench');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('/');
  await page.getByRole('textbox', { name: /^Rings, orders/ }).fill('saddle');
  await page.getByRole('list', { name: 'When something goes wrong' }).getByRole('link').first().click();
  const remedy = page.getByRole('dialog', { name: 'The funnel is bent like a saddle' });
  await expect(remedy).toBeVisible();
  await remedy.getByRole('button', { name: 'Close' }).click();
  await sheetsClosed(page);
  await page.goBack();
  await expect(page.getByRole('textbox', { name: /^Rings, orders/ })).toHaveValue('saddle');
  await page.getByRole('textbox', { name: /^Rings, orders/ }).fill('17 deg');
  await expect(page.getByText('Nothing has all of these words.')).toBeVisible();
});

test.describe('a phone held sideways', () => {
  test.use({ viewport: { width: 844, height: 390 } });

  test('has the places in a rail, and most of its height for what is to be seen', async ({ app: page }) => {
    await visit(page, '/bench');
    const rail = await page.getByRole('navigation', { name: 'Places' }).boundingBox();
    expect(rail?.height).toBe(390);
    expect(rail?.width).toBeLessThan(100);
    const [last, action] = [
      await page.getByRole('link', { name: 'Settings' }).boundingBox(),
      await page.getByRole('button', { name: 'Plan a ring' }).boundingBox(),
    ];
    expect((last?.y ?? 0) + (last?.height ?? 0)).toBeLessThanOrEqual(390);
    // Above the main action, less the line of the made-up workshop.
    expect((action?.y ?? 0) - 45).toBeGreaterThan(0.6 * 390);
  });
});

test.describe('a device in the dark', () => {
  test.use({ colorScheme: 'dark', fresh: true });

  test('has its own light where that is chosen', async ({ app: page }) => {
    await visit(page, '/settings');
    const isTorch = () => page.evaluate(() => document.documentElement.classList.contains('torch'));
    expect(await isTorch()).toBe(false);
    await page.getByRole('radio', { name: 'as the device' }).click();
    await expect.poll(isTorch).toBe(true);
    // Paper is white, whatever the light.
    await page.evaluate(() => dispatchEvent(new Event('beforeprint')));
    expect(await isTorch()).toBe(false);
    await page.evaluate(() => dispatchEvent(new Event('afterprint')));
    await expect.poll(isTorch).toBe(true);
    await page.emulateMedia({ colorScheme: 'light' });
    await expect.poll(isTorch).toBe(false);
  });
});

test('on paper a page is whole, and without what is only pressed', async ({ app: page }) => {
  const heightPx = () => page.evaluate(() => document.documentElement.scrollHeight);
  await visit(page, '/orders/day');
  await expect(page.getByTestId('follow-plan')).toBeVisible();
  // Long at any time of day: how much of a day is left to plan is not.
  await visit(page, '/help/words');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  expect(await heightPx()).toBe(844);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeHidden();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  expect(await heightPx()).toBeGreaterThan(1.5 * 844);

  await visit(page, '/orders/day');
  await expect(page.getByRole('list', { name: 'When each ring is ready' })).toBeVisible();
  await expect(page.getByTestId('follow-plan')).toBeHidden();
});

test('a form tells how many boxes are wrong, and leads to the first; dates are typed as people write them', async ({
  app: page,
}) => {
  await visit(page, '/stock/new');
  const name = page.getByTestId('field-name');
  await page.getByTestId('field-diameterMm').fill('round');
  await page.getByRole('button', { name: 'Save the piece' }).click();
  await expect(name).toBeFocused();
  await expect(page.getByText('2 boxes above need a change.')).toBeVisible();
  await name.fill('Tellow 9 marrin');
  await expect(page.getByText('1 box above needs a change.')).toBeVisible();

  await visit(page, '/orders/new');
  const date = page.getByRole('textbox', { name: 'Wanted by' });
  await date.fill('24 Dec 2031');
  await expect(page.getByText('Wed, Dec 24, 2031', { exact: true })).toBeVisible();
  await date.fill('3 Feb 2020');
  await expect(page.getByText(/is past\. Is it meant so\?$/)).toBeVisible();
});
