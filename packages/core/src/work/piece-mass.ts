import { profileOf, widthAt, type Station } from '../handle';
import { metalById } from '../metal';
import { PROFILE_FILLS } from '../resize';
import { workingThickness } from '../stock';
import { SECTION_SHAPES } from '../strip';
import type { BandPiece, WorkPiece } from './kinds';

/** Lengths and a shape tell a mass to so much of it, our assumption: edges are rounded, thickness is measured in places. */
const OFF_SHARE = 0.05;

/** What a piece weighs, g; 0 off by where it was weighed. */
export interface PieceMass {
  readonly massG: number;
  /** So far it may be off either way. */
  readonly offG: number;
}

/** Metal of a handle: between two stations thickness and width run straight, so that Simpson's rule is exact. */
function handleMm3(stations: readonly Station[]): number | undefined {
  const profile = profileOf(stations);
  let sum = 0;
  for (const [i, to] of profile.stations.entries()) {
    const from = profile.stations[i - 1];
    if (!from) continue;
    const [near, far] = [widthAt(profile, from.atMm), widthAt(profile, to.atMm)];
    if (near === undefined || far === undefined) return undefined;
    const middle = ((from.thicknessMm + to.thicknessMm) / 2) * ((near + far) / 2);
    sum += ((to.atMm - from.atMm) / 6) * (from.thicknessMm * near + 4 * middle + to.thicknessMm * far);
  }
  return sum;
}

/** Metal of a band: its section round its middle. */
function bandMm3(band: BandPiece): number | undefined {
  if (band.hollow || band.stones || band.twoMetals) return undefined;
  const { insideDiameterMm, thicknessMm, widthMm, profile } = band;
  return Math.PI * (insideDiameterMm + thicknessMm) * thicknessMm * widthMm * PROFILE_FILLS[profile];
}

function volumeMm3(piece: WorkPiece): number | undefined {
  switch (piece.kind) {
    case 'coin':
      return (Math.PI / 4) * piece.diameterMm ** 2 * workingThickness(piece).thicknessMm;
    case 'handle':
      return handleMm3(piece.stations);
    case 'strip':
      return piece.thicknessMm * piece.widthMm * SECTION_SHAPES[piece.section].fills * piece.lengthMm;
    case 'band':
      return bandMm3(piece);
  }
}

/**
 * What a piece weighs: by the scale, else by its measures and its metal's density.
 * @returns undefined where they do not tell: a handle without widths, a band that is hollow, set with stones or of two metals
 */
export function pieceMass(piece: WorkPiece): PieceMass | undefined {
  if (piece.kind === 'coin' && piece.massG !== undefined) return { massG: piece.massG, offG: 0 };
  const volume = volumeMm3(piece);
  if (volume === undefined) return undefined;
  const massG = (volume * metalById(piece.metal).densityGCm3) / 1000;
  return { massG, offG: OFF_SHARE * massG };
}
