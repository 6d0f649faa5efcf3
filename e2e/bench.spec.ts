import type { Page } from '@playwright/test';
import { logStepsBefore, stepDone as doStep } from './bench-steps';
import { beginCoinRing } from './coin-ring';
import { expect, swipeLeft, test, type Workshop, visit } from './fixtures';

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

const BRENN = '00000001-0000-4000-8000-000000000010';

/** A rounded ring, stretched past its size and reduced. */
async function beginRing(page: Page, url: string): Promise<{ id: string; path: string }> {
  const choices = { name: 'By thumb alone', wall: 'rounded', curlDeg: 25, school: 'over-stretch' };
  const id = await beginCoinRing(page, url, choices);
  return { id, path: `${url}/bench/${id}` };
}

async function verb(page: Page): Promise<string> {
  return (await page.getByTestId('verb').textContent()) ?? '';
}

const stepDone = (page: Page) => doStep(page, (button) => button.tap());

/** A reading so many marks off the plan, both ways round. */
async function read(page: Page, marksOff = 0): Promise<void> {
  await page.getByRole('button', { name: 'Log reading' }).tap();
  const sheet = page.getByRole('dialog');
  const nudge = marksOff < 0 ? 'smaller' : 'larger';
  for (const side of ['Rim edge down', 'Cut edge down']) {
    await sheet.getByRole('radio', { name: new RegExp(`^${side}`) }).tap();
    for (let i = 0; i < Math.abs(marksOff); i++) {
      await sheet.getByRole('button', { name: `${side}: one mark ${nudge}` }).tap();
    }
  }
  await sheet.getByRole('button', { name: 'Log reading' }).tap();
  const sure = sheet.getByRole('button', { name: 'Log it all the same' });
  if (await sure.isVisible()) await sure.tap();
  await expect(sheet).toHaveCount(0);
}

/** The calliper’s jaws are put to a measure and its data button is pressed. */
async function callip(
  page: Page,
  workshop: Workshop,
  device: 'calliper' | 'scale',
  value: number,
): Promise<void> {
  await page.request.put(`${workshop.url}/api/v1/devices/${device}`, { data: { value } });
  await page.request.post(`${workshop.url}/api/v1/devices/${device}/send`);
}

/** Does steps as the screen says until one has the verb asked for. */
async function workTo(page: Page, wanted: string): Promise<void> {
  for (let guard = 0; guard < 60 && (await verb(page)) !== wanted; guard++) {
    const reads = await page.getByRole('button', { name: 'Log reading' }).isVisible();
    if (reads && (await verb(page)) !== 'Fold') await read(page);
    await stepDone(page);
  }
  expect(await verb(page)).toBe(wanted);
}

