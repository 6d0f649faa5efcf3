import type { MetalPrices } from '@round-mint/contract/metal-prices';
import type { StoredScrap } from '@round-mint/contract/scrap';
import { scrapWorth, type SpotPrices } from '@round-mint/core/trade';

/** What lies in the tin: a button that was put away gives back what went into it. */
export function inTin(things: readonly StoredScrap[]): readonly StoredScrap[] {
  const here = new Set(things.map(({ id }) => id));
  return things.filter(({ meltedIntoId }) => meltedIntoId === null || !here.has(meltedIntoId));
}

export function spotOf({ items }: MetalPrices): SpotPrices {
  const of = (metal: keyof SpotPrices) => items.find((item) => item.metal === metal)?.perG ?? 0;
  return { silver: of('silver'), gold: of('gold'), platinum: of('platinum') };
}

/** The tin sorted by what it is worth: by metal, the most worth first. */
export interface ScrapHeap {
  readonly metal: StoredScrap['metal'];
  readonly massG: number;
  readonly worth: number;
  readonly things: readonly StoredScrap[];
}

export function heapsOf(things: readonly StoredScrap[], spot: SpotPrices): readonly ScrapHeap[] {
  const metals = [...new Set(things.map(({ metal }) => metal))];
  return metals
    .map((metal) => {
      const mine = things.filter((thing) => thing.metal === metal);
      return {
        metal,
        massG: mine.reduce((sum, { massG }) => sum + massG, 0),
        worth: mine.reduce((sum, thing) => sum + scrapWorth(thing, spot), 0),
        things: mine,
      };
    })
    .sort((a, b) => b.worth - a.worth || b.massG - a.massG);
}
