/** What the place's routes show: one file of the built app, fetched when the place is first opened. */
export { HandbookScreen } from './handbook/HandbookScreen';
export { KeysScreen } from './handbook/KeysScreen';
export { SectionScreen } from './handbook/SectionScreen';
export { WordsScreen } from './handbook/WordsScreen';
export { SearchScreen } from './search/SearchScreen';
