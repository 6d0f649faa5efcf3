export type { Quantity, WorkFigure } from './figure';
export { STOCK_KINDS, WORK_KINDS } from './codes';
export { STOCK_FOR } from './kinds';
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
export { stripOffers } from './choose-strip';
export type { StripOffer } from './choose-strip';
export { withOther } from './flat-moves';
export { coinBandOf } from './plan-coin-band';
export { pieceMass } from './piece-mass';
export type { PieceMass } from './piece-mass';
export { fittedHandle, handleVerdict, keptProfile } from './plan-handle';
export type { OtherPart, WorkBench, WorkPlan, WorkPrediction, WorkWish } from './plan-shape';
export { spinnerOf } from './plan-spinner';
export { metalOfWork, permitReasons, planWork } from './plan-work';
export type { Permits } from './plan-work';
export { aimBand } from './aim-band';
export { replanBand } from './replan-band';
export { aimUncut, replanRolling, rolledStanding } from './replan-rolling';
export type { RollingReplan } from './replan-rolling';
export type { BandInWork, BandReplan } from './replan-band';
