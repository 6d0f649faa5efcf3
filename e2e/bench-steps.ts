import type { Locator, Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { expect } from './fixtures';

/** "By thumb alone · step 4 of 21", wherever the ring is. */
export function stepCount(page: Page): Locator {
  return page.getByTestId('step-view').getByText(/step \d+ of \d+/);
}

/**
 * Waits until the step shown is another one, or the ring is through; goes on where a reading is asked for. Looks at every
 * frame drawn.
 */
async function stepLeft(page: Page, before: string): Promise<void> {
  const found = await page.waitForFunction((line) => {
    const step = document.querySelector('[data-testid="step-view"]');
    const through = document.querySelector('[data-testid="finish-form"]');
    if (through !== null || (step !== null && !step.textContent.includes(line))) return 'left';
    return document.querySelector('[data-testid="go-on-without"]') ? 'asked' : null;
  }, before);
  if ((await found.jsonValue()) !== 'asked') return;
  await page.getByTestId('go-on-without').click();
  await stepLeft(page, before);
}

/** Does the step at hand, and waits until the next one is there, or the ring is through. */
export async function stepDone(
  page: Page,
  press: (button: Locator) => Promise<void> = (button) => button.click(),
): Promise<void> {
  const before = (await stepCount(page).textContent()) ?? '';
  await press(page.getByTestId('step-done'));
  await stepLeft(page, before);
}

interface StoredSteps {
  readonly steps: readonly { readonly kind: string }[];
}

/** Brings a new ring to its first step of a kind as another device would: the steps before it are logged as done. */
export async function logStepsBefore(page: Page, url: string, ringId: string, kind: string): Promise<void> {
  const ring = `${url}/api/v1/rings/${ringId}`;
  const { steps } = (await (await page.request.get(ring)).json()) as StoredSteps;
  const until = steps.findIndex((step) => step.kind === kind);
  expect(until).toBeGreaterThan(0);
  const events = steps.slice(0, until).map((step, i) => ({
    id: randomUUID(),
    at: new Date().toISOString(),
    body: { kind: step.kind === 'anneal' ? 'anneal-done' : 'step-done', step: i },
  }));
  const answer = await page.request.post(`${ring}/events`, { data: { events } });
  expect(answer.ok()).toBe(true);
}
