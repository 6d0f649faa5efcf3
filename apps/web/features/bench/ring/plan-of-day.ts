import { inPlanOrder } from '@round-mint/core/bench';
import type { DayPlan } from '@round-mint/contract/day-plan';
import { wallMinutes } from '@/features/shared/words/wall-clock';
import type { BenchRing } from '@/features/shared/ring/bench-model';

type Plan = NonNullable<DayPlan['plan']>;
type PlannedBlock = Plan['blocks'][number];

/** What the plan of the day says of a ring's step at hand; undefined where it says nothing. */
export function plannedFor(
  plan: DayPlan['plan'] | undefined,
  { ring, state }: BenchRing,
): PlannedBlock | undefined {
  return plan?.blocks.find(({ jobId, step }) => jobId === ring.id && step === state.step);
}

/** Rings in the order of the plan; those it says nothing of stay behind, as they were. */
export function byPlan(plan: DayPlan['plan'] | undefined, rings: readonly BenchRing[]): readonly BenchRing[] {
  return inPlanOrder(plan?.blocks ?? [], rings, ({ ring, state }) => ({ id: ring.id, step: state.step }));
}

/**
 * How far the bench is behind the plan, minutes: by the step that was done last, or by the next one that should have
 * begun. Below nothing it is ahead.
 */
export function behindMin(
  plan: DayPlan['plan'] | undefined,
  rings: readonly BenchRing[],
  now: Date,
): number | undefined {
  if (!plan) return undefined;
  const done = rings.flatMap(({ ring }) =>
    ring.events.flatMap(({ at, body }) => {
      if ((body.kind !== 'step-done' && body.kind !== 'anneal-done') || at < plan.madeAt) return [];
      const block = plan.blocks.find(({ jobId, step }) => jobId === ring.id && step === body.step);
      return block ? [{ at, byMin: wallMinutes(new Date(at)) - block.handsEndMin }] : [];
    }),
  );
  const last = done.sort((a, b) => a.at.localeCompare(b.at)).at(-1)?.byMin;
  const [next] = byPlan(plan, rings);
  const due = next && plannedFor(plan, next);
  const waiting = due ? wallMinutes(now) - due.handsEndMin : undefined;
  if (last === undefined) return waiting === undefined ? undefined : Math.max(0, waiting);
  return Math.max(last, waiting ?? last);
}
