import type { RingEventInput, RingWithEvents } from '@round-mint/contract/rings';
import { RING_ID, ringOf } from '@/testing/demo-ring';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore, settle } from '@/testing/render';
import { benchRing } from '@/features/shared/ring/bench-model';
import { RingWork } from './RingWork';

/** Where a ring's events are sent. */
export const RING_EVENTS = `POST /rings/${RING_ID}/events`;

/** A ring at the bench with events that happened, before a server that answers. */
export async function renderRing(
  events: RingEventInput[],
  answers = {},
  change: Parameters<typeof ringOf>[1] = {},
) {
  return renderWork(ringOf(events, change), answers);
}

/** The same for a ring of any kind. */
export async function renderWork(ring: RingWithEvents, answers = {}) {
  const calls = fakeServer({ [RING_EVENTS]: () => ring, ...answers });
  const { store } = renderWithStore(<RingWork bench={benchRing(ring)} />);
  await settle();
  return {
    /** The bodies of all events that were sent. */
    sent: () =>
      calls
        .filter(({ path }) => path.endsWith('/events'))
        .flatMap(({ body }) => (body as { events: RingEventInput[] }).events.map((event) => event.body)),
    calls,
    store,
  };
}
