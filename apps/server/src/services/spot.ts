import type { MetalPrices } from '@round-mint/contract/metal-prices';
import { simulatedSpot, SPOT_METALS, spotPrices, type SpotPrices } from '@round-mint/core/trade';
import type { Database } from '../db/database';
import { readSettings } from './settings';

const DAY_MS = 86_400_000;
/** As far back as the chart looks. */
const SHOWN_DAYS = 90;

const dayText = (day: number) => new Date(day * DAY_MS).toISOString().slice(0, 10);
const today = () => Math.floor(Date.now() / DAY_MS);

/** What pure metal costs today: as the maker typed it, else as the simulated feed has it. */
export async function spotToday(db: Database): Promise<SpotPrices> {
  return spotPrices(today(), (await readSettings(db)).spotTyped);
}

export async function metalPrices(db: Database): Promise<MetalPrices> {
  const { spotTyped } = await readSettings(db);
  const day = today();
  const prices = spotPrices(day, spotTyped);
  return {
    day: dayText(day),
    items: SPOT_METALS.map((metal) => ({
      metal,
      perG: prices[metal],
      source: spotTyped[metal] === undefined ? 'feed' : 'typed',
      days: simulatedSpot(metal, day - SHOWN_DAYS + 1, day).map((one) => ({
        day: dayText(one.day),
        perG: one.perG,
      })),
    })),
  };
}
