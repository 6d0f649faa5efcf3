import { wallWishOf } from '@round-mint/contract/coin-ring';
import type { OrderInList } from '@round-mint/contract/orders';
import { useMemo } from 'react';
import { plannedPicture } from '@/features/shared/picture/planned-picture';
import type { PicturedRing } from '@/features/shared/picture/pictured-ring';
import { useBenchPicture } from '@/features/shared/picture/use-bench-picture';
import type { PaperPicture } from '@/features/shared/print/paper';
import { useGetPlanQuery, useListKitQuery } from '@/store/api';
import { useBenchTraits } from '@/store/use-bench-traits';
import { useRing } from '@/store/use-rings';
import { usePiece } from '@/store/use-stock';

/** The ring of a plan that is not begun yet; nothing for work of a kind that has no picture. */
function usePlannedPicture(planId: string | null): PicturedRing | undefined {
  const plan = useGetPlanQuery(planId ?? '', { skip: planId === null }).data;
  const piece = usePiece(plan?.stockId).data;
  const kit = useListKitQuery().data;
  const traits = useBenchTraits();
  return useMemo(() => {
    if (plan?.kind === 'handle' && piece?.kind === 'handle') {
      const { targetInsideDiameterMm, finish } = plan;
      return { kind: 'handle', handle: { piece, work: plan, targetInsideDiameterMm, finish } };
    }
    if (plan?.kind !== 'coin' || piece?.kind !== 'coin' || !kit) return undefined;
    const { holeMm, targetInsideDiameterMm, school, finish } = plan;
    const wish = { holeMm, targetInsideDiameterMm, wall: wallWishOf(plan), school };
    return plannedPicture(piece, wish, { kit, traits, finish });
  }, [plan, piece, kit, traits]);
}

/** The ring that an order comes to, as far as it is planned: along the bench's own steps once it is begun. */
export function useOrderPicture({ ringId, planId }: OrderInList): PicturedRing | undefined {
  const planned = usePlannedPicture(ringId === null ? planId : null);
  const ring = useRing(ringId ?? undefined).data;
  return useBenchPicture(ring) ?? planned;
}

/** A ring's pictures for a paper; none where there is no ring to be shown. */
export async function forPaper(pictured: PicturedRing | undefined): Promise<readonly PaperPicture[]> {
  if (!pictured) return [];
  // Pictures come in a file of their own, as what prints does.
  const { ringForPaper } = await import('@/features/shared/picture/for-paper');
  return ringForPaper(pictured);
}
