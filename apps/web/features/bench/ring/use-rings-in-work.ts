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
    const inWork = data
      ?.filter(({ status }) => status === 'in-work')
      .sort((a, b) => lastTouched(b).localeCompare(lastTouched(a)))
      .map(benchRing);
    return inWork && byPlan(plan, inWork);
  }, [data, plan]);
  return { data: rings, isError, refetch };
}

function lastTouched({ events, createdAt }: Parameters<typeof benchRing>[0]): string {
  return events.at(-1)?.at ?? createdAt;
}
