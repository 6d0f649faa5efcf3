import { expect, goTo, test } from './fixtures';

/** More than a list gives at once, twice over. */
const PIECES = 430;

function piecesCsv(): string {
  const rows = Array.from({ length: PIECES }, (_, i) => {
    const name = `Zinnia round ${String(i + 1).padStart(3, '0')}`;
    return `${name},Orlet,copper,${(22 + (i % 40) / 10).toFixed(1)},2.1,plain,either,1`;
  });
  return ['name,issuer,metal,diameterMm,rimThicknessMm,edge,outsideFace,quantity', ...rows].join('\n');
}

test('a drawer of hundreds is read on to its end, searched by the server, and planned from', async ({
  app: page,
  workshop,
}) => {
  const taken = await page.request.post(`${workshop.url}/api/v1/stock/import`, {
    data: { csv: piecesCsv() },
  });
  expect(await taken.json()).toMatchObject({ taken: true });
  await goTo(page, 'Stock');
  const screen = page.getByTestId('stock-screen');
  await expect(screen).toContainText('over 200 kinds of piece');
  const list = page.getByRole('list', { name: 'Pieces of stock' });
  const drawn = await list.getByRole('listitem').count();
  expect(drawn).toBeLessThan(60);

  // Down to the end, further than a thumb would go at once.
  const last = list.getByRole('link', { name: new RegExp(`Zinnia round ${PIECES}`) });
  await list.hover();
  await expect(async () => {
    await page.mouse.wheel(0, 20_000);
    expect(await last.isVisible()).toBe(true);
  }).toPass({ intervals: [300], timeout: 60_000 });
  await expect(screen).toContainText(`${PIECES + 35} kinds of piece`);

  // Named in full, it is found wherever it stands; its metal and its year are words, too.
  await page.reload();
  await page.getByTestId('stock-search').fill('copper zinnia 317');
  await expect(list.getByRole('listitem')).toHaveCount(1);
  await list.getByRole('link', { name: /Zinnia round 317/ }).click();
  await expect(page.getByTestId('piece-screen')).toContainText('Orlet');

  await goTo(page, 'Plan');
  await page.getByRole('button', { name: 'Choose a piece' }).click();
  const sheet = page.getByRole('dialog', { name: 'From stock' });
  await sheet.getByLabel('Search', { exact: true }).fill('zinnia round 429');
  await sheet.getByRole('radio', { name: /Zinnia round 429/ }).click();
  await expect(page.getByTestId('plan-screen')).toContainText('Zinnia round 429');
});
