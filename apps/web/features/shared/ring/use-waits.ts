import { runningWaits, type SharedWait, type StepWait } from '@round-mint/core/steps';
import { useMemo } from 'react';
import { benchRing } from './bench-model';
import { newId } from '@/store/new-id';
import { useLogEvents } from '@/store/use-log-events';
import { useRings } from '@/store/use-rings';
import { readyBell } from './ring-bell';

/** Everything that is being waited for, over all rings. */
export function useRunningWaits(): readonly SharedWait[] {
  const { data } = useRings();
  return useMemo(
    () =>
      runningWaits(
        (data ?? [])
          // A ring without any wait needs no clock.
          .filter(({ events }) => events.some(({ body }) => body.kind === 'wait-started'))
          .map((ring) => ({ id: ring.id, name: ring.name, state: benchRing(ring).state })),
      ),
    [data],
  );
}

/** Starting and ending waits, for one ring or several. */
export function useWaitLog() {
  const log = useLogEvents();
  return {
    start: ({ what, shortSec, longSec }: StepWait, ringIds: readonly string[], shared?: SharedWait) => {
      readyBell();
      const waitId = shared?.waitId ?? newId();
      log(
        ...ringIds.map((ringId) => ({
          ringId,
          body: { kind: 'wait-started', waitId, what, shortSec, longSec } as const,
        })),
      );
    },
    end: (waitId: string, ringIds: readonly string[]) => {
      log(...ringIds.map((ringId) => ({ ringId, body: { kind: 'wait-ended', waitId } as const })));
    },
  };
}
