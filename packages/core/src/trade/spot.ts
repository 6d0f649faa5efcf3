import { metalById, type MetalId } from '../metal';
import { normalDeviate, seededRandom } from '../uncertainty';
import { SPOT_METALS } from './codes';

export type SpotMetal = (typeof SPOT_METALS)[number];

/** Price of a gram of the pure metal, in the workshop's money. */
export type SpotPrices = Readonly<Record<SpotMetal, number>>;

/** The precious metal that an alloy is bought and sold by; undefined for base metal. */
export function spotMetalOf(metal: MetalId): SpotMetal | undefined {
  return metalById(metal).fineness > 0 ? SPOT_METALS.find((one) => metal.startsWith(one)) : undefined;
}

/** What a gram of an alloy is worth: fineness × price of the pure metal. */
export function worthPerG(metal: MetalId, spot: SpotPrices): number {
  const precious = spotMetalOf(metal);
  return precious ? metalById(metal).fineness * spot[precious] : 0;
}

/** The simulated feed: a price, how much it moves in a day, and how fast it is drawn back. Invented figures. */
const FEED: Readonly<
  Record<SpotMetal, { readonly usual: number; readonly daily: number; readonly seed: number }>
> = {
  silver: { usual: 0.95, daily: 0.016, seed: 4701 },
  gold: { usual: 74, daily: 0.009, seed: 7902 },
  platinum: { usual: 31, daily: 0.012, seed: 7803 },
};
const DRAWN_BACK = 0.02;
/** The feed begins on 1 January 2025, as days since 1 January 1970. */
const FIRST_DAY = 20089;

export interface SpotDay {
  /** Days since 1 January 1970. */
  readonly day: number;
  readonly perG: number;
}

/**
 * Daily prices of the simulated feed: a walk that is drawn back to its usual price, the same for every reader.
 * @param to last day, as days since 1 January 1970
 * @returns one price a day, oldest first; days before the feed began are left out
 */
export function simulatedSpot(metal: SpotMetal, from: number, to: number): readonly SpotDay[] {
  const { usual, daily, seed } = FEED[metal];
  const random = seededRandom(seed);
  const days: SpotDay[] = [];
  let away = 0;
  for (let day = FIRST_DAY; day <= to; day++) {
    away = away * (1 - DRAWN_BACK) + daily * normalDeviate(random);
    if (day >= from) days.push({ day, perG: usual * Math.exp(away) });
  }
  return days;
}

/** Prices of a day: what the maker typed, else what the feed says. */
export function spotPrices(
  day: number,
  typed: { readonly [Metal in SpotMetal]?: number | undefined } = {},
): SpotPrices {
  const fed = (metal: SpotMetal) => simulatedSpot(metal, day, day)[0]?.perG ?? FEED[metal].usual;
  return {
    silver: typed.silver ?? fed('silver'),
    gold: typed.gold ?? fed('gold'),
    platinum: typed.platinum ?? fed('platinum'),
  };
}
