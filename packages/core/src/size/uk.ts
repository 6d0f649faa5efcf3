import type { SizeSystem } from './system';

// BS 6820: c = 37.5 + 1.25 k; A is k = 0, Z is k = 25, then Z+1 and on; halves allowed (craft §1).
const CIRCUMFERENCE_A_MM = 37.5;
const MM_PER_LETTER = 1.25;
const INDEX_OF_Z = 25;

function writeLetter(k: number): string {
  const halves = Math.round(k * 2);
  const whole = Math.floor(halves / 2);
  const half = halves % 2 === 1 ? '½' : '';
  if (whole < INDEX_OF_Z) return `${String.fromCharCode(65 + whole)}${half}`;
  const beyond = whole - INDEX_OF_Z;
  if (beyond === 0) return `Z${half}`;
  return `Z+${beyond}${half}`;
}

/** UK, Ireland, Australia, New Zealand, South Africa. The exact number is k, the letters' index. */
export const uk: SizeSystem = {
  id: 'uk',
  name: 'UK, Ireland, Australia, New Zealand, South Africa',
  prefix: 'UK',
  fromDiameterMm: (d) => (Math.PI * d - CIRCUMFERENCE_A_MM) / MM_PER_LETTER,
  toDiameterMm: (k) => (CIRCUMFERENCE_A_MM + MM_PER_LETTER * k) / Math.PI,
  step: 0.5,
  lowest: 0,
  write: writeLetter,
};

/**
 * The index k of a letter size: A 0, P½ 15.5, Z+2 27.
 * @param letter one letter A to Z
 * @param more whole and half letters beyond it (whole ones only after Z)
 */
export function letterIndex(letter: string, more: number): number {
  return letter.toUpperCase().charCodeAt(0) - 65 + more;
}
