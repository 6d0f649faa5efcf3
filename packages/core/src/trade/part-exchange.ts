import { metalById, type MetalId } from '../metal';
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
  if (refusal) reasons.push({ code: 'metal-refused', message: `${name}: ${refusal}` });
  else if (!spotMetalOf(metal)) {
    const message = `${name} is worth too little as metal to pay for a ring.`;
    reasons.push({ code: 'base-metal', message });
  }
  if (!reachMm)
    reasons.push({ code: 'no-size', message: 'No ring can be made of such a piece with these punches.' });
  else if (target < reachMm.min || target > reachMm.max) {
    const end = target < reachMm.min ? 'smaller' : 'larger';
    reasons.push({
      code: 'out-of-reach',
      message: `The size asked for is ${end} than such a piece can become.`,
    });
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
