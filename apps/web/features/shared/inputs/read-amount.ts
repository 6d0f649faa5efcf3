import { parseDecimal } from '@round-mint/core/format';

/** A typed amount of money; undefined for what is none. */
export function readAmount(text: string): number | undefined {
  const amount = parseDecimal(text);
  return Number.isFinite(amount) && amount >= 0 ? amount : undefined;
}

export const AMOUNT_PROBLEM = 'must be an amount such as 84';
