import { wallWishOf } from '@round-mint/contract/coin-ring';
import type { searchRequestSchema, searchResponseSchema } from '@round-mint/contract/search';
import { identify } from '@round-mint/core/identify';
import { searchStock } from '@round-mint/core/search';
import { SIZE_SYSTEMS } from '@round-mint/core/size';
import { isNull } from 'drizzle-orm';
import type { z } from 'zod';
import type { Database } from '../db/database';
import { stock } from '../db/schema';
import { inSlices } from './in-slices';
import { readKit } from './kit';
import { traitsFor } from './learnt';
import { stockItem } from './stored-rows';

type SearchRequest = z.output<typeof searchRequestSchema>;
type SearchResponse = z.output<typeof searchResponseSchema>;

/** What the drawer and the maker's punches can make of a wish. */
export async function computeSearch(db: Database, request: SearchRequest): Promise<SearchResponse> {
  const { stockIds, wall, curlDeg, curl, widthMm, learnt, ...wish } = request;
  const traits = await traitsFor(db, learnt);
  const rows = await db.select().from(stock).where(isNull(stock.archivedAt));
  const coins = rows.map(stockItem).filter((piece) => piece.kind === 'coin');
  // What a test has ruled out is not offered.
  const pieces = coins.filter(
    ({ id, evidence }) =>
      (!stockIds || stockIds.includes(id)) && (!evidence || identify(evidence).may.fold !== 'no'),
  );
  const kit = await readKit(db);
  const options = await inSlices(
    searchStock(pieces, kit, {
      ...wish,
      traits,
      widthMm: definedOnly(widthMm),
      wall: wallWishOf({ wall, curlDeg, curl }),
    }),
  );
  const toUs = SIZE_SYSTEMS.us.fromDiameterMm;
  return {
    options: options.map((option) => ({
      stockId: option.stockId,
      alike: option.alike,
      holeMm: option.holeMm,
      school: option.school,
      bandWidthMm: option.bandWidthMm,
      widthIntervalMm: [option.widthMm.low, option.widthMm.high],
      method: option.method,
      annealCount: option.annealCount,
      minutes: option.minutes,
      sizeIntervalUs: [toUs(option.sizeMm.low), toUs(option.sizeMm.high)],
      spoilt: option.lost,
      anotherPass: option.anotherPass,
      missingTools: option.missingTools.map(({ words }) => words),
      onFront: option.onFront,
      score: option.score,
      why: option.why,
    })),
  };
}

function definedOnly({ min, max, ideal }: SearchRequest['widthMm']) {
  return {
    ...(min === undefined ? {} : { min }),
    ...(max === undefined ? {} : { max }),
    ...(ideal === undefined ? {} : { ideal }),
  };
}
