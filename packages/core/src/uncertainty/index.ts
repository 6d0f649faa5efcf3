export { FORECAST_FIGURES } from './codes';
export { drawInputs, drawnCoin, UNSURE_INPUTS } from './draw';
export type { Draw, UnsureInput } from './draw';
export { narrowMost } from './narrow-most';
export type { NarrowAdvice } from './narrow-most';
export { intervalOf } from './quantiles';
export type { Bin, Interval } from './quantiles';
export {
  deviationIn,
  MINUTES_STRAY_LOG,
  minutesForecast,
  placeOf,
  quantilesOf,
  rankedScore,
} from './forecast';
export type { ForecastFigure, KeptForecast, Quantiles, RingForecast, WallForecast } from './forecast';
export { normalDeviate, seededRandom } from './random';
export type { Random } from './random';
export { ringChances, RINGS_DRAWN, wallForecast } from './ring-chances';
export type { ChancesQuestion, RingChances } from './ring-chances';
export { part, runToEnd } from './run';
export {
  CRACK_AT,
  crackChance,
  FEWEST_LOSSES,
  LOSSES,
  MISHAPS,
  missedChance,
  NO_LOSSES,
  WRINKLE_AT,
} from './mishaps';
export type { Loss, Mishap } from './mishaps';
export { CENTRING_WAYS, READING_MM, spreadFor } from './spread';
export type { CentringWay, Spread } from './spread';
