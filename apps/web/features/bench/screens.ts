/** What the place's routes show: one file of the built app, fetched when the place is first opened. */
export { DevicesScreen } from './devices/DevicesScreen';
export { HandsFreeScreen } from './hands-free/HandsFreeScreen';
export { ExerciseScreen } from './practice/ExerciseScreen';
export { PracticeScreen } from './practice/PracticeScreen';
export { RecipesScreen } from './recipes/RecipesScreen';
export { ArchivedScreen } from './ring/ArchivedScreen';
export { RingScreen } from './ring/RingScreen';
export { WideBench } from './ring/WideBench';
