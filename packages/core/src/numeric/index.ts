export { degToRad, radToDeg, withinTurnDeg } from './angle';
export { bisect, lastAbove, lastWhere } from './bisect';
export { gammaPlace, gammaShareBelow } from './gamma';
export { smoothStep } from './smooth-step';
export { leastSquares, solveLinear } from './solve';
export { normalPlace, normalShareBelow } from './normal';
export { studentPlace } from './student';
