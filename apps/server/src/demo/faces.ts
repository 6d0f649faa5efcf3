import type { PieceFace } from '@round-mint/contract/stock-faces';
import { drawFace, photographed, type FaceDesign, type Motif } from '@round-mint/core/drawn-face';
import { squareFace, type RgbaImage } from '@round-mint/core/photo';
import { metalColour } from '@round-mint/core/ring-picture';
import { runToEnd } from '@round-mint/core/uncertainty';
import { eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { stock } from '../db/schema';
import { faceJpeg } from '../services/face-picture';
import { keepFace } from '../services/faces';
import { demoId } from './demo-id';
import { DEMO_COINS } from './stock';

/** What stands round the obverse of every piece of an invented state, and what is in its middle. */
const STATES: Readonly<Record<string, { readonly legend: string; readonly motif: Motif }>> = {
  Marenza: { legend: 'MARENZA · LIGHT OF THE EAST · ', motif: 'lighthouse' },
  Osterholm: { legend: 'FREE TOWNS OF OSTERHOLM · ', motif: 'wreath' },
  Skerrow: { legend: 'SKERROW · WIND AND WATER · ', motif: 'seabird' },
  Tarn: { legend: 'TARN · HARBOUR OF THE NORTH · ', motif: 'rose' },
  Velmar: { legend: 'COMMONWEALTH OF VELMAR · ', motif: 'mountains' },
  'Brennac Union': { legend: 'BRENNAC UNION · ONE ROAD · ', motif: 'wreath' },
  'Quillon Isles': { legend: 'QUILLON ISLES · NINE IN ONE · ', motif: 'quills' },
};

type Reverse = readonly [legend: string, motif: Motif, border: FaceDesign['border']];

/** What is on the reverse of each, in the order of the drawer. */
const REVERSES: readonly Reverse[] = [
  ['FIVE CORVI', 'ship', 'beads'],
  ['TEN CORVI · JUBILEE', 'wreath', 'teeth'],
  ['ONE CORVO', 'rose', 'line'],
  ['TWO HOLM', 'owl', 'teeth'],
  ['FIFTY SPIR', 'wheat', 'line'],
  ['ONE HOLM', 'owl', 'beads'],
  ['A GANNET OF THE SKERROW BANKS', 'seabird', 'teeth'],
  ['FULMAR', 'seabird', 'beads'],
  ['TERN', 'seabird', 'line'],
  ['LIMPET', 'heron', 'teeth'],
  ['THE NEW HARBOUR IS OPEN', 'ship', 'line'],
  ['TWENTY TARNS', 'lighthouse', 'beads'],
  ['FIVE TARNS', 'shell', 'beads'],
  ['FIFTY VELM', 'mountains', 'teeth'],
  ['HUNDRED VELM', 'bridge', 'teeth'],
  ['FIVE BRENN', 'wheat', 'beads'],
  ['TWENTY BRENN', 'mountains', 'teeth'],
  ['SIXTY BRENN · THE PASS', 'mountains', 'beads'],
  ['FIVE BRENN', 'wheat', 'line'],
  ['TRADE ROUND · ONE MEASURE FINE', 'ship', 'beads'],
  ['THREE QUILLS', 'heron', 'teeth'],
  ['TEN QUILLS', 'shell', 'line'],
  ['ONE QUILL', 'shell', 'beads'],
  ['TEN VELM', 'wheat', 'line'],
  ['TWO QUILLS', 'quills', 'line'],
  ['HARVEST · FIVE SPIR', 'wheat', 'beads'],
];

const MIDDLE = { y: 0.03, scale: 0.88 } as const;
/** A year that stands straight at the foot of the reverse; the motif makes room for it. */
const YEAR = { y: -0.62, height: 0.14 } as const;
const ABOVE_YEAR = { y: 0.1, scale: 0.74 } as const;

type Coin = (typeof DEMO_COINS)[number];

/** How both faces of a piece of the made-up workshop look. */
export function demoDesigns(coin: Coin, index: number): Readonly<Record<PieceFace, FaceDesign>> {
  const [legend = '', motif = 'rose', border = 'beads'] = REVERSES[index] ?? [];
  const state = STATES[coin.issuer];
  const year = coin.year === null ? '' : String(coin.year);
  // Round the foot it stands upright on a ring; straight across it stands upright on the piece.
  const isRound = border !== 'line';
  return {
    obverse: {
      border,
      legends: state ? [{ text: state.legend, middleDeg: 0 }] : [],
      lines: [],
      motif: state?.motif ?? 'rose',
      motifAt: MIDDLE,
    },
    reverse: {
      border,
      legends: [{ text: legend, middleDeg: 0 }, ...(isRound ? [{ text: year, middleDeg: 180 }] : [])],
      lines: isRound ? [] : [{ text: year, ...YEAR }],
      motif,
      motifAt: ABOVE_YEAR,
    },
  };
}

/** A drawn edge is soft over so many pixels of a kept face that half as many say as much, in a quarter of the time. */
const DRAWN_SHARE = 0.5;

/** Of these pieces, in the order of the drawer, there are photographs: worn ones, that a drawing flatters. */
const PHOTOGRAPHED: readonly number[] = [1, 7, 12];
/** A photograph is so many times as wide as the face in it. */
const AROUND = 1.2;

/** A drawn face that went through a camera: photographed aslant, found, and made square again. */
function fromPhotograph(drawn: RgbaImage, seed: number): RgbaImage {
  const { image, rim, topDeg } = photographed(drawn, seed, Math.round(drawn.widthPx * AROUND));
  return runToEnd(squareFace(image, rim, topDeg, drawn.widthPx));
}

/** Draws the faces of every coin in the drawer and keeps them, as photographs would be. */
export async function loadFaces(tx: Database, sidePx: number): Promise<void> {
  for (const [index, coin] of DEMO_COINS.entries()) {
    const metal = metalColour(coin.metal);
    const shade = [metal[0] * 255, metal[1] * 255, metal[2] * 255] as const;
    const designs = demoDesigns(coin, index);
    const keep = async (face: PieceFace, nth: number) => {
      const seed = 2 * index + nth;
      const id = demoId('face', seed);
      const drawn = drawFace(designs[face], Math.round(sidePx * DRAWN_SHARE), shade);
      const seen = PHOTOGRAPHED.includes(index) ? fromPhotograph(drawn, seed + 1) : drawn;
      await keepFace(tx, id, await faceJpeg(seen, sidePx), sidePx);
      return id;
    };
    const obverseFaceId = await keep('obverse', 0);
    const reverseFaceId = await keep('reverse', 1);
    await tx.update(stock).set({ obverseFaceId, reverseFaceId }).where(eq(stock.id, coin.id));
  }
}
