import { AS_PLANNED, type Finding, findingOf } from '@round-mint/core/bench';
import { useMemo } from 'react';
import { benchAlong, type BenchRing } from '@/features/shared/ring/bench-model';
import { useJob } from '@/workers/use-job';
import { useBenchTools } from './use-derived';

/** Rings in a list, each along the route that follows from what was found last; as they were kept until it is known. */
export function useDerivedRings(rings: readonly BenchRing[]): readonly BenchRing[] {
  const tools = useBenchTools();
  const found = useMemo(
    () =>
      rings.flatMap((bench): readonly { bench: BenchRing; finding: Finding }[] => {
        const finding = findingOf(bench.atBench, bench.stored);
        return finding ? [{ bench, finding }] : [];
      }),
    [rings],
  );
  const questions = useMemo(
    () =>
      tools && found.length > 0
        ? found.map(({ bench, finding }) => ({ ring: bench.atBench, finding, tools }))
        : undefined,
    [tools, found],
  );
  const { answer, fresh } = useJob('deriveAll', questions, 0);
  return useMemo(
    () =>
      rings.map((bench) => {
        const place = found.findIndex((one) => one.bench === bench);
        const derived = (fresh ? answer?.[place] : undefined) ?? AS_PLANNED;
        return derived.kind === 'changed' ? benchAlong(bench, derived) : bench;
      }),
    [rings, found, answer, fresh],
  );
}
