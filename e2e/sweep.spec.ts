import type { Page } from '@playwright/test';
import axe from 'axe-core';
import { quietOf } from '../scripts/lib/quiet.mjs';
import { expect, test, visit } from './fixtures';
import { layoutFaults, type LayoutRules } from './layout-faults';
import { SCREENS, SHEETS } from './screens';

const PHONE = { width: 390, height: 844 };
const SIDEWAYS = { width: 844, height: 390 };
const DESK = { width: 1280, height: 800 };
const ON_PHONE = [PHONE, SIDEWAYS];
const SIZES = [{ width: 360, height: 740 }, PHONE, SIDEWAYS, DESK, { width: 1920, height: 1080 }] as const;
const RULES: LayoutRules = {
  leastTargetPx: 44,
  atBench: { within: '[data-testid=ring-screen], [data-testid=hands-free]', highPx: 56 },
  leastTextPx: 13,
  // A minute is so many pixels there; each piece of work is also a step of its ring.
  toScale: '[data-testid=day-lanes]',
};

/** Two workers share the screens evenly; a part that fails does not hide the other. */
const PARTS = 2;
/** Drawn when nothing was fetched for so long; what never falls silent is looked at after the longest wait, ms. */
const QUIET = { silenceMs: 250, longestMs: 6000 };

/** The checker as the page runs it; the app's screens have no frames, so that it runs once and in place. */
const AXE = axe.source;
const LIGHTS = ['light', 'dark'] as const;
type Light = (typeof LIGHTS)[number];
/** In the other light only colours are different: it is looked at by them alone, where the same colours are. */
const COLOURS: axe.RunOptions = { runOnly: { type: 'rule', values: ['color-contrast'] } };
const EVERY_RULE: axe.RunOptions = {};

/** Which of axe's rules a size is looked at by in a light; undefined where by none. */
function rulesFor(size: (typeof SIZES)[number], light: Light): axe.RunOptions | undefined {
  if (light === 'dark') return COLOURS;
  return size === PHONE || size === DESK ? EVERY_RULE : undefined;
}

/** What axe finds on the screen as it stands, "rule: where". */
async function violationsOf(page: Page, options: axe.RunOptions): Promise<readonly string[]> {
  const { violations } = await page.evaluate(
    (asked) =>
      (globalThis as unknown as { readonly axe: typeof axe }).axe.run({
        ...asked,
        resultTypes: ['violations'],
      }),
    options,
  );
  return violations.flatMap(({ id, nodes }) => nodes.map(({ target }) => `${id}: ${target.join(' ')}`));
}

interface Waiting {
  /** Nothing is fetched any more. */
  readonly settled: () => Promise<void>;
  /** What is looked at is there. */
  readonly isDrawn: () => Promise<void>;
}

/** The faults of the page as it stands, at some sizes, and in the other light. Axe looks at the phone and at the desk. */
async function faultsAt(
  page: Page,
  sizes: readonly (typeof SIZES)[number][],
  { settled, isDrawn }: Waiting,
): Promise<readonly string[]> {
  const faults: string[] = [];
  for (const size of sizes) {
    await page.setViewportSize(size);
    // A size of another class has other parts, some of which come in files of their own.
    if (size === DESK) await settled();
    await isDrawn();
    // Each change of the light draws the whole page anew, and moves nothing on it.
    for (const colorScheme of size === PHONE ? LIGHTS : (['light'] as const)) {
      await page.emulateMedia({ colorScheme });
      await page.evaluate(
        () => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))),
      );
      const found = colorScheme === 'light' ? [...(await page.evaluate(layoutFaults, RULES))] : [];
      const rules = rulesFor(size, colorScheme);
      if (rules) found.push(...(await violationsOf(page, rules)));
      faults.push(...found.map((fault) => `${size.width} × ${size.height}, ${colorScheme}: ${fault}`));
    }
  }
  return faults;
}

test.use({ fresh: false });

test.beforeEach(async ({ app: page }) => {
  await page.request.patch(new URL('/api/v1/settings', page.url()).href, { data: { light: 'device' } });
  await page.reload();
  await page.evaluate(AXE);
});

test.afterEach(async ({ app: page }) => {
  await page.request.patch(new URL('/api/v1/settings', page.url()).href, { data: { light: 'day' } });
});

for (let part = 0; part < PARTS; part++) {
  const ownPart = <T>(all: readonly T[]) => all.filter((_one, i) => i % PARTS === part);

  test(`every screen stands whole and is accessible, at every size and in both lights, part ${part + 1}`, async ({
    app: page,
  }) => {
    const settled = quietOf(page, QUIET);
    const faults: string[] = [];
    for (const [name, path] of ownPart(SCREENS)) {
      await visit(page, path);
      await settled();
      const isDrawn = () => expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      faults.push(...(await faultsAt(page, SIZES, { settled, isDrawn })).map((fault) => `${name}, ${fault}`));
    }
    expect(faults).toEqual([]);
  });

  test(`every sheet stands whole and is accessible, part ${part + 1}`, async ({ app: page }) => {
    const settled = quietOf(page, QUIET);
    const faults: string[] = [];
    const isDrawn = () => expect(page.getByRole('dialog')).toBeVisible();
    for (const [name, path, button, onlyOn] of ownPart<(typeof SHEETS)[number]>(SHEETS)) {
      // A screen of another class is another screen, and its sheets are its own.
      for (const sizes of onlyOn ? [ON_PHONE] : [ON_PHONE, [DESK]]) {
        await page.setViewportSize(sizes[0] ?? PHONE);
        await visit(page, path);
        await settled();
        const exact = typeof button === 'string';
        await page.getByRole('button', { name: button, exact }).first().click();
        await isDrawn();
        await settled();
        faults.push(
          ...(await faultsAt(page, sizes, { settled, isDrawn })).map((fault) => `${name}, ${fault}`),
        );
        await page.keyboard.press('Escape');
        await expect(page.getByRole('dialog')).toBeHidden();
      }
    }
    expect(faults).toEqual([]);
  });
}
