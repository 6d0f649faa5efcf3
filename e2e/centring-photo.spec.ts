import { expect, test, visit } from './fixtures';
import { choose, photograph } from './photographs';

const CORVI = '00000001-0000-4000-8000-000000000000';
/** Some 30 pixels to the millimetre. */
const SHOT = { widthPx: 1400, heightPx: 1100, x: 690, y: 560, radius: 460 };

test('a photograph of the punched piece tells where the hole is, beside what a calliper read', async ({
  app: page,
}) => {
  await visit(page, `/plan/centre?stockId=${CORVI}`);
  const title = await page.getByText(/⌀ \d+\.\d mm · hole \d+\.\d mm/).textContent();
  const told = /⌀ (\d+\.\d) mm · hole (\d+\.\d) mm/.exec(title ?? '');
  const [radiusMm, holeMm] = [Number(told?.[1]) / 2, Number(told?.[2])];
  expect(holeMm).toBeGreaterThan(8);
  const pxPerMm = SHOT.radius / radiusMm;

  await choose(page, 'Choose a file', await photograph(page, SHOT));
  await expect(page.getByTestId('centre-untold')).toContainText(`No hole of ${holeMm.toFixed(1)} mm`);
  await page.getByRole('button', { name: 'Take another picture' }).click();

  // Off by 0.4 mm to the right: the land is wide on the left.
  const hole = { right: 0.4 * pxPerMm, down: 0, radius: (holeMm / 2) * pxPerMm };
  await choose(page, 'Choose a file', await photograph(page, { ...SHOT, hole }));
  const verdict = page.getByTestId('centre-told');
  await expect(verdict).toContainText(/Hole off centre by 0\.(39|4\d) mm, ± 0\.0\d mm, wide at 9:00/);
  await expect(verdict).toContainText(`The hole measures ${holeMm.toFixed(1)} mm`);

  const reading = (at: string) => page.getByLabel(new RegExp(`· ${at}`));
  const land = (radiusMm - holeMm / 2).toFixed(2);
  await reading('12:00').fill(land);
  await page.getByRole('button', { name: 'Fill 7 empty places from the picture' }).click();
  await expect(reading('12:00')).toHaveValue(land);
  const wide = Number(await reading('9:00').inputValue());
  expect(Math.abs(wide - (Number(land) + 0.4))).toBeLessThan(0.03);
  await expect(page.getByTestId('land-verdict')).toContainText('wide side at 9:00');
});
