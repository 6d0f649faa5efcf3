import type { RingWithEvents } from '@round-mint/contract/rings';
import { useMemo } from 'react';
import { benchRing } from '@/features/shared/ring/bench-model';
import { useBenchTraits } from '@/store/use-bench-traits';
import { usePiece } from '@/store/use-stock';
import type { PicturedRing } from './pictured-ring';
import { shownRing } from './shown-ring';

/** A ring of the bench as its own steps leave it; nothing while its piece is not known, or for work of other kinds. */
export function useBenchPicture(ring: RingWithEvents | undefined): PicturedRing | undefined {
  const hasPicture = ring?.kind === 'coin' || ring?.kind === 'handle';
  const piece = usePiece(hasPicture ? ring.stockId : undefined).data;
  const traits = useBenchTraits();
  return useMemo(() => {
    if (!ring || !piece) return undefined;
    const { state, targetMm } = benchRing(ring);
    const finish = ring.finish ?? 'polished';
    if (ring.kind === 'coin' && piece.kind === 'coin') {
      const last = state.steps.at(-1);
      return last && { kind: 'coin', ring: shownRing(piece, last.outline, state.steps, traits), finish };
    }
    if (ring.kind === 'handle' && ring.work.kind === 'handle' && piece.kind === 'handle') {
      return { kind: 'handle', handle: { piece, work: ring.work, targetInsideDiameterMm: targetMm, finish } };
    }
    return undefined;
  }, [ring, piece, traits]);
}
