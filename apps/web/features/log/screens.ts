/** What the place's routes show: one file of the built app, fetched when the place is first opened. */
export { LogArchiveScreen } from './archived/LogArchiveScreen';
export { DieChartsScreen } from './die-charts/DieChartsScreen';
export { LearntScreen } from './learnt/LearntScreen';
export { LogRingScreen } from './rings/LogRingScreen';
export { LogScreen } from './rings/LogScreen';
export { ShopScreen } from './shop/ShopScreen';
