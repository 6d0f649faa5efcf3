export { replan, replanning } from './replan';
export type { Finding, NewRoute, OutOfReach, Replan, RingInWork } from './replan';
export { fittedTo, outlineBetween, wallOfOutline } from './resume';
