import type { MetalId } from '../metal';
import type { COIN_FORMS } from './codes';

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