test('a ring from punch to polish by thumb alone, with a wrong hole, a slip, a crack and a lost server', async ({
  app: page,
  workshop,
}) => {
  test.setTimeout(240_000);
  await page.addInitScript(() => {
    const counted = window as unknown as { keysPressed: number };
    counted.keysPressed = 0;
    window.addEventListener('keydown', () => counted.keysPressed++, { capture: true });
  });
  const { id, path } = await beginRing(page, workshop.url);
  await page.goto(path);

  // The punch wandered: the hole is measured, and the rest is planned from it.
  await expect(page.getByTestId('verb')).toHaveText('Punch');
  await stepDone(page);
  await page.getByRole('button', { name: 'Measure the hole' }).tap();
  await expect(page.getByRole('button', { name: /^Take .* mm from the calliper$/ })).toBeVisible();
  await callip(page, workshop, 'calliper', 13.35);
  await expect(page.getByRole('dialog')).toContainText('13.35 mm');
  await page.getByRole('button', { name: 'Log the hole' }).tap();
  await expect(page.getByTestId('reading-verdict')).toContainText(
    /The hole is another than planned\. .*Band/,
  );

  // Leafing ahead does nothing.
  await page.getByRole('button', { name: 'Look at the next step' }).tap();
  await expect(page.getByText(/· to come: step 3 of/)).toBeVisible();
  await page.getByTestId('to-step-at-hand').tap();
  await expect(page.getByTestId('verb')).toHaveText('Deburr');

  await swipeLeft(page, 420);
  await expect(page.getByText(/· to come: step 3 of/)).toBeVisible();
  // A browser takes the first tap after a fling for the one that stops it: a fresh page has none under way.
  await page.reload();
  await expect(page.getByTestId('verb')).toHaveText('Deburr');

  // A pull that stopped short, by three quarters of a size.
  await workTo(page, 'Stretch');
  await read(page, -3);
  await expect(page.getByTestId('reading-verdict')).toContainText(/¾ size to go: about 3 pulls/);

  // A crack: filed out and planned on, a narrower ring of the same size.
  if ((await verb(page)) === 'Anneal') await stepDone(page);
  await page.getByRole('button', { name: 'Something went wrong' }).tap();
  await page.getByRole('button', { name: 'A crack at the cut edge' }).tap();
  for (const key of ['0', 'decimal point', '3'])
    await page.getByRole('button', { name: key, exact: true }).tap();
  await expect(page.getByRole('list', { name: 'What is left' })).toContainText('wide, before');
  await page.getByRole('button', { name: 'File it back and plan on' }).tap();
  await expect(page.getByTestId('verb')).toHaveText('File');

  // The server goes; the bench does not stop, and nothing is lost.
  await workshop.stop();
  await stepDone(page);
  await stepDone(page);
  await expect(page.getByTestId('unsent')).toContainText(/\d+ waiting/);
  await workshop.start();
  await expect(page.getByTestId('unsent')).toHaveCount(0, { timeout: 30_000 });

  // A bath is timed, the finish is another one.
  await workTo(page, 'Pickle');
  await page.getByRole('button', { name: /^Start Pickle/ }).tap();
  await expect(page.getByTestId('waits')).toContainText(/Pickle: .* left/);
  await page.getByRole('button', { name: /^Pickle of By thumb alone: out$/ }).tap();
  await expect(page.getByTestId('waits')).toHaveCount(0);
  await page.getByRole('button', { name: 'Other finish' }).tap();
  await page.getByRole('button', { name: 'Finish: Dark legend' }).tap();
  await expect(page.getByText(/Finish: Dark legend\. 8 steps/)).toBeVisible();
  await workTo(page, 'Read');
  await read(page);
  await stepDone(page);

  // Calliper and scale, a photo, and it is in the log.
  await expect(page.getByTestId('finish-form')).toBeVisible();
  for (const measure of [8.4, 1.62, 2.2]) {
    await expect(page.getByRole('button', { name: /mm from the calliper$/ })).toBeVisible();
    await callip(page, workshop, 'calliper', measure);
  }
  await expect(page.getByRole('button', { name: /g from the scale$/ })).toBeVisible();
  await callip(page, workshop, 'scale', 10.11);
  const chosen = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Take its photo' }).tap();
  await page.getByRole('button', { name: 'Choose a file' }).tap();
  const picture = await page.screenshot();
  await (await chosen).setFiles({ name: 'ring.png', mimeType: 'image/png', buffer: picture });
  await expect(page.getByTestId('photo-kept')).toBeVisible();
  await page.getByRole('button', { name: 'Close' }).tap();
  await page.getByRole('button', { name: 'Finish this ring' }).tap();
  await expect(page.getByTestId('log-ring-screen')).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('img', { name: /^The ring after/ })).toBeVisible();
  await expect(page.getByRole('list', { name: 'History' })).toContainText('Planned again.');
  await expect(page.getByRole('list', { name: 'History' })).toContainText('A crack at the cut edge');

  expect(await page.evaluate(() => (window as unknown as { keysPressed: number }).keysPressed)).toBe(0);
  const { items } = (await (await page.request.get(`${workshop.url}/api/v1/rings/${id}/photos`)).json()) as {
    items: { widthPx: number; heightPx: number }[];
  };
  expect(items).toEqual([expect.objectContaining({ widthPx: 390, heightPx: 844 })]);
});

test('two rings at the flame are annealed together, and a shared bath survives a power cut', async ({
  app: page,
  workshop,
}) => {
  await visit(page, '/bench');
  const together = page.getByTestId('together');
  await expect(together).toContainText('Anneal 2 rings');
  await together.getByRole('button', { name: 'Anneal 2 rings: done for all' }).tap();
  await expect(together.getByText('Anneal 2 rings')).toHaveCount(0);

  const { id, path } = await beginRing(page, workshop.url);
  const second = await beginRing(page, workshop.url);
  for (const ringId of [id, second.id]) await logStepsBefore(page, workshop.url, ringId, 'pickle');
  await page.goto(second.path);
  await page.getByRole('button', { name: /^Start Pickle/ }).tap();
  await visit(page, path);
  await page.getByRole('button', { name: /^Pickle: into the bath of/ }).tap();
  await expect(page.getByTestId('waits')).toContainText('By thumb alone, By thumb alone');
  await expect(page.getByTestId('unsent')).toHaveCount(0);
  await workshop.restart();
  await page.reload();
  await expect(page.getByTestId('waits')).toContainText(/Pickle: .* left/);
  await page.getByRole('button', { name: /: out$/ }).tap();
  await expect(page.getByTestId('waits')).toHaveCount(0);
});

