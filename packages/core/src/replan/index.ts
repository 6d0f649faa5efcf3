export { replan, replanning } from './replan';
export type { Finding, RingInWork } from './attempt';
export type { NewRoute, OutOfReach, Replan } from './replan';
export { fittedTo, outlineBetween, wallOfOutline } from './resume';
