import type { Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { expect, test, visit } from './fixtures';

const REST = 'http://round-mint.invalid';

/** A new ring at the bench, of a plan that is there, all but finished: as another device would have logged it. */
async function nearlyFinished(page: Page, url: string): Promise<string> {
  const api = `${url}/api/v1`;
  const { items } = (await (await page.request.get(`${api}/stock?q=Skerrow gannet`)).json()) as {
    items: { id: string }[];
  };
  const planId = randomUUID();
  const id = randomUUID();
  const plan = {
    ...{ id: planId, name: 'Ring of the slipway', stockId: items[0]?.id, targetInsideDiameterMm: 18.14 },
    ...{ kind: 'coin', holeMm: 12.7, wall: 'straight', curlDeg: null, finish: 'polished' },
    school: 'over-stretch',
  };
  expect((await page.request.post(`${api}/plans`, { data: plan })).ok()).toBe(true);
  const begun = await page.request.post(`${api}/rings`, { data: { id, planId, name: plan.name } });
  expect(begun.ok()).toBe(true);
  const { steps } = (await begun.json()) as { steps: { kind: string }[] };
  const events = steps.map(({ kind }, step) => ({
    id: randomUUID(),
    at: new Date(Date.now() - 3_600_000 + step * 1000).toISOString(),
    body: { kind: kind === 'anneal' ? 'anneal-done' : 'step-done', step },
  }));
  expect((await page.request.post(`${api}/rings/${id}/events`, { data: { events } })).ok()).toBe(true);
  return id;
}

test('a ring without an order goes on the shelf, out as a catalogue, and is sold while the server is away', async ({
  app: page,
  workshop,
}) => {
  const id = await nearlyFinished(page, workshop.url);
  await visit(page, `/bench/${id}`);
  const form = page.getByTestId('finish-form');
  await form.getByLabel('Width (mm)').fill('8.4');
  await form.getByRole('button', { name: 'Finish this ring' }).click();
  const again = form.getByRole('button', { name: 'Finish with these figures' });
  await expect(page.getByTestId('log-ring-screen').or(again)).toBeVisible();
  if (await again.isVisible()) await again.click();
  await expect(page.getByTestId('log-ring-screen')).toBeVisible();

  // Two taps.
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByTestId('shelf-price')).not.toHaveValue('');
  await page.getByRole('button', { name: 'For sale', exact: true }).click();
  await page.getByRole('link', { name: /^On the shelf at/ }).click();
  await expect(page.getByTestId('shelf-ring-screen')).toContainText('for sale for 0 days');
  await expect(page.getByRole('list', { name: 'What it is' })).toContainText('8.4 mm');

  // The catalogue is a page that stands by itself.
  await visit(page, '/orders/shelf');
  await page.getByRole('button', { name: 'Catalogue and files for buyers' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download', { timeout: 120_000 }),
    page.getByRole('button', { name: 'Catalogue, web page' }).click(),
  ]);
  const html = await readFile(await download.path(), 'utf8');
  const catalogue = await page.context().newPage();
  const asked: string[] = [];
  catalogue.on('request', (request) => asked.push(request.url()));
  await catalogue.route(`${REST}/**`, (route) => route.fulfill({ contentType: 'text/html', body: html }));
  await catalogue.goto(`${REST}/shelf.html`);
  const ring = catalogue.getByRole('article').filter({ hasText: 'Ring of the slipway' });
  await expect(ring).toContainText('8.4 mm wide');
  await expect(ring.getByRole('img').first()).toBeVisible();
  await ring.getByText('More about this ring').click();
  await expect(ring).toContainText('must never be passed as money');
  const wide = await catalogue.evaluate(() => document.documentElement.scrollWidth > window.innerWidth);
  expect(wide).toBe(false);
  expect(asked.filter((url) => !url.startsWith('data:'))).toEqual([`${REST}/shelf.html`]);
  await catalogue.close();

  // At the table, without the server.
  await visit(page, '/orders/shelf/market');
  const sell = page.getByRole('link', { name: /^Sell Ring of the slipway/ });
  await expect(sell).toBeVisible();
  await workshop.stop();
  await sell.click();
  await page.getByRole('button', { name: 'Sold', exact: true }).click();
  await expect(sell).toBeHidden();
  await expect(page.getByTestId('takings')).toContainText('Ring of the slipway, waits for the server');
  await workshop.start();
  await expect(page.getByTestId('takings')).not.toContainText('waits for the server');
  await expect(page.getByTestId('takings')).toContainText('Ring of the slipway');
  await visit(page, '/orders');
  await page.getByRole('radio', { name: 'closed' }).click();
  await page.getByRole('link', { name: /^Ring of the slipway, Walk-in buyer, closed/ }).click();
  await expect(page.getByTestId('order-screen')).toContainText('as it lay on the shelf');
});

