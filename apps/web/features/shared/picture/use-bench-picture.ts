import type { RingWithEvents } from '@round-mint/contract/rings';
import type { StockItem } from '@round-mint/contract/stock';
import type { BenchTraits } from '@round-mint/core/steps';
import { useMemo } from 'react';
import { benchRing } from '@/features/shared/ring/bench-model';
import { useBenchTraits } from '@/store/use-bench-traits';
import { usePiece } from '@/store/use-stock';
import type { PicturedRing } from './pictured-ring';
import { shownRing } from './shown-ring';

/** A ring as its own steps leave it; nothing for work that has no picture. */
export function benchPicture(
  ring: RingWithEvents,
  piece: StockItem,
  traits: BenchTraits,
): PicturedRing | undefined {
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
}

/** A ring of the bench, see {@link benchPicture}; nothing while its piece is not known. */
export function useBenchPicture(ring: RingWithEvents | undefined): PicturedRing | undefined {
  const hasPicture = ring?.kind === 'coin' || ring?.kind === 'handle';
  const piece = usePiece(hasPicture ? ring.stockId : undefined).data;
  const traits = useBenchTraits();
  return useMemo(
    () => (ring && piece ? benchPicture(ring, piece, traits) : undefined),
    [ring, piece, traits],
  );
}
