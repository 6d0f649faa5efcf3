import type { Page } from '@playwright/test';
import { stepDone } from './bench-steps';
import { expect, goTo } from './fixtures';

/** A kind of work, planned of a piece of the drawer; for strip the drawer's answer stands open. */
export async function planKind(page: Page, tab: string, piece: RegExp): Promise<void> {
  await goTo(page, 'Plan');
  await page.getByRole('navigation', { name: 'Kinds of work' }).getByRole('link', { name: tab }).click();
  const screen = page.getByTestId('work-screen');
  const choose = screen.getByRole('button', { name: /^Choose a(nother)? piece$/ });
  const answer = screen.getByRole('radio', { name: piece });
  await expect(choose.or(answer)).toBeVisible();
  if (await choose.isVisible()) {
    await choose.click();
    await page.getByRole('dialog').getByRole('radio', { name: piece }).click();
  } else {
    await answer.click();
  }
  await expect(screen.getByTestId('verdict')).toBeVisible();
}

/** Begins the ring that is planned, under a name. */
export async function takeToBench(page: Page, name: string): Promise<void> {
  await page.getByTestId('take-to-bench').click();
  await page.getByLabel('What is this ring called?').fill(name);
  await page.getByRole('button', { name: 'Begin this ring' }).click();
  await expect(page.getByTestId('ring-screen')).toContainText(name);
}

/** A reading both ways round: as planned, or so many marks larger. */
export async function logReading(page: Page, marksLarger = 0): Promise<void> {
  await page.getByRole('button', { name: 'Log reading' }).click();
  const sheet = page.getByRole('dialog', { name: 'Log a reading' });
  // An edge is called marked only where one was marked.
  for (const side of ['(Marked|One) edge down', 'Other edge down']) {
    await sheet.getByRole('radio', { name: new RegExp(`^${side}`) }).click();
    for (let mark = 0; mark < marksLarger; mark++) {
      await sheet.getByRole('button', { name: new RegExp(`^${side}: one mark larger`) }).click();
    }
  }
  await sheet.getByRole('button', { name: 'Log reading' }).click();
  await expect(sheet).toBeHidden();
}

/** Every step as planned, a reading at the end or wherever one can be made, and the width by calliper. */
export async function workToTheEnd(page: Page, widthMm: string, readAll = false): Promise<readonly string[]> {
  const verbs: string[] = [];
  for (let guard = 0; guard < 60; guard++) {
    if (await page.getByTestId('finish-form').isVisible()) break;
    const verb = (await page.getByTestId('verb').textContent()) ?? '';
    verbs.push(verb);
    const readable = await page.getByRole('button', { name: 'Log reading' }).isVisible();
    if (verb === 'True up' || (readAll && readable)) {
      await logReading(page);
      await expect(page.getByTestId('reading-verdict')).toContainText('On the mark');
    }
    await stepDone(page);
  }
  await page.getByLabel('Width (mm)').fill(widthMm);
  await page.getByRole('button', { name: 'Finish this ring' }).click();
  await expect(page.getByTestId('log-ring-screen')).toBeVisible();
  return verbs;
}
