export { angleOnFace, behindDeg, FACE_TURNS, faceMap } from './face-map';
export type { BandPlace, FaceMap, FaceMapOptions, FacePoint, FaceTurn, MappedPoint } from './face-map';
export { WALL_LAYERS } from './layer';
export type { WallLayer } from './layer';
export { trimmedLipMm } from './trimmed-lip';
export { flatRadiiMm, wallLineOf, wallLineOfOutline } from './wall-line';
export type { WallLine } from './wall-line';
export { isInMark, judgeMark, largestHoleMm } from './must-stay';
export type { FaceCut, FaceMark, HoleOffset, MarkVerdict } from './must-stay';
