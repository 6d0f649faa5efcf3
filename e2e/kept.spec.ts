import { randomUUID } from 'node:crypto';
import { stepDone } from './bench-steps';
import { expect, test, visit } from './fixtures';

const RING = '00000004-0000-4000-8000-000000000007';

interface Stored {
  readonly items: readonly {
    readonly id: string;
    readonly body: { readonly kind: string; readonly step?: number };
  }[];
}

test('two tabs and two devices log on one ring while the server is away: nothing is lost or counted twice', async ({
  app: tab,
  workshop,
  browser,
}) => {
  const url = `${workshop.url}/api/v1/rings/${RING}/events`;
  const stored = async () => ((await (await tab.request.get(url)).json()) as Stored).items;
  const before = await stored();
  const otherTab = await tab.context().newPage();
  const elsewhere = await browser.newContext();
  const device = await elsewhere.newPage();
  for (const page of [tab, otherTab, device]) {
    await page.goto(workshop.url);
    await visit(page, `/bench/${RING}`);
    await expect(page.getByTestId('verb')).toBeVisible();
  }
  await workshop.stop();
  // One tab goes on, the other sees it and goes on from there; the other device does the first of these steps as well.
  await stepDone(tab);
  await stepDone(tab);
  await expect(otherTab.getByTestId('unsent')).toContainText('2 waiting');
  const place = await tab
    .getByText(/step \d+ of/)
    .first()
    .textContent();
  await expect(otherTab.getByText(place ?? 'no place').first()).toBeVisible();
  await stepDone(otherTab);
  await stepDone(device);
  await expect(tab.getByTestId('unsent')).toContainText('3 waiting');

  await workshop.start();
  for (const page of [tab, otherTab, device]) {
    await expect(page.getByTestId('unsent')).toHaveCount(0, { timeout: 30_000 });
  }
  const after = await stored();
  expect(after).toHaveLength(before.length + 4);
  expect(new Set(after.map(({ id }) => id)).size).toBe(after.length);
  const steps = after.slice(before.length).map(({ body }) => body.step ?? -1);
  const first = Math.min(...steps);
  expect(steps.toSorted((a, b) => a - b)).toEqual([first, first, first + 1, first + 2]);
  // The same step, told by both, is one: every page stands three steps further.
  for (const page of [tab, otherTab, device]) {
    await expect(page.getByText(new RegExp(`step ${first + 4} of`)).first()).toBeVisible();
  }
  await elsewhere.close();
});

test('what is typed outlives a reload, Back and a lost server, and what is new waits for it', async ({
  app: page,
  workshop,
}) => {
  const name = page.getByTestId('field-name');
  await visit(page, '/stock/new');
  await name.fill('Half a sentence');
  await visit(page, '/bench');
  await expect(page.getByTestId('bench-screen')).toBeVisible();
  await page.goBack();
  await expect(name).toHaveValue('Half a sentence');
  await page.reload();
  await expect(name).toHaveValue('Half a sentence');
  await expect(page.getByTestId('draft-line')).toBeVisible();

  await workshop.stop();
  await name.fill('Vellmark 7 vell, 1902');
  await page.getByTestId('field-issuer').fill('Vellmark');
  await page.getByTestId('field-diameterMm').fill('29.4');
  await page.getByTestId('field-rimThicknessMm').fill('2');
  await page.getByRole('button', { name: 'Save the piece' }).click();
  await expect(page.getByText('Vellmark 7 vell, 1902').first()).toBeVisible();
  await expect(page.getByTestId('unsent')).toContainText('1 waiting');
  await workshop.start();
  await expect(page.getByTestId('unsent')).toHaveCount(0, { timeout: 30_000 });
  await expect(page.getByTestId('piece-screen')).toContainText('29.4');
  const found = async () =>
    ((await (await page.request.get(`${workshop.url}/api/v1/stock?q=Vellmark`)).json()) as Stored).items;
  await expect.poll(found).toHaveLength(1);
  // Saved, it is no draft any more.
  await visit(page, '/stock/new');
  await expect(name).toHaveValue('');
});

test('a backup is restored on screen after a look; a stale edit shows both and lets the maker choose', async ({
  app: page,
  workshop,
}) => {
  const api = `${workshop.url}/api/v1`;
  await visit(page, '/settings/backups');
  await page.getByRole('button', { name: 'Back up now' }).click();
  await expect(page.getByText(/Last good backup/)).toBeVisible();
  const { items } = (await (await page.request.get(`${api}/people`)).json()) as Stored;
  const person = items[0]?.id ?? '';
  await page.request.delete(`${api}/people/${person}`);
  await page.request.post(`${api}/people`, {
    data: { id: randomUUID(), name: 'Came later', email: '', phone: '', address: '', notes: '', fingers: [] },
  });
  await page
    .getByRole('button', { name: /^Restore the backup/ })
    .first()
    .click();
  await expect(page.getByText('1 person as before, 1 person gone')).toBeVisible();
  await page.getByTestId('restore-now').click();
  await expect(page.getByText(/^Restored\./)).toBeVisible({ timeout: 60_000 });
  expect((await page.request.get(`${api}/people/${person}`)).status()).toBe(200);
  await expect(page.getByText('Before a restore, read back and whole')).toBeVisible();

  // A change of the same person from two places.
  const known = (await (await page.request.get(`${api}/people/${person}`)).json()) as Record<string, unknown>;
  await visit(page, '/orders/people');
  await page.getByText(String(known['name'])).first().click();
  const { id: _id, createdAt: _created, updatedAt: _updated, version: _version, ...input } = known;
  await page.request.put(`${api}/people/${person}`, {
    data: { ...input, name: 'Renamed elsewhere', phone: '0155 100200' },
  });
  await page.getByLabel('Name', { exact: true }).fill('Renamed here');
  await page.getByRole('button', { name: 'Save changes' }).click();
  await expect(page.getByText('Changed on another device')).toBeVisible();
  await expect(page.getByTestId('conflict-name')).toContainText('Renamed elsewhere');
  await page.getByTestId('conflict-keep').click();
  await expect(page.getByText('Changed on another device')).toBeHidden();
  const kept = (await (await page.request.get(`${api}/people/${person}`)).json()) as Record<string, unknown>;
  // What only the other place changed is kept; of what both changed, what was chosen.
  expect(kept).toMatchObject({ name: 'Renamed here', phone: '0155 100200' });
});
