import type { Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { stepDone } from './bench-steps';
import { expect, goTo, test, visit } from './fixtures';

/** The smallest picture that a browser takes for a photo. */
const PICTURE =
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';

/** Saves what a button makes. */
async function saved(page: Page, press: () => Promise<void>): Promise<Buffer> {
  const [download] = await Promise.all([page.waitForEvent('download'), press()]);
  return readFile(await download.path());
}

async function takeDown(page: Page, name: string, year = ''): Promise<void> {
  await goTo(page, 'Orders');
  await page.getByRole('button', { name: 'New order' }).click();
  await page.getByTestId('intake-person').fill(name);
  await page.getByLabel('E-mail').fill('nela@prow.example');
  await page.getByLabel('Size as given', { exact: true }).fill('10');
  await page.getByLabel('Year').fill(year);
  await page.getByRole('radio', { name: '4 weeks' }).click();
}

const next = (page: Page) => page.getByTestId('order-next');
/** The next thing to do with an order, once it is what is expected: what happened at the bench may still be on its way. */
async function press(page: Page, action: string): Promise<void> {
  await expect(next(page)).toHaveText(action);
  await next(page).click();
}

const state = (page: Page) => page.getByTestId('order-state');

test('a wish becomes a ring: quote, agreement, day plan, bench, approval, close-out', async ({
  app: page,
}) => {
  // The intake answers while it is written.
  await takeDown(page, 'Nela Prow');
  await page.getByRole('radio', { name: 'gold inside' }).click();
  await page.getByLabel('Engraving or dedication').fill('N & P');
  const possible = page.getByRole('radiogroup', { name: 'Possible from the stock' });
  await possible.getByRole('radio').first().click();
  await expect(page.getByTestId('promise')).toContainText('8 of 10 runs');
  await page.getByTestId('keep-order').click();
  await expect(state(page)).toHaveText('asked');

  // A quote, as PDF and as a letter; then the customer agrees.
  await expect(page.getByTestId('price-panel')).toContainText('Profit');
  await press(page, 'Make the quote');
  const quote = page.getByRole('dialog', { name: 'The quote' });
  await expect(quote.getByTestId('promise')).toBeVisible();
  await expect(quote.getByTestId('letter-text')).toHaveValue(/Dear Nela Prow/);
  const pdf = await saved(page, () => quote.getByRole('button', { name: 'Save the quote as PDF' }).click());
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-');
  await quote.getByRole('button', { name: 'Put the quote into the outbox' }).click();
  await expect(state(page)).toHaveText('quoted');
  await press(page, 'Customer agrees');
  await expect(state(page)).toHaveText('agreed');
  const address = page.url();

  // The day plan knows it; the bench follows the plan.
  await goTo(page, 'Orders');
  await page.getByRole('link', { name: 'Day plan' }).click();
  const ready = page.getByRole('list', { name: 'When each ring is ready' });
  await expect(ready.getByRole('listitem').filter({ hasText: 'Nela' })).toContainText('✓ in time');
  const ics = await saved(page, () => page.getByRole('button', { name: /calendar file/ }).click());
  expect(ics.toString()).toContain('Nela');
  await page.getByTestId('follow-plan').click();
  await expect(page.getByText('This plan is now in use.')).toBeVisible();

  // At the bench, until the customer has to be asked.
  await visit(page, address);
  await press(page, 'Take it to the bench');
  await expect(page.getByTestId('ring-screen')).toContainText('Nela');
  for (let guard = 0; guard < 40 && !(await page.getByTestId('hold').isVisible()); guard++)
    await stepDone(page);
  await expect(page.getByTestId('hold')).toContainText('the customer decides first');
  await expect(page.getByTestId('step-done')).toBeDisabled();

  // Photo and readings go out; the answer comes back.
  await page.getByRole('button', { name: 'Ask the customer for approval' }).click();
  await page.getByRole('button', { name: 'Send photo and readings' }).click();
  await press(page, 'Ask for approval');
  const ask = page.getByRole('dialog', { name: 'Ask before you go on' });
  await expect(ask.getByRole('button', { name: 'Ask the customer' })).toBeDisabled();
  await ask.getByRole('button', { name: 'Take a photo' }).click();
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Choose a file' }).click(),
  ]);
  await chooser.setFiles({ name: 'ring.png', mimeType: 'image/png', buffer: Buffer.from(PICTURE, 'base64') });
  await expect(page.getByTestId('photo-kept')).toBeVisible();
  await page.keyboard.press('Escape');
  await ask.getByRole('button', { name: 'Ask the customer' }).click();
  await expect(state(page)).toHaveText('awaiting approval');
  await page.getByRole('link', { name: /Please look at your ring/ }).click();
  const letter = page.getByTestId('letter');
  await expect(letter).toContainText('To Nela Prow <nela@prow.example>');
  await expect(letter.getByRole('img', { name: 'The picture that goes along' })).toBeVisible();
  await letter.getByRole('button', { name: 'Log the answer' }).click();
  await press(page, 'Log the answer');
  await page.getByLabel('In their words').fill('Lovely, go on');
  await page.getByRole('button', { name: 'Yes, go on' }).click();
  await expect(state(page)).toHaveText('finishing');

  // To the end at the bench, and out of the house.
  await press(page, 'Go to the bench');
  await expect(page.getByTestId('hold')).toBeHidden();
  // What the price holds, the bench does.
  const verbs: string[] = [];
  for (let guard = 0; guard < 40 && !(await page.getByTestId('finish-form').isVisible()); guard++) {
    verbs.push((await page.getByTestId('verb').textContent()) ?? '');
    await stepDone(page);
  }
  expect(verbs).toEqual(expect.arrayContaining(['Engrave', 'Line']));
  await page.getByLabel('Width (mm)').fill('8.4');
  await page.getByRole('button', { name: 'Finish this ring' }).click();
  await expect(page.getByTestId('log-ring-screen')).toBeVisible();
  await visit(page, address);
  await press(page, 'It is ready');
  await expect(state(page)).toHaveText('ready');
  const card = await saved(page, () => page.getByRole('button', { name: 'Close-out card as PDF' }).click());
  expect(card.subarray(0, 5).toString()).toBe('%PDF-');
  await press(page, 'It is sent');
  await expect(state(page)).toHaveText('sent');
  await press(page, 'Paid and arrived: close it');
  await expect(state(page)).toHaveText('closed');
  await expect(page.getByRole('list', { name: 'History of the order' })).toContainText(
    'Customer agrees: Lovely, go on',
  );
});

