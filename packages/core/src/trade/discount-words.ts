import { typedPercent } from '../format';
import type { Discount, DiscountRefusal, DiscountTakes } from './discount';

/** @param day writes a day such as "2026-12-04" */
export function discountRefusalWords(
  refusal: DiscountRefusal,
  { code, from, until }: Discount,
  day: (iso: string) => string,
): string {
  switch (refusal) {
    case 'not-yet':
      return `${code} holds from ${day(from ?? '')} on.`;
    case 'over':
      return `${code} ended on ${day(until ?? '')}.`;
    case 'not-first':
      return `${code} is for a first order, and this is not their first.`;
    case 'nobody':
      return `${code} is for a first order: say who buys it.`;
  }
}

/** "10%", "8.00 cr". @param money writes an amount in the workshop's currency */
export function takesWords(takes: DiscountTakes, money: (amount: number) => string): string {
  return takes.kind === 'share' ? typedPercent(takes.share) : money(takes.amount);
}
