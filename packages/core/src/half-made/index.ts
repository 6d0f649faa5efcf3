export { bandAssumptions } from './assumptions';
export { fitWall } from './fit-wall';
export type { FittedWall } from './fit-wall';
export { guessCoin } from './guess-coin';
export type { PartlyKnownCoin } from './guess-coin';
export { planFrom } from './plan-from';
export type { StartedPlan, StartOptions } from './plan-from';
export { STARTED_STAGES } from './codes';
export type { Assumption, StartedFrom, StartedStage } from './started-from';
