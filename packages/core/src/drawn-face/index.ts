export { drawFace, faceHeights } from './draw-face';
export type { Colour, FaceDesign, Legend, StraightText } from './draw-face';
export { MOTIFS } from './motifs';
export type { Motif } from './motifs';
