export { measureDensity, metalsOfDensity, waterDensity } from './density';
export type { DensityMeasured, MetalFit, Weighing } from './density';
export { MAGNET_ANSWERS, STONE_ANSWERS } from './codes';
export type { Evidence, MagnetAnswer, StoneAnswer } from './evidence';
export { metalOfMark } from './marks';
export { ANSWERS, CERTAINTIES, OPERATIONS, identify } from './verdict';
export type { Answer, Certainty, Operation, Identity, Suspect } from './verdict';
