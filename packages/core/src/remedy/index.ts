export { symptomsAt } from './by-step';
export { filePastCrack } from './crack';
export type { CrackRepair } from './crack';
export { symptomsToExpect } from './links';
export type { Worries } from './links';
export { isSymptom, SYMPTOMS } from './remedy';
export type { Remedy, Symptom } from './remedy';
export { remedyFor } from './table';
