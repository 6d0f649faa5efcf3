import { writeSize } from '../size';

/** Writes an inside diameter in the maker's size system. */
export type SizeWriter = (insideDiameterMm: number) => string;

export function defaultSizeWriter(insideDiameterMm: number): string {
  return `${writeSize(insideDiameterMm, 'us')} (${insideDiameterMm.toFixed(1)} mm)`;
}
