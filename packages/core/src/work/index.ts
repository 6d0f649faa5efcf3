export type { Quantity, WorkFigure } from './figure';
export { STOCK_FOR, STOCK_KINDS, WORK_KINDS } from './kinds';
export type {
  BandPiece,
  CoinBandWork,
  CoinPiece,
  HandlePiece,
  HandleWork,
  ResizeWork,
  SpinnerWork,
  StockKind,
  StripPiece,
  StripWork,
  Work,
  WorkKind,
  WorkPiece,
} from './kinds';
export { buttJoint } from './butt-joint';
export { coinBandOf } from './plan-coin-band';
export { handleVerdict, keptProfile } from './plan-handle';
export type { WorkBench, WorkPlan, WorkPrediction, WorkWish } from './plan-shape';
export { spinnerOf } from './plan-spinner';
export { barOf } from './plan-strip';
export { permitReasons, planWork } from './plan-work';
export type { Permits } from './plan-work';
export { aimBand, replanBand } from './replan-band';
export type { BandInWork, BandReplan } from './replan-band';
