import {
  FEWEST_LAND_READINGS,
  heightVariationMm,
  judgeLand,
  type LandReading,
  type LandVerdict,
} from '@round-mint/core/forming';
import { parseLengthMm, type LengthUnit, countWords } from '@round-mint/core/format';

/** Places round the coin that makers measure at, evenly spread from 12 o'clock on. */
export const PLACE_COUNTS = [4, 6, 8, 12] as const;

export interface LandQuestion {
  readonly diameterMm: number;
  readonly holeMm: number;
  /** As typed, in order from 12 o'clock clockwise; an empty box is a place not measured. */
  readonly texts: readonly string[];
  readonly unit: LengthUnit;
  readonly punchesMm: readonly number[];
  /** For how uneven the finished band would be. */
  readonly cutEdgeMeanRadiusMm: number;
  readonly share: number;
}

export interface LandAnswer {
  readonly readings: readonly LandReading[];
  /** What is wrong with a box, by its place. */
  readonly problems: Readonly<Record<number, string>>;
  /** Undefined until enough places are measured. */
  readonly verdict: LandVerdict | undefined;
  readonly unevenMm: number | undefined;
  /** Why there is no verdict yet. */
  readonly waitingFor: string | undefined;
}

/** Angle of a place, degrees clockwise from 12 o'clock. */
export function angleOf(place: number, places: number): number {
  return (360 * place) / places;
}

function readingAt(
  place: number,
  { texts, unit, diameterMm, holeMm }: LandQuestion,
): LandReading | string | undefined {
  const text = texts[place]?.trim() ?? '';
  if (text === '') return undefined;
  const mm = parseLengthMm(text, unit);
  if (mm === undefined) return `a length in ${unit}, such as ${unit === 'mm' ? '8.65' : '0.34'}`;
  if (mm <= 0 || mm >= diameterMm - holeMm) return 'the land cannot be that wide on this coin';
  return { angleDeg: angleOf(place, texts.length), mm };
}

/** What the readings say, as far as they go. */
export function judgeReadings(question: LandQuestion): LandAnswer {
  const { texts, diameterMm, holeMm, punchesMm, cutEdgeMeanRadiusMm, share } = question;
  const read = texts.map((_, place) => readingAt(place, question));
  const readings = read.filter((one): one is LandReading => typeof one === 'object');
  const problems = Object.fromEntries(
    read.flatMap((one, place) => (typeof one === 'string' ? [[place, one]] : [])),
  );
  const nothing = { readings, problems, verdict: undefined, unevenMm: undefined };
  const missing = FEWEST_LAND_READINGS - readings.length;
  if (missing > 0) {
    return { ...nothing, waitingFor: countWords(missing, 'more reading') };
  }
  try {
    const verdict = judgeLand(diameterMm, holeMm, readings, punchesMm);
    const unevenMm = heightVariationMm(verdict.eccentricityMm, cutEdgeMeanRadiusMm, holeMm / 2, share);
    return { readings, problems, verdict, unevenMm, waitingFor: undefined };
  } catch {
    // Four readings on one side tell no direction.
    return { ...nothing, waitingFor: 'readings that are spread around the coin' };
  }
}
