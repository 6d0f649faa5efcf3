export { FRESH, budgetWeight, fullest, softens, spend } from './budget';
export type { EdgeSpend } from './budget';
export { COIN_EDGES, edgeNamesOf } from './edge-names';
export type { EdgeNames } from './edge-names';
export { FACES, FINISHES, STAGES, RISK_CODES, STEP_KINDS } from './codes';
export { withFaceOut } from './face-out';
export type { Face } from './face-out';
export { finishSteps } from './finish';
export type { Finish } from './finish';
export type { FormingProgress, PieceState, Stage } from './piece-state';
export { WRINKLE_INDEX, spoilRisks, wrinkleIndex } from './spoil-risk';
export type { RiskCode, SpoilRisk } from './spoil-risk';
export { defaultMinutes, stepDefaults } from './step-defaults';
export { annealWords } from './step-words';
export type { StepKind } from './step-kind';
export { axialHeightMm, movesWall, routeTotals } from './step';
export { routeExtent } from './route-extent';
export { sectionLines } from './section-lines';
export type { SectionLines, SectionPoint } from './section-lines';
export { pressesFor, toolIdOf, withToolIds } from './step-tool';
export { stillStep } from './still-step';
export type { StepTold } from './still-step';
export type { RollingStep, RouteStep, RouteTotals, StepBlank, TapeUse, WallOutline } from './step';
export {
  DEFAULT_TRAITS,
  foldDieKey,
  formedWish,
  formerKey,
  funnelsOf,
  NINE_OF_TEN,
  MELT_PRIOR,
  meltedBy,
  seenChance,
  SLIP_PRIOR,
  springbackOf,
  traitsWith,
  turnedDeg,
  UNKNOWN_DIE,
  UNKNOWN_WIDTHS,
} from './traits';
export type { BenchTraits, FoldDieContact, FunnelTruth, LossTraits, WidthSpread } from './traits';
export { GAUGED, isGauged, pastMarkMm } from './past-mark';
export type { Gauged, TakenStep } from './past-mark';
export { runningWaits, waitClock } from './waits';
export type { RingWait, SharedWait, StepWait, WaitClock } from './waits';
