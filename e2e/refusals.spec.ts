import type { Page } from '@playwright/test';
import { expect, goTo, test } from './fixtures';

// Nothing is changed by what is refused.
test.use({ fresh: false });

async function choose(page: Page, piece: RegExp): Promise<void> {
  await goTo(page, 'Plan');
  await page.getByRole('button', { name: /Choose a(nother)? piece/ }).click();
  await page.getByRole('radio', { name: piece }).click();
}

test('a size that is none is refused in words and kept', async ({ app: page }) => {
  await choose(page, /Brennac Union 20 brenn/);
  const size = page.getByLabel('Target size', { exact: true });
  await size.fill('P+2');
  await expect(page.getByRole('alert')).toContainText('Only Z goes on');
  await expect(size).toHaveValue('P+2');
  await expect(page.getByTestId('take-to-bench')).toBeDisabled();
  await size.fill('54');
  await expect(page.getByRole('alert')).toContainText('EU 54');
  await size.fill('EU 54');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await expect(page.getByTestId('take-to-bench')).toBeEnabled();
});

test('an impossible ring says why, and what would work', async ({ app: page }) => {
  await choose(page, /Brennac Union 5 brenn, 1954/);
  await page.getByLabel('Target size', { exact: true }).fill('US 14');
  await expect(page.getByTestId('verdict')).toContainText('The rim never grows');
  await expect(page.getByTestId('verdict')).toContainText(/With this hole it makes US .* to US/);
  await expect(page.getByTestId('take-to-bench')).toBeDisabled();
  await page.getByLabel('Target size', { exact: true }).fill('US 6');
  await expect(page.getByTestId('take-to-bench')).toBeEnabled();
});

test('a large coin for a small size is sent to stepped reduction', async ({ app: page }) => {
  await choose(page, /60 brenn of the pass/);
  await page.getByLabel('Target size', { exact: true }).fill('US 8');
  await expect(page.getByTestId('verdict')).toContainText('stepped reduction under tape');
});

for (const [piece, reason] of [
  [/war issue/, 'Zinc cracks'],
  [/emergency/, 'magnet'],
  [/harvest/, 'hole of its own'],
] as const) {
  test(`${piece.source} is refused with its reason`, async ({ app: page }) => {
    await choose(page, piece);
    await expect(page.getByTestId('verdict')).toContainText(reason);
    await expect(page.getByTestId('take-to-bench')).toBeDisabled();
  });
}

test.describe('a server that goes away', () => {
  test.use({ fresh: true });

  test('with the server away, nothing is lost and everything can be tried again', async ({
    app: page,
    workshop,
  }) => {
    await choose(page, /Brennac Union 20 brenn/);
    await page.getByLabel('Target size', { exact: true }).fill('US 9½');
    await workshop.stop();
    await page.getByTestId('take-to-bench').click();
    await page.getByLabel('What is this ring called?').fill('In the dark');
    await page.getByRole('button', { name: 'Begin this ring' }).click();
    await expect(page.getByRole('dialog').getByRole('status')).toContainText('The server is away');
    await expect(page.getByLabel('What is this ring called?')).toHaveValue('In the dark');
    await workshop.start();
    await page.getByRole('button', { name: 'Begin this ring' }).click();
    await expect(page.getByTestId('verb')).toHaveText('Punch');

    await workshop.stop();
    await page.getByTestId('step-done').click();
    // What was done with the hands is done: the bench goes on, and the server hears of it later.
    await expect(page.getByTestId('verb')).toHaveText('Deburr');
    await expect(page.getByTestId('unsent')).toContainText('1 waiting');
    await workshop.start();
    await expect(page.getByTestId('unsent')).toHaveCount(0, { timeout: 30_000 });
    await expect(page.getByTestId('verb')).toHaveText('Deburr');
  });
});

test('a place that cannot be fetched says so and comes back', async ({ app: page }) => {
  await page.route('**/api/v1/stock*', (route) => route.abort());
  await page.goto(new URL('/stock', page.url()).href);
  await expect(page.getByText('Could not fetch the stock.')).toBeVisible();
  await page.unroute('**/api/v1/stock*');
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByRole('list', { name: 'Pieces of stock' })).toBeVisible();
});
