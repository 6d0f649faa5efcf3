export { degToRad, radToDeg } from './angle';
export { bisect, lastWhere } from './bisect';
