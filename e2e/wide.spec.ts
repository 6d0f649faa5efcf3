import { expect, goTo, test, visit } from './fixtures';

// Most tests here change nothing that another one would see.
test.use({ fresh: false });

test.use({ viewport: { width: 1280, height: 800 } });

test('planning at the wide sheet: drawer, drawing and ladder side by side', async ({ app: page }) => {
  await goTo(page, 'Plan');
  await expect(page.getByText('What can become US 10?')).toBeVisible();
  const drawer = page.getByRole('radiogroup', { name: 'Pieces of stock' });
  await expect(drawer.getByRole('radio', { name: /war issue.*refused/ })).toBeVisible();
  await drawer.getByRole('radio', { name: /Brennac Union 20 brenn/ }).click();
  await expect(page.getByTestId('section')).toBeVisible();
  await expect(page.getByTestId('ladder')).toHaveAttribute(
    'aria-label',
    /Target US 10, UK T½; folded .*; ring US 10/,
  );
  await expect(
    page.getByRole('list', { name: 'The wall from blow to blow' }).getByRole('listitem'),
  ).toHaveCount(5);

  // The width that is drawn, listed and offered by the hole is one and the same.
  const width = /(\d+\.\d) mm wide/.exec(
    (await page.getByTestId('section').getAttribute('aria-label')) ?? '',
  )?.[1];
  expect(width).toBeDefined();
  await expect(page.getByTestId('holes').getByRole('radio', { checked: true })).toContainText(
    `${width} mm wide`,
  );
  await expect(drawer.getByRole('radio', { checked: true })).toContainText(`${width} mm`);

  const before = await page.getByTestId('figure-width').textContent();
  await page
    .getByTestId('holes')
    .getByRole('radio', { name: /14\.3 mm/ })
    .click();
  await expect(page.getByTestId('figure-width')).not.toHaveText(before ?? '');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(page.getByText('with ½ size for width')).toBeVisible();
});

test('the plan can be worked from the keyboard', async ({ app: page }) => {
  await visit(page, '/plan');
  const size = page.getByLabel('Target size', { exact: true });
  await page.getByRole('radio', { name: /Brennac Union 20 brenn/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('section')).toBeVisible();
  await size.focus();
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'Target size: one mark larger' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(size).toHaveValue('US 10¼');
  await page.getByTestId('figure-cutEdge').focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog', { name: 'Thickness at the cut edge' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('the places have keys, and the list of keys opens under ?', async ({ app: page }) => {
  await expect(page.getByRole('heading', { name: 'Bench' })).toBeVisible();
  await page.keyboard.press('3');
  await expect(page.getByTestId('stock-screen')).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('this list');
  // A sheet listens from a moment after it is drawn.
  await expect(async () => {
    await page.keyboard.press('Escape');
    await expect(page.getByRole('dialog')).toHaveCount(0, { timeout: 500 });
  }).toPass();
  // In a text box a key is a letter.
  await page.getByTestId('stock-search').pressSequentially('1?');
  await expect(page.getByTestId('stock-search')).toHaveValue('1?');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('the drawer is a table: sorted by its heads, copied as text', async ({ app: page }) => {
  await goTo(page, 'Stock');
  const table = page.getByRole('table', { name: 'Pieces of stock' });
  await table.getByRole('button', { name: 'Mass' }).click();
  await expect(table.getByRole('columnheader', { name: /Mass/ })).toHaveAttribute(
    'aria-sort',
    /ascending|descending/,
  );
  await page.getByTestId('stock-search').fill('velmar');
  await expect(table.getByRole('row')).toHaveCount(4);
  await page.getByRole('button', { name: 'Copy table' }).click();
  const copied = await page.evaluate(() => navigator.clipboard.readText());
  expect(copied.split('\n')).toHaveLength(4);
  expect(copied.split('\n')[0]).toBe('Name\tKind\tMetal\tYear\tSize\tMass\tPieces');
});

test.describe('settings', () => {
  test.use({ fresh: true });

  test('settings change every size and length, and the light', async ({ app: page }) => {
    await visit(page, '/settings');
    await page
      .getByRole('radiogroup', { name: 'First size system' })
      .getByRole('radio', { name: /EU/ })
      .click();
    await page.getByRole('radio', { name: 'inches' }).click();
    await page.getByRole('radio', { name: 'Torch' }).click();
    await expect(page.locator('html')).toHaveClass(/torch/);
    await page.getByRole('radio', { name: 'leave it to me' }).click();
    await goTo(page, 'Plan');
    await page.getByRole('radio', { name: /Brennac Union 20 brenn/ }).click();
    await expect(page.getByTestId('holes')).toContainText('0.500 in');
    await expect(page.getByText('EU 62 · UK T½')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Add it' })).toHaveCount(0);
    await page.getByLabel('Target size', { exact: true }).fill('54');
    await expect(page.getByText('EU 54 ·')).toBeVisible();
    await page.reload();
    await expect(page.locator('html')).toHaveClass(/torch/);
  });
});

test('the bench shows list and work side by side', async ({ app: page }) => {
  await goTo(page, 'Bench');
  const rings = page.getByRole('list', { name: 'Rings in work' });
  await expect(rings.getByRole('listitem').filter({ hasText: 'step' }).first()).toContainText(
    'Bridge keeper’s ring',
  );
  await rings.getByRole('link', { name: /Ferry crew, no\. 3/ }).click();
  await expect(page.getByTestId('verb')).toHaveText('Anneal');
  // At the flame the light is dimmed by itself, and may be turned up.
  await expect(page.locator('html')).toHaveClass(/torch/);
  await page.getByRole('button', { name: 'Day light' }).click();
  await expect(page.locator('html')).not.toHaveClass(/torch/);
});

test('the log shows list and ring side by side, and leads to a month', async ({ app: page }) => {
  await visit(page, '/log');
  const rings = page.getByRole('list', { name: 'Finished rings' });
  await rings.getByRole('button', { name: /Anniversary, lighthouse/ }).click();
  await expect(page.getByRole('heading', { level: 2, name: 'Anniversary, lighthouse' })).toHaveCount(2);
  await expect(page.getByRole('table', { name: 'Predicted against actual' })).toBeVisible();
  const august = page.getByRole('heading', { level: 3, name: 'August 2026' });
  await page.getByRole('button', { name: 'Go to August 2026' }).click();
  await expect(august).toBeInViewport();
  await page.getByTestId('log-search').fill('ferry');
  await expect(rings.getByRole('button')).toHaveCount(2);
});

test('before a piece is chosen the plan shows what the stock can become', async ({ app: page }) => {
  await visit(page, '/plan');
  const gallery = page.getByRole('list', { name: 'Rings from the stock' });
  await expect(gallery.getByTestId('ring-thumb').first().locator('img')).toBeAttached();
  await gallery.getByRole('button', { name: /^Plan Marenza 5 corvi/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: /Marenza 5 corvi/ })).toBeVisible();
  await expect(gallery).toBeHidden();
});
