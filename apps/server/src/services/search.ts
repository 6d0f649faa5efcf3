import { wallWishOf } from '@round-mint/contract/coin-ring';
import type { searchRequestSchema, searchResponseSchema } from '@round-mint/contract/search';
import { SIZE_SYSTEMS } from '@round-mint/core/size';
import { rankWays, type Way } from '@round-mint/core/ways';
import type { z } from 'zod';
import type { Database } from '../db/database';
import { readDrawer } from './drawer';
import { inSlices } from './in-slices';
import { readKit } from './kit';
import { traitsFor } from './learnt';

type SearchRequest = z.output<typeof searchRequestSchema>;
type SearchResponse = z.output<typeof searchResponseSchema>;

/** What is said of every way to make it. */
function figuresOf(way: Way) {
  const toUs = SIZE_SYSTEMS.us.fromDiameterMm;
  return {
    stockId: way.stockId,
    alike: way.alike,
    bandWidthMm: way.bandWidthMm,
    widthIntervalMm: [way.widthMm.low, way.widthMm.high] as [number, number],
    annealCount: way.annealCount,
    minutes: way.minutes,
    sizeIntervalUs: [toUs(way.sizeMm.low), toUs(way.sizeMm.high)] as [number, number],
    spoilt: way.lost,
    anotherPass: way.anotherPass,
    missingTools: way.missingTools.map(({ words }) => words),
    onFront: way.onFront,
    score: way.score,
    why: way.why,
  };
}

/** What the drawer and the maker's tools can make of a wish. */
export async function computeSearch(db: Database, request: SearchRequest): Promise<SearchResponse> {
  const { stockIds, wall, curlDeg, curl, learnt, ...wish } = request;
  const traits = await traitsFor(db, learnt);
  const drawer = (await readDrawer(db)).filter(({ id }) => stockIds?.includes(id) ?? true);
  const kit = await readKit(db);
  const ways = await inSlices(
    rankWays(drawer, kit, {
      ...wish,
      traits,
      wall: wallWishOf({ wall, curlDeg, curl }),
      finish: 'polished',
    }),
  );
  return {
    options: ways.flatMap((way) =>
      way.kind === 'coin'
        ? [{ ...figuresOf(way), holeMm: way.holeMm, school: way.school, method: way.method }]
        : [],
    ),
    works: ways.flatMap((way) =>
      way.kind === 'coin'
        ? []
        : [
            {
              ...figuresOf(way),
              work: way.work,
              ...(way.other ? { otherStockId: way.other.piece.id } : {}),
            },
          ],
    ),
  };
}
