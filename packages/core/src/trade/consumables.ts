import { goldLining } from '../finishing';
import type { RouteStep } from '../steps';
import { CONSUMABLE_IDS } from './codes';

export type ConsumableId = (typeof CONSUMABLE_IDS)[number];

/** The band that is worked on, for what depends on its size. */
export interface UsedOn {
  readonly insideDiameterMm: number;
  readonly axialHeightMm: number;
}

type UsingStep = Pick<RouteStep, 'kind' | 'title' | 'tape'>;
type Use = (step: UsingStep, band: UsedOn) => Partial<Record<ConsumableId, number>>;

/** A flash of gold against the skin, µm; the charge decides the mass, not the current. */
const USUAL_LINING_UM = 0.4;

const greased: Use = ({ tape }) => ({ wax: 0.5, ...(tape ? { tape: tape.lengthMm / 1000 } : {}) });

/** What a step uses up: amounts that a small workshop goes through (defaults, judgement; a count puts them right). */
const USES: Partial<Readonly<Record<RouteStep['kind'], Use>>> = {
  anneal: () => ({ gas: 8 }),
  solder: () => ({ gas: 15, solder: 12 }),
  fold: greased,
  reduce: greased,
  stepped: greased,
  straighten: greased,
  curl: greased,
  stretch: greased,
  'true-up': greased,
  deburr: () => ({ abrasive: 0.1 }),
  file: () => ({ abrasive: 0.1 }),
  sand: () => ({ abrasive: 0.5 }),
  pickle: () => ({ acid: 4 }),
  patina: () => ({ sulphur: 1, wool: 0.1 }),
  polish: ({ title }) => (/wool|satin/i.test(title) ? { wool: 0.3 } : { compound: 1 }),
  plate: (_step, { insideDiameterMm, axialHeightMm }) => {
    const lining = { insideDiameterMm, heightMm: axialHeightMm, thicknessUm: USUAL_LINING_UM, currentA: 1 };
    return { gold: goldLining(lining).goldMassG * 1000 };
  },
};

export type Amounts = Readonly<Partial<Record<ConsumableId, number>>>;

/** What some steps use up together. */
export function usedBy(steps: readonly UsingStep[], band: UsedOn): Amounts {
  const sum: Partial<Record<ConsumableId, number>> = {};
  for (const step of steps) {
    const used = USES[step.kind]?.(step, band) ?? {};
    for (const id of CONSUMABLE_IDS) {
      const amount = used[id];
      if (amount !== undefined) sum[id] = (sum[id] ?? 0) + amount;
    }
  }
  return sum;
}

/** A supply: what was counted, and how it is bought. */
export interface Supply {
  readonly id: ConsumableId;
  readonly countedAmount: number;
  /** ISO time of the count: use after it is taken off. */
  readonly countedAt: string;
  /** Buy when less than this is left. */
  readonly buyAtAmount: number;
  readonly packAmount: number;
  readonly packPrice: number;
}

export interface SupplyLeft {
  readonly usedAmount: number;
  /** Never below nothing: more was used than was counted. */
  readonly leftAmount: number;
  readonly buy: boolean;
  /** Packs that bring it over twice the mark. */
  readonly packs: number;
}

/** What is left on a supply after so much was used since it was counted. */
export function supplyLeft(supply: Supply, usedAmount: number): SupplyLeft {
  const leftAmount = Math.max(0, supply.countedAmount - usedAmount);
  const buy = leftAmount <= supply.buyAtAmount;
  const wanted = Math.max(supply.buyAtAmount * 2, supply.packAmount) - leftAmount;
  return { usedAmount, leftAmount, buy, packs: buy ? Math.max(1, Math.ceil(wanted / supply.packAmount)) : 0 };
}

/** What amounts cost by the price of their packs; what nobody bought yet costs nothing. */
export function amountsCost(amounts: Amounts, supplies: readonly Supply[]): number {
  return supplies.reduce(
    (sum, { id, packAmount, packPrice }) => sum + ((amounts[id] ?? 0) * packPrice) / packAmount,
    0,
  );
}
