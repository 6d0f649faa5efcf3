export { judgeResize, PROFILE_FILLS, PROFILES, RESIZE_RISKS } from './judge-resize';
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
