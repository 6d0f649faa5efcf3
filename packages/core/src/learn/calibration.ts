import { FORECAST_FIGURES, placeOf, type ForecastFigure } from '../uncertainty';
import { NINE_OF_TEN } from '../steps';
import type { ForecastSeen } from './forecast-sightings';

/** Forecasts are judged by so many of the latest rings, and from so many on. */
export const JUDGED_RINGS = 50;
/** Nine of ten are to lie inside; less or more than this is not what was said. */
const RIGHT = { least: 0.85, most: 0.95 };
const PLACES = 10;
/** Intervals are stretched no further, either way. */
const STRETCH = { least: 0.6, most: 3 };

export type CalibrationVerdict = 'few' | 'right' | 'too-narrow' | 'too-wide';

/** How often what was predicted of one figure came true, over the latest rings. */
export interface Calibration {
  readonly what: ForecastFigure;
  readonly rings: number;
  /** How many of them lay inside nine of ten. */
  readonly inside: number;
  /** Between these the true share lies, 95 % (Wilson 1927). */
  readonly low: number;
  readonly high: number;
  /** How many fell in each tenth of what was predicted, lowest first. */
  readonly places: readonly number[];
  /** Mean ranked probability scores as shares of the figure, by forecast and by default. */
  readonly score: number;
  readonly standardScore: number;
  readonly verdict: CalibrationVerdict;
}

/** Bounds that hold the true share of a count at 95 %, by E. B. Wilson (1927). */
export function wilsonBounds(count: number, of: number): { readonly low: number; readonly high: number } {
  if (of === 0) return { low: 0, high: 1 };
  const z2 = 1.959964 ** 2;
  const share = count / of;
  const middle = (share + z2 / (2 * of)) / (1 + z2 / of);
  const half = (Math.sqrt(z2) / (1 + z2 / of)) * Math.sqrt((share * (1 - share)) / of + z2 / (4 * of * of));
  return { low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}

const isInside = (deviation: number) => Math.abs(deviation) <= NINE_OF_TEN;
const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;

function verdictOf(inside: number, rings: number): CalibrationVerdict {
  if (rings < JUDGED_RINGS) return 'few';
  const share = inside / rings;
  return share < RIGHT.least ? 'too-narrow' : share > RIGHT.most ? 'too-wide' : 'right';
}

function calibrationOf(what: ForecastFigure, seen: readonly ForecastSeen[]): Calibration {
  const inside = seen.filter(({ deviation }) => isInside(deviation)).length;
  const places = new Array<number>(PLACES).fill(0);
  for (const { deviation } of seen) {
    const place = Math.min(PLACES - 1, Math.floor(placeOf(deviation) * PLACES));
    places[place] = (places[place] ?? 0) + 1;
  }
  return {
    what,
    rings: seen.length,
    inside,
    ...wilsonBounds(inside, seen.length),
    places,
    score: mean(seen.map(({ score }) => score)),
    standardScore: mean(seen.map(({ standardScore }) => standardScore)),
    verdict: verdictOf(inside, seen.length),
  };
}

/** The latest sightings of one figure. @param seen oldest first */
function latest(what: ForecastFigure, seen: readonly ForecastSeen[]): readonly ForecastSeen[] {
  return seen.filter((one) => one.what === what).slice(-JUDGED_RINGS);
}

/** How often forecasts came true, figure by figure. @param seen of all rings, oldest first */
export function calibrations(seen: readonly ForecastSeen[]): readonly Calibration[] {
  return FORECAST_FIGURES.flatMap((what) => {
    const own = latest(what, seen);
    return own.length === 0 ? [] : calibrationOf(what, own);
  });
}

/**
 * By how much the width's interval is to be stretched: 1 while it holds about nine rings of ten as it would be told
 * unstretched, else so that it would have held nine of ten of the latest. Judged unstretched, it does not feed on itself.
 */
export function widenedBy(seen: readonly ForecastSeen[]): number {
  const off = latest('widthMm', seen).map(({ deviation, widened }) => Math.abs(deviation) * widened);
  if (off.length < JUDGED_RINGS) return 1;
  const share = off.filter((deviation) => deviation <= NINE_OF_TEN).length / off.length;
  if (share >= RIGHT.least && share <= RIGHT.most) return 1;
  const nine = [...off].sort((a, b) => a - b)[Math.ceil(0.9 * off.length) - 1] ?? NINE_OF_TEN;
  return Math.min(STRETCH.most, Math.max(STRETCH.least, nine / NINE_OF_TEN));
}
