export { drawFace, faceHeights } from './draw-face';
export type { FaceDesign, Legend, StraightText } from './draw-face';
export { MOTIFS } from './motifs';
export type { Motif } from './motifs';
export { drawHandle, HANDLE_MARGIN_MM, HANDLE_PATTERNS, halfWidthMm } from './draw-handle';
export type { HandleDesign, HandlePattern } from './draw-handle';
export { letterRow } from './letter-row';
export type { LetterRow } from './letter-row';
export type { Colour } from './lit';
