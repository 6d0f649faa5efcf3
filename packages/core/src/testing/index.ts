/** What tests pin whole answers with; nothing that runs uses it. */
export { rounded, roundedLines } from './test-rounded';
export { stepRecord } from './test-step-record';
export { pictureTiles, tileMeans, type TiledPicture } from './test-tiles';
