import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { openDemo } from './lib/demo-page.mjs';
import { quietOf } from './lib/quiet.mjs';
import { ROOT } from './lib/run.mjs';

const PHONE = { width: 390, height: 844 };
const WIDE = { width: 1280, height: 800 };
const BRENN = '/plan?stockId=00000001-0000-4000-8000-000000000010';
const CORVI = '/plan?stockId=00000001-0000-4000-8000-000000000000';
const SPOON = '00000001-0000-4000-8000-0000000000c8';
const FORK = '00000001-0000-4000-8000-0000000000c9';
const AT_FLAME = '/bench/00000004-0000-4000-8000-000000000005';
const AT_FOLD = '/bench/00000004-0000-4000-8000-000000000007';

/** One picture of each main view, from the made-up workshop. */
const VIEWS = [
  { name: 'bench', path: '/bench', size: PHONE },
  { name: 'bench-step', path: AT_FOLD, size: PHONE },
  { name: 'bench-step-torch', path: AT_FLAME, size: PHONE, light: 'torch' },
  { name: 'practice', path: '/bench/practice/first-band', size: PHONE, act: practise },
  { name: 'bench-wide', path: '/bench', size: WIDE },
  { name: 'plan', path: CORVI, size: PHONE, act: seeRing },
  { name: 'plan-wide', path: BRENN, size: WIDE, act: seeRing },
  { name: 'search-wide', path: '/plan/search', size: WIDE, act: search },
  { name: 'silverware', path: `/plan/handle?stockId=${SPOON}`, size: PHONE, act: seeHandle },
  { name: 'what-is-it', path: `/stock/test?stockId=${FORK}`, size: PHONE, act: weigh },
  { name: 'shelf', path: '/orders/shelf', size: PHONE, act: lookOver },
  { name: 'orders-wide', path: '/orders', size: WIDE },
  { name: 'wish-wide', path: '/orders/new', size: WIDE, act: takeDown },
  { name: 'day-plan', path: '/orders/day', size: PHONE, act: layOut },
  { name: 'hands-free', path: AT_FOLD.replace('/bench/', '/bench/hands-free/'), size: PHONE },
  { name: 'stock-wide', path: '/stock', size: WIDE },
  { name: 'log', path: '/log', size: PHONE },
  { name: 'learnt', path: '/log/learnt', size: PHONE },
  { name: 'log-ring', path: '/log/00000004-0000-4000-8000-000000000001', size: PHONE },
];

/** A ring drawn to its end: the coarse picture, which comes first, has fewer pixels than it takes on the page. */
async function seeHandle(page) {
  await page.locator('[data-testid="ring-view"] canvas[data-drawn="yes"]').waitFor();
  await page.waitForFunction(() => {
    const canvas = document.querySelector('[data-testid="ring-view"] canvas');
    return canvas instanceof HTMLCanvasElement && canvas.width > canvas.clientWidth;
  });
}

/** A coin's ring in the round, with its band. */
async function seeRing(page) {
  await seeHandle(page);
  await page.locator('[data-testid="band-unrolled"] canvas[data-drawn="yes"]').waitFor();
}

/** A washer that is folded most of the way. */
async function practise(page) {
  await page.getByRole('button', { name: 'Punch it' }).click();
  for (let stroke = 0; stroke < 4; stroke++) {
    await page.getByRole('button', { name: 'Anneal' }).click();
    await page.getByRole('button', { name: 'Fold a third' }).click();
  }
}

/** As many rings as are in sight are drawn. */
async function seeThumbs(page, count) {
  for (let i = 0; i < count; i++) {
    await page.getByTestId('ring-thumb').nth(i).locator('img').waitFor({ timeout: 60_000 });
  }
}

/** Which rings of the shelf fit a finger. */
async function lookOver(page) {
  await page.getByTestId('shelf-finger').fill('9');
  await seeThumbs(page, 3);
}

async function search(page) {
  await page.getByRole('button', { name: 'Search the stock' }).click();
  await page.getByText('ways to make it').waitFor({ timeout: 60_000 });
  await seeThumbs(page, 5);
}

/** A plated fork whose density gives it away. */
async function weigh(page) {
  await page.getByRole('radio', { name: 'nothing' }).click();
  await page.getByLabel('In air (g)').fill('31.2');
  await page.getByLabel('In water (g)').fill('27.6');
  await page.getByRole('list', { name: 'What may be done to it' }).scrollIntoViewIfNeeded();
}

/** A person who is known asks for a ring by a date. */
async function takeDown(page) {
  await page.getByTestId('intake-person').fill('Pell');
  await page.getByRole('radio', { name: 'Pell Averin' }).click();
  await page.getByRole('radio', { name: '4 weeks' }).click();
  const possible = page.getByRole('radiogroup', { name: 'Possible from the stock' });
  await possible.getByRole('radio').first().click({ timeout: 60_000 });
  await page.getByTestId('promise').waitFor({ timeout: 60_000 });
  await seeThumbs(page, 3);
}

/** The first whole day of the plan. */
async function layOut(page) {
  await page.getByTestId('gain').waitFor({ timeout: 60_000 });
  await page.getByRole('radiogroup', { name: 'Day' }).getByRole('radio').nth(1).click();
}

/** A picture is taken when nothing was fetched for so long, and of what never falls silent after the longest wait, ms. */
const QUIET = { silenceMs: 500, longestMs: 15_000 };

const folder = join(ROOT, 'docs/screenshots');
await mkdir(folder, { recursive: true });
const { url, browser, close } = await openDemo();
for (const { name, path, size, light = 'day', act } of VIEWS) {
  const page = await browser.newPage({ viewport: size, timezoneId: 'UTC' });
  const quiet = quietOf(page, QUIET);
  await page.request.patch(`${url}/api/v1/settings`, { data: { light } });
  await page.goto(url + path);
  await page.getByRole('heading').first().waitFor();
  await quiet();
  // What the log taught may take the server a while.
  await page
    .getByText(/^Fetching /)
    .first()
    .waitFor({ state: 'hidden', timeout: 60_000 });
  await page.evaluate(() => document.fonts.ready);
  // So does the rest of a route that a reading asks for.
  await page.getByText('Working out the rest').waitFor({ state: 'hidden', timeout: 60_000 });
  if (act) await act(page);
  // Intervals come from a worker a moment after the plan.
  if (path === BRENN) await page.getByTestId('lost-chance').waitFor({ state: 'attached', timeout: 60_000 });
  await page.screenshot({ path: join(folder, `${name}.png`) });
  await page.close();
  console.log(`docs/screenshots/${name}.png`);
}
await close();
