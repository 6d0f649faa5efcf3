import type { RingEventInput, RingWithEvents } from '@round-mint/contract/rings';
import { awaitsApproval, isHeld } from '@round-mint/core/trade';
import type { Database } from '../db/database';
import { HttpError } from '../http/errors';
import { approvalOf } from './orders';
import { stateOf } from './ring-store';

/**
 * What cannot be undone is not done before its customer has agreed; the rule itself is core's.
 * @throws HttpError 409 when one of the news does the step that waits for their word
 */
export async function checkApproval(
  tx: Database,
  ring: RingWithEvents,
  news: readonly RingEventInput[],
): Promise<void> {
  if (!news.some(({ body }) => body.kind === 'step-done')) return;
  const order = await approvalOf(tx, ring.id);
  if (!order || !awaitsApproval(order)) return;
  const known = new Set(ring.events.map(({ id }) => id));
  const events = [...ring.events];
  for (const event of news.filter(({ id }) => !known.has(id))) {
    if (event.body.kind === 'step-done') {
      const state = stateOf(ring, events);
      if (event.body.step === state.step && isHeld(order, state)) throw new HttpError('awaits-approval');
    }
    events.push(event);
  }
}
