export { countWords, durationWords, percentWords, workWords } from './amounts';
export { capital } from './capital';
export { clockDirection } from './clock';
export { parseDecimal } from './decimal';
export { parseMixedNumber, quarterFraction, sizesInWords } from './fraction';
export { formatLength, inchToMm, mmToInch, parseLengthMm, typedLength } from './length';
export type { LengthUnit } from './length';
export { parseDay } from './day';
export type { DayOrder, DayReading } from './day';
