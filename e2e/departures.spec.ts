import type { Page } from '@playwright/test';
import { stepCount, stepDone } from './bench-steps';
import { expect, goTo, test } from './fixtures';
import { planKind, takeToBench, workToTheEnd } from './work-steps';

// One job of a kind, worked with departures from its plan, on a phone.
test.use({ fresh: false, viewport: { width: 390, height: 844 }, hasTouch: true });

/** Types a figure on the keys of a sheet. */
async function typeFigure(page: Page, figure: string): Promise<void> {
  const keys = page.getByRole('dialog').getByRole('group', { name: 'Digits' });
  for (const sign of figure) {
    await keys.getByRole('button', { name: sign === '.' ? 'decimal point' : sign, exact: true }).tap();
  }
}

async function measure(page: Page, thickMm: string, wideMm?: string): Promise<void> {
  await page.getByRole('button', { name: 'Measure', exact: true }).tap();
  await typeFigure(page, thickMm);
  if (wideMm !== undefined) {
    await page.getByRole('dialog').getByRole('radio', { name: 'Width: not read' }).tap();
    await typeFigure(page, wideMm);
  }
  await page.getByRole('button', { name: 'Log the strip' }).tap();
  await expect(page.getByRole('dialog')).toBeHidden();
}

/** "step 4 of 21": how many there are. */
async function stepsInAll(page: Page): Promise<number> {
  return Number(/of (\d+)/.exec((await stepCount(page).textContent()) ?? '')?.[1]);
}

test('wire becomes the band that was wished for, measured at the mill', async ({ app: page }) => {
  await goTo(page, 'Plan');
  await page.getByRole('navigation', { name: 'Kinds of work' }).getByRole('link', { name: 'Strip' }).tap();
  await page.getByTestId('work-widthMm').fill('4.2');
  await page.getByTestId('work-rolledToMm').fill('1.4');
  const drawer = page.getByRole('radiogroup', { name: 'Pieces of stock' });
  await expect(drawer.getByRole('radio', { name: /Copper strip/ })).toContainText(
    '✕ Rolls only make it thinner',
  );
  const wire = drawer.getByRole('radio', { name: /Sterling wire/ });
  await expect(wire).toContainText(/✓ Cut \d+\.\d mm, 6 passes, 1 anneal, narrowed to 4\.2 mm/);
  await wire.tap();
  await takeToBench(page, 'Of wire');
  await expect(page.getByTestId('stop-mark')).toContainText('long');
  await stepDone(page);

  // Taken down faster than planned: fewer passes are left.
  await expect(page.getByTestId('verb')).toHaveText('Roll');
  const planned = await stepsInAll(page);
  await measure(page, '2.1', '3.6');
  await expect(page.getByTestId('reading-verdict')).toContainText('thinner than its mark. Next: roll to 1.');
  expect(await stepsInAll(page)).toBeLessThan(planned);
  await stepDone(page);
  // Not down to its mark yet: nothing is planned again.
  await expect(page.getByTestId('stop-mark')).toContainText('mm thick');
  const left = await stepsInAll(page);
  await measure(page, '2.05');
  await expect(page.getByTestId('reading-verdict')).toContainText('mm to go');
  expect(await stepsInAll(page)).toBe(left);
  const mark = /([\d.]+) mm/.exec((await page.getByTestId('stop-mark').textContent()) ?? '')?.[1] ?? '';
  await measure(page, mark);
  await expect(page.getByTestId('reading-verdict')).toContainText('On the mark');
  // Wanted a size larger before it is cut: it is cut longer.
  await page.getByRole('button', { name: 'Something is other than planned' }).tap();
  await page.getByRole('dialog').getByRole('radio', { name: 'the size', exact: true }).tap();
  await page.getByLabel('Size from here on', { exact: true }).fill('US 8½');
  await page.getByLabel('Why').fill('measured in the shop');
  await page.getByRole('button', { name: 'Plan on to this size' }).tap();
  await expect(page.getByTestId('reading-verdict')).toContainText('Now to US 8½');

  const verbs = await workToTheEnd(page, '4.2');
  expect(verbs).toEqual(
    expect.arrayContaining(['Roll', 'File', 'Saw', 'Anneal', 'Bend', 'Solder', 'True up']),
  );
  const logged = page.getByTestId('log-ring-screen');
  await expect(logged).toContainText('on size');
  await expect(logged).toContainText('Strip measured: 2.10 mm thick, 3.60 mm wide');
});

