import { bandSize, type BandScene } from '@round-mint/core/ring-picture';
import { saveFile } from '@/features/shared/print/save-file';
import type { Light } from '@/theme/light';
import { base64Of } from '@/ui/base64';
import { pngOf } from '@/ui/pixels';
import { startJob } from '@/workers/start-job';
import type { RoundRingScene } from './round-ring-scene';
import type { RingStillScene } from './use-still';
import type { Held } from './use-turning';

/** Large enough for a letter and for print. */
const PNG_PX = { widthPx: 1200, heightPx: 900 } as const;
/** 600 dots an inch. */
const BAND_PX_PER_MM = 600 / 25.4;

async function bytesOf(blob: Blob): Promise<Uint8Array> {
  return new Uint8Array(await blob.arrayBuffer());
}

/** The ring as it is held now, on see-through ground. */
async function ringPng(scene: RingStillScene, held: Held, light: Light): Promise<Blob> {
  const view = { ...held, light, ...PNG_PX };
  return pngOf(await startJob('ringStill', { scene, view }, () => undefined).answer);
}

export async function savePng(name: string, scene: RingStillScene, held: Held, light: Light): Promise<void> {
  saveFile(`${name}.png`, await bytesOf(await ringPng(scene, held, light)), 'image/png');
}

/** The ring for any other viewer. */
export async function saveGlb(name: string, scene: RoundRingScene): Promise<void> {
  const { ringGlb } = await import('./RoundRing');
  saveFile(`${name}.glb`, await ringGlb(scene), 'model/gltf-binary');
}

/** A side of the band as a drawing in millimetres with the picture in it. */
export function bandSvg(widthMm: number, lengthMm: number, picture: string): string {
  const [across, up] = [lengthMm.toFixed(3), widthMm.toFixed(3)];
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${across}mm" height="${up}mm" viewBox="0 0 ${across} ${up}">`,
    `<image width="${across}" height="${up}" preserveAspectRatio="none" href="${picture}"/>`,
    `<rect width="${across}" height="${up}" fill="none" stroke="#23262B" stroke-width="0.05"/>`,
    '</svg>',
  ].join('');
}

export async function saveBandSvg(name: string, scene: BandScene): Promise<void> {
  const { widthMm, lengthMm } = bandSize(scene);
  const question = { scene, pxPerMm: BAND_PX_PER_MM };
  const picture = await startJob('band', question, () => undefined).answer;
  saveFile(
    `${name}.svg`,
    bandSvg(widthMm, lengthMm, `data:image/png;base64,${await base64Of(await pngOf(picture))}`),
    'image/svg+xml',
  );
}
