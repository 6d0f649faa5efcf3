export const MM_PER_INCH = 25.4;

/** The unit a maker's lengths are shown in. Stored lengths are always millimetres. */
export type LengthUnit = 'mm' | 'in';

export function mmToInch(lengthMm: number): number {
  return lengthMm / MM_PER_INCH;
}

export function inchToMm(lengthIn: number): number {
  return lengthIn * MM_PER_INCH;
}

/**
 * A length with its unit, in the precision a calliper gives.
 * @param decimals of a millimetre; inches get one and a half orders more, as their unit is larger.
 */
export function formatLength(lengthMm: number, unit: LengthUnit, decimals = 1): string {
  if (unit === 'in') return `${mmToInch(lengthMm).toFixed(decimals + 2)} in`;
  return `${lengthMm.toFixed(decimals)} mm`;
}

/** Figures that a box for a length shows when nothing else is said: a thousandth of a millimetre either way. */
const TYPED_DECIMALS = { in: 5, mm: 3 } as const;

/** A length as a maker would type it, without its unit: saved again, it changes nothing that is known. */
export function typedLength(
  lengthMm: number,
  unit: LengthUnit,
  decimals: number = TYPED_DECIMALS[unit],
): string {
  return String(Number((unit === 'in' ? mmToInch(lengthMm) : lengthMm).toFixed(decimals)));
}

/**
 * Reads a length typed in the given unit, or with a unit of its own: `30`, `30.1 mm`, `1.18 in`, `1.18"`.
 * @returns millimetres, or undefined when the text is no length.
 */
export function parseLengthMm(text: string, unit: LengthUnit): number | undefined {
  const match = /^\s*(\d+(?:[.,]\d+)?|[.,]\d+)\s*(mm|in|inch|"|″)?\s*$/i.exec(text);
  if (!match?.[1]) return undefined;
  const value = Number(match[1].replace(',', '.'));
  const typedUnit = match[2]?.toLowerCase();
  const inInches = typedUnit ? typedUnit !== 'mm' : unit === 'in';
  return inInches ? inchToMm(value) : value;
}
