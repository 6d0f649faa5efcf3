import { goesOn, standingEvents, type RingEvent } from '../ring';
import type { BenchWord } from './bench-word';

/** FNV-1a (Fowler, Noll and Vo 1991): enough to tell a handful of events of one ring apart. */
function hashHex(text: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
  return (hash >>> 0).toString(16).padStart(8, '0');
}

/** The same id on every device for the same route that followed from the same events. */
function keptId(because: string, lastId: string): string {
  return `${hashHex(`${because} ${lastId} kept`)}${because.slice(8)}`;
}

/**
 * The event that keeps a derived route, when the maker goes on along it: only what was acted on is stored.
 * @param events of the ring, before the act
 * @returns undefined where nothing has to be kept
 */
export function keptRoute(
  events: readonly RingEvent[],
  act: RingEvent,
  { derived, advice }: Pick<BenchWord, 'derived' | 'advice'>,
): RingEvent | undefined {
  if (derived.kind !== 'changed' || !goesOn(act.body)) return undefined;
  const { because, fromStep, steps, targetInsideDiameterMm, holeMm } = derived;
  const { body } = act;
  // Left as it was read, the step that was planned to put it right is not done.
  if (body.kind === 'step-done' && body.asRead && fromStep <= body.step) return undefined;
  const last = standingEvents(events).at(-1)?.id ?? because;
  return {
    id: keptId(because, last),
    at: act.at,
    body: {
      kind: 'rerouted',
      because,
      fromStep,
      steps,
      why: advice.message,
      derived: true,
      ...(targetInsideDiameterMm === undefined ? {} : { targetInsideDiameterMm }),
      ...(holeMm === undefined ? {} : { holeMm }),
    },
  };
}