/** Both ways round, so many marks off what is expected. */
async function readOff(page: Page, marks: number): Promise<void> {
  await page.getByRole('button', { name: 'Log reading' }).tap();
  const sheet = page.getByRole('dialog', { name: 'Log a reading' });
  const way = marks > 0 ? 'larger' : 'smaller';
  for (const side of ['Marked', 'Other']) {
    await sheet.getByRole('radio', { name: new RegExp(`^${side} edge down`) }).tap();
    const mark = sheet.getByRole('button', { name: new RegExp(`^${side} edge down: one mark ${way}`) });
    for (let i = 0; i < Math.abs(marks); i++) await mark.tap();
  }
  await sheet.getByRole('button', { name: 'Log reading' }).tap();
  await expect(sheet).toBeHidden();
}

test.describe('the only band of the drawer', () => {
  test.use({ fresh: true });

  test('taken too far, left so, and liked as it is: nothing is opened and closed again', async ({
    app: page,
  }) => {
    await planKind(page, 'Resize', /wheat-ear/);
    await page.getByLabel('Target size', { exact: true }).fill('US 7½');
    await takeToBench(page, 'Liked smaller');
    while ((await page.getByTestId('verb').textContent()) !== 'Reduce') await stepDone(page);
    const verdict = page.getByTestId('reading-verdict');
    await readOff(page, 1);
    await expect(verdict).toContainText('¼ size to go: about 1 push');
    await readOff(page, -2);
    await expect(verdict).toContainText('It reads ½ size smaller than its mark. Next: stretch it ½ size');
    const change = async (part: string) => {
      await page.getByRole('button', { name: 'Something is other than planned' }).tap();
      await page.getByRole('dialog').getByRole('radio', { name: part, exact: true }).tap();
    };
    await change('skip the step');
    await page.getByLabel('Why').fill('it is well there');
    await page.getByRole('button', { name: 'Leave this step out' }).tap();
    await expect(verdict).toContainText('A step was left out.');
    await change('the size');
    await page.getByLabel('Size from here on', { exact: true }).fill('US 7');
    await page.getByLabel('Why').fill('the finger is thinner');
    await page.getByRole('button', { name: 'Plan on to this size' }).tap();
    await expect(page.getByTestId('verb')).toHaveText('True up');
    await readOff(page, 0);
    await expect(verdict).toContainText('Now to US 7. On the mark.');
    const verbs = await workToTheEnd(page, '6.4');
    expect(verbs).not.toContain('Stretch');
    await expect(page.getByTestId('log-ring-screen')).toContainText('US 7: on size');
  });
});

test.describe('with a plug for a stretcher', () => {
  test.use({ fresh: true });

  test('a hammered stretch counts blows and warns that it cannot go back', async ({
    app: page,
    workshop: { url },
  }) => {
    const kit = (await (await page.request.get(`${url}/api/v1/kit?limit=200`)).json()) as {
      items: { id: string; name: string; spec: { kind: string } }[];
    };
    const stretcher = kit.items.find(({ spec }) => spec.kind === 'stretcher');
    const plug = {
      name: 'hammered plug',
      spec: { kind: 'stretcher', smallestMm: 13, largestMm: 24.8, splines: 0 },
    };
    expect((await page.request.put(`${url}/api/v1/kit/${stretcher?.id}`, { data: plug })).ok()).toBe(true);
    await page.reload();
    await planKind(page, 'Resize', /wheat-ear/);
    await page.getByLabel('Target size', { exact: true }).fill('US 10');
    await takeToBench(page, 'Stretched by hammer');
    while ((await page.getByTestId('verb').textContent()) !== 'Stretch') await stepDone(page);
    await expect(page.getByTestId('step-view')).toContainText('hammered plug');
    await readOff(page, -1);
    await expect(page.getByTestId('reading-verdict')).toContainText(
      'about 1 light blow, then end for end; it cannot go back',
    );
  });
});
