import { stepDone } from './bench-steps';
import { expect, test, visit } from './fixtures';

test.use({ serviceWorkers: 'allow' });

const RING = '00000004-0000-4000-8000-000000000007';
const EVENTS = 10;

interface Stored {
  readonly items: readonly {
    readonly id: string;
    readonly body: { readonly kind: string; readonly step?: number };
  }[];
}

test('ten events logged while the server is away survive a reload and arrive once, in order', async ({
  app: page,
  workshop,
}) => {
  const url = new URL(`/api/v1/rings/${RING}/events`, page.url()).href;
  const before = (await (await page.request.get(url)).json()) as Stored;
  await visit(page, `/bench/${RING}`);
  await expect(page.getByTestId('verb')).toBeVisible();
  // The worker has to hold the app before the server may go.
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await expect(page.getByTestId('verb')).toBeVisible();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
  // The worker keeps what every place shows, one thing after the other.
  await expect.poll(() => page.evaluate(() => localStorage.getItem('all-kept-at'))).not.toBeNull();

  await workshop.stop();
  const first = before.items.length;
  for (let i = 0; i < EVENTS; i++) await stepDone(page);
  await expect(page.getByTestId('unsent')).toContainText(`${EVENTS} waiting`);
  const place = await page
    .getByText(/step \d+ of/)
    .first()
    .textContent();

  await page.reload();
  await expect(page.getByText(place ?? 'no place')).toBeVisible();
  await expect(page.getByTestId('unsent')).toContainText(`${EVENTS} waiting`, { timeout: 30_000 });

  await workshop.start();
  await expect(page.getByTestId('unsent')).toHaveCount(0, { timeout: 30_000 });
  const after = (await (await page.request.get(url)).json()) as Stored;
  expect(after.items).toHaveLength(first + EVENTS);
  const steps = after.items.slice(first).map(({ body }) => body.step);
  expect(steps).toEqual(steps.map((_, i) => (steps[0] ?? 0) + i));
  expect(new Set(after.items.map(({ id }) => id)).size).toBe(first + EVENTS);
  await expect(page.getByText(place ?? 'no place')).toBeVisible();
});
