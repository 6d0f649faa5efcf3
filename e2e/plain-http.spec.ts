import { test as base } from '@playwright/test';
import { stepCount, stepDone } from './bench-steps';
import { expect, goTo } from './fixtures';
import { NAME, underAnotherName } from './network';
import { startOnCopy } from './server';
import { planKind, takeToBench } from './work-steps';

interface OverNetwork {
  readonly url: string;
}

const test = base.extend<{ network: OverNetwork }>({
  // oxlint-disable-next-line no-empty-pattern -- Playwright asks for a pattern
  network: async ({}, provide) => {
    const { server, remove } = await startOnCopy({ ALLOWED_HOSTS: NAME });
    await provide({ url: `http://${NAME}:${server.port}` });
    await server.kill();
    await remove();
  },
});

test.use({
  permissions: [],
  viewport: { width: 390, height: 844 },
  launchOptions: underAnotherName('127.0.0.1'),
});

test('bench, stock and intake work over plain http under another host name', async ({
  page,
  network: { url },
}) => {
  const problems: string[] = [];
  page.on('pageerror', (error) => problems.push(error.message));
  await page.goto(url);
  expect(await page.evaluate(() => isSecureContext)).toBe(false);
  await expect(page.getByTestId('demo-bar')).toContainText('A made-up workshop');

  await goTo(page, 'Stock');
  await page.getByRole('button', { name: 'Add a piece' }).click();
  await page.getByTestId('field-name').fill('Vessin lark, 1938');
  await page.getByTestId('field-issuer').fill('Vessin');
  await page.getByTestId('field-diameterMm').fill('29.4');
  await page.getByTestId('field-rimThicknessMm').fill('2.1');
  await page.getByTestId('field-massG').fill('13.2');
  await page.getByRole('button', { name: 'Save the piece' }).click();
  await expect(page.getByTestId('piece-screen')).toContainText('Vessin lark, 1938');

  await planKind(page, 'Silverware', /wave pattern/);
  await takeToBench(page, 'By phone');
  const first = (await stepCount(page).textContent()) ?? '';
  await stepDone(page);
  await expect(stepCount(page)).not.toHaveText(first);
  await page.reload();
  await expect(stepCount(page)).not.toHaveText(first);

  await goTo(page, 'Orders');
  await page.getByRole('button', { name: 'New order' }).click();
  await page.getByTestId('intake-person').fill('Ada Vorm');
  await page.getByLabel('Size as given', { exact: true }).fill('10');
  const possible = page.getByRole('radiogroup', { name: 'Possible from the stock' });
  await possible.getByRole('radio').first().click();
  await page.getByTestId('keep-order').click();
  await expect(page.getByTestId('order-state')).toHaveText('asked');
  expect(problems).toEqual([]);
});