test('a wish that cannot be met is turned down, with something to offer', async ({ app: page }) => {
  await takeDown(page, 'Nela Prow', '1943');
  await expect(page.getByTestId('not-possible')).toContainText('Close options');
  const offers = page.getByRole('radiogroup', { name: 'To offer instead' });
  await expect(offers.getByRole('radio').first()).toContainText('instead of 1943');
  await expect(page.getByRole('list', { name: 'Why not' })).toContainText('Velmar 10 velm, war issue');
  await page.getByTestId('keep-order').click();
  await page.getByRole('button', { name: 'Words to turn it down' }).click();
  const letter = page.getByRole('dialog', { name: 'Turn it down, with something to offer' });
  await expect(letter.getByTestId('letter-text')).toHaveValue(
    /I cannot make it as you want it[\s\S]*instead of 1943/,
  );
  await letter.getByRole('button', { name: 'Put it into the outbox' }).click();
  await expect(letter).toBeHidden();
  await page.getByRole('button', { name: /^Move/ }).click();
  const moves = page.getByRole('dialog', { name: /^Move/ });
  await expect(moves.getByRole('button', { name: /^ready, needs a ring at the bench/ })).toBeDisabled();
  await moves.getByRole('button', { name: 'cancelled' }).click();
  await expect(state(page)).toHaveText('cancelled');
  await page.getByRole('button', { name: 'Undo the last' }).click();
  await expect(state(page)).toHaveText('asked');
});

