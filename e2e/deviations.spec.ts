import type { Page } from '@playwright/test';
import { logStepsBefore, stepCount, stepDone } from './bench-steps';
import { beginCoinRing } from './coin-ring';
import { expect, test, visit, type Workshop } from './fixtures';

// Rings of their own, each begun for one test, are nothing that another would see.
test.use({ fresh: false, viewport: { width: 390, height: 844 }, hasTouch: true });

/** Rings that a test has begun: archived at its end, so that no other test finds them in work. */
let begun: string[] = [];
test.afterEach(async ({ page, workshop }) => {
  await Promise.all(begun.map((id) => page.request.delete(`${workshop.url}/api/v1/rings/${id}`)));
  begun = [];
});

/** A straight ring of US 9, stretched past its size and reduced, at its first step of a kind. */
async function ringAt(page: Page, { url }: Workshop, name: string, kind: string): Promise<string> {
  const id = await beginCoinRing(page, url, { name, wall: 'straight', school: 'over-stretch' });
  begun.push(id);
  await logStepsBefore(page, url, id, kind);
  await visit(page, `/bench/${id}`);
  await expect(page.getByTestId('step-view')).toBeVisible();
  return id;
}

/** A reading so many marks off the plan, each way round. */
async function read(page: Page, rimMarks: number, cutMarks = rimMarks): Promise<void> {
  await page.getByRole('button', { name: 'Log reading' }).tap();
  const sheet = page.getByRole('dialog');
  for (const [side, marks] of [
    ['Rim edge down', rimMarks],
    ['Cut edge down', cutMarks],
  ] as const) {
    await sheet.getByRole('radio', { name: new RegExp(`^${side}`) }).tap();
    const nudge = sheet.getByRole('button', {
      name: `${side}: one mark ${marks < 0 ? 'smaller' : 'larger'}`,
    });
    for (let i = 0; i < Math.abs(marks); i++) await nudge.tap();
  }
  await sheet.getByRole('button', { name: 'Log reading' }).tap();
  const sure = sheet.getByRole('button', { name: 'Log it all the same' });
  if (await sure.isVisible()) await sure.tap();
  await expect(sheet).toHaveCount(0);
}

const verdict = (page: Page) => page.getByTestId('reading-verdict');

/** "step 4 of 21": both numbers. */
async function counted(page: Page): Promise<readonly number[]> {
  const text = (await stepCount(page).textContent()) ?? '';
  return (/step (\d+) of (\d+)/.exec(text) ?? []).slice(1).map(Number);
}

test('read in parts on the way to a mark: what is to go shrinks, the route stays as long', async ({
  app: page,
  workshop,
}) => {
  await ringAt(page, workshop, 'In parts', 'stretch');
  const before = await counted(page);
  for (const [marks, words] of [
    [-4, '1 size to go: about 4 pulls'],
    [-2, '½ size to go: about 2 pulls'],
    [-1, '¼ size to go: about 1 pull'],
  ] as const) {
    await read(page, marks);
    await expect(verdict(page)).toContainText(words);
  }
  expect(await counted(page)).toEqual(before);
  // Done a mark short: asked once, and gone on from there.
  await page.getByTestId('step-done').tap();
  await expect(page.getByRole('dialog')).toContainText(/^Last read .*; the mark is/);
  await page.getByRole('button', { name: /^Go on from/ }).tap();
  await expect(stepCount(page)).not.toContainText(`step ${before[0]} of`);
});

test('stretched too far, then reduced too far: planned on at once, and taken back across the new route', async ({
  app: page,
  workshop,
}) => {
  await ringAt(page, workshop, 'Up and down', 'stretch');
  const before = await counted(page);
  const [step = 0, steps = 0] = before;
  await read(page, 2);
  await expect(verdict(page)).toContainText(/½ size larger than its mark/);
  await stepDone(page);
  const [next = 0, longer = 0] = await counted(page);
  expect(next).toBeGreaterThan(step);
  expect(longer).toBeLessThanOrEqual(steps + 3);
  // The step and the reading are taken back: the first route is there again, to the step.
  await page.getByRole('button', { name: 'Undo what was logged last' }).tap();
  await page.getByRole('button', { name: 'Undo what was logged last' }).tap();
  await expect(stepCount(page)).toContainText(`step ${step} of ${steps}`);
  await expect(verdict(page)).toHaveCount(0);

  await ringAt(page, workshop, 'Down too far', 'reduce');
  await read(page, -3);
  await expect(verdict(page)).toContainText(/¾ size smaller than its mark\. Next: /);
});

test('nothing read where it decides: asked for once, and gone on without', async ({
  app: page,
  workshop,
}) => {
  await ringAt(page, workshop, 'Unread', 'true-up');
  const [step = 0] = await counted(page);
  await page.getByTestId('step-done').tap();
  const asked = page.getByRole('dialog', { name: 'Nothing was read in this step.' });
  await asked.getByRole('button', { name: 'Log a reading' }).tap();
  await page.getByRole('dialog').getByRole('button', { name: 'Close' }).tap();
  await expect(stepCount(page)).toContainText(`step ${step} of`);
  await page.getByTestId('step-done').tap();
  await asked.getByRole('button', { name: 'Go on without' }).tap();
  await expect(stepCount(page)).not.toContainText(`step ${step} of`);
});

test('edges that differ by a mark are not alike: which one, which way, by what', async ({
  app: page,
  workshop,
}) => {
  await ringAt(page, workshop, 'Uneven', 'true-up');
  await read(page, 1, 0);
  await expect(verdict(page)).toContainText(
    /Rim edge ¼ size larger than its mark\. Next: bring it down to size, .* reducing plate/,
  );
  await read(page, 0);
  await expect(verdict(page)).toContainText('On the mark');
});

test('a figure that the server refuses is said at once, with a way to change it', async ({
  app: page,
  workshop,
}) => {
  const id = await ringAt(page, workshop, 'Refused figure', 'read');
  await read(page, 0);
  await stepDone(page);
  // On its way the width turns into one that no ring has: the server itself says no.
  await page.route(`**/rings/${id}/events`, async (route) => {
    const sent = route.request().postData() ?? '';
    await route.continue({ postData: sent.replace(/"bandWidthMm":8\.4\b/, '"bandWidthMm":840') });
  });
  await page.getByLabel('Width (mm)').fill('8.4');
  await page.getByRole('button', { name: 'Finish this ring' }).tap();
  await expect(page.getByText('Band width must be a length from 0.5 to 40 mm.')).toBeVisible();
  await page.unroute(`**/rings/${id}/events`);
  await page.getByRole('button', { name: 'Change it' }).tap();
  const sheet = page.getByRole('dialog');
  await sheet.getByLabel('Width').fill('8.5');
  await sheet.getByRole('button', { name: 'Save' }).tap();
  await expect(page.getByTestId('log-ring-screen')).toContainText('8.5');
});
