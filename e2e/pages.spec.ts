import { expect, test, visit } from './fixtures';

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
    await page.emulateMedia({ colorScheme: 'light' });
    await expect.poll(isTorch).toBe(false);
  });
});
