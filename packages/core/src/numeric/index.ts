export { degToRad, radToDeg, withinTurnDeg } from './angle';
export { bisect, lastAbove, lastWhere } from './bisect';
export { leastSquares, solveLinear } from './solve';
