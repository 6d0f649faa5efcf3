import type { MetalPrices } from '@round-mint/contract/metal-prices';
import type { StoredScrap } from '@round-mint/contract/scrap';
import { metalById } from '@round-mint/core/metal';
import { scrapWorth, spotMetalOf, type SpotPrices } from '@round-mint/core/trade';

/** What lies in the tin: a button that was archived gives back what went into it. */
export function inTin(things: readonly StoredScrap[]): readonly StoredScrap[] {
  const here = new Set(things.map(({ id }) => id));
  return things.filter(({ meltedIntoId }) => meltedIntoId === null || !here.has(meltedIntoId));
}

export function spotOf({ items }: MetalPrices): SpotPrices {
  const of = (metal: keyof SpotPrices) => items.find((item) => item.metal === metal)?.perG ?? 0;
  return { silver: of('silver'), gold: of('gold'), platinum: of('platinum') };
}

/** A mass as it is known: to a hundredth by the scale, to two figures by the plan. */
export function massWords({ source, massG }: Pick<StoredScrap, 'source' | 'massG'>): string {
  return source === 'scale' ? `${massG.toFixed(2)} g` : `≈ ${Number(massG.toPrecision(2))} g`;
}

/** Things of one kind of metal; what was melted together lies apart, since its fineness is its own. */
export interface ScrapHeap {
  readonly name: string;
  readonly massG: number;
  readonly worth: number;
  readonly things: readonly StoredScrap[];
}

function heapName({ kind, metal }: StoredScrap): string {
  return kind === 'button' ? `${spotMetalOf(metal) ?? 'base metal'}, melted` : metalById(metal).name;
}

/** The tin sorted by what it is worth, the most worth first. */
export function heapsOf(things: readonly StoredScrap[], spot: SpotPrices): readonly ScrapHeap[] {
  const names = [...new Set(things.map(heapName))];
  return names
    .map((name) => {
      const mine = things.filter((thing) => heapName(thing) === name);
      return {
        name,
        massG: mine.reduce((sum, { massG }) => sum + massG, 0),
        worth: mine.reduce((sum, thing) => sum + scrapWorth(thing, spot), 0),
        things: mine,
      };
    })
    .sort((a, b) => b.worth - a.worth || b.massG - a.massG);
}
