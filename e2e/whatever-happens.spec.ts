import type { Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { logStepsBefore, stepCount, stepDone } from './bench-steps';
import { beginCoinRing } from './coin-ring';
import { expect, goTo, test, visit, type Workshop } from './fixtures';

// Rings of their own are nothing that another test would see; those left in work are archived.
test.use({ fresh: false, viewport: { width: 390, height: 844 }, hasTouch: true });

let begun: string[] = [];
test.afterEach(async ({ page, workshop }) => {
  await Promise.all(begun.map((id) => page.request.delete(`${workshop.url}/api/v1/rings/${id}`)));
  begun = [];
});

interface Bench {
  readonly step: { readonly kind: string; readonly tool?: string };
  readonly target: { readonly mark: string };
}

/** What a script is told of the ring: the same as the screen shows. */
async function benchOf(page: Page, { url }: Workshop, id: string): Promise<Bench> {
  return (await (await page.request.get(`${url}/api/v1/rings/${id}/bench`)).json()) as Bench;
}

/** Says what is other than planned, at one of its parts. */
async function change(page: Page, part: string): Promise<void> {
  await page.getByRole('button', { name: 'Something is other than planned' }).tap();
  await page.getByRole('dialog').getByRole('radio', { name: part, exact: true }).tap();
}

/** Types the width, and ends in the log. */
async function finish(page: Page): Promise<void> {
  await page.getByLabel('Width (mm)').fill('8.1');
  await page.getByRole('button', { name: 'Finish this ring' }).tap();
  await expect(page.getByTestId('log-ring-screen')).toBeVisible();
}

test('another tool, a step put in, one left out, another size: all told, the rest planned from it', async ({
  app: page,
  workshop,
}) => {
  const id = await beginCoinRing(page, workshop.url, { name: 'All else', wall: 'straight' });
  begun.push(id);
  await logStepsBefore(page, workshop.url, id, 'stretch');
  await visit(page, `/bench/${id}`);
  await expect(page.getByTestId('verb')).toHaveText('Stretch');
  const planned = await stepCount(page).textContent();

  await change(page, 'the tool');
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Which hole, face or mark of it').fill('new splines');
  await sheet.getByRole('radiogroup', { name: 'Used instead' }).getByRole('radio').first().tap();
  await expect(page.getByTestId('step-view')).toContainText('new splines');

  await change(page, 'add a step');
  await page.getByRole('dialog').getByRole('radio', { name: 'levelling' }).tap();
  await expect(page.getByTestId('verb')).toHaveText('Level');
  await expect(stepCount(page)).not.toHaveText(planned ?? '');
  await change(page, 'skip the step');
  await page.getByLabel('Why').fill('it lies level');
  await page.getByRole('button', { name: 'Leave this step out' }).tap();
  await expect(page.getByTestId('verb')).not.toHaveText('Level');

  await change(page, 'the size');
  await page.getByLabel('Size from here on', { exact: true }).fill('US 8½');
  await page.getByLabel('Why').fill('it fits a size early');
  await page.getByRole('button', { name: 'Plan on to this size' }).tap();
  await expect(page.getByTestId('reading-verdict')).toContainText('Now to US 8½.');
  await expect.poll(async () => (await benchOf(page, workshop, id)).target.mark).toBe('US 8½');

  // Put away, it is found in the list and comes back.
  await change(page, 'archive it');
  await page.getByRole('button', { name: 'Archive this ring' }).tap();
  await page.getByRole('link', { name: 'Archive' }).tap();
  await page.getByRole('button', { name: 'Restore: All else' }).tap();
  await expect(page.getByText('All else is back.')).toBeVisible();
  expect((await page.request.get(`${workshop.url}/api/v1/rings/${id}`)).ok()).toBe(true);
});

test('lapped ends are made to meet, after the ring was closed', async ({ app: page, workshop: { url } }) => {
  // A handle of its own: those of the drawer are for tests that look at what is left.
  const stockId = randomUUID();
  const handle = {
    ...{ id: stockId, kind: 'handle', name: 'A spoon to lap', metal: 'silver-925', quantity: 1, enamel: [] },
    ...{ issuer: '', year: null, grade: '', origin: '', price: null, legalNote: '', notes: '' },
    stations: [
      { atMm: 0, thicknessMm: 2.6, widthMm: 19 },
      { atMm: 60, thicknessMm: 2.2, widthMm: 9 },
      { atMm: 125, thicknessMm: 3.6, widthMm: 8 },
    ],
  };
  expect((await page.request.post(`${url}/api/v1/stock`, { data: handle })).ok()).toBe(true);
  const [planId, id] = [randomUUID(), randomUUID()];
  const work = { kind: 'handle', style: 'overlap', overlapMm: 8, keptEnd: 'tip', startMm: 0, ends: 'square' };
  const plan = {
    id: planId,
    name: 'Lapped',
    stockId,
    targetInsideDiameterMm: 18.2,
    finish: 'polished',
    ...work,
  };
  expect((await page.request.post(`${url}/api/v1/plans`, { data: plan })).ok()).toBe(true);
  const started = await page.request.post(`${url}/api/v1/rings`, { data: { id, planId, name: 'Lapped' } });
  expect(started.ok(), await started.text()).toBe(true);
  begun.push(id);
  await logStepsBefore(page, url, id, 'true-up');
  await visit(page, `/bench/${id}`);
  await change(page, 'the joint');
  await page.getByRole('button', { name: 'Make the ends meet' }).tap();
  await expect(page.getByTestId('verb')).toHaveText('Saw');
  await expect(page.getByTestId('step-view')).toContainText('Scribe where the inner end lies');
  for (const verb of ['Saw', 'File', 'Close', 'True up']) {
    await expect(page.getByTestId('verb')).toHaveText(verb);
    await stepDone(page);
  }
});

test('a half-made ring of a box is entered and goes to the log', async ({ app: page }) => {
  await goTo(page, 'Stock');
  await page.getByRole('button', { name: 'Begin half-made' }).tap();
  await page.getByRole('radio', { name: 'finished' }).tap();
  await page.getByLabel('One edge down (rim)', { exact: true }).fill('US 9');
  await page.getByLabel('The other (cut)', { exact: true }).fill('US 9');
  await page.getByLabel('Target size', { exact: true }).fill('US 9');
  await page.getByLabel('What is this ring called?').fill('From the box');
  await expect(page.getByTestId('as-measured')).toContainText('Its hole was 12.7 mm');
  await page.getByTestId('begin').tap();
  await expect(page.getByTestId('ring-screen')).toContainText('From the box');
  await expect(page.getByTestId('begun-from')).toContainText('a finished band, read US 9 and US 9');
  for (let guard = 0; guard < 12 && !(await page.getByTestId('finish-form').isVisible()); guard++) {
    await stepDone(page);
  }
  await finish(page);
  await expect(page.getByTestId('begun-from')).toContainText('Begun half-way');
});

test('hands-free by the space bar, through a bath to the last step', async ({ app: page, workshop }) => {
  const id = await beginCoinRing(page, workshop.url, { name: 'By pedal', wall: 'straight' });
  begun.push(id);
  await logStepsBefore(page, workshop.url, id, 'true-up');
  await visit(page, `/bench/${id}`);
  await page.getByRole('button', { name: 'Large letters, next by pedal or tap' }).tap();
  const verb = page.getByTestId('hands-free').getByTestId('verb');
  await expect(verb).toHaveText('True up');
  for (let press = 0; press < 20 && (await verb.textContent()) !== 'Finish'; press++) {
    await page.keyboard.press('Space');
    // A pedal's bounce counts once: the next press is one that is meant.
    await page.waitForTimeout(420);
  }
  await expect(verb).toHaveText('Finish');
  await page.keyboard.press('PageUp');
  await expect(verb).toHaveText('Read');
  await page.keyboard.press('Escape');
  await expect(page.getByTestId('ring-screen')).toBeVisible();
});
