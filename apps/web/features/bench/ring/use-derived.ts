import {
  AS_PLANNED,
  PENDING,
  type BenchTools,
  type BenchWord,
  deriveRoute,
  findingOf,
  keptRoute,
  ringInWork,
  wordAlong,
} from '@round-mint/core/bench';
import { kitOrReference } from '@round-mint/core/kit';
import type { RingInWork } from '@round-mint/core/replan';
import { goesOn } from '@round-mint/core/ring';
import { runToEnd } from '@round-mint/core/uncertainty';
import { useMemo } from 'react';
import { benchAlong, type BenchRing } from '@/features/shared/ring/bench-model';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { useSettings } from '@/features/shared/settings/use-settings';
import { useListKitQuery } from '@/store/api';
import { useBenchTraits } from '@/store/use-bench-traits';
import { useDieCharts } from '@/store/use-die-charts';
import { useJob } from '@/workers/use-job';

/** What the bench plans on with; undefined while the kit is fetched. */
export function useBenchTools(): BenchTools | undefined {
  const kit = useListKitQuery().data;
  const dieCharts = useDieCharts();
  const traits = useBenchTraits();
  const { primarySystem: system } = useSettings();
  return useMemo(
    () => (kit ? { kit: kitOrReference(kit), dieCharts: dieCharts ?? [], traits, system } : undefined),
    [kit, dieCharts, traits, system],
  );
}

/** Everything that planning on from a coin ring needs, but for what was found; undefined while the kit is fetched. */
export function useRingInWork({ atBench, state }: BenchRing): RingInWork | undefined {
  const tools = useBenchTools();
  return useMemo(() => tools && ringInWork(atBench, state, tools), [tools, atBench, state]);
}

export interface Derived {
  /** The ring along the route that follows from what was found last. */
  readonly bench: BenchRing;
  readonly word: BenchWord;
  /** The log; going on along a derived route keeps it. */
  readonly log: BenchLog;
}

/** What the bench says of a ring now, derived on this device as on every other one. */
export function useDerived(stored: BenchRing, log: BenchLog): Derived {
  const { primarySystem: system } = useSettings();
  const tools = useBenchTools();
  const finding = useMemo(() => findingOf(stored.atBench, stored.stored), [stored]);
  const question = useMemo(
    () => (tools && finding && stored.coinRing ? { ring: stored.atBench, finding, tools } : undefined),
    [tools, finding, stored],
  );
  const { answer, fresh } = useJob('derive', question, 0);
  const derived = useMemo(() => {
    if (!finding) return AS_PLANNED;
    if (!tools) return PENDING;
    // Of a band it is a matter of a moment.
    if (!stored.coinRing) return runToEnd(deriveRoute(stored.atBench, stored.stored, finding, tools));
    return fresh && answer ? answer : PENDING;
  }, [finding, tools, stored, fresh, answer]);
  const bench = useMemo(() => benchAlong(stored, derived), [stored, derived]);
  const word = useMemo(
    () => wordAlong(stored.atBench, stored.stored, derived, { system, kit: tools?.kit ?? [] }),
    [stored, derived, system, tools],
  );
  const keeping = useMemo<BenchLog>(
    () => ({
      ...log,
      log: (...bodies) => {
        const body = bodies.find(goesOn);
        const act = body && { id: '', at: new Date().toISOString(), body };
        const kept = act && keptRoute(stored.ring.events, act, word);
        return kept ? log.logAlong(kept, ...bodies) : log.log(...bodies);
      },
    }),
    [log, stored.ring.events, word],
  );
  return { bench, word, log: keeping };
}
