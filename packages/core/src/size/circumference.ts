import type { SizeSystem } from './system';

// ISO 8653: the number is the inside circumference in mm; Italy, Spain, the Netherlands and
// Switzerland write the same less 40 (craft §1).
const ISO_LOWEST = 36;
const SWISS_OFFSET_MM = 40;

function writeHalves(value: number): string {
  const rounded = Math.round(value * 2) / 2;
  return Number.isInteger(rounded) ? String(rounded) : rounded.toFixed(1);
}

export const eu: SizeSystem = {
  id: 'eu',
  name: 'EU (ISO 8653)',
  prefix: 'EU',
  fromDiameterMm: (d) => Math.PI * d,
  toDiameterMm: (c) => c / Math.PI,
  step: 0.5,
  lowest: ISO_LOWEST,
  write: writeHalves,
};

export const swiss: SizeSystem = {
  id: 'swiss',
  name: 'Italy, Spain, Netherlands, Switzerland',
  prefix: 'CH',
  fromDiameterMm: (d) => Math.PI * d - SWISS_OFFSET_MM,
  toDiameterMm: (n) => (n + SWISS_OFFSET_MM) / Math.PI,
  step: 1,
  lowest: 1,
  write: (n) => String(Math.round(n)),
};
