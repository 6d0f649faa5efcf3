export { PROFILES, RESIZE_RISKS } from './codes';
export { judgeResize, PROFILE_FILLS } from './judge-resize';
export type {
  BandProfile,
  FinishedBand,
  ResizePass,
  ResizeRisk,
  ResizeVerdict,
  ResizeWish,
} from './judge-resize';
export { plateHole } from './plate-holes';
export type { PlateHole } from './plate-holes';
