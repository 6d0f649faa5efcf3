export { COIN_FORMS } from './codes';
export type { Coin, CoinForm } from './coin';
export { checkFill } from './fill-check';
export type { FillCheck } from './fill-check';
export { densityGMm3, fillFactor, workingThickness } from './thickness';
export type { WorkingThickness } from './thickness';
