import { percentWords } from '@round-mint/core/format';
import type { OrderInList } from '@round-mint/contract/orders';
import type { StoredSizer } from '@round-mint/contract/sizers';
import { compareSizers, type SizerSchools, type SizerSums } from '@round-mint/core/trade';

/** What the maker's own sizers tell; an order that names one came of it. */
export function schoolsOf(
  sizers: readonly StoredSizer[],
  orders: readonly Pick<OrderInList, 'sizerId'>[],
  marginPerOrder: number,
  resizeCost: number,
): SizerSchools {
  const ordered = new Set(orders.map(({ sizerId }) => sizerId));
  return compareSizers(
    sizers.map(({ id, cost, paid, coupon, couponUsed, guarantee }) => ({
      ...{ cost, paid, coupon, couponUsed, guarantee },
      ordered: ordered.has(id),
    })),
    marginPerOrder,
    resizeCost,
  );
}

/** "3 of 6 (19–81 %)" */
export function conversionWords({ sent, orders, low, high }: SizerSums): string {
  return sent === 0 ? 'none sent' : `${orders} of ${sent} (${Math.round(low * 100)}–${percentWords(high)})`;
}

export function verdictWords(
  { better, free, paid }: SizerSchools,
  money: (amount: number) => string,
): string {
  const differ = money(Math.abs(free.netEach - paid.netEach));
  switch (better) {
    case 'free':
      return `By your figures, giving them away brings ${differ} more for each.`;
    case 'paid':
      return `By your figures, selling them with a coupon brings ${differ} more for each.`;
    case 'too-few':
      return 'Too few of one method to say which is better for you.';
  }
}

/** "A free sizer pays for itself when 13 % of them lead to an order; paid ones …" */
export function breakEvenWords({ breakEvenFree, breakEvenPaid }: SizerSchools): string {
  const free = `A free sizer pays for itself when ${percentWords(breakEvenFree)} of them lead to an order`;
  if (breakEvenPaid === undefined) return `${free}.`;
  return breakEvenPaid === 0
    ? `${free}; paid ones do better than your free ones even when none leads to an order.`
    : `${free}; paid ones do as well as your free ones from ${percentWords(breakEvenPaid)} on.`;
}
