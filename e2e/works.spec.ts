import { readFile } from 'node:fs/promises';
import { stepDone } from './bench-steps';
import { expect, goTo, test } from './fixtures';
import { logReading, planKind, takeToBench, workToTheEnd } from './work-steps';

// Rings of their own, begun and finished, are nothing that another test would see.
test.use({ fresh: false });

const KINDS = [
  {
    tab: 'Silverware',
    piece: /wave pattern/,
    width: '12.4',
    verbs: ['Saw', 'File', 'Anneal', 'Bend', 'Close'],
  },
  {
    tab: 'Strip',
    piece: /Sterling strip/,
    width: '6',
    verbs: ['Saw', 'Anneal', 'Bend', 'Close', 'Solder', 'Pickle'],
  },
  // Two bands, each with marks of its own.
  {
    tab: 'Spinner',
    piece: /Sterling strip/,
    width: '6',
    readAll: true,
    verbs: ['Saw', 'Solder', 'Assemble'],
  },
  { tab: 'Coin in band', piece: /1 quill/, width: '8', verbs: ['Saw', 'Punch', 'Solder', 'Anneal', 'Bend'] },
  { tab: 'Resize', piece: /wheat-ear/, width: '6.3', verbs: ['Read', 'Anneal', 'Reduce', 'True up'] },
] as const;

for (const { tab, piece, width, verbs, ...how } of KINDS) {
  test(`${tab}: planned, taken to the bench, logged and seen in the log`, async ({ app: page }) => {
    await planKind(page, tab, piece);
    // Every number explains itself.
    await page
      .getByRole('button', { name: /Why\?$/ })
      .first()
      .click();
    await expect(page.getByRole('dialog')).toContainText('From:');
    await page.keyboard.press('Escape');
    const name = `First of its kind, ${tab}`;
    await takeToBench(page, name);
    const done = await workToTheEnd(page, width, 'readAll' in how);
    expect(done).toEqual(expect.arrayContaining([...verbs]));
    const logged = page.getByTestId('log-ring-screen');
    await expect(logged).toContainText('on size');
    await expect(logged.getByRole('row', { name: /(Marked|One) edge/ })).toBeVisible();
    await goTo(page, 'Log');
    await expect(page.getByRole('listitem').filter({ hasText: name })).toContainText(`${tab} · `);
  });
}

test.describe('a handle is used up', () => {
  test.use({ fresh: true });

  test('a reading that is off puts a step in before the rest', async ({ app: page }) => {
    await planKind(page, 'Silverware', /wave pattern/);
    await takeToBench(page, 'Too large at first');
    while ((await page.getByTestId('verb').textContent()) !== 'Close') await stepDone(page);
    await logReading(page, 3);
    await expect(page.getByTestId('reading-verdict')).toContainText(
      /larger than its mark\. Next: (anneal|bend it)/,
    );
    await stepDone(page);
    if ((await page.getByTestId('verb').textContent()) === 'Anneal') await stepDone(page);
    await expect(page.getByTestId('verb')).toHaveText('Bend');
  });
});

test('plated ware is never told to be annealed, and not annealed by one tap', async ({ app: page }) => {
  await planKind(page, 'Silverware', /rope edge/);
  await takeToBench(page, 'Plated, of the rope fork');
  while (!(await page.getByRole('button', { name: 'Log reading' }).isVisible())) {
    await expect(page.getByTestId('verb')).not.toHaveText('Anneal');
    await stepDone(page);
  }
  await page.getByRole('button', { name: 'Log an extra anneal' }).click();
  await expect(page.getByRole('dialog', { name: 'This piece must not be heated.' })).toContainText(
    'silver plate',
  );
  await page.getByRole('button', { name: 'It was not annealed' }).click();
  await logReading(page, 3);
  await expect(page.getByTestId('reading-verdict')).toContainText('larger than its mark');
  await expect(page.getByTestId('reading-verdict')).not.toContainText(/anneal/i);
  // It leaves the bench: no other test finds it in work.
  await page.getByRole('button', { name: 'Something is other than planned' }).click();
  await page.getByRole('radio', { name: 'archive it' }).click();
  await page.getByRole('button', { name: 'Archive this ring' }).click();
  await expect(page.getByTestId('bench-screen')).toBeVisible();
});

