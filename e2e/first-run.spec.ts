import { test as base, type Page } from '@playwright/test';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { stepDone } from './bench-steps';
import { chooseByKey, pressByKey, writeByKey } from './by-keys';
import { expect, goTo } from './fixtures';
import { startServer } from './server';

const test = base.extend<{ url: string }>({
  // oxlint-disable-next-line no-empty-pattern -- Playwright asks for a pattern
  url: async ({}, provide) => {
    const folder = await mkdtemp(join(tmpdir(), 'round-mint-e2e-'));
    const server = await startServer(join(folder, 'workshop'), 0, { ROUND_MINT_DEMO: '0' });
    await provide(server.url);
    await server.kill();
    await rm(folder, { recursive: true, force: true });
  },
});

test('an empty workshop is set up in three screens, and plans its first ring', async ({ page, url }) => {
  await page.goto(url);
  const run = page.getByTestId('first-run');
  await expect(run).toContainText('Your workshop, 1 of 3');
  await expect(page.getByTestId('demo-bar')).toBeHidden();
  const sizes = page.getByRole('radiogroup', { name: 'Ring sizes' });
  await sizes
    .getByRole('radio', { name: /^British|^UK/ })
    .first()
    .click();
  await page.getByLabel('Currency').fill('kr');
  // Nobody leaves before the workshop has heard: on a slow machine that takes a moment.
  const kept = page.waitForResponse((answer) => answer.request().method() === 'PATCH');
  await page.getByRole('button', { name: 'Go on' }).click();
  await kept;

  // Left in the middle, it goes on where it was.
  await expect(run).toContainText('2 of 3');
  await page.goto(url);
  await expect(run).toContainText('Which tools are here?');
  await expect(page.getByRole('button', { name: 'I do not know yet' })).toBeVisible();
  for (const set of [/^Punches, inch/, /^Fold die/, /^Reducing plate, 17°/, /^Stretcher/, /^Ring mandrel/]) {
    await page.getByRole('checkbox', { name: set }).click();
  }
  await page.getByRole('button', { name: 'Enter these 11 tools' }).click();
  await expect(run).toContainText('The first piece');
  await page.getByRole('button', { name: 'Enter a piece' }).click();

  await page.getByTestId('field-name').fill('Vessin lark, 1938');
  await page.getByTestId('field-issuer').fill('Vessin');
  await page.getByTestId('field-diameterMm').fill('30.2');
  await page.getByTestId('field-rimThicknessMm').fill('2.1');
  await page.getByTestId('field-massG').fill('14.2');
  await page.getByRole('button', { name: 'Save the piece' }).click();
  await page.getByRole('button', { name: /Plan a ring/ }).click();
  await expect(page.getByTestId('verdict')).toContainText('hands-on');
  await expect(page.getByTestId('plan-screen')).toContainText(/UK [A-Z]/);
  // With tools of its own, nothing is planned with a reference kit.
  await expect(page.getByTestId('reference-kit')).toBeHidden();
  await goTo(page, 'Stock');
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await expect(page.getByText('½ in punch')).toBeVisible();
  // Once set up, the app begins at the bench.
  await page.goto(url);
  await expect(page.getByTestId('bench-screen')).toBeVisible();
});

test('all of it may be skipped, and plans say what they are made with', async ({ page, url }) => {
  await page.goto(url);
  await page.getByRole('button', { name: 'Skip all of it' }).click();
  await expect(page.getByTestId('bench-screen')).toBeVisible();
  const added = await page.request.post(`${url}/api/v1/stock`, {
    data: {
      kind: 'strip',
      name: 'Sterling strip',
      issuer: '',
      year: null,
      grade: '',
      origin: '',
      price: null,
      legalNote: '',
      notes: '',
      quantity: 1,
      metal: 'silver-925',
      section: 'rect',
      thicknessMm: 1.5,
      widthMm: 6,
      lengthMm: 300,
    },
  });
  expect(added.ok()).toBe(true);
  await page.goto(`${url}/plan/strip`);
  await page.getByRole('radio', { name: /Sterling strip/ }).click();
  await expect(page.getByTestId('reference-kit')).toContainText('Planned with a reference kit');
});

/** Logs a reading of what a step asks for, as it is proposed. */
async function readByKey(page: Page): Promise<void> {
  await pressByKey(page, page.getByRole('button', { name: 'Log reading' }));
  const sheet = page.getByRole('dialog', { name: 'Log a reading' });
  await pressByKey(page, sheet.getByRole('button', { name: 'Log reading' }));
  await expect(sheet).toBeHidden();
}

test('by the keyboard alone, from an empty workshop to a finished ring', async ({ page, url }) => {
  const button = (name: string | RegExp) => page.getByRole('button', { name });
  await page.goto(url);
  const run = page.getByTestId('first-run');
  await expect(run).toContainText('1 of 3');
  await chooseByKey(page, page.getByRole('radiogroup', { name: 'Ring sizes' }), /EU/);
  await pressByKey(page, button('Go on'));
  await expect(run).toContainText('2 of 3');
  for (const set of [/^Punches, inch/, /^Fold die/, /^Reducing plate, 17°/, /^Stretcher/, /^Ring mandrel/]) {
    await pressByKey(page, page.getByRole('checkbox', { name: set }), 'Space');
  }
  await pressByKey(page, button('Enter these 11 tools'));
  await pressByKey(page, button('Enter a piece'));

  await writeByKey(page, page.getByTestId('field-name'), 'Vessin lark, 1938');
  await writeByKey(page, page.getByTestId('field-diameterMm'), '30.2');
  await writeByKey(page, page.getByTestId('field-rimThicknessMm'), '2.1');
  await writeByKey(page, page.getByTestId('field-massG'), '14.2');
  await pressByKey(page, button('Save the piece'));
  await pressByKey(page, button(/Plan a ring/));
  await writeByKey(page, page.getByLabel('Target size', { exact: true }), 'EU 56');
  await chooseByKey(page, page.getByTestId('holes'), /12.7 mm/);
  await expect(page.getByTestId('verdict')).toContainText('hands-on');
  await pressByKey(page, page.getByTestId('take-to-bench'));
  await writeByKey(page, page.getByLabel('What is this ring called?'), 'By keys');
  await pressByKey(page, button('Begin this ring'));

  await expect(page.getByTestId('verb')).toHaveText('Punch');
  const finish = page.getByTestId('finish-form');
  for (let guard = 0; guard < 60 && !(await finish.isVisible()); guard++) {
    const verb = await page.getByTestId('verb').textContent();
    if (verb === 'Reduce' || verb === 'Read') await readByKey(page);
    await stepDone(page, (done) => pressByKey(page, done));
  }
  await writeByKey(page, page.getByLabel('Width (mm)'), '8.4');
  await writeByKey(page, page.getByLabel('Cut edge (mm)'), '1.4');
  await pressByKey(page, button('Finish this ring'));
  await expect(page.getByTestId('log-ring-screen')).toContainText('EU 56');
});
