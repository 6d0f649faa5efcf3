import { quarterFraction } from '../format';
import { MM_PER_INCH } from '../format/length';
import type { SizeSystem } from './system';

// United States and Canada: d[in] = 0.458 + 0.032 n (craft §1).
const SIZE_ZERO_IN = 0.458;
const INCH_PER_SIZE = 0.032;

/** Inside diameter gained by one US size, mm: the unit makers speak of differences in. */
export const MM_PER_US_SIZE = INCH_PER_SIZE * MM_PER_INCH;

export const us: SizeSystem = {
  id: 'us',
  name: 'US and Canada',
  prefix: 'US',
  fromDiameterMm: (d) => (d / MM_PER_INCH - SIZE_ZERO_IN) / INCH_PER_SIZE,
  toDiameterMm: (n) => (SIZE_ZERO_IN + INCH_PER_SIZE * n) * MM_PER_INCH,
  step: 0.25,
  lowest: 0,
  write: quarterFraction,
};
