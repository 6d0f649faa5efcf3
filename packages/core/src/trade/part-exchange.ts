import { metalById, type MetalId } from '../metal';
import { exchangeReason } from './exchange-words';
import { spotMetalOf } from './spot';

export interface ExchangeQuestion {
  readonly metal: MetalId;
  /** Alike pieces that the customer sends. */
  readonly pieces: number;
  /** What one of them is taken for. */
  readonly valueEach: number;
  /** Price of the ring when the customer's own piece is used. */
  readonly price: number;
  /** Sizes that such a piece can become, inside diameters in mm; undefined when none. */
  readonly reachMm: { readonly min: number; readonly max: number } | undefined;
  readonly targetInsideDiameterMm: number;
}

export interface ExchangeAnswer {
  readonly eligible: boolean;
  readonly reasons: readonly { readonly code: string; readonly message: string }[];
  /** Pieces that go into stock. */
  readonly kept: number;
  readonly credit: number;
  /** What is still to be paid; below nothing, what the customer gets back. */
  readonly balance: number;
  /** Pieces that would pay for the ring to the full, the one that becomes it among them. */
  readonly enough: number;
}

/**
 * Part exchange (craft §11): of n alike pieces one comes back as a ring, the others pay for it and go into stock at
 * their value. Metal and size decide at once whether it can be done.
 */
export function partExchange(question: ExchangeQuestion): ExchangeAnswer {
  const { metal, pieces, valueEach, price, reachMm, targetInsideDiameterMm: target } = question;
  const { name, refusal } = metalById(metal);
  const reasons: { code: string; message: string }[] = [];
  if (refusal) reasons.push(exchangeReason('metal-refused', { metal: name, why: refusal }));
  else if (!spotMetalOf(metal)) reasons.push(exchangeReason('base-metal', { metal: name }));
  if (!reachMm) reasons.push(exchangeReason('no-size'));
  else if (target < reachMm.min || target > reachMm.max) {
    reasons.push(exchangeReason('out-of-reach', { isSmaller: target < reachMm.min }));
  }
  const kept = Math.max(0, pieces - 1);
  const credit = kept * valueEach;
  return {
    eligible: reasons.length === 0,
    reasons,
    kept,
    credit,
    balance: price - credit,
    enough: valueEach > 0 ? Math.ceil(price / valueEach) + 1 : Infinity,
  };
}
