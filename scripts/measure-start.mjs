import { openDemo } from './lib/demo-page.mjs';

// When the rings in work can be read on a slow phone, and when the app itself is there. Fails above the bounds.
/** The first time, and with the files of the app kept from before: the quickest of so many tries. */
const STARTS = [
  { name: 'cold', tries: 1, boundMs: 6000 },
  { name: 'warm', tries: 3, boundMs: 1000 },
];
/** Looked at no sooner: looking takes time of the slow processor. */
const LOOK_AFTER_MS = 3000;
/** A processor four times as slow as this one. */
const SLOWER = 4;
/** Fast 3G. */
const NETWORK = {
  offline: false,
  latency: 562.5,
  downloadThroughput: (1.6e6 * 0.9) / 8,
  uploadThroughput: (750e3 * 0.9) / 8,
};

const { url, browser, close } = await openDemo();
// Not through its service worker, which plain http does not have.
const context = await browser.newContext({ viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });

/** @returns when what can be read was drawn, and about when the app was there, ms */
async function start() {
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send('Network.enable');
  await session.send('Network.emulateNetworkConditions', NETWORK);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
  const fromMs = performance.now();
  const answer = await page.goto(url, { waitUntil: 'commit' });
  await page.waitForTimeout(LOOK_AFTER_MS);
  await page.getByTestId('bench-screen').waitFor();
  const appMs = performance.now() - fromMs;
  const readMs = await page.evaluate(
    () => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? Infinity,
  );
  if (!(await answer.text()).includes('id="first-look"')) throw new Error('The page has no first look.');
  await page.close();
  return { readMs, appMs };
}

for (const { name, tries, boundMs } of STARTS) {
  const all = [];
  for (let n = 0; n < tries; n++) all.push(await start());
  const [best] = all.sort((a, b) => a.readMs - b.readMs);
  const [readMs, appMs] = [best.readMs, best.appMs].map(Math.round);
  console.log(
    `${name}: the rings in work can be read after ${readMs} ms (bound ${boundMs}), the app after ${appMs} ms`,
  );
  if (readMs > boundMs) process.exitCode = 1;
}
await close();
