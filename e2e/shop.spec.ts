import { expect, goTo, test, visit } from './fixtures';

/** One edge that rises and falls round the ring. */
const SADDLE = /saddle/i;

test.describe('looked up only', () => {
  // Nothing is changed that another test would see.
  test.use({ fresh: false });

  test('a year is found, and its coin planned', async ({ app: page }) => {
    await goTo(page, 'Stock');
    await page.getByRole('link', { name: 'Years' }).click();
    await page.getByLabel('Year, or from').fill('1954');
    const coins = page.getByRole('list', { name: 'Coins by year' });
    await expect(coins.getByRole('listitem')).toHaveCount(1);
    await expect(coins).toContainText(/US \S+/);
    await coins.getByRole('link', { name: 'Plan Brennac Union 5 brenn, 1954' }).click();
    await expect(page.getByTestId('verdict')).toBeVisible();
  });
});

test('a person is measured, sent a sizer, and the schools are compared', async ({ app: page }) => {
  await goTo(page, 'Orders');
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('button', { name: 'Add a person' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Nela Prow');
  await page.getByLabel('Size', { exact: true }).fill('P½');
  await page.getByRole('dialog').getByRole('button', { name: 'Add the person' }).click();
  await expect(page.getByRole('button', { name: 'Change Nela Prow' })).toContainText(
    'right ring finger US 8',
  );
  await page.getByRole('link', { name: 'Sizers' }).click();
  await expect(page.getByTestId('sizer-schools')).toContainText('4 of 6');
  await page.getByRole('button', { name: 'Send a sizer' }).click();
  await page.getByRole('dialog').getByRole('radio', { name: 'Nela Prow' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'It is sent' }).click();
  await expect(page.getByTestId('sizer-schools')).toContainText('1 of 7');
  await page.getByRole('button', { name: 'Change the sizer of Nela Prow' }).click();
  await page.getByRole('button', { name: 'Archive this sizer' }).click();
  await expect(page.getByTestId('sizer-schools')).toContainText('1 of 6');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByTestId('sizer-schools')).toContainText('1 of 7');
});

test('a ring that is given up is counted, lies in the tin, and is taken back', async ({ app: page }) => {
  await goTo(page, 'Bench');
  await page.getByRole('link', { name: /^Bridge keeper’s ring/ }).click();
  await page.getByRole('button', { name: 'Something went wrong' }).click();
  await page.getByRole('list', { name: 'At this step' }).getByRole('button', { name: SADDLE }).click();
  await page.getByRole('button', { name: 'It is spoilt: give it up' }).click();
  await expect(page.getByTestId('spoilt-screen')).toContainText('Spoilt');
  const address = page.url();
  await page.getByRole('button', { name: 'Scrap tin' }).click();
  await expect(
    page.getByRole('button', { name: 'Weigh or change: spoilt ring, Bridge keeper’s ring' }),
  ).toBeVisible();
  await goTo(page, 'Log');
  await page.getByRole('link', { name: 'Shop' }).click();
  await expect(page.getByRole('list', { name: 'What spoils rings' }).getByRole('listitem')).toHaveCount(3);
  await visit(page, address);
  await page.getByRole('button', { name: 'Take it back to work' }).click();
  await expect(page.getByTestId('ring-screen')).toContainText('Bridge keeper’s ring');
});

test('working hours and rates change what is promised and asked for', async ({ app: page }) => {
  await visit(page, '/settings');
  for (const day of ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday'])
    await page.getByLabel(day).fill('');
  await page.getByLabel('Sunday').fill('mornings');
  await page.getByRole('button', { name: 'Save hours' }).click();
  await expect(page.getByText('1 box above needs a change.')).toBeVisible();
  await expect(page.getByLabel('Sunday')).toBeFocused();
  // What was typed outlives another place and a reload.
  await goTo(page, 'Orders');
  await page.reload();
  await visit(page, '/settings');
  await expect(page.getByText('What you typed before is still here.')).toBeVisible();
  await expect(page.getByLabel('Sunday')).toHaveValue('mornings');
  await page.getByLabel('Sunday').fill('9-12');
  // Who helps comes when the maker is there, until it is said otherwise.
  await page.getByRole('radio', { name: 'with a helper' }).click();
  await expect(page.getByLabel('Helper, Sunday')).toHaveValue('9-12');
  await page.getByRole('button', { name: 'Save hours' }).click();
  await expect(page.getByText('Hours are saved.')).toBeVisible();
  await page.getByLabel(/An hour at the bench/).fill('72');
  await page.getByRole('button', { name: 'Save rates' }).click();
  await expect(page.getByText('Rates are saved.')).toBeVisible();
  await goTo(page, 'Orders');
  await page.getByRole('link', { name: 'Day plan' }).click();
  const days = page.getByRole('radiogroup', { name: 'Day' }).getByRole('radio');
  await expect(days.first()).toHaveText(/^Sun /);
  await expect(page.getByRole('list', { name: 'When each ring is ready' })).toContainText('Sun, ');
  const helpers = page.getByTestId('day-lanes').getByRole('button', { name: / Helper: / });
  await helpers.first().click();
  await expect(page.getByRole('dialog')).toContainText('Helper: ');
});
