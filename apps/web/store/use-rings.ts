import type { RingEventInput, RingWithEvents } from '@round-mint/contract/rings';
import { standingEvents } from '@round-mint/core/ring';
import { useMemo } from 'react';
import type { Fetch } from '@/ui/Waiting';
import { useGetRingQuery, useListRingsQuery } from './api';
import { useAppSelector } from './store';
import type { UnsentEvent } from './unsent-slice';

function withUnsent(ring: RingWithEvents, queue: readonly UnsentEvent[]): RingWithEvents {
  const known = new Set(ring.events.map(({ id }) => id));
  const more = queue.filter(({ ringId, event }) => ringId === ring.id && !known.has(event.id));
  if (more.length === 0) return ring;
  // What another device told meanwhile stands where its clock says; of one moment, as they stand.
  const events: RingEventInput[] = [...ring.events, ...more.map(({ event }) => event)].toSorted((a, b) =>
    a.at.localeCompare(b.at),
  );
  const kinds = standingEvents(events).map(({ body }) => body.kind);
  const status = kinds.includes('spoilt') ? 'spoilt' : kinds.includes('finished') ? 'finished' : 'in-work';
  return { ...ring, events, status };
}

/** One ring, wherever it is, as the maker knows it; none where none is asked for. */
export function useRing(id: string | undefined): Fetch<RingWithEvents> {
  const { data, isError, refetch } = useGetRingQuery(id ?? '', { skip: id === undefined });
  // While the server is away, a ring in work is known from the bench's list.
  const listed = useListRingsQuery().data?.find((ring) => ring.id === id);
  const known = id === undefined ? undefined : (data ?? listed);
  const queue = useAppSelector((state) => state.unsent.queue);
  const ring = useMemo(() => known && withUnsent(known, queue), [known, queue]);
  return { data: ring, isError, refetch };
}

/** Every ring in work as the maker knows it: with what happened at the bench and the server has not heard yet. */
export function useRings(): Fetch<readonly RingWithEvents[]> {
  const { data, isError, refetch } = useListRingsQuery();
  const queue = useAppSelector((state) => state.unsent.queue);
  const rings = useMemo(() => data?.map((ring) => withUnsent(ring, queue)), [data, queue]);
  return { data: rings, isError, refetch };
}
