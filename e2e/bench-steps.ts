import type { Locator, Page } from '@playwright/test';
import { expect } from './fixtures';

/** "step 4 of 21", wherever the ring is. */
export function stepCount(page: Page): Locator {
  return page.getByTestId('step-view').getByText(/step \d+ of \d+/);
}

/** Does the step at hand, and waits until the next one is there, or the ring is through. */
export async function stepDone(page: Page, steps: Locator = stepCount(page)): Promise<void> {
  const before = await steps.textContent();
  await page.getByTestId('step-done').click();
  await expect(async () => {
    const finished = await page.getByTestId('finish-form').isVisible();
    expect(finished || (await steps.textContent()) !== before).toBe(true);
  }).toPass();
}
