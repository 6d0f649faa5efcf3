import type { Page } from '@playwright/test';
import { readFile } from 'node:fs/promises';
import { expect, swipeLeft, test, visit } from './fixtures';
import { choose, photograph } from './photographs';
import { readGlb } from './solids';

const CORVI = '00000001-0000-4000-8000-000000000000';
/** Where the made-up photograph has its piece. */
const SHOT = { widthPx: 800, heightPx: 600, x: 430, y: 290, radius: 210 };

/** The centre of something on the page. */
async function middleOf(page: Page, testId: string): Promise<{ x: number; y: number }> {
  const box = await page.getByTestId(testId).boundingBox();
  if (!box) throw new Error(`${testId} is not to be seen`);
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

async function drag(page: Page, from: { x: number; y: number }, to: { x: number; y: number }) {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move((from.x + to.x) / 2, (from.y + to.y) / 2, { steps: 4 });
  await page.mouse.move(to.x, to.y, { steps: 4 });
  await page.mouse.up();
}

/** What was sent as a picture of a face. */
async function sentBy(page: Page, work: () => Promise<void>) {
  const sent = page.waitForRequest(
    (request) => request.method() === 'PUT' && request.url().includes('/faces/'),
  );
  await work();
  return (
    (await sent).postDataJSON() as {
      picture: { centreX: number; centreY: number; radius: number; topDeg: number };
    }
  ).picture;
}

test('a face is photographed, its rim found and corrected, and what must stay is marked', async ({
  app: page,
}) => {
  await visit(page, `/stock/${CORVI}`);
  const before = await page.getByTestId('face-reverse').locator('img').getAttribute('src');
  await page.getByRole('button', { name: 'The reverse: look at it, change it' }).click();
  await choose(page, 'Choose a file', {
    name: 'notes.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('no picture'),
  });
  await expect(page.getByText(/This file is no picture that the browser can read/)).toBeVisible();
  await choose(page, 'Choose a file', await photograph(page, SHOT));
  await expect(page.getByText(/The rim was found|The rim is not clear/)).toBeVisible();
  // Its ring lies on the rim: the square at its side does.
  const scale = 340 / SHOT.widthPx;
  const editor = await page.getByTestId('rim-editor').boundingBox();
  const centre = await middleOf(page, 'rim-middle');
  expect(Math.abs(centre.x - (editor?.x ?? 0) - SHOT.x * scale)).toBeLessThan(2);
  expect(Math.abs(centre.y - (editor?.y ?? 0) - SHOT.y * scale)).toBeLessThan(2);
  // A square is pulled off and the face turned: both are sent.
  const side = await middleOf(page, 'rim-long');
  const out = { x: side.x + (side.x - centre.x) * 0.1, y: side.y + (side.y - centre.y) * 0.1 };
  await drag(page, side, out);
  const top = await middleOf(page, 'rim-top');
  await drag(page, top, { x: centre.x + 90, y: centre.y });
  const picture = await sentBy(page, () => page.getByRole('button', { name: 'Save this picture' }).click());
  expect(picture.radius).toBeCloseTo(SHOT.radius * 1.05, -1);
  expect(picture.topDeg).toBeGreaterThan(70);
  expect(picture.topDeg).toBeLessThan(110);
  await expect(page.getByText('What must stay').first()).toBeVisible();
  await expect(page.getByTestId('face-reverse').locator('img')).not.toHaveAttribute('src', before ?? '');

  // The year of before is taken away; a box nearer to the middle is marked.
  await page.getByRole('button', { name: 'Remove the mark the year' }).click();
  await expect(page.getByText('the year', { exact: true })).toHaveCount(0);
  await page.getByRole('radio', { name: 'a box' }).click();
  await page.getByTestId('mark-face').scrollIntoViewIfNeeded();
  const face = await page.getByTestId('mark-face').boundingBox();
  const at = (right: number, down: number) => ({
    x: (face?.x ?? 0) + (face?.width ?? 0) * right,
    y: (face?.y ?? 0) + (face?.height ?? 0) * down,
  });
  await drag(page, at(0.4, 0.73), at(0.6, 0.85));
  await page.getByRole('textbox', { name: 'What it is' }).fill('the year');
  await page.getByRole('button', { name: 'Save mark' }).click();
  await expect(page.getByText(/a box of 6\.\d mm × 3\.\d mm/)).toBeVisible();

  // In the plan a large hole is struck out, and says what would leave it.
  await visit(page, `/plan?stockId=${CORVI}`);
  const holes = page.getByTestId('holes');
  await expect(holes).toContainText('cuts the year');
  await holes
    .getByRole('radio', { name: /cuts the year/ })
    .first()
    .click();
  await expect(page.getByTestId('must-stay-cut')).toContainText(
    /The year is cut with \d+\.\d mm; \d+\.\d mm leaves \d\.\d mm below it\./,
  );
});

test('a picture that was taken off its face comes back', async ({ app: page }) => {
  await visit(page, `/stock/${CORVI}`);
  await page.getByRole('button', { name: 'The obverse: look at it, change it' }).click();
  await page.getByRole('button', { name: 'Take the picture off' }).click();
  await expect(page.getByRole('button', { name: 'Add a picture of the obverse' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'The obverse: look at it, change it' })).toBeVisible();
});

test.describe('the ring of a piece', () => {
  test.use({ fresh: false, hasTouch: true });

  async function openRing(page: Page) {
    await visit(page, `/plan?stockId=${CORVI}`);
    await expect(page.getByTestId('ring-view').locator('canvas')).toHaveAttribute('data-drawn', 'yes');
  }

  test('is drawn, turns by keys, follows the hole, and has its section behind it', async ({ app: page }) => {
    await openRing(page);
    const view = page.getByTestId('ring-view');
    await view.focus();
    await page.keyboard.press('ArrowLeft');
    await expect(view).toHaveAttribute('data-turn', '-6');
    const band = page.getByText(/^outside surface laid flat/);
    const before = await band.textContent();
    await page.getByTestId('holes').getByRole('radio').first().click();
    await expect(band).not.toHaveText(before ?? '');
    await page.getByRole('button', { name: 'See the inside of the band' }).click();
    await expect(page.getByTestId('band-unrolled').locator('canvas')).toHaveAttribute('data-drawn', 'yes');
    // A thumb across the ring turns it; one beside it goes on to the section.
    const turned = await view.getAttribute('data-turn');
    await view.scrollIntoViewIfNeeded();
    await swipeLeft(page, (await middleOf(page, 'ring-view')).y);
    await expect(view).not.toHaveAttribute('data-turn', turned ?? '');
    const beside = page.getByText(/^Computed from the plan/);
    await beside.scrollIntoViewIfNeeded();
    await swipeLeft(page, ((await beside.boundingBox())?.y ?? 0) + 4);
    await expect(page.getByTestId('section')).toBeVisible();
    await expect(view).toHaveCount(0);
  });

  test('goes out as a picture, as a solid and as a drawing', async ({ app: page }) => {
    await openRing(page);
    await page.getByRole('button', { name: 'how it is shown' }).click();
    const saved = async (button: string): Promise<string> => {
      const file = page.waitForEvent('download');
      await page.getByRole('button', { name: button }).click();
      return (await file).path();
    };
    const png = await readFile(await saved('Picture (PNG)'));
    expect(png.subarray(1, 4).toString()).toBe('PNG');
    // Measures, and colours that may be see-through.
    expect([png.readUInt32BE(16), png.readUInt32BE(20), png[25]]).toEqual([1200, 900, 6]);

    const { corners, scale, images } = await readGlb(await saved('3D (GLB)'));
    expect(corners).toHaveLength(4);
    for (const { count } of corners) expect(count % 181).toBe(0);
    // Millimetres: as wide as a ring for a finger of 19.8 mm is outside; the node makes metres of them.
    const radii = corners.map(({ max }) => max[0] ?? 0);
    expect(Math.max(...radii)).toBeGreaterThan(11);
    expect(Math.max(...radii)).toBeLessThan(13);
    expect(scale).toEqual([0.001, 0.001, 0.001]);
    expect(images).toBeGreaterThan(1);

    const svg = await readFile(await saved('Band (SVG)'), 'utf8');
    expect(svg).toMatch(/^<svg [^>]*width="7\d\.\d+mm" height="8\.\d+mm"/);
    expect(svg).toContain('href="data:image/png;base64,');
  });
});
