import type { HandleOutline } from '@round-mint/contract/stock-faces';
import { drawHandle, halfWidthMm, type HandleDesign, type HandlePattern } from '@round-mint/core/drawn-face';
import { OUTLINE_SHARES } from '@round-mint/core/photo';
import { metalColour } from '@round-mint/core/ring-picture';
import { eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { stock } from '../db/schema';
import { FACE_PX, STRIP_PX, stripJpeg } from '../services/face-picture';
import { keepFace } from '../services/faces';
import { demoId } from './demo-id';
import { DEMO_WORK_STOCK } from './work-stock';

/** What is struck on the handles of the drawer, in its order. */
const PATTERNS: readonly HandlePattern[] = ['waves', 'rope', 'waves'];
/** Past the ids of the coins' faces. */
const FIRST_INDEX = 200;

function outlineOf(design: HandleDesign, lengthMm: number): HandleOutline {
  return OUTLINE_SHARES.map((at) => {
    const half = halfWidthMm(design, at * lengthMm) / lengthMm;
    return { at, left: half, right: half };
  });
}

/** Draws every handle of the drawer from above and keeps it, as a photograph would be. @param facePx of a face beside it */
export async function loadHandlePictures(tx: Database, facePx: number): Promise<void> {
  const handles = DEMO_WORK_STOCK.filter((piece) => piece.kind === 'handle');
  const longPx = Math.round((STRIP_PX * facePx) / FACE_PX);
  for (const [index, { id, stations, metal }] of handles.entries()) {
    const design = { stations, pattern: PATTERNS[index] ?? 'waves' };
    const lengthMm = Math.max(...stations.map(({ atMm }) => atMm));
    const [red, green, blue] = metalColour(metal);
    const drawn = drawHandle(design, longPx / lengthMm, [red * 255, green * 255, blue * 255]);
    const topFaceId = demoId('face', FIRST_INDEX + index);
    await keepFace(tx, topFaceId, await stripJpeg(drawn), longPx);
    await tx
      .update(stock)
      .set({ topFaceId, topOutline: outlineOf(design, lengthMm) })
      .where(eq(stock.id, id));
  }
}
