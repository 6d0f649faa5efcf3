import { holdingEvents } from '@round-mint/core/events';
import { shelfProgress } from '@round-mint/core/trade';
import { randomUUID } from 'node:crypto';
import type { Database } from '../db/database';
import { appendShelfEvent, holdOnShelf } from './shelf-rows';

/** An order whose ring came from the shelf. */
interface SaleOrder {
  readonly id: string;
  readonly ringId: string | null;
}

/** Puts a ring back on the shelf whose sale came to nothing: its order was cancelled or archived. */
export async function takeBackSale(tx: Database, { id, ringId }: SaleOrder): Promise<void> {
  const ring = ringId === null ? undefined : await holdOnShelf(tx, ringId);
  const sold = ring && holdingEvents(ring.events).findLast(({ body }) => body.kind === 'sold');
  if (!ring || sold?.body.kind !== 'sold' || sold.body.orderId !== id) return;
  const body = { kind: 'undone', eventId: sold.id } as const;
  await appendShelfEvent(tx, ring, { id: randomUUID(), at: new Date().toISOString(), body });
}

/**
 * Sells a ring once more by an order that holds again.
 * @throws HttpError 409 where it has left the shelf otherwise meanwhile
 */
export async function sellAgain(tx: Database, { id, ringId }: SaleOrder): Promise<void> {
  const ring = ringId === null ? undefined : await holdOnShelf(tx, ringId);
  const before = ring?.events.findLast(({ body }) => body.kind === 'sold' && body.orderId === id);
  if (!ring || !before || shelfProgress(ring.events).sale?.orderId === id) return;
  await appendShelfEvent(tx, ring, { ...before, id: randomUUID(), at: new Date().toISOString() });
}
