export { foretellsBetter, learnFrom } from './learn';
export type { CoursePoint, Learnt, LearntValue } from './learn';
export type { LoggedRing } from './worked-ring';
export { workedMinutes } from './minutes';
export { ridgeFit } from './ridge';
export type { RidgeFit, Sighting } from './ridge';