test.describe('practice', () => {
  test.use({ fresh: false });

  test('the practice bench is played to a score with a lesson', async ({ app: page }) => {
    await visit(page, '/bench/practice');
    await page.getByRole('button', { name: 'Work it: A first band' }).tap();
    await page.getByRole('button', { name: 'Punch it' }).tap();
    for (let stroke = 0; stroke < 5; stroke++) {
      await page.getByRole('button', { name: 'Anneal' }).tap();
      await page.getByRole('button', { name: 'Fold a third' }).tap();
      await expect(page.getByTestId('feel')).toContainText(/moves|force|stiff|groans/);
    }
    await page.getByRole('button', { name: 'Anneal' }).tap();
    await page.getByRole('button', { name: 'Fold the rest' }).tap();
    await page.getByRole('button', { name: 'Stop: it is done' }).tap();
    await expect(page.getByTestId('score')).toContainText(/\d+ of 100/);
    await expect(page.getByTestId('score')).toContainText('Stopping there');
    await page.getByRole('button', { name: 'All exercises' }).tap();
    await expect(page.getByRole('listitem', { name: 'A first band' })).toContainText(/best: \d+ of 100/);
  });
});

test('plans go by what the log taught, say so, and go back to the defaults', async ({
  app: page,
  workshop,
}) => {
  const plan = `${workshop.url}/plan?stockId=${BRENN}`;
  // Near the natural size the width hardly tells the share: the cut edge does.
  const edge = page.getByTestId('figure-cutEdge');
  await page.request.patch(`${workshop.url}/api/v1/settings`, { data: { useLearnt: false } });
  await page.goto(plan);
  await expect(edge).toBeVisible();
  await expect(page.getByTestId('learnt-line')).toHaveCount(0);
  const byDefault = (await edge.textContent()) ?? '';
  await visit(page, '/log/learnt');
  await expect(page.getByTestId('learnt-screen')).toContainText('What the 17° die really turns');
  await page.getByRole('radio', { name: 'what your log taught' }).tap();
  await expect(page.getByRole('radio', { name: 'what your log taught' })).toBeChecked();
  await visit(page, plan);
  await expect(page.getByTestId('learnt-line')).toContainText('47 finished rings');
  await expect(edge).not.toHaveText(byDefault);
  await page.getByTestId('learnt-line').tap();
  await expect(page.getByTestId('learnt-screen')).toBeVisible();
});

test('a tool is marked at the bench without the server; its spare is named, plans avoid it, and it is replaced', async ({
  app: page,
  workshop,
}) => {
  const api = `${workshop.url}/api/v1`;
  const { steps, stockId } = (await (
    await page.request.get(`${api}/rings/00000004-0000-4000-8000-000000000007`)
  ).json()) as { stockId: string; steps: { kind: string; toolId?: string }[] };
  const toolId = steps.find(({ kind, toolId }) => kind === 'fold' && toolId)?.toolId;
  const die = (await (await page.request.get(`${api}/kit/${toolId}`)).json()) as {
    name: string;
    spec: object;
  };
  const spare = { id: '0000000e-0000-4000-8000-0000000000aa', name: 'spare fold die', spec: die.spec };
  expect((await page.request.post(`${api}/kit`, { data: spare })).ok()).toBe(true);

  await visit(page, '/bench/00000004-0000-4000-8000-000000000007');
  await expect(page.getByTestId('step-view')).toContainText(`With: ${die.name}`);
  await workshop.stop();
  await page.getByRole('button', { name: 'Mark a tool as dented, chipped or worn' }).click();
  await page.getByRole('button', { name: /^Grooved: it wanders/ }).click();
  const warning = page.getByTestId('tool-warning');
  await expect(warning).toContainText(`${die.name} is grooved: it wanders`);
  await expect(warning).toContainText('Take spare fold die instead.');
  await workshop.start();
  await expect
    .poll(
      async () =>
        ((await (await page.request.get(`${api}/kit/${toolId}`)).json()) as { faults: string[] }).faults,
    )
    .toEqual(['grooved']);
  await warning.getByRole('button', { name: 'Use spare fold die' }).click();
  await expect(page.getByTestId('step-view')).toContainText('With: spare fold die');
  await expect(warning).toBeHidden();

  // A plan of today takes another die; of a mandrel there is only one, and the plan says what is wrong with it.
  const plan = `/plan?stockId=${stockId}`;
  await visit(page, plan);
  await expect(page.getByTestId('verdict')).toContainText('mm wide');
  await expect(page.getByTestId('tool-notice')).toBeHidden();
  await visit(page, '/stock/kit');
  await page.getByRole('button', { name: 'Wear and care of ring mandrel' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'Dented' }).click();
  await expect(sheet).toContainText('Dented: it reads too small over the dent.');
  await visit(page, plan);
  await expect(page.getByTestId('tool-notice')).toContainText(
    'ring mandrel is dented: it reads too small over the dent',
  );

  await visit(page, '/stock/kit');
  await page.getByRole('button', { name: `Wear and care of ${die.name}`, exact: true }).click();
  await expect(sheet.getByRole('list', { name: 'What happened to it' })).toContainText('Found grooved');
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Wear and care of ring mandrel' }).click();
  await sheet.getByRole('button', { name: /^Replaced by a new one/ }).click();
  await expect(sheet).toContainText('0 passes since it was replaced');
  await visit(page, plan);
  await expect(page.getByTestId('verdict')).toContainText('mm wide');
  await expect(page.getByTestId('tool-notice')).toBeHidden();
});
