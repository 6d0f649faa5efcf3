export { symptomsAt } from './by-step';
export { filePastCrack } from './crack';
export type { CrackRepair } from './crack';
export { symptomsToExpect } from './links';
export type { PlanRisks } from './links';
export type { Remedy } from './remedy';
export { remedyFor } from './table';
export { helpsToRead, questionOf } from './questions';
export type { RemedyAnswer, RemedyQuestion } from './questions';
