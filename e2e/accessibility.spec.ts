import AxeBuilder from '@axe-core/playwright';
import { expect, test } from './fixtures';

const SCREENS = [
  ['bench', '/bench'],
  ['a step', '/bench/00000004-0000-4000-8000-000000000007'],
  ['recipes', '/bench/recipes'],
  ['practice', '/bench/practice'],
  ['an exercise', '/bench/practice/first-band'],
  ['devices', '/bench/devices'],
  ['plan', '/plan?stockId=00000001-0000-4000-8000-000000000010'],
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
] as const;

/** Screens are looked at in parts: a part that fails does not hide the others, and two workers share them evenly. */
const PARTS = 4;
const SILENCE_MS = 6000;
/** In the other light only the palette differs, the same for every screen: every third one shows all of it. */
const IN_TORCH_LIGHT = 3;
const CASES = [
  ...Array.from({ length: PARTS }, (_, part) => ({
    light: 'day' as const,
    name: `day light, part ${part + 1} of ${PARTS}`,
    screens: SCREENS.filter((_screen, i) => i % PARTS === part),
  })),
  {
    light: 'torch' as const,
    name: 'torch light',
    screens: SCREENS.filter((_screen, i) => i % IN_TORCH_LIGHT === 1),
  },
];

for (const { light, name: title, screens } of CASES) {
  test(`screens are accessible in ${title}`, async ({ app: page }) => {
    await page.request.patch(new URL('/api/v1/settings', page.url()).href, { data: { light } });
    for (const [name, path] of screens) {
      await page.goto(new URL(path, page.url()).href);
      // Silence tells that everything was drawn. It does not always come: streams of devices never end, and a worker that
      // was stopped while it was fetched counts as fetched for ever.
      await page.waitForLoadState('networkidle', { timeout: SILENCE_MS }).catch(() => undefined);
      await expect(page.getByRole('heading').first()).toBeVisible();
      await expect(page.locator('html')).toHaveClass(light === 'torch' ? /torch/ : /^(?!.*torch)/);
      const axe = new AxeBuilder({ page });
      // In the other light only colours are different.
      const checks =
        light === 'day' ? axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa']) : axe.withRules(['color-contrast']);
      const { violations } = await checks.analyze();
      const found = violations.flatMap(({ id, nodes }) =>
        nodes.map(({ target }) => `${id}: ${target.join(' ')}`),
      );
      expect(found, name).toEqual([]);
    }
  });
}
