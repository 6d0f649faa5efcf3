export { barThicknessMm, barVolumeMm3, barWidthMm, spreadLog } from './bar';
export type { Bar } from './bar';
export { doubtRolled, rolledShape, wireForMm } from './measured';
export type { RolledDoubt, RolledReading, RolledShape } from './measured';
export { MOST_REDUCTION, rollingSchedule } from './schedule';
export type { RollingPass, RollingWish } from './schedule';
