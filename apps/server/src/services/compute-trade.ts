import type { scheduleRequestSchema, scheduleResponseSchema } from '@round-mint/contract/day-plan';
import type { exchangeRequestSchema, exchangeResponseSchema } from '@round-mint/contract/shop';
import { DEFAULT_RULES, makeSchedule } from '@round-mint/core/schedule';
import { coinReach, partExchange, priceLineWords, priceRing, type PriceInput } from '@round-mint/core/trade';
import type { z } from 'zod';
import type { Database } from '../db/database';
import { inRange } from '../http/errors';
import { inSlices } from './in-slices';
import { readKit } from './kit';

export async function computeSchedule(
  request: z.output<typeof scheduleRequestSchema>,
): Promise<z.output<typeof scheduleResponseSchema>> {
  const { blocks, score, simple, tooLong } = await inSlices(
    makeSchedule({ ...request, rules: DEFAULT_RULES }),
  );
  return { blocks: [...blocks], score, simple: { score: simple.score }, tooLong: [...tooLong] };
}

/** A price of a workshop whose currency is not told: amounts are bare numbers. */
export function computePrice(input: PriceInput) {
  const price = inRange('marginShare', () => priceRing(input));
  const money = (amount: number) => amount.toFixed(2);
  return {
    ...price,
    lines: price.lines.map((line) => ({ ...line, ...priceLineWords(line.code, input, price, money) })),
  };
}

export async function computeExchange(
  db: Database,
  request: z.output<typeof exchangeRequestSchema>,
): Promise<z.output<typeof exchangeResponseSchema>> {
  const { diameterMm, rimThicknessMm, ...terms } = request;
  const coin = { diameterMm, rimThicknessMm, metal: terms.metal };
  const answer = partExchange({ ...terms, reachMm: coinReach(coin, await readKit(db)) });
  return {
    ...answer,
    reasons: [...answer.reasons],
    enough: Number.isFinite(answer.enough) ? answer.enough : null,
  };
}
