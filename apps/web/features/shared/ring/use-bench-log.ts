import type { RingEventInput } from '@round-mint/contract/rings';
import type { NewRoute } from '@round-mint/core/replan';
import { useMemo } from 'react';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { refusedFiguresDropped, sendAgain } from '@/store/unsent-slice';
import { useLogEvents } from '@/store/use-log-events';

type EventBody = RingEventInput['body'];

/** Outlines need no more than a thousandth of a millimetre: a route travels lighter. */
function lighter<T>(value: T): T {
  return JSON.parse(
    JSON.stringify(value, (_key, part: unknown) =>
      typeof part === 'number' ? Math.round(part * 1e4) / 1e4 : part,
    ),
  ) as T;
}

/** Steps that take the place of those still to come; a size or a hole that changed with them. */
export type StepsToCome = Pick<NewRoute, 'fromStep' | 'steps'> & Partial<NewRoute>;

/** The event that puts a new route in place. */
function rerouteBody(because: string, route: StepsToCome, why: string): EventBody {
  const { fromStep, steps, targetInsideDiameterMm, holeMm } = route;
  return {
    kind: 'rerouted',
    because,
    fromStep,
    steps: lighter([...steps]),
    why,
    targetInsideDiameterMm,
    holeMm,
  };
}

/** The log of one ring at the bench. */
export function useBenchLog(ringId: string) {
  const dispatch = useAppDispatch();
  const problem = useAppSelector((state) => state.unsent.refused[ringId]);
  const logEvents = useLogEvents();
  return useMemo(() => {
    const log = (...bodies: EventBody[]) => logEvents(...bodies.map((body) => ({ ringId, body })));
    /** Goes on along a route that followed from what was found: the route is kept with the step. */
    const logAlong = (kept: RingEventInput, ...bodies: EventBody[]) =>
      logEvents(
        { ringId, id: kept.id, body: lighter(kept.body) },
        ...bodies.map((body) => ({ ringId, body })),
      ).slice(1);
    return {
      /** @returns the ids that the events were given */
      log,
      logAlong,
      /** A new route from what an event found. */
      reroute: (because: string, route: StepsToCome, why: string) => log(rerouteBody(because, route, why)),
      /** Other figures of a finished ring: those before stay in its history, but for ones that the server refused. */
      correct: (...bodies: EventBody[]) => {
        dispatch(refusedFiguresDropped(ringId));
        return log(...bodies);
      },
      /** Why the server would not have it; it is kept all the same. */
      problem,
      retry: () => {
        dispatch(sendAgain(ringId));
      },
    };
  }, [dispatch, logEvents, ringId, problem]);
}
export type BenchLog = ReturnType<typeof useBenchLog>;
