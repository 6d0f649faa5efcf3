import type { ShelfEventInput, StoredShelfRing } from '@round-mint/contract/shelf';
import { holdingEvents } from '@round-mint/core/events';
import { shelfProgress, shelfRefusal } from '@round-mint/core/trade';
import { and, eq, isNull, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { shelf } from '../db/schema';
import { HttpError, notFound } from '../http/errors';
import { shelfRow, storedShelfRing } from './stored-rows';

export const SHELF_RING = 'ring on the shelf';

/** A ring on the shelf that nobody else writes to until the transaction ends. @throws HttpError 404 */
export async function holdShelfRing(tx: Database, id: string): Promise<StoredShelfRing> {
  const [row] = await tx
    .select()
    .from(shelf)
    .where(and(eq(shelf.id, id), isNull(shelf.archivedAt)))
    .for('update');
  if (!row) throw notFound(SHELF_RING);
  return storedShelfRing(row);
}

/** The same by the ring itself; undefined where it does not lie on the shelf. */
export async function holdOnShelf(tx: Database, ringId: string): Promise<StoredShelfRing | undefined> {
  const [row] = await tx
    .select()
    .from(shelf)
    .where(and(eq(shelf.ringId, ringId), isNull(shelf.archivedAt)))
    .for('update');
  return row && storedShelfRing(row);
}

/** Whether an undo takes back what somebody else took back before: then there is nothing to do. */
function isDoneAlready(events: StoredShelfRing['events'], { body }: ShelfEventInput): boolean {
  if (body.kind !== 'undone') return false;
  const { eventId } = body;
  const told = events.some(({ id }) => id === eventId);
  return told && !holdingEvents(events).some(({ id }) => id === eventId);
}

const REFUSALS = {
  gone: () => new HttpError('gone-already'),
  'not-reserved': () => new HttpError('not-yet', 'This ring is not reserved.'),
  'not-last': () => new HttpError('not-yet', 'Only what happened last can be undone.'),
  'put-up-already': () => new HttpError('on-shelf-already'),
} as const;

/** @throws HttpError 409 for what cannot happen to a ring as it stands */
export function checkShelfEvent(ring: StoredShelfRing, { body }: Pick<ShelfEventInput, 'body'>): void {
  const refused = shelfRefusal(shelfProgress(ring.events), body);
  if (refused) throw REFUSALS[refused]();
}

/** Writes down what happened to a held ring; what is known already is left out. @throws HttpError 409 */
export async function appendShelfEvent(
  tx: Database,
  ring: StoredShelfRing,
  event: ShelfEventInput,
): Promise<StoredShelfRing> {
  if (ring.events.some(({ id }) => id === event.id) || isDoneAlready(ring.events, event)) return ring;
  checkShelfEvent(ring, event);
  const told = { ...ring, events: [...ring.events, event] };
  const { id: _id, ringId: _ringId, ...change } = shelfRow(told);
  await tx
    .update(shelf)
    .set({ ...change, updatedAt: sql`now()` })
    .where(eq(shelf.id, ring.id));
  return told;
}
