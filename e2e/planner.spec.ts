import type { Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { expect, goTo, test, visit } from './fixtures';

// Most tests here change nothing that another one would see.
test.use({ fresh: false });

const BRENN = '/plan?stockId=00000001-0000-4000-8000-000000000010';
const LARGE_BRENN = '/plan?stockId=00000001-0000-4000-8000-000000000011';

async function openPlan(page: Page, path: string): Promise<void> {
  await visit(page, path);
  await expect(page.getByTestId('verdict')).toBeVisible();
}

/** The worker has drawn its rings when the chance to spoil is there. */
async function chancesKnown(page: Page): Promise<void> {
  await expect(page.getByTestId('lost-chance')).toContainText(/in 100|Hardly one/, { timeout: 30_000 });
}

test('a straight ring: interval, chance to spoil, and what to measure better', async ({ app: page }) => {
  await openPlan(page, BRENN);
  await chancesKnown(page);
  await expect(page.getByTestId('verdict')).toContainText(/\d\.\d–\d\.\d mm wide, \d+ in 100 (is|are) lost/);
  await expect(page.getByTestId('size-spread')).toHaveAttribute('aria-label', /ninety rings in a hundred/);
  await page.getByRole('button', { name: 'Why this sure?' }).click();
  const sheet = page.getByRole('dialog', { name: 'How sure, and why' });
  await expect(sheet).toContainText('2000 rings were drawn');
  // What spreads it most stands first; what hardly does is named together.
  const spreads = sheet.getByRole('list', { name: 'What spreads the width' }).getByRole('listitem');
  await expect(spreads.first()).toContainText('your dies and grease');
  await expect(sheet).toContainText(/Less than a hundredth each: .*trimming the lip/);
});

test('a rounded ring by another school: cone and lid, its edges pushed in to a depth', async ({
  app: page,
}) => {
  await openPlan(page, BRENN);
  await page.getByRole('radio', { name: 'rounded' }).click();
  await page.getByRole('radio', { name: /cone and lid/ }).click();
  await expect(page.getByTestId('verdict')).toContainText('straightens on cone and lid');
  await page.getByRole('button', { name: /All \d+ steps/ }).click();
  const steps = page.getByRole('list', { name: 'Steps of the route' });
  await expect(steps).toContainText(/expansion cone with lids, lid \d+/);
  await expect(steps).toContainText(/Turn the cut edge in.*25° reducing plate.*Turn the rim edge in/);
  await expect(page.getByTestId('push-words')).toContainText(/past the first touch/);
  await expect(steps).toContainText(
    /stop at US \S+, cut edge down; US \S+ the other way round.*taken half a mark past it/,
  );
});

test('a stepped ring: pushers, tape and the mark from the die charts', async ({ app: page }) => {
  await openPlan(page, LARGE_BRENN);
  await page.getByLabel('Target size', { exact: true }).fill('US 9');
  await expect(page.getByTestId('verdict')).toContainText('stepped reduction under tape');
  await page.getByRole('button', { name: /All \d+ steps/ }).click();
  const sheet = page.getByRole('dialog', { name: 'The route' });
  await expect(sheet).toContainText(/PTFE tape for this ring: \d+ turns of tape, \d+\.\d m/);
  await expect(sheet).toContainText(/mm pusher in the long die, under tape/);
  await expect(sheet).toContainText(/stop with \d+(\.\d)? lines showing/);
});

test('an impossible ring opens to its reasons and to what can be done', async ({ app: page }) => {
  await openPlan(page, BRENN);
  await page.getByLabel('Target size', { exact: true }).fill('US 20');
  await expect(page.getByTestId('verdict')).toContainText('The rim never grows');
  await expect(page.getByTestId('chances')).toHaveCount(0);
  await page.getByRole('button', { name: 'Why? All reasons' }).click();
  await page.getByRole('button', { name: 'The hole is off centre' }).click();
  await expect(page.getByRole('dialog', { name: 'The hole is off centre' })).toContainText('What to do now');
});

test('the film is scrubbed with arrow keys, and played', async ({ app: page }) => {
  await openPlan(page, BRENN);
  // What the workshop taught may still change the route, and the film begins anew with it.
  await chancesKnown(page);
  const film = page.getByTestId('route-film');
  const slider = film.getByRole('slider', { name: 'Along the route' });
  await slider.focus();
  await page.keyboard.press('Home');
  await expect(slider).toHaveAttribute('aria-valuetext', /^1 of \d+: Punch/);
  const flat = await film.getByTestId('legend-stretch').getAttribute('aria-label');
  expect(flat).toContain('rim edge letters 100% as wide, cut edge letters 100% as wide');
  for (let i = 0; i < 4; i++) await page.keyboard.press('ArrowRight');
  await expect(slider).toHaveAttribute('aria-valuetext', /^2 of \d+: (Fold|Cup it)/);
  await film.getByRole('button', { name: 'Play the film' }).click();
  await expect(slider).toHaveAttribute('aria-valuetext', /^[3-9] of/, { timeout: 10_000 });
});

test('what should I use: ranked by the worker as by the server, side by side, planned', async ({
  app: page,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await visit(page, '/plan/search');
  await page.getByRole('button', { name: 'Search the stock' }).click();
  const ways = page.getByRole('list', { name: 'Ways to make it' });
  await expect(ways.getByRole('listitem').first()).toBeVisible({ timeout: 60_000 });

  const answer = await page.request.post(new URL('/api/v1/compute/search', page.url()).href, {
    data: {
      targetInsideDiameterMm: 19.7612,
      widthMm: { min: 7, max: 9.5 },
      wall: 'straight',
      learnt: true,
    },
  });
  const { options, works } = (await answer.json()) as {
    options: { holeMm: number; why: string }[];
    works: { why: string }[];
  };
  await expect(ways.getByRole('listitem')).toHaveCount(options.length + works.length);
  expect(works.length).toBeGreaterThan(0);
  await expect(ways).toContainText(works[0]?.why ?? 'a work');
  await page.getByRole('radio', { name: 'coin ring' }).click();
  await expect(ways.getByRole('listitem')).toHaveCount(options.length);
  for (const [i, { holeMm, why }] of options.slice(0, 5).entries()) {
    await expect(ways.getByRole('listitem').nth(i)).toContainText(`Hole ${holeMm.toFixed(1)} mm · ${why}`);
  }

  for (const i of [0, 2]) await ways.getByRole('checkbox').nth(i).click();
  await page.getByRole('button', { name: 'Side by side (2)' }).click();
  const sheet = page.getByRole('dialog', { name: 'Side by side' });
  await expect(sheet.getByRole('button', { name: 'Plan this one' })).toHaveCount(2);
  await sheet.getByRole('button', { name: 'Plan this one' }).first().click();
  await expect(page.getByTestId('plan-screen')).toBeVisible();
  await expect(page.getByTestId('holes').getByRole('radio', { checked: true })).toContainText(
    `${options[0]?.holeMm.toFixed(1)} mm`,
  );
});

test('a search can be stopped, and a wish that nothing meets says so', async ({ app: page }) => {
  await visit(page, '/plan/search');
  await page.getByLabel('Width from (mm)').fill('wide');
  await expect(page.getByRole('alert').filter({ hasText: 'such as 8.5' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Search the stock' })).toBeDisabled();
  await page.getByLabel('Width from (mm)').fill('7');
  await page.getByRole('button', { name: 'Search the stock' }).click();
  await page.getByRole('button', { name: 'Stop: Searching the stock' }).click();
  await expect(page.getByRole('button', { name: 'Stopped. Search again' })).toBeVisible();
  await page.getByLabel('Year').fill('1799');
  await page.getByRole('button', { name: 'Search the stock' }).click();
  const nothing = page.getByText('Nothing in stock makes this ring.');
  await expect(nothing).toBeVisible({ timeout: 30_000 });
  // On a phone the answers stand below all that was asked: they are brought into view.
  await expect(nothing).toBeInViewport();
  await page.getByLabel('Year').fill('');
  await page.getByRole('button', { name: 'Search the stock' }).click();
  const first = page.getByRole('list', { name: 'Ways to make it' }).getByRole('listitem').first();
  await expect(first).toBeInViewport({ timeout: 60_000 });
  await page.getByRole('button', { name: 'Change what is shown, and its order' }).click();
  await page.getByRole('radio', { name: 'silverware' }).click();
  await expect(first).toContainText('silverware', { ignoreCase: true });
});

test('what can it become: tools that would open sizes, and a cell that is planned', async ({ app: page }) => {
  await openPlan(page, BRENN);
  await page.getByRole('button', { name: 'What can it become?' }).click();
  await expect(page.getByRole('list', { name: 'Tools that would open sizes' })).toContainText(
    'would open US',
    {
      timeout: 30_000,
    },
  );
  await page.getByRole('button', { name: /^US 8½, hole 15\.0 mm: \d+\.\d mm wide/ }).click();
  await expect(page.getByLabel('Target size', { exact: true })).toHaveValue('US 8½');
  await expect(page.getByTestId('holes').getByRole('radio', { checked: true })).toContainText('15.0 mm');
});

test.describe('what is kept', () => {
  test.use({ fresh: true });

  test('a hole off centre is filed on paper, and the plan and the bench follow', async ({ app: page }) => {
    await openPlan(page, BRENN);
    await page
      .getByTestId('holes')
      .getByRole('radio', { name: /12\.7 mm/ })
      .click();
    await page.getByRole('button', { name: 'Centre the hole' }).click();
    for (let place = 0; place < 8; place++) {
      const land = 9.1 + 0.4 * Math.sin((Math.PI * place) / 4);
      await page.getByLabel(new RegExp(`^${place + 1} · `)).fill(land.toFixed(2));
    }
    await expect(page.getByTestId('land-verdict')).toContainText('File the wide side at 3:00');
    await expect(page.getByTestId('land-drawing')).toHaveAttribute(
      'aria-label',
      /wide side at 3:00, file there/,
    );

    const [pdf] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save as PDF' }).click(),
    ]);
    expect((await readFile(await pdf.path())).subarray(0, 5).toString()).toBe('%PDF-');
    const [svg] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Save as SVG' }).click(),
    ]);
    expect(await readFile(await svg.path(), 'utf8')).toContain('width="210mm"');

    await page
      .getByRole('button', { name: /Plan with a hole of 13\.5\d? mm|Plan with a hole of 13\.\d\d mm/ })
      .click();
    await expect(page.getByTestId('holes').getByRole('radio', { checked: true })).toContainText(/13\.[45]/);
    await page.getByRole('button', { name: /All \d+ steps/ }).click();
    await expect(page.getByRole('list', { name: 'Steps of the route' })).toContainText(
      /punch.*(then file to 13\.5 mm|self-centring)/,
    );
  });
});

test.describe('what is kept', () => {
  test.use({ fresh: true });

  test('a die chart learns a pass and says where to stop', async ({ app: page }) => {
    await goTo(page, 'Log');
    await page.getByRole('link', { name: 'Die charts' }).click();
    const chart = page.getByRole('listitem', { name: '20.0 mm pusher, Long die' });
    await expect(chart).toContainText('4 observations');
    await chart.getByLabel('Size wanted after this pass').fill('19.5 mm');
    await expect(chart).toContainText(/Stop with 1\.\d lines showing/);
    await chart.getByLabel('Lines showing').fill('2');
    await chart.getByLabel('Size after it').fill('US 10');
    await chart.getByRole('button', { name: /Add an observation/ }).click();
    await expect(chart).toContainText('5 observations');
    await page.reload();
    await expect(chart).toContainText('5 observations');
  });
});
