const QUARTERS = ['', '¼', '½', '¾'] as const;

/**
 * A number of quarters set as a maker writes it: 7, 7¼, ½, −¼.
 * Rounds to the nearest quarter. Zero is "0".
 */
export function quarterFraction(value: number): string {
  const quarters = Math.round(Math.abs(value) * 4);
  if (quarters === 0) return '0';
  const whole = Math.floor(quarters / 4);
  const rest = QUARTERS[quarters % 4] ?? '';
  return `${value < 0 ? '−' : ''}${whole === 0 && rest ? '' : whole}${rest}`;
}

/**
 * An amount of sizes in words, to the nearest quarter and without its sign: "½ size", "1 size", "1½ sizes".
 * @param system that stands before the word: "1½ UK sizes"
 */
export function sizesInWords(sizes: number, system?: string): string {
  const amount = Math.abs(sizes);
  const named = system === undefined ? '' : `${system} `;
  return `${quarterFraction(amount)} ${named}${Math.round(amount * 4) > 4 ? 'sizes' : 'size'}`;
}

const FRACTION_VALUES: Readonly<Record<string, number>> = { '¼': 0.25, '½': 0.5, '¾': 0.75 };

/**
 * Reads a plain number the way people type one: `7`, `7.5`, `7,5`, `7½`, `7 1/2`, `1/2`.
 * @returns the value, or undefined when the text is no such number.
 */
export function parseMixedNumber(text: string): number | undefined {
  const trimmed = text.trim();
  const decimal = /^\d+(?:[.,]\d+)?$/.exec(trimmed);
  if (decimal) return Number(trimmed.replace(',', '.'));
  const glyph = /^(\d*)\s*([¼½¾])$/.exec(trimmed);
  if (glyph) return Number(glyph[1] || 0) + (FRACTION_VALUES[glyph[2] ?? ''] ?? 0);
  const mixed = /^(?:(\d+)\s+)?(\d+)\s*[/⁄]\s*(\d+)$/.exec(trimmed);
  if (!mixed || Number(mixed[3]) === 0) return undefined;
  return Number(mixed[1] ?? 0) + Number(mixed[2]) / Number(mixed[3]);
}
