import { useAppSelector } from '@/store/store';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { leavesWords, TakeToBench } from '@/features/plan/answer/TakeToBench';
import type { PlanToTake } from '@/features/plan/answer/use-take-to-bench';

const CAUTION = {
  title: 'A punched coin cannot be un-punched.',
  text: 'Altering coins is restricted or forbidden in some countries, current coin above all: check local law. Never pass an altered coin.',
};

/** A coin ring's main action. */
export function TakeCoinToBench({ model }: { model: PlanModel }) {
  const { wall, curl, finish, school } = useAppSelector((state) => state.planDraft);
  const { piece, holeMm, targetMm, plan } = model;
  const ready: PlanToTake | undefined =
    piece && holeMm !== undefined && targetMm !== undefined && plan?.feasible
      ? {
          kind: 'coin',
          stockId: piece.id,
          holeMm,
          targetInsideDiameterMm: targetMm,
          wall,
          curlDeg: null,
          ...(wall === 'rounded' ? { curl } : {}),
          finish,
          school,
        }
      : undefined;
  return (
    <TakeToBench
      piece={piece}
      plan={ready}
      leaves={leavesWords(piece)}
      limits={plan?.reasons.filter(({ limit }) => limit !== undefined)}
      caution={CAUTION}
    />
  );
}
