export { barThicknessMm, barVolumeMm3, rolledSectionMm2 } from './bar';
export type { Bar } from './bar';
export { MOST_REDUCTION, rollingSchedule } from './schedule';
export type { RollingPass, RollingWish } from './schedule';
