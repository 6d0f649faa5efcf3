import { COMFORTABLE_CUT_EDGE_MM } from './limits';
import type { SizeRange } from './size-range';
import type { SizeWriter } from './size-writer';

/** How far off the top of a range its comfortable part has to end to be worth saying, mm. */
const WORTH_SAYING_MM = 0.1;

/** "US 6 to US 11; above US 9½ the cut edge is under 0.9 mm": what can be made, and what is comfortable. */
export function rangeWords(
  { min, max, comfortableMax }: Pick<SizeRange, 'min' | 'max' | 'comfortableMax'>,
  write: SizeWriter,
): string {
  const all = `${write(min)} to ${write(max)}`;
  if (comfortableMax === undefined) return `${all}, all with a cut edge under ${COMFORTABLE_CUT_EDGE_MM} mm`;
  if (max - comfortableMax < WORTH_SAYING_MM) return all;
  return `${all}; above ${write(comfortableMax)} the cut edge is under ${COMFORTABLE_CUT_EDGE_MM} mm`;
}

/** What is said where a size is not to be had. */
export const RANGE_WORDS = {
  none: 'Take another hole or another coin.',
  makes: (range: string) => `With this hole it makes ${range}.`,
} as const;
