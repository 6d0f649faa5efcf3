import { useMemo } from 'react';
import { useRings } from '@/store/use-rings';
import type { Fetch } from '@/ui/Waiting';
import { benchRing, type BenchRing } from './bench-model';

/** The rings in work, the one touched last first. */
export function useRingsInWork(): Fetch<readonly BenchRing[]> {
  const { data, isError, refetch } = useRings();
  const rings = useMemo(
    () =>
      data
        ?.filter(({ status }) => status === 'in-work')
        .sort((a, b) => lastTouched(b).localeCompare(lastTouched(a)))
        .map(benchRing),
    [data],
  );
  return { data: rings, isError, refetch };
}

function lastTouched({ events, createdAt }: Parameters<typeof benchRing>[0]): string {
  return events.at(-1)?.at ?? createdAt;
}
