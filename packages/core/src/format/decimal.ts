/** Reads a number typed with a point or a comma. @returns NaN when it is none, also when nothing was typed */
export function parseDecimal(text: string): number {
  return text.trim() === '' ? NaN : Number(text.trim().replace(',', '.'));
}