test('a ring that two devices sell is sold once, and the sale is undone', async ({ app: page, workshop }) => {
  const api = `${workshop.url}/api/v1`;
  const { items } = (await (await page.request.get(`${api}/shelf?gone=0`)).json()) as {
    items: { id: string; ring: { name: string }; state: string }[];
  };
  const item = items.find(({ state }) => state === 'for-sale');
  await visit(page, `/orders/shelf/${item?.id}`);
  await page.getByTestId('sell').click();
  const sale = {
    ...{ id: randomUUID(), orderId: randomUUID(), at: new Date().toISOString(), personId: null },
    ...{ price: 50, way: 'other', post: 0, handedOver: true },
  };
  expect((await page.request.post(`${api}/shelf/${item?.id}/sale`, { data: sale })).ok()).toBe(true);
  await page.getByRole('button', { name: 'Sold', exact: true }).click();
  await expect(page.getByRole('dialog')).toContainText('This ring has left the shelf meanwhile');
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Undo the sale' }).click();
  await expect(page.getByTestId('shelf-ring-screen')).toContainText('for sale for');
  const order = (await (await page.request.get(`${api}/orders/${sale.orderId}`)).json()) as { state: string };
  expect(order.state).toBe('cancelled');
});

test('a discount stops at the floor and says so; below it only on demand', async ({
  app: page,
  workshop,
}) => {
  await visit(page, '/orders/discounts');
  await page.getByRole('button', { name: 'Add a discount' }).click();
  await page.getByRole('textbox', { name: 'Code' }).fill('breakwater');
  await page.getByRole('radio', { name: 'a sum' }).click();
  await page.getByRole('textbox', { name: /^Sum/ }).fill('9');
  await page.getByRole('button', { name: 'Add the discount' }).click();
  await expect(page.getByRole('button', { name: 'Change BREAKWATER' })).toContainText('not used yet');

  // A ring whose price lies five above what its piece is worth as metal.
  const api = `${workshop.url}/api/v1`;
  const { items } = (await (await page.request.get(`${api}/shelf?gone=0`)).json()) as {
    items: { id: string; state: string; ring: { floor: number } }[];
  };
  const item = items.find(({ state, ring }) => state === 'for-sale' && ring.floor > 5);
  const floor = Math.ceil((item?.ring.floor ?? 0) * 100) / 100;
  const body = { kind: 'priced', price: Number((floor + 5).toFixed(2)) };
  const events = [{ id: randomUUID(), at: new Date().toISOString(), body }];
  expect((await page.request.post(`${api}/shelf/${item?.id}/events`, { data: { events } })).ok()).toBe(true);

  await visit(page, `/orders/shelf/${item?.id}`);
  await page.getByTestId('sell').click();
  const code = page.getByTestId('discount-code');
  await code.fill('hightide');
  await expect(page.getByRole('dialog')).toContainText(/HIGHTIDE ended on/);
  await code.fill('breakwater');
  const list = page.getByRole('list', { name: 'With the discount' });
  await expect(list).toContainText(floor.toFixed(2));
  await expect(page.getByRole('dialog')).toContainText(/It stops at the floor: 5\.00 .* of 9\.00/);
  await page.getByRole('button', { name: 'Take off all' }).click();
  await expect(page.getByRole('dialog')).toContainText('Below what the piece was worth as metal');
  await page.getByRole('button', { name: 'Stop at the floor' }).click();
  await page.getByRole('button', { name: 'Sold', exact: true }).click();
  await expect(page.getByTestId('shelf-ring-screen')).toContainText('sold');
  const { items: gone } = (await (await page.request.get(`${api}/shelf?gone=1&limit=200`)).json()) as {
    items: { id: string; price: number; sale: { orderId: string } }[];
  };
  const sold = gone.find(({ id }) => id === item?.id);
  expect(sold?.price).toBe(floor);
  await visit(page, `/orders/${sold?.sale.orderId}`);
  await expect(page.getByTestId('order-screen')).toContainText(/less 5\.00 .* with BREAKWATER/);
  await visit(page, '/orders/discounts');
  await expect(page.getByRole('button', { name: 'Change BREAKWATER' })).toContainText('1 sale, 5.00');
});
