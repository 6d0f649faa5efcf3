import { useMemo } from 'react';
import { useListRingsQuery } from '@/store/api';
import { benchRing, type BenchRing } from './bench-model';

/** The rings in work, the one touched last first. */
export function useRingsInWork() {
  const { data, isError, refetch } = useListRingsQuery();
  const rings = useMemo(
    () =>
      data
        ?.filter(({ status }) => status === 'in-work')
        .sort((a, b) => lastTouched(b).localeCompare(lastTouched(a)))
        .map(benchRing),
    [data],
  );
  return { rings, failed: isError && !data, retry: () => void refetch() };
}

function lastTouched({ events, createdAt }: Parameters<typeof benchRing>[0]): string {
  return events.at(-1)?.at ?? createdAt;
}

export function findRing(
  rings: readonly BenchRing[] | undefined,
  id: string | undefined,
): BenchRing | undefined {
  return rings?.find(({ ring }) => ring.id === id);
}
