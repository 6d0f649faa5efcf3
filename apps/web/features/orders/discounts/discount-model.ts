import { discountInputSchema, type DiscountInput, type StoredDiscount } from '@round-mint/contract/discounts';
import type { OrderInList } from '@round-mint/contract/orders';
import type { StoredSizer } from '@round-mint/contract/sizers';
import { parseDecimal } from '@round-mint/core/format';
import {
  discountRefusal,
  discountRefusalWords,
  isSameCode,
  lessDiscount,
  takesWords,
  type Discounted,
  type DiscountTakes,
  type GivenDiscount,
} from '@round-mint/core/trade';
import { dayWords } from '@/features/shared/words/wall-clock';
import { problemsOf } from '@/store/problem';

/** What stands in the boxes of a discount. */
export interface DiscountTexts {
  readonly code: string;
  readonly kind: DiscountTakes['kind'];
  readonly amount: string;
  readonly from: string;
  readonly until: string;
  readonly firstOrder: 'any' | 'first';
  readonly notes: string;
}

export function discountTexts(discount: StoredDiscount | undefined): DiscountTexts {
  const { takes = { kind: 'share', share: 0.1 } as const } = discount ?? {};
  return {
    code: discount?.code ?? '',
    kind: takes.kind,
    amount: String(takes.kind === 'share' ? Math.round(takes.share * 1000) / 10 : takes.amount),
    from: discount?.from ?? '',
    until: discount?.until ?? '',
    firstOrder: discount?.firstOrder ? 'first' : 'any',
    notes: discount?.notes ?? '',
  };
}

type Parsed =
  | { readonly ok: true; readonly discount: DiscountInput }
  | { readonly ok: false; readonly problems: Readonly<Record<string, string>> };

/** A discount as it was typed, or what would be accepted, by box. */
export function parseDiscount(texts: DiscountTexts, id: string): Parsed {
  const { code, kind, amount, from, until, firstOrder, notes } = texts;
  const value = parseDecimal(amount);
  const isShare = kind === 'share';
  const wrong = isShare
    ? value >= 1 && value <= 100
      ? {}
      : { amount: 'must be a percentage from 1 to 100' }
    : value >= 0.01
      ? {}
      : { amount: 'must be an amount such as 6' };
  const parsed = discountInputSchema.safeParse({
    ...{ id, code: code.trim().toUpperCase(), firstOrder: firstOrder === 'first', notes },
    ...{ from: from === '' ? null : from, until: until === '' ? null : until },
    takes: isShare ? { kind, share: value / 100 } : { kind, amount: value },
  });
  const { takes: _takes, ...problems } = parsed.success ? {} : problemsOf(parsed.error);
  const all = { ...problems, ...wrong };
  return parsed.success && Object.keys(all).length === 0
    ? { ok: true, discount: parsed.data }
    : { ok: false, problems: all };
}

/** "10%, until 4 Jan, first order" */
export function discountWords(
  { takes, from, until, firstOrder }: DiscountInput,
  money: (amount: number) => string,
  today: string,
): string {
  const over = until !== null && until < today;
  const days = [
    from !== null && from > today ? `from ${dayWords(from)}` : '',
    until === null ? '' : over ? `ended ${dayWords(until)}` : `until ${dayWords(until)}`,
  ];
  return [takesWords(takes, money), ...days, firstOrder ? 'first order' : ''].filter(Boolean).join(' · ');
}

/** What a code is asked against. */
export interface DiscountQuestion {
  readonly code: string;
  /** Take all of it off, below the floor, too. */
  readonly inFull: boolean;
  readonly price: number;
  /** Worth of the piece as metal. */
  readonly floor: number;
  readonly today: string;
  /** Who buys; undefined while nobody is named. */
  readonly personId: string | undefined;
  /** Their orders as far as they are known here, but for this one. */
  readonly otherOrders: readonly Pick<OrderInList, 'state'>[];
  /** The sizer that this order came of: its coupon may be used by it already. */
  readonly ownSizerId: string | null;
  readonly discounts: readonly StoredDiscount[];
  readonly sizers: readonly StoredSizer[];
}

export type DiscountAnswer =
  | { readonly kind: 'none' }
  | { readonly kind: 'refused'; readonly why: string }
  | {
      readonly kind: 'given';
      readonly takes: DiscountTakes;
      readonly less: Discounted;
      readonly given: GivenDiscount;
    };

/** Coupons of somebody's sizers that are still good, the latest first. */
function openCoupons(sizers: readonly StoredSizer[], personId: string | undefined): readonly StoredSizer[] {
  return sizers.filter((one) => one.personId === personId && one.coupon > 0 && !one.couponUsed);
}

/** A coupon without a code of its own is asked for by this one. */
const NO_CODE = 'COUPON';

export function couponCodeOf({ couponCode }: Pick<StoredSizer, 'couponCode'>): string {
  return couponCode.trim() === '' ? NO_CODE : couponCode;
}

function couponRefusal(sizer: StoredSizer, { personId, ownSizerId }: DiscountQuestion): string | undefined {
  if (sizer.personId !== personId)
    return personId === undefined
      ? 'This is the coupon of a sizer: say who buys it.'
      : 'This coupon went to somebody else.';
  return sizer.couponUsed && sizer.id !== ownSizerId ? 'This coupon is used.' : undefined;
}

/** What a code takes off a price, or why it does not. */
export function answerCode(question: DiscountQuestion): DiscountAnswer {
  const { code, price, floor, inFull, today, personId, otherOrders, discounts, sizers } = question;
  if (code.trim() === '') return { kind: 'none' };
  const give = (takes: DiscountTakes, given: Omit<GivenDiscount, 'off'>): DiscountAnswer => {
    const less = lessDiscount(price, takes, floor, inFull);
    return { kind: 'given', takes, less, given: { ...given, off: less.off } };
  };
  const discount = discounts.find((one) => isSameCode(one.code, code));
  if (discount) {
    const buyer = {
      isNamed: personId !== undefined,
      hasOrdered: otherOrders.some(({ state }) => state !== 'cancelled'),
    };
    const refusal = discountRefusal(discount, [today, today], buyer);
    return refusal
      ? { kind: 'refused', why: discountRefusalWords(refusal, discount, dayWords) }
      : give(discount.takes, { by: 'code', id: discount.id, code: discount.code });
  }
  const coupons = sizers.filter((one) => one.coupon > 0 && isSameCode(couponCodeOf(one), code));
  const sizer = coupons.find((one) => one.personId === personId) ?? coupons[0];
  if (!sizer) return { kind: 'refused', why: 'No discount and no sizer has this code.' };
  const why = couponRefusal(sizer, question);
  return why === undefined
    ? give({ kind: 'sum', amount: sizer.coupon }, { by: 'sizer', id: sizer.id, code: sizer.couponCode })
    : { kind: 'refused', why };
}

/** Codes that hold for somebody today: to be tapped instead of typed. */
export function codesToday(question: Omit<DiscountQuestion, 'code'>): readonly string[] {
  const codes = [
    ...openCoupons(question.sizers, question.personId).map(couponCodeOf),
    ...question.discounts.map(({ code }) => code),
  ];
  return [...new Set(codes)].filter((code) => answerCode({ ...question, code }).kind === 'given');
}