test('slugs lie in the scrap tin, are weighed and melted; what is used up is bought', async ({
  app: page,
}) => {
  await goTo(page, 'Stock');
  await page.getByRole('link', { name: 'Scrap tin' }).click();
  await expect(page.getByTestId('metal-prices')).toContainText('simulated feed');
  const slug = page.getByRole('button', { name: 'Weigh or change: slug, Harbour pilot’s ring' });
  await expect(slug).toContainText('by the plan');
  await slug.click();
  await page.getByTestId('scrap-mass').fill('2.50');
  await page.getByRole('button', { name: 'Save mass' }).click();
  await expect(slug).toContainText('weighed');
  await expect(slug).toContainText('2.50 g');
  await page.getByRole('button', { name: 'Melt out' }).click();
  const melt = page.getByRole('dialog', { name: 'Melt out' });
  const grams = /pieces, ([\d.]+) g/.exec(
    (await melt.getByText(/pieces, [\d.]+ g/).textContent()) ?? '',
  )?.[1];
  await melt.getByLabel('Weight of the button').fill((Number(grams) * 0.99).toFixed(2));
  await expect(melt).toContainText('Lost in the fire: 1.0%');
  await melt.getByRole('button', { name: 'It is melted' }).click();
  await expect(melt).toBeHidden();
  await expect(slug).toBeHidden();
  await page.getByRole('link', { name: 'Supplies' }).click();
  const gas = page.getByRole('listitem').filter({ hasText: 'torch gas' });
  await gas.getByRole('button', { name: /packs of torch gas were bought/ }).click();
  await expect(gas).not.toContainText('buy: under');
});

test.describe('at the wide sheet', () => {
  test.use({ viewport: { width: 1280, height: 800 } });

  /** Drags something by so many pixels. */
  async function drag(
    page: Page,
    what: ReturnType<Page['getByTestId']>,
    byX: number,
    byY: number,
  ): Promise<void> {
    const box = await what.boundingBox();
    if (!box) throw new Error('there is nothing to drag');
    const [x, y] = [box.x + box.width / 2, box.y + Math.min(8, box.height / 2)];
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + byX / 2, y + byY / 2, { steps: 4 });
    await page.mouse.move(x + byX, y + byY, { steps: 4 });
    await page.mouse.up();
  }

  test('an order is dragged along its line, and held back where something is missing', async ({
    app: page,
  }) => {
    await goTo(page, 'Orders');
    const line = page.getByRole('listitem').filter({ hasText: 'Second little ring' });
    const link = line.getByRole('link');
    const token = line.getByTestId(/^token-/);
    await expect(link).toHaveAccessibleName(/quoted$/);
    await drag(page, token, 46, 0);
    await expect(link).toHaveAccessibleName(/agreed$/);
    await drag(page, token, 4 * 46, 0);
    await expect(page.getByRole('alert')).toContainText('a ring at the bench');
    await expect(link).toHaveAccessibleName(/agreed$/);
  });

  test('a step is dragged to another time, and the day is solved round it', async ({ app: page }) => {
    await goTo(page, 'Orders');
    await page.getByRole('link', { name: 'Day plan' }).click();
    await expect(page.getByTestId('gain')).toContainText('All done');
    const runs = page.getByTestId('day-lanes').getByRole('button');
    await page.getByRole('radiogroup', { name: 'Day' }).getByRole('radio').nth(1).click();
    const first = runs.first();
    await expect(first).toBeVisible();
    await drag(page, first, 0, 96);
    await expect(
      runs
        .filter({ hasText: 'pinned' })
        .or(page.getByRole('button', { name: /pinned$/ }))
        .first(),
    ).toBeVisible();
    // A press right after a drag belongs to the drag; the solved day takes the next one.
    await expect(page.getByTestId('follow-plan')).toBeEnabled();
    await page
      .getByRole('button', { name: /pinned$/ })
      .first()
      .click();
    await page.getByRole('button', { name: 'Unpin it' }).click();
    await expect(page.getByRole('button', { name: /pinned$/ })).toHaveCount(0);
  });
});
