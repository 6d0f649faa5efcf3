export { priceLineWords } from './price';
export type { PriceLineWords } from './price';
