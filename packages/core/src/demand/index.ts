export { proposeRings, proposing } from './propose';
export type { DemandQuestion, Proposal, RingToMake } from './propose';
export { MONTH_DAYS, sizeRates } from './rates';
export type { AskedFor, Lay, Rate } from './rates';
export { SIZES_US } from './sizes';
