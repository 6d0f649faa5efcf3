export type { Candidate } from './candidates';
export { paretoFront } from './pareto';
export { searchStock } from './rank';
export type { SearchOption, SearchOptions } from './rank';
export { openingTools, sizeMap } from './size-map';
export type { MapCell, OpeningTool, SizeMap, SizeMapQuestion } from './size-map';
export { idealWidthMm, pieceFitsWish } from './wish';
export type { RingWish, SearchPiece } from './wish';
