import type { RingWithEvents } from '@round-mint/contract/rings';
import { standingEvents } from '@round-mint/core/ring';
import type { RouteStep } from '@round-mint/core/steps';
import { stateOf } from './ring-store';

/** Before every step that was ever done. */
export const LONG_AGO = '1970-01-01T00:00:00.000Z';

function doneEvents(ring: RingWithEvents) {
  return standingEvents(ring.events).flatMap(({ at, body }) =>
    body.kind === 'step-done' || body.kind === 'anneal-done' ? { at, step: body.step } : [],
  );
}

/** When steps of a ring were done, in order. */
export function timesDone(ring: RingWithEvents): readonly string[] {
  return doneEvents(ring).map(({ at }) => at);
}

/** Steps of a ring that were done after a moment. */
export function stepsDone(ring: RingWithEvents, after = LONG_AGO): readonly RouteStep[] {
  const { steps } = stateOf(ring, ring.events);
  return doneEvents(ring)
    .filter(({ at }) => at > after)
    .flatMap(({ step }) =>
      // An anneal beside the route has no step of its own.
      step === undefined ? [{ kind: 'anneal', title: 'Anneal' } as RouteStep] : (steps[step] ?? []),
    );
}

/**
 * How often each tool of the kit was used for a ring: once for each step that was done with it.
 * @param renewedAt when a tool was replaced last: what was done before was done with another one
 */
export function toolPasses(
  ring: RingWithEvents,
  renewedAt: (toolId: string) => string | undefined = () => undefined,
): Readonly<Record<string, number>> {
  const { steps, toolsUsed } = stateOf(ring, ring.events);
  const passes: Record<string, number> = {};
  for (const { at, step } of doneEvents(ring)) {
    if (step === undefined) continue;
    const toolId = toolsUsed.get(step)?.toolId ?? steps[step]?.toolId;
    if (toolId === undefined || at <= (renewedAt(toolId) ?? '')) continue;
    passes[toolId] = (passes[toolId] ?? 0) + 1;
  }
  return passes;
}

/** The finished band, by which the use of consumables is worked out. */
export function bandOf({ prediction }: Pick<RingWithEvents, 'prediction'>) {
  const { targetInsideDiameterMm: insideDiameterMm, axialHeightMm } = prediction;
  return { insideDiameterMm, axialHeightMm };
}
