export { HANDLE_STYLES, END_SHAPES, SPIRAL_FITS } from './codes';
export { handleBlank, handleHeightMm, ROUGH_FACTOR } from './blank';
export type { HandleBlank, HandleShape, HandleStyle } from './blank';
export { bentOutline } from './bent-outline';
export type { BentOutline } from './bent-outline';
export { endReachMm, endMark } from './ends';
export type { EndMark, EndShape } from './ends';
export { judgeHandle } from './judge-handle';
export type { HandleInput, HandleVerdict } from './judge-handle';
export { reachAt } from './outline';
export type { OutlineReach } from './outline';
export { enamelIn, usablePart, usedStretch } from './part';
export type { UsablePart } from './part';
export {
  halfWidthAt,
  knotsIn,
  meanThicknessIn,
  profileOf,
  thickestIn,
  thicknessAt,
  turnedRound,
  USUAL_WIDTH_MM,
  widthAt,
} from './profile';
export type { Profile, Station, Stretch } from './profile';
export { fitSpiral } from './fit-spiral';
export type { SpiralFit } from './fit-spiral';
export { chooseFormer, formerFor, lastTouch, releasedDiameterMm } from './springback';
export type { FormerChoice, LastTouch, Temper } from './springback';
export { turnLengthMm } from './turn-length';
export { covered, onTop, topRad, WORN, wrapHandle } from './wrapped';
export type { Worn, WrappedHandle, WrappedPlace } from './wrapped';
