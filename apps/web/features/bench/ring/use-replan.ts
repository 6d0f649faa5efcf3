import { wallWishOf } from '@round-mint/contract/coin-ring';
import { kitOrReference } from '@round-mint/core/kit';
import type { NewRoute, Replan } from '@round-mint/core/replan';
import { standingEvents } from '@round-mint/core/ring';
import { replanBand } from '@round-mint/core/work';
import { useCallback, useMemo, useState } from 'react';
import { benchRing, type BenchRing } from '@/features/shared/ring/bench-model';
import type { BenchLog, StepsToCome } from '@/features/shared/ring/use-bench-log';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useListKitQuery } from '@/store/api';
import { useBenchTraits } from '@/store/use-bench-traits';
import { useDieCharts } from '@/store/use-die-charts';
import type { ReplanQuestion } from '@/workers/jobs';
import { startJob } from '@/workers/start-job';
import { useJob } from '@/workers/use-job';
import { replanWords } from './replan-words';

/** A hole that is off by less is the planned one, mm. */
const SAME_HOLE_MM = 0.05;

/** What asks for another route and has had no answer yet. */
interface Finding {
  readonly because: string;
  readonly kind: 'reading' | 'hole';
}

function unanswered({ ring, coinRing, state, advice }: BenchRing): Finding | undefined {
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

type RingInWork = ReplanQuestion['ring'];

/** What planning on takes from the workshop; undefined while it is fetched. */
function usePlanningTools(): Pick<RingInWork, 'kit' | 'dieCharts' | 'traits'> | undefined {
  const kit = useListKitQuery().data;
  const dieCharts = useDieCharts();
  const traits = useBenchTraits();
  return useMemo(
    () => (kit ? { kit: kitOrReference(kit), dieCharts: dieCharts ?? [], traits } : undefined),
    [kit, dieCharts, traits],
  );
}

function ringInWork(
  { coinRing: ring, state }: BenchRing,
  tools: ReturnType<typeof usePlanningTools>,
): RingInWork | undefined {
  if (!tools || !ring) return undefined;
  const { steps, step, spent, edges, stepReading, targetInsideDiameterMm, holeMm } = state;
  return {
    coin: ring.coin,
    wall: wallWishOf(ring),
    school: ring.school,
    mandrel: { mmPerUsSize: ring.mandrelMmPerUsSize },
    state: { steps, step, spent, edges, stepReading, targetInsideDiameterMm, holeMm },
    ...tools,
  };
}

/** Everything that planning on from a ring needs, but for what was found; undefined while the kit is fetched. */
export function useRingInWork(bench: BenchRing): RingInWork | undefined {
  const tools = usePlanningTools();
  return useMemo(() => ringInWork(bench, tools), [bench, tools]);
}

/** How a ring that is no coin's goes on after a reading that is off: found at once, without a worker. */
function bandRoute({ ring, state, step }: BenchRing): { route: StepsToCome; why: string } | undefined {
  const read = state.stepReading;
  if (!step || !read) return undefined;
  const band = replanBand({
    step,
    toCome: state.steps.slice(state.step + 1),
    read: read.leading,
    mandrel: { mmPerUsSize: ring.mandrelMmPerUsSize },
  });
  return band && { route: { fromStep: state.step + 1, steps: band.steps }, why: band.why };
}

export type OutOfReachAnswer = Extract<Replan, { kind: 'out-of-reach' }> & { readonly because: string };

/** A way on that was found for a reading nobody planned on from: read on another device, or the page closed since. */
export interface OpenReplan {
  readonly why: string;
  readonly take: () => void;
}

export interface Replanning {
  /** The log; what it takes down that is off the plan brings the rest of the route planned again with it. */
  readonly log: BenchLog;
  readonly working: boolean;
  readonly open?: OpenReplan | undefined;
  /** The size has come out of reach: then the maker decides. */
  readonly outOfReach?: OutOfReachAnswer | undefined;
}

/** What follows from what was found; while the maker's own act works it out, nothing is worked out beside it. */
function useAnswer(bench: BenchRing, tools: ReturnType<typeof usePlanningTools>, acting: boolean) {
  const asks = unanswered(bench);
  const ring = useMemo(() => ringInWork(bench, tools), [bench, tools]);
  const because = asks?.because;
  const kind = asks?.kind;
  const question = useMemo(
    () => (ring && kind !== undefined && !acting ? { ring, finding: { kind } } : undefined),
    [ring, kind, acting],
  );
  const { answer, fresh, progress } = useJob('replan', question, 0);
  return { because, answer: fresh ? answer : undefined, working: progress !== undefined };
}

/** Plans the rest again, in the same act, when a maker logs something that is off the plan. */
export function useReplan(bench: BenchRing, log: BenchLog): Replanning {
  const write = useWriters();
  const tools = usePlanningTools();
  const [acting, setActing] = useState(false);
  const { because, answer, working } = useAnswer(bench, tools, acting);

  const wordsOf = useCallback((route: NewRoute) => replanWords(route, write.size, write.length), [write]);
  const planOn = useCallback(
    async (after: BenchRing, { because: eventId, kind }: Finding) => {
      const band = after.coinRing ? undefined : bandRoute(after);
      if (band) log.reroute(eventId, band.route, band.why);
      const ring = ringInWork(after, tools);
      if (!ring) return;
      setActing(true);
      try {
        const found = await startJob('replan', { ring, finding: { kind } }, () => undefined).answer;
        if (found.kind === 'changed') log.reroute(eventId, found.route, wordsOf(found.route));
      } catch {
        // A worker that died leaves the reading open: the screen asks again and offers what it finds.
      } finally {
        setActing(false);
      }
    },
    [log, tools, wordsOf],
  );
  const planning = useMemo<BenchLog>(
    () => ({
      ...log,
      log: (...bodies) => {
        const ids = log.log(...bodies);
        const at = new Date().toISOString();
        const news = bodies.map((body, i) => ({ id: ids[i] ?? '', at, body }));
        const after = benchRing({ ...bench.ring, events: [...bench.ring.events, ...news] });
        const found = unanswered(after);
        if (found && ids.includes(found.because)) void planOn(after, found);
        return ids;
      },
    }),
    [bench.ring, log, planOn],
  );

  const open = useMemo(() => {
    if (acting || because === undefined) return undefined;
    const band = bench.coinRing ? undefined : bandRoute(bench);
    const found =
      band ?? (answer?.kind === 'changed' ? { route: answer.route, why: wordsOf(answer.route) } : undefined);
    return found && { why: found.why, take: () => void log.reroute(because, found.route, found.why) };
  }, [acting, because, bench, answer, wordsOf, log]);
  const outOfReach =
    answer?.kind === 'out-of-reach' && because !== undefined ? { ...answer, because } : undefined;
  return { log: planning, working: working || acting, open, outOfReach };
}
