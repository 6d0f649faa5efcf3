/** Streams never end; a worker that was stopped on the way does not tell that its script has. */
const ENDLESS = /\/stream$|\/changes\?|\/heavy-[^/]*\.js$/;
/** How often a page is looked at, ms. */
const LOOK_MS = 50;

/**
 * Tells when a page has fetched all it wants; what never ends is not waited for.
 * @param {import('@playwright/test').Page} page
 * @param {{ silenceMs: number, longestMs: number }} limits how long nothing is fetched any more, and when what never
 *   falls silent is taken as it is
 * @returns {() => Promise<void>} waits from its call on
 */
export function quietOf(page, { silenceMs, longestMs }) {
  /** @type {Set<import('@playwright/test').Request>} */
  const open = new Set();
  let quietSince = Date.now();
  /** @param {import('@playwright/test').Request} request */
  const ended = (request) => {
    open.delete(request);
    quietSince = Date.now();
  };
  page.on('request', (request) => {
    if (!ENDLESS.test(request.url())) open.add(request);
  });
  page.on('requestfinished', ended);
  page.on('requestfailed', ended);
  return async () => {
    const from = Date.now();
    quietSince = from;
    const isQuiet = () => open.size === 0 && Date.now() - quietSince > silenceMs;
    while (!isQuiet() && Date.now() - from <= longestMs) await page.waitForTimeout(LOOK_MS);
    // What has not ended by now never will: it is waited for once, not before every look that follows.
    open.clear();
  };
}
