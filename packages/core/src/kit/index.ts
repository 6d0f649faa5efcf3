export { TOOL_FAULTS } from './codes';
export type { ToolFault } from './codes';
export { COMMON_SETS } from './common-sets';
export type { ToolSet } from './common-sets';
export { chartsFor, dieCurve, revealFor, withSeen } from './die-chart';
export type { DieChart, DieObservation } from './die-chart';
export { TOOL_KINDS, holesFor, isSameMm, mandrelOf, punchDiameters, toolsOf } from './kit';
export type { Kit, Tool, ToolKind, ToolSpec } from './kit';
export { REFERENCE_KIT, kitOrReference } from './reference-kit';
export {
  chooseBall,
  chooseCone,
  chooseHollow,
  chooseMandrel,
  choosePunch,
  chooseReducingHole,
  chooseStretcher,
  stretchersFor,
  coneEndsMm,
  foldDies,
  lacksFoldDie,
  lacksPusher,
  pusherInDie,
  stretcherEndsMm,
  stretcherTaperDeg,
} from './tool-choice';
export type { FoldDieChoice, MissingTool, ToolChoice } from './tool-choice';
export { needsOil, standingToolEvents, toolStanding } from './tool-history';
export type { ToolEvent, ToolEventBody, ToolStanding } from './tool-history';
export {
  canRust,
  faultEffect,
  faultWords,
  faultsFor,
  soundTools,
  spareFor,
  toolWarning,
  usableTools,
} from './wear';
export type { ToolWarning } from './wear';
export { CARE_WORDS, FAULT_NAMES } from './wear-words';
export type { ToolContact } from './tool-contact';
