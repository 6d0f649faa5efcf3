import { expect, goTo, test } from './fixtures';

test('a tool is changed, copied, archived and restored; people come back from the archive, too', async ({
  app: page,
}) => {
  await goTo(page, 'Stock');
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  const punches = page.getByRole('list', { name: 'Punches' });
  await page.getByRole('button', { name: 'Change 1/2 in punch' }).click();
  await page.getByLabel('Name', { exact: true }).fill('half-inch punch');
  await page.getByRole('button', { name: 'Save the tool' }).click();
  await expect(punches.getByText('half-inch punch', { exact: true })).toBeVisible();
  // Saved unchanged but for its name, its size is what it was.
  await expect(punches.getByText('12.70 mm', { exact: true })).toBeVisible();

  await page.getByRole('button', { name: 'Copy half-inch punch' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('half-inch punch, copy');
  await page.getByLabel(/^Diameter/).fill('0.52 in');
  await page.getByRole('button', { name: 'Add the tool' }).click();
  await expect(punches.getByText('13.21 mm', { exact: true })).toBeVisible();

  await page.getByRole('button', { name: 'Archive half-inch punch, copy' }).click();
  await expect(punches.getByText('half-inch punch, copy')).toBeHidden();
  await page.getByRole('link', { name: 'Archive', exact: true }).click();
  await page.getByRole('button', { name: 'Restore half-inch punch, copy' }).click();
  await expect(page.getByText('half-inch punch, copy is back.')).toBeVisible();
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await expect(punches.getByText('half-inch punch, copy')).toBeVisible();

  await goTo(page, 'Orders');
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByRole('button', { name: 'Change Mirel Oss' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Archive' }).click();
  await page.getByRole('link', { name: 'Archive', exact: true }).click();
  await page.getByRole('button', { name: 'Restore Mirel Oss' }).click();
  await page.getByRole('link', { name: 'People' }).click();
  await expect(page.getByRole('button', { name: 'Change Mirel Oss' })).toBeVisible();
});
