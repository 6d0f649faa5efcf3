import type { STEP_KINDS } from './codes';
export type StepKind = (typeof STEP_KINDS)[number];
