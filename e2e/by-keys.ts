import type { Locator, Page } from '@playwright/test';
import { expect } from './fixtures';

/** More stops than any screen has between two things of one task. */
const MOST_STOPS = 90;

async function hasFocus(target: Locator): Promise<boolean> {
  return target.evaluate((element) => element.contains(document.activeElement));
}

/** Goes on from stop to stop until something, or what lies in it, has the focus. */
export async function reach(page: Page, target: Locator): Promise<void> {
  await expect(target).toBeVisible();
  for (let stop = 0; stop < MOST_STOPS; stop++) {
    if (await hasFocus(target)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`not reached by keys: ${String(target)}`);
}

/** Presses a button or a link. */
export async function pressByKey(
  page: Page,
  target: Locator,
  key: 'Enter' | 'Space' = 'Enter',
): Promise<void> {
  await reach(page, target);
  await page.keyboard.press(key);
}

/** Writes into a box, in place of what stands there. */
export async function writeByKey(page: Page, box: Locator, text: string): Promise<void> {
  await reach(page, box);
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type(text);
}

/** Chooses one of a group: the group is one stop, arrows go from one to the next. */
export async function chooseByKey(page: Page, group: Locator, name: string | RegExp): Promise<void> {
  await reach(page, group);
  const choice = group.getByRole('radio', { name }).first();
  const count = await group.getByRole('radio').count();
  for (let i = 0; i < count && !(await hasFocus(choice)); i++) await page.keyboard.press('ArrowRight');
  if ((await choice.getAttribute('aria-checked')) !== 'true') await page.keyboard.press('Space');
  await expect(choice).toBeChecked();
}
