import { expect, test, visit } from './fixtures';
import { choose, photographHandle } from './photographs';
import { readGlb } from './solids';

test.use({ fresh: true });

test('a handle is photographed from above, its outline corrected, and its ring seen in the plan', async ({
  app: page,
}) => {
  await visit(page, '/stock');
  await page.getByTestId('stock-search').fill('wave');
  await page.getByRole('link', { name: /wave pattern/ }).click();
  await page.getByTestId('handle-face').click();
  await choose(page, 'Choose a file', await photographHandle(page));
  await expect(page.getByTestId('outline-sure')).toBeVisible();

  // The nearest mark follows the finger: the tip goes where it is pulled.
  const editor = page.getByTestId('outline-editor');
  const box = await editor.boundingBox();
  const tip = await page.getByTestId('outline-tip').boundingBox();
  if (!box || !tip) throw new Error('the photograph is shown');
  const from = { x: tip.x + tip.width / 2, y: tip.y + tip.height / 2 };
  await page.mouse.move(from.x + 2, from.y + 2);
  await page.mouse.down();
  await page.mouse.move(from.x + 12, from.y + 4, { steps: 4 });
  await page.mouse.up();
  const pulled = await page.getByTestId('outline-tip').boundingBox();
  expect(Math.round((pulled?.x ?? 0) - tip.x)).toBe(12);
  await page.getByTestId('outline-tip').press('ArrowLeft');
  expect(Math.round(((await page.getByTestId('outline-tip').boundingBox())?.x ?? 0) - tip.x)).toBe(11);

  await page.getByRole('button', { name: 'Save this picture' }).click();
  await expect(editor).toBeHidden();

  await page.getByRole('button', { name: 'Plan a spoon ring from it' }).click();
  await expect(page.locator('[data-testid="ring-view"] canvas[data-drawn="yes"]')).toBeVisible();
  await expect(
    page.getByText(/^On top of the finger: \d+\.\d mm to \d+\.\d mm from the tip\. Its ends meet/),
  ).toBeVisible();
  await page.getByRole('radio', { name: 'On top of the finger: its ends' }).click();
  await expect(
    page.getByRole('img', { name: /on top of the finger lies .*, .* from the tip/ }),
  ).toBeVisible();
  const saved = async (button: string) => {
    const file = page.waitForEvent('download');
    await page.getByRole('button', { name: button }).click();
    return file;
  };
  expect((await saved('Save the picture as PNG')).suggestedFilename()).toMatch(/wave pattern.*\.png$/);
  const solid = await readGlb(await (await saved('Save the ring as GLB, for other viewers')).path());
  expect(solid.corners).toHaveLength(4);
  // As far out as a ring for this finger with the metal of the handle; the node makes metres of millimetres.
  const radii = solid.corners.map(({ max }) => max[0] ?? 0);
  expect(Math.max(...radii)).toBeGreaterThan(9);
  expect(Math.max(...radii)).toBeLessThan(15);
  expect(solid.scale).toEqual([0.001, 0.001, 0.001]);
});
