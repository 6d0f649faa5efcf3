export { centreByPicture } from './centre-by-picture';
export type { CentrePicture, PictureCentre, PictureProblem } from './centre-by-picture';
export { circle, fitEllipse, flattened, meanRadiusPx, tiltDeg } from './ellipse';
export type { Ellipse, PicturePoint } from './ellipse';
export { findRim } from './find-rim';
export type { FoundRim } from './find-rim';
export type { GreyImage, RgbaImage } from './grey-image';
export { squareFace } from './square-face';
export { scaled } from './scaled';
