import {
  deviationIn,
  FORECAST_FIGURES,
  rankedScore,
  type ForecastFigure,
  type Quantiles,
} from '../uncertainty';
import { timedShare, workedMinutes } from './minutes';
import type { WorkedRing } from './worked-ring';

/** How one figure of a finished ring fell in what was predicted of it. */
export interface ForecastSeen {
  readonly what: ForecastFigure;
  /** In deviations of a normal distribution. */
  readonly deviation: number;
  /** By how much the interval was stretched. */
  readonly widened: number;
  /** Ranked probability scores, as shares of the figure's middle: of the forecast, and of what defaults would have told. */
  readonly score: number;
  readonly standardScore: number;
}

/** Minutes are held against their forecast where most of them were timed. */
const MOSTLY_TIMED = 0.7;
/** Further out than this nothing is told apart any more. */
const FAR = 6;

/** What a ring turned out as, of what was predicted. */
function outcomes({
  ring,
  state,
}: WorkedRing): Readonly<Partial<Record<ForecastFigure, number | undefined>>> {
  const { measured, steps } = state;
  return {
    widthMm: measured?.bandWidthMm,
    cutEdgeMm: measured?.thicknessCutEdgeMm,
    rimEdgeMm: measured?.thicknessRimEdgeMm,
    handsOnMin:
      timedShare(steps, ring.events) >= MOSTLY_TIMED ? workedMinutes(steps, ring.events) : undefined,
  };
}

const middleOf = (quantiles: Quantiles) => quantiles[Math.floor(quantiles.length / 2)] ?? 1;

/** How what came of a ring fell in the forecast that it was begun with; a ring that was planned anew has left it. */
export function forecastSightings(worked: WorkedRing): readonly ForecastSeen[] {
  const { forecast } = worked.ring;
  if (!forecast) return [];
  const found = outcomes(worked);
  return FORECAST_FIGURES.flatMap((what) => {
    const quantiles = forecast[what];
    const value = found[what];
    if (!quantiles || value === undefined) return [];
    const standard = forecast.standard?.[what] ?? quantiles;
    const deviation = deviationIn(quantiles, value);
    return {
      what,
      deviation: Math.max(-FAR, Math.min(FAR, deviation)),
      widened: what === 'widthMm' ? forecast.widened : 1,
      score: rankedScore(quantiles, value) / middleOf(quantiles),
      standardScore: rankedScore(standard, value) / middleOf(standard),
    };
  });
}
