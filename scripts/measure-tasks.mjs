import { openDemo } from './lib/demo-page.mjs';

const COIN = '00000001-0000-4000-8000-000000000000';
const OTHER_COIN = '00000001-0000-4000-8000-000000000006';
const RING = '00000004-0000-4000-8000-000000000007';
/** A task that takes longer is felt, ms. */
const BOUND_MS = 50;
/** What follows from a press is over by then, ms. */
const AFTER_MS = 2500;

/** Goes to a screen as a link within the app does. */
const go = (path) => (page) =>
  page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, path);
const place = (name) => (page) =>
  page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name }).click();

/** To the end of a list, as a thumb does. */
async function scroll(page) {
  await page.mouse.move(200, 400);
  for (let flick = 0; flick < 20; flick++) {
    await page.mouse.wheel(0, 400);
    await page.waitForTimeout(60);
  }
}

async function stepSize(page) {
  for (let step = 0; step < 4; step++) {
    await page
      .getByRole('button', { name: /larger$/ })
      .first()
      .click();
    await page.waitForTimeout(400);
  }
}

/** What a maker does all day, in this order. */
const DEEDS = [
  ['open Stock', place('Stock')],
  ['scroll the stock', scroll],
  ['open a piece', go(`/stock/${COIN}`)],
  ['plan a ring from it', go(`/plan?stockId=${COIN}`)],
  ['step the size', stepSize],
  ['switch to another piece', go(`/plan?stockId=${OTHER_COIN}`)],
  ['open the search', go('/plan/search')],
  ['open Orders', place('Orders')],
  ['open the day plan', go('/orders/day')],
  ['open Log', place('Log')],
  ['scroll the log', scroll],
  ['open what was learnt', go('/log/learnt')],
  ['open Bench', place('Bench')],
  ['open a bench step', go(`/bench/${RING}`)],
  ['open the handbook', go('/help/3')],
];

const { url, browser, close } = await openDemo();
const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
await page.addInitScript(() => {
  window.longTasks = [];
  new PerformanceObserver((list) => {
    window.longTasks.push(...list.getEntries().map(({ duration }) => Math.round(duration)));
  }).observe({ type: 'longtask', buffered: true });
});
await page.goto(`${url}/bench`);
await page.getByTestId('bench-screen').waitFor();
// The files of the other places are fetched ahead meanwhile.
await page.waitForTimeout(2 * AFTER_MS);
let longest = 0;
for (const [name, act] of DEEDS) {
  await page.evaluate(() => (window.longTasks = []));
  await act(page);
  await page.waitForTimeout(AFTER_MS);
  const tasks = await page.evaluate(() => window.longTasks);
  longest = Math.max(longest, ...tasks);
  const over = tasks.filter((ms) => ms > BOUND_MS);
  console.log(
    `${name.padEnd(26)} ${over.length === 0 ? `none over ${BOUND_MS} ms` : `${over.join(', ')} ms`}`,
  );
}
console.log(
  `\nThe longest task: ${longest > 0 ? `${longest} ms` : `under ${BOUND_MS} ms`}; the bound is ${BOUND_MS} ms.`,
);
await close();
