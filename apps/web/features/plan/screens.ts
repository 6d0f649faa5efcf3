/** What the place's routes show: one file of the built app, fetched when the place is first opened. */
export { CentreScreen } from './centring/CentreScreen';
export { PlanScreen } from './coin/PlanScreen';
export { FingersScreen } from './fingers/FingersScreen';
export { BeginScreen } from './half-made/BeginScreen';
export { WorkPlanScreen } from './other-work/WorkPlanScreen';
export { SearchScreen } from './search/SearchScreen';
export { MapScreen } from './size-map/MapScreen';
