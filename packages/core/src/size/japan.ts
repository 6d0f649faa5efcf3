import type { SizeSystem } from './system';

// Japan: d = 13 + (n − 1)/3 (craft §1).
const SIZE_ONE_MM = 13;
const SIZES_PER_MM = 3;

export const jp: SizeSystem = {
  id: 'jp',
  name: 'Japan',
  prefix: 'JP',
  fromDiameterMm: (d) => (d - SIZE_ONE_MM) * SIZES_PER_MM + 1,
  toDiameterMm: (n) => SIZE_ONE_MM + (n - 1) / SIZES_PER_MM,
  step: 1,
  lowest: 1,
  write: (n) => String(Math.round(n)),
};
