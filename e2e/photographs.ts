import type { Page } from '@playwright/test';

/** A photograph of a made-up piece, drawn in the page: a light disc with letters on dark ground. */
export interface Photographed {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: Buffer;
}

interface PhotographOptions {
  readonly widthPx: number;
  readonly heightPx: number;
  /** Its middle and half across, px. */
  readonly x: number;
  readonly y: number;
  readonly radius: number;
  /** A hole punched in it, px from its middle. */
  readonly hole?: { readonly right: number; readonly down: number; readonly radius: number };
}

/** Draws a piece with a year at its foot and a bright rim. */
export async function photograph(page: Page, options: PhotographOptions): Promise<Photographed> {
  const base64 = await page.evaluate(({ widthPx, heightPx, x, y, radius, hole }) => {
    const canvas = document.createElement('canvas');
    canvas.width = widthPx;
    canvas.height = heightPx;
    const context = canvas.getContext('2d');
    if (!context) throw new Error('the page cannot draw');
    context.fillStyle = '#3c3a36';
    context.fillRect(0, 0, widthPx, heightPx);
    context.fillStyle = '#c9c7c0';
    context.beginPath();
    context.arc(x, y, radius, 0, 2 * Math.PI);
    context.fill();
    context.fillStyle = '#f4f2ea';
    context.font = `bold ${radius * 0.3}px sans-serif`;
    context.textAlign = 'center';
    context.fillText('1961', x, y + radius * 0.75);
    context.fillText('MARENZA', x, y - radius * 0.35);
    if (hole) {
      context.fillStyle = '#3c3a36';
      context.beginPath();
      context.arc(x + hole.right, y + hole.down, hole.radius, 0, 2 * Math.PI);
      context.fill();
    }
    return canvas.toDataURL('image/jpeg', 0.9).split(',')[1] ?? '';
  }, options);
  return { name: 'face.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(base64, 'base64') };
}

/** Draws a handle that lies aslant on light ground: broad at its tip, narrow at its neck, a line along its middle. */
export async function photographHandle(page: Page): Promise<Photographed> {
  const base64 = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = 1400;
    canvas.height = 700;
    const context = canvas.getContext('2d');
    if (!context) throw new Error('the page cannot draw');
    context.fillStyle = '#efece4';
    context.fillRect(0, 0, 1400, 700);
    context.translate(700, 350);
    context.rotate(-0.12);
    context.fillStyle = '#8f8d88';
    context.beginPath();
    context.moveTo(550, -40);
    context.lineTo(-480, -85);
    context.arc(-480, 0, 85, -Math.PI / 2, Math.PI / 2, true);
    context.lineTo(550, 40);
    context.fill();
    context.strokeStyle = '#d8d6ce';
    context.lineWidth = 14;
    context.beginPath();
    context.moveTo(-500, 0);
    context.lineTo(-60, 0);
    context.stroke();
    return canvas.toDataURL('image/jpeg', 0.9).split(',')[1] ?? '';
  });
  return { name: 'handle.jpg', mimeType: 'image/jpeg', buffer: Buffer.from(base64, 'base64') };
}

/** Chooses a file where the page asks for one. */
export async function choose(page: Page, button: string, file: Photographed): Promise<void> {
  const asked = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: button }).click();
  await (await asked).setFiles({ ...file });
}
