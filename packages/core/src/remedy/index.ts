export { symptomsToExpect } from './links';
export type { Worries } from './links';
export { SYMPTOMS } from './remedy';
export type { Remedy, Symptom } from './remedy';
export { remedyFor } from './table';