test('what must not be done is refused with its reason', async ({ app: page }) => {
  await planKind(page, 'Resize', /signet with a stone/);
  await expect(page.getByTestId('verdict')).toContainText('A set stone cannot follow');
  await expect(page.getByTestId('take-to-bench')).toBeDisabled();
  await planKind(page, 'Silverware', /rope edge/);
  await page.getByTestId('work-startMm').fill('55');
  await expect(page.getByTestId('verdict')).toContainText('plated ware bends up to');
  await page.getByRole('button', { name: 'Why? All reasons' }).click();
  await expect(page.getByRole('dialog')).toContainText('from the kept end');
});

test.describe('the drawer is changed', () => {
  test.use({ fresh: true });

  test('a test of the piece sticks to it and gates the planners', async ({ app: page }) => {
    await goTo(page, 'Stock');
    await page.getByRole('link', { name: /Skerrow table fork/ }).click();
    await page.getByRole('button', { name: 'What is this piece?' }).click();
    await page.getByRole('radio', { name: 'it sticks' }).click();
    await expect(page.getByTestId('identity')).toContainText('steel');
    await page.getByRole('button', { name: 'Save result' }).click();
    await expect(page.getByTestId('piece-screen')).toContainText('must not be bent');
    await page.getByRole('button', { name: 'Plan a spoon ring from it' }).click();
    await expect(page.getByTestId('verdict')).toContainText(/must not be bent|Steel/);
    await expect(page.getByTestId('take-to-bench')).toBeDisabled();
  });
});

test('fingers: every system, a strip round the finger, and sheets to print', async ({ app: page }) => {
  await goTo(page, 'Plan');
  await page
    .getByRole('navigation', { name: 'Kinds of work' })
    .getByRole('link', { name: 'Fingers' })
    .click();
  await page.getByLabel('Size', { exact: true }).fill('P½');
  await expect(page.getByRole('table', { name: 'The size in every system' })).toContainText('US 8');
  await page.getByLabel('Ends meet at (mm)').fill('57');
  await expect(page.getByTestId('strip-size')).toContainText('18.0 mm');
  const [pdf] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as PDF: Finger strip' }).click(),
  ]);
  // What the page measures is read back by its own test, see sheet-pdf.test.ts.
  expect((await readFile(await pdf.path())).subarray(0, 5).toString()).toBe('%PDF-');
});

test.describe('the drawer is changed', () => {
  test.use({ fresh: true });

  test('the drawer goes out as a table and comes back changed, with a look before', async ({ app: page }) => {
    await goTo(page, 'Stock');
    await page.getByRole('link', { name: 'Tables', exact: true }).click();
    const choose = async (csv: string) => {
      const [chooser] = await Promise.all([
        page.waitForEvent('filechooser'),
        page.getByRole('button', { name: /CSV file|Another file/ }).click(),
      ]);
      await chooser.setFiles({ name: 'pieces.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) });
    };
    await choose('name,quantity\n"Skerrow tern, 1951",many\n');
    await expect(page.getByTestId('csv-summary')).toContainText('1 refused');
    await expect(page.getByRole('button', { name: 'Take it in' })).toBeDisabled();
    await choose('name,quantity\n"Skerrow tern, 1951",11\n');
    await expect(page.getByRole('list', { name: 'Rows of the file' })).toContainText('quantity: 8 → 11');
    await page.getByRole('button', { name: 'Take it in' }).click();
    await expect(page.getByTestId('csv-summary')).toContainText('Imported: 1 changed');
    await page.getByRole('link', { name: 'Pieces', exact: true }).click();
    await expect(page.getByRole('listitem').filter({ hasText: 'Skerrow tern' })).toContainText('11 ×');
  });
});
