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
/** Axe's rules in each light: in the other one only colours are different, and it is looked at by them alone. */
const RULES_IN: Readonly<Record<(typeof LIGHTS)[number], axe.RunOptions>> = {
  light: {},
  dark: { runOnly: { type: 'rule', values: ['color-contrast'] } },
};

type Size = (typeof SIZES)[number];
/** Sizes at which axe looks: a wide screen is another than the phone's, a sheet the same one. */
const AXE_AT = { screens: [PHONE, DESK], sheets: [PHONE] } as const satisfies Record<string, readonly Size[]>;

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

interface Look {
  /** Sizes of those at which axe looks, too. */
  readonly axeAt: readonly Size[];
  /** Nothing is fetched any more. */
  readonly settled: () => Promise<void>;
  /** What is looked at is there. */
  readonly isDrawn: () => Promise<void>;
}

/** The faults of the page as it stands, at some sizes, and on the phone in the other light. */
async function faultsAt(
  page: Page,
  sizes: readonly Size[],
  { axeAt, settled, isDrawn }: Look,
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
      if (axeAt.includes(size)) found.push(...(await violationsOf(page, RULES_IN[colorScheme])));
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
      const look = { axeAt: AXE_AT.screens, settled, isDrawn };
      faults.push(...(await faultsAt(page, SIZES, look)).map((fault) => `${name}, ${fault}`));
    }
    expect(faults).toEqual([]);
  });

  test(`every sheet stands whole and is accessible, part ${part + 1}`, async ({ app: page }) => {
    const settled = quietOf(page, QUIET);
    const faults: string[] = [];
    const isDrawn = () => expect(page.getByRole('dialog')).toBeVisible();
    const look = { axeAt: AXE_AT.sheets, settled, isDrawn };
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
        faults.push(...(await faultsAt(page, sizes, look)).map((fault) => `${name}, ${fault}`));
        await page.keyboard.press('Escape');
        await expect(page.getByRole('dialog')).toBeHidden();
      }
    }
    expect(faults).toEqual([]);
  });
}
