import { lastTouchedFirst } from '@round-mint/core/bench';
import { useMemo } from 'react';
import { useGetDayPlanQuery } from '@/store/trade-api';
import { useRings } from '@/store/use-rings';
import type { Fetch } from '@/ui/Waiting';
import { benchRing, type BenchRing } from '@/features/shared/ring/bench-model';
import { byPlan } from './plan-of-day';

/** The rings in work: in the order of the day plan where there is one, else the one touched last first. */
export function useRingsInWork(): Fetch<readonly BenchRing[]> {
  const { data, isError, refetch } = useRings();
  const plan = useGetDayPlanQuery().data?.plan;
  const rings = useMemo(() => {
    const inWork = data?.filter(({ status }) => status === 'in-work');
    return inWork && byPlan(plan, lastTouchedFirst(inWork).map(benchRing));
  }, [data, plan]);
  return { data: rings, isError, refetch };
}
