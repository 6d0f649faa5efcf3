import { landAt } from '@round-mint/core/forming';
import type { CentrePicture, PictureCentre } from '@round-mint/core/photo';
import { clockDirection, typedLength, type LengthUnit } from '@round-mint/core/format';
import { angleOf } from './centring-model';

/** What the maker can do where a picture tells nothing. */
export function problemWords({ problem, tiltDeg }: CentrePicture, holeWords: string): string | undefined {
  switch (problem) {
    case undefined:
      return undefined;
    case 'rim':
      return 'The rim is not clear. Take it on plain ground, all of the rim in the picture, out of hard light.';
    case 'hole':
      return `No hole of ${holeWords} is seen in the piece.`;
    case 'small':
      return 'Too far away to tell. Go nearer, so that the piece fills the picture.';
    case 'tilt':
      return `Taken at a slant of ${Math.round(tiltDeg ?? 0)}°. Hold the phone flat above the piece.`;
    case 'blur':
      return 'Not sharp enough. Rest the phone on something, and wait until it is sharp.';
  }
}

/** A hole that differs by more than this from the one that was planned was made by another punch, mm. */
const OTHER_PUNCH_MM = 0.2;

/** What a picture tells of where the hole lies. @param plannedMm the hole that was planned */
export function centreWords(
  { offMm, plusMinusMm, wideDeg, holeMm }: PictureCentre,
  plannedMm: number,
  write: (mm: number, digits?: number) => string,
): string {
  const off = `Hole off centre by ${write(offMm, 2)}, ± ${write(plusMinusMm, 2)}`;
  const side = offMm > plusMinusMm ? `, wide at ${clockDirection(wideDeg)}` : ': no side can be told';
  const isOther = Math.abs(holeMm - plannedMm) > OTHER_PUNCH_MM;
  const other = isOther ? `, not ${write(plannedMm, 1)}: was it another punch?` : '.';
  return `${off}${side}. The hole measures ${write(holeMm, 1)}${other}`;
}

/** A hundredth of a millimetre, as a calliper shows it. */
const DECIMALS = { mm: 2, in: 4 } as const;

/** Readings as they would be typed: what a calliper measured stays, the picture fills the other places. */
export function filledBy(
  centre: PictureCentre,
  diameterMm: number,
  texts: readonly string[],
  unit: LengthUnit,
): readonly string[] {
  const at = { eccentricityMm: centre.offMm, wideAngleDeg: centre.wideDeg };
  return texts.map((text, place) => {
    if (text.trim() !== '') return text;
    return typedLength(
      landAt(at, diameterMm, centre.holeMm, angleOf(place, texts.length)),
      unit,
      DECIMALS[unit],
    );
  });
}
