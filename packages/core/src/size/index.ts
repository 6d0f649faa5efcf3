export { DEFAULT_MANDREL, edgesFromReading, predictReading } from './mandrel';
export type { EdgeDiameters, EdgesFromReading, MandrelReading, MandrelTaper, ReadingMark } from './mandrel';
export {
  allMarks,
  markMm,
  sizeMm,
  nearestMark,
  OFF_MARK_MM,
  SIZE_SYSTEMS,
  stepMark,
  writeAmount,
  writeMeanAmount,
  writeOff,
  writeSize,
} from './marks';
export type { SizeMark, SizeMarks } from './marks';
export { parseSize } from './parse';
export type { ParsedSize } from './parse';
export { ACCEPTED_SIZES } from './size-words';
export { SIZE_SYSTEM_IDS } from './system';
export type { SizeSystem, SizeSystemId } from './system';
export { MM_PER_US_SIZE } from './us';
export { wideBandAllowance } from './wide-band';
export type { WideBandAllowance } from './wide-band';
export { checkMandrel, knuckleAdvice, paperStripDiameterMm } from './finger';
export type { KnuckleAdvice, MandrelCheck } from './finger';
