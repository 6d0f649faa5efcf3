import type { HandleOutline } from '@round-mint/contract/stock-faces';
import { reachAt } from '@round-mint/core/handle';
import type { PaperPicture } from '@/features/shared/print/paper';
import { jpegOf, type Pixels } from '@/ui/pixels';
import { startJob } from '@/workers/start-job';
import { faceIdOf } from './face-choice';
import { facePixels } from './face-pixels';
import { bendHandle, usuallyWorn, type ShownHandle } from './handle-scene';
import type { PicturedCoinRing, PicturedRing } from './pictured-ring';
import { reliefsOf } from './reliefs';
import { bandSceneOf, plannedAppearance, STILL_HELD } from './ring-scene';
import { stillSceneOf } from './still-scene';

const RING_PX = { widthPx: 1000, heightPx: 750 } as const;
/** 300 dots an inch. */
const BAND_PX_PER_MM = 300 / 25.4;
/** As wide as a paper shows it. */
const HANDLE_PX = 1600;

/** Whether there is a picture of what the ring shows outside. */
function hasPicture(pictured: PicturedRing): boolean {
  if (pictured.kind === 'handle') return Boolean(pictured.handle.piece.topFaceId);
  return faceIdOf(pictured.ring.piece, pictured.ring.outside) !== undefined;
}

const WITHOUT = { coin: 'the faces', handle: 'the handle' } as const;

/** The outside of a coin's band, laid flat. */
async function flatBand({ ring, finish }: PicturedCoinRing): Promise<readonly PaperPicture[]> {
  const reliefs = await reliefsOf(ring.piece, ring.outside);
  const scene = bandSceneOf(ring, reliefs, plannedAppearance(finish), 'outside');
  const band = await startJob('band', { scene, pxPerMm: BAND_PX_PER_MM }, () => undefined).answer;
  return [{ jpeg: await jpegOf(band), caption: 'Its outside laid flat.' }];
}

/** A part of a handle's picture, by shares of its length from the tip; what lies beside the handle is white, as paper. */
function partOf(
  { widthPx, heightPx, rgba }: Pixels,
  outline: HandleOutline,
  { from, to }: { readonly from: number; readonly to: number },
): Pixels {
  const first = Math.max(0, Math.floor(from * widthPx));
  const width = Math.max(1, Math.min(widthPx, Math.ceil(to * widthPx)) - first);
  const part = new Uint8ClampedArray(4 * width * heightPx).fill(255);
  for (let column = 0; column < width; column++) {
    const { left, right } = reachAt(outline, (first + column + 0.5) / widthPx);
    const top = Math.max(0, Math.round(heightPx / 2 - left * widthPx));
    const foot = Math.min(heightPx, Math.round(heightPx / 2 + right * widthPx));
    for (let row = top; row < foot; row++) {
      const at = 4 * (row * widthPx + first + column);
      part.set(rgba.subarray(at, at + 4), 4 * (row * width + column));
    }
  }
  return { widthPx: width, heightPx, rgba: part };
}

/** The stretch of the handle that becomes the ring, as it was photographed; nothing where it was not. */
async function usedHandle(handle: ShownHandle): Promise<readonly PaperPicture[]> {
  const { topFaceId, topOutline } = handle.piece;
  if (!topFaceId || !topOutline) return [];
  const { used, lengthMm } = bendHandle(handle, usuallyWorn(handle.work));
  const pixels = await facePixels(topFaceId, { longestPx: HANDLE_PX });
  const part = partOf(pixels, topOutline, { from: used.fromMm / lengthMm, to: used.toMm / lengthMm });
  return [{ jpeg: await jpegOf(part), caption: 'What of the handle becomes the ring.' }];
}

/** A ring as the app computes it, on white. */
export async function computedRing(pictured: PicturedRing): Promise<PaperPicture> {
  const scene = await stillSceneOf(pictured);
  const view = { ...STILL_HELD, ...RING_PX, light: 'day' } as const;
  const drawn = await startJob('ringStill', { scene, view }, () => undefined).answer;
  const caption = hasPicture(pictured)
    ? 'Computed from the plan; relief is estimated from the photograph.'
    : `Computed from the plan, without a picture of ${WITHOUT[pictured.kind]}.`;
  return { jpeg: await jpegOf(drawn), caption };
}

/** A ring, and what of its piece is seen on it, for a paper. */
export async function ringForPaper(pictured: PicturedRing): Promise<readonly PaperPicture[]> {
  const flat = pictured.kind === 'handle' ? usedHandle(pictured.handle) : flatBand(pictured);
  return [await computedRing(pictured), ...(await flat)];
}
