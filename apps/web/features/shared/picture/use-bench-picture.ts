import type { RingWithEvents } from '@round-mint/contract/rings';
import type { Finish } from '@round-mint/core/steps';
import { useMemo } from 'react';
import { benchRing } from '@/features/shared/ring/bench-model';
import { useBenchTraits } from '@/store/use-bench-traits';
import { usePiece } from '@/store/use-stock';
import type { ShownRing } from './ring-scene';
import { shownRing } from './shown-ring';

/** A ring to be shown, and the finish it is to have. */
export interface PicturedRing {
  readonly ring: ShownRing;
  readonly finish: Finish;
}

/** A ring of the bench as its own steps leave it; nothing while its coin is not known, or for other work. */
export function useBenchPicture(ring: RingWithEvents | undefined): PicturedRing | undefined {
  const isCoin = ring?.kind === 'coin';
  const piece = usePiece(isCoin ? ring.stockId : undefined).data;
  const traits = useBenchTraits();
  return useMemo(() => {
    if (!ring || ring.kind !== 'coin' || piece?.kind !== 'coin') return undefined;
    const { steps } = benchRing(ring).state;
    const last = steps.at(-1);
    return last && { ring: shownRing(piece, last.outline, steps, traits), finish: ring.finish ?? 'polished' };
  }, [ring, piece, traits]);
}
