import { kitOrReference } from '@round-mint/core/kit';
import type { Replan } from '@round-mint/core/replan';
import { standingEvents } from '@round-mint/core/ring';
import { replanBand, type BandReplan } from '@round-mint/core/work';
import { useEffect, useMemo, useRef } from 'react';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useListKitQuery } from '@/store/api';
import { useBenchTraits } from '@/store/use-bench-traits';
import { useDieCharts } from '@/store/use-die-charts';
import type { ReplanQuestion } from '@/workers/jobs';
import { useJob } from '@/workers/use-job';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import { replanWords } from './replan-words';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';

/** A hole that is off by less is the planned one, mm. */
const SAME_HOLE_MM = 0.05;

/** What asks for another route and has had no answer yet. */
function unanswered({
  ring,
  coinRing,
  state,
  advice,
}: BenchRing): { because: string; kind: 'reading' | 'hole' } | undefined {
  const answered = (because: string) => state.reroutes.some((reroute) => reroute.because === because);
  const read = state.stepReading;
  if (read && advice && advice.length > 0 && !answered(read.eventId)) {
    return { because: read.eventId, kind: 'reading' };
  }
  if (!coinRing) return undefined;
  const measured = standingEvents(ring.events).findLast(({ body }) => body.kind === 'hole-measured');
  if (measured?.body.kind !== 'hole-measured' || answered(measured.id)) return undefined;
  if (Math.abs(measured.body.diameterMm - coinRing.holeMm) < SAME_HOLE_MM) return undefined;
  const folded = state.steps.findIndex(({ kind }) => kind === 'fold');
  return state.step <= folded ? { because: measured.id, kind: 'hole' } : undefined;
}

/** Everything that planning on from a ring needs, but for what was found; undefined while the kit is fetched. */
export function useRingInWork(bench: BenchRing): ReplanQuestion['ring'] | undefined {
  const kit = useListKitQuery().data;
  const dieCharts = useDieCharts();
  const traits = useBenchTraits();
  const { coinRing: ring, state } = bench;
  return useMemo(() => {
    if (!kit || !ring) return undefined;
    const { steps, step, spent, edges, stepReading, targetInsideDiameterMm, holeMm } = state;
    return {
      coin: ring.coin,
      wall: { kind: ring.wall, curlDeg: ring.curlDeg ?? undefined },
      school: ring.school,
      mandrel: { mmPerUsSize: ring.mandrelMmPerUsSize },
      state: { steps, step, spent, edges, stepReading, targetInsideDiameterMm, holeMm },
      kit: kitOrReference(kit),
      dieCharts: dieCharts ?? [],
      traits,
    };
  }, [ring, state, kit, dieCharts, traits]);
}

/** How a ring that is no coin's goes on after a reading that is off: found at once, without a worker. */
function bandReplan(
  { ring, coinRing, state, step }: BenchRing,
  because: string | undefined,
): BandReplan | undefined {
  const read = state.stepReading;
  if (coinRing || !step || !read || because === undefined) return undefined;
  return replanBand({
    step,
    toCome: state.steps.slice(state.step + 1),
    read: read.leading,
    mandrel: { mmPerUsSize: ring.mandrelMmPerUsSize },
  });
}

export type OutOfReachAnswer = Extract<Replan, { kind: 'out-of-reach' }> & { readonly because: string };

/**
 * Plans the rest again whenever something was found that is off the plan, and logs the new route with it.
 * @returns the answer when the size has come out of reach: then the maker decides
 */
export function useReplan(
  bench: BenchRing,
  log: BenchLog,
): { working: boolean; outOfReach?: OutOfReachAnswer } {
  const write = useWriters();
  const asks = unanswered(bench);
  const ring = useRingInWork(bench);
  const because = asks?.because;
  const kind = asks?.kind;
  const question = useMemo(
    () => (ring && kind !== undefined ? { ring, finding: { kind } } : undefined),
    [ring, kind],
  );
  const { answer, fresh, progress } = useJob('replan', question, 0);
  const logged = useRef<string>(undefined);
  useEffect(() => {
    if (!fresh || !answer || answer.kind !== 'changed' || because === undefined) return;
    if (logged.current === because) return;
    logged.current = because;
    const { route } = answer;
    log.reroute(because, route, replanWords(route, write.size, write.length));
  }, [answer, fresh, because, log, write]);
  const band = useMemo(() => bandReplan(bench, because), [bench, because]);
  useEffect(() => {
    if (!band || because === undefined || logged.current === because) return;
    logged.current = because;
    log.reroute(because, { fromStep: bench.state.step + 1, steps: band.steps }, band.why);
  }, [band, because, bench.state.step, log]);
  const out =
    fresh && answer?.kind === 'out-of-reach' && because !== undefined ? { ...answer, because } : undefined;
  return { working: progress !== undefined, ...(out ? { outOfReach: out } : {}) };
}
