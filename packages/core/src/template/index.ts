export { centringSheet } from './centring-sheet';
export type { CentringSheetInput } from './centring-sheet';
export { CHECK_BAR_MM, checkBar, PAPERS } from './sheet';
export type { PaperId, Sheet, SheetMark } from './sheet';
export { sheetSvg } from './svg';
