import type { Finish } from '@round-mint/core/steps';
import type { ShownHandle } from './handle-scene';
import type { ShownRing } from './ring-scene';

/** A ring of a coin to be shown, and the finish it is to have. */
export interface PicturedCoinRing {
  readonly kind: 'coin';
  readonly ring: ShownRing;
  readonly finish: Finish;
}

/** A ring to be shown. */
export type PicturedRing = PicturedCoinRing | { readonly kind: 'handle'; readonly handle: ShownHandle };
