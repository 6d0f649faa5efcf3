import { wallWishOf } from '@round-mint/contract/coin-ring';
import { useGetPlanQuery } from '@/store/api';
import { HandleThumb, RingThumb } from './RingThumb';

/** The ring that a plan was made for, small; nothing where its piece has no picture. */
export function PlanThumb({ planId }: { planId: string }) {
  const plan = useGetPlanQuery(planId).data;
  if (plan?.kind === 'coin') {
    const { stockId, holeMm, targetInsideDiameterMm, school, finish } = plan;
    const wish = { holeMm, targetInsideDiameterMm, school, wall: wallWishOf(plan) };
    return <RingThumb stockId={stockId} wish={wish} finish={finish} />;
  }
  if (plan?.kind !== 'handle') return null;
  const { stockId, targetInsideDiameterMm, finish } = plan;
  return (
    <HandleThumb
      stockId={stockId}
      work={plan}
      targetInsideDiameterMm={targetInsideDiameterMm}
      finish={finish}
    />
  );
}
