import type { Page } from '@playwright/test';
import axe from 'axe-core';
import { quietOf } from '../scripts/lib/quiet.mjs';
import { expect, test, visit } from './fixtures';

const SCREENS = [
  ['bench', '/bench'],
  ['a step', '/bench/00000004-0000-4000-8000-000000000007'],
  ['hands-free', '/bench/hands-free/00000004-0000-4000-8000-000000000007'],
  ['archived rings', '/bench/archived'],
  ['recipes', '/bench/recipes'],
  ['practice', '/bench/practice'],
  ['an exercise', '/bench/practice/first-band'],
  ['devices', '/bench/devices'],
  ['plan', '/plan?stockId=00000001-0000-4000-8000-000000000010'],
  ['half-made', '/plan/begin'],
  ['search', '/plan/search'],
  ['size map', '/plan/map?stockId=00000001-0000-4000-8000-000000000010'],
  ['centring', '/plan/centre?stockId=00000001-0000-4000-8000-000000000010'],
  ['silverware', '/plan/handle?stockId=00000001-0000-4000-8000-0000000000c8'],
  ['strip', '/plan/strip?stockId=00000001-0000-4000-8000-0000000000cb'],
  ['spinner', '/plan/spinner?stockId=00000001-0000-4000-8000-0000000000cb'],
  ['coin in band', '/plan/coin-band?stockId=00000001-0000-4000-8000-000000000016'],
  ['resizing', '/plan/resize?stockId=00000001-0000-4000-8000-0000000000ce'],
  ['fingers', '/plan/fingers'],
  ['what is it', '/stock/test?stockId=00000001-0000-4000-8000-0000000000c9'],
  ['tables', '/stock/tables'],
  ['a handle', '/stock/00000001-0000-4000-8000-0000000000c8'],
  ['stock', '/stock'],
  ['a piece', '/stock/00000001-0000-4000-8000-000000000010'],
  ['a new piece', '/stock/new'],
  ['kit', '/stock/kit'],
  ['log', '/log'],
  ['what was learnt', '/log/learnt'],
  ['die charts', '/log/die-charts'],
  ['a finished ring', '/log/00000004-0000-4000-8000-000000000001'],
  ['years', '/stock/years'],
  ['consumables', '/stock/shelves'],
  ['scrap tin', '/stock/scrap'],
  ['orders', '/orders'],
  ['an order', '/orders/00000008-0000-4000-8000-000000000007'],
  ['a wish', '/orders/new'],
  ['day plan', '/orders/day'],
  ['people', '/orders/people'],
  ['sizers', '/orders/sizers'],
  ['outbox', '/orders/outbox'],
  ['the shop', '/log/shop'],
  ['settings', '/settings'],
  ['search', '/search?q=silver'],
  ['handbook', '/help'],
  ['a chapter', '/help/3'],
  ['metals', '/help/2'],
  ['words', '/help/words'],
  ['keys', '/help/keys'],
  ['devices of the workshop', '/settings/devices'],
  ['backups', '/settings/backups'],
  ['archive of the stock', '/stock/archived'],
  ['archive of the orders', '/orders/archived'],
  ['archive of the log', '/log/archived'],
  ['first run', '/first-run'],
] as const;

/** Two workers share the screens evenly; a part that fails does not hide the other. */
const PARTS = 2;
/** In the other light only the palette differs, the same for every screen: every third one shows all of it. */
const IN_TORCH_LIGHT = 3;
/** Drawn when nothing was fetched for so long; what never falls silent is looked at after the longest wait, ms. */
const QUIET = { silenceMs: 250, longestMs: 6000 };

/** The checker as the page runs it; the app's screens have no frames, so that it runs once and in place. */
const AXE = axe.source;
const EVERYTHING: axe.RunOnly = { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21aa'] };
/** In the other light only colours are different. */
const COLOURS: axe.RunOnly = { type: 'rule', values: ['color-contrast'] };

/** What axe finds on the screen as it stands, "rule: where". */
async function violationsOf(page: Page, runOnly: axe.RunOnly): Promise<readonly string[]> {
  const { violations } = await page.evaluate(
    (only) =>
      (globalThis as unknown as { readonly axe: typeof axe }).axe.run({
        runOnly: only,
        resultTypes: ['violations'],
      }),
    runOnly,
  );
  return violations.flatMap(({ id, nodes }) => nodes.map(({ target }) => `${id}: ${target.join(' ')}`));
}

test.use({ fresh: false });

for (let part = 0; part < PARTS; part++) {
  test(`screens are accessible, part ${part + 1} of ${PARTS}`, async ({ app: page }) => {
    const own = SCREENS.filter((_screen, i) => i % PARTS === part);
    const settled = quietOf(page, QUIET);
    for (const light of ['day', 'torch'] as const) {
      await page.request.patch(new URL('/api/v1/settings', page.url()).href, { data: { light } });
      await page.reload();
      await page.evaluate(AXE);
      await expect(page.locator('html')).toHaveClass(light === 'torch' ? /torch/ : /^(?!.*torch)/);
      for (const [name, path] of light === 'day'
        ? own
        : own.filter((_screen, i) => i % IN_TORCH_LIGHT === 1)) {
        await visit(page, path);
        await expect(page).toHaveURL(new URL(path, page.url()).href);
        await settled();
        await expect(page.getByRole('heading').first()).toBeVisible();
        const found = await violationsOf(page, light === 'day' ? EVERYTHING : COLOURS);
        expect(found, `${name}, ${light} light`).toEqual([]);
      }
    }
    await page.request.patch(new URL('/api/v1/settings', page.url()).href, { data: { light: 'day' } });
  });
}
