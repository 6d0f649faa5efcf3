import type { MetalId } from '../metal';

/** What keeps a flat piece from being a plain solid disc. */
export const COIN_FORMS = ['round', 'not-round', 'holed', 'ring-cored'] as const;
export type CoinForm = (typeof COIN_FORMS)[number];

/** A coin, medal or round as far as forming is concerned. At least one of thickness and mass is known. */
export interface Coin {
  readonly diameterMm: number;
  readonly rimThicknessMm?: number | undefined;
  readonly massG?: number | undefined;
  readonly metal: MetalId;
  /** Left out means round. */
  readonly form?: CoinForm | undefined;
}
