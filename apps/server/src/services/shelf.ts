import type {
  RingFigures,
  ShelfChange,
  ShelfEventInput,
  ShelfInput,
  ShelfListQuery,
  ShelfRing,
  StoredShelfRing,
  UnplacedListQuery,
  UnplacedRing,
} from '@round-mint/contract/shelf';
import { shelfProgress, stateOn } from '@round-mint/core/trade';
import { and, eq, inArray, isNotNull, isNull } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import type { Database } from '../db/database';
import { orders, rings, scrap, shelf } from '../db/schema';
import { HttpError, notFound } from '../http/errors';
import { createResources } from './resources';
import { listRingIds } from './ring-store';
import { checkFree, isFree } from './shelf-checks';
import { undoSale } from './shelf-sale';
import { appendShelfEvent, holdShelfRing, SHELF_RING } from './shelf-rows';
import { figuresOf } from './shelf-figures';

const MINUTE_MS = 60_000;

/** The day by the clock on the workshop's wall: a reservation holds to its end. */
function today(): string {
  const now = new Date();
  return new Date(now.getTime() - now.getTimezoneOffset() * MINUTE_MS).toISOString().slice(0, 10);
}

/** Of some rings, whether each is finished. */
async function finishedRings(db: Database, ringIds: readonly string[]): Promise<ReadonlySet<string>> {
  if (ringIds.length === 0) return new Set();
  const rows = await db
    .select({ id: rings.id })
    .from(rings)
    .where(and(inArray(rings.id, [...ringIds]), eq(rings.status, 'finished'), isNull(rings.archivedAt)));
  return new Set(rows.map(({ id }) => id));
}

function shownRing(stored: StoredShelfRing, ring: RingFigures, finished: boolean): ShelfRing {
  const progress = shelfProgress(stored.events);
  const { price, putUpAt, goneAt = null, reserved, sale } = progress;
  const state = stateOn(progress, today());
  return {
    ...stored,
    ...{ state, price, putUpAt, goneAt, finished, ring },
    reserved: state === 'reserved' && reserved ? reserved : null,
    sale: sale ?? null,
  };
}

async function shownRings(db: Database, stored: readonly StoredShelfRing[]): Promise<ShelfRing[]> {
  const ringIds = stored.map(({ ringId }) => ringId);
  const figures = await figuresOf(db, ringIds);
  const finished = await finishedRings(db, ringIds);
  return stored.flatMap((one) => {
    const ring = figures.get(one.ringId);
    return ring ? [shownRing(one, ring, finished.has(one.ringId))] : [];
  });
}

export async function shownShelfRing(db: Database, stored: StoredShelfRing): Promise<ShelfRing> {
  const [shown] = await shownRings(db, [stored]);
  if (!shown) throw notFound(SHELF_RING);
  return shown;
}

/** Puts a finished ring on the shelf. Repeating it changes nothing. */
async function putUp(db: Database, input: ShelfInput): Promise<ShelfRing> {
  const { id = randomUUID(), ringId, price, story, texts } = input;
  return db.transaction(async (tx) => {
    const stored = createResources(tx).shelf;
    const [known] = await tx.select({ archivedAt: shelf.archivedAt }).from(shelf).where(eq(shelf.id, id));
    if (known?.archivedAt) throw new HttpError('id-taken');
    if (!known) await checkFree(tx, ringId);
    const at = new Date().toISOString();
    const events = [{ id: randomUUID(), at, body: { kind: 'put-up' as const, price } }];
    return shownShelfRing(tx, await stored.create({ id, ringId, story, texts, events }));
  });
}

/** Lays a ring's metal into the tin that was taken apart, under the id of the event; a repeat adds nothing. */
async function keepMetal(tx: Database, ring: ShelfRing, { id, at, body }: ShelfEventInput): Promise<void> {
  if (body.kind !== 'taken-apart') return;
  const { metal, name } = ring.ring;
  await tx
    .insert(scrap)
    .values({ id, at, kind: 'other', metal, massG: body.massG, source: 'scale', note: name })
    .onConflictDoNothing();
}

/** Takes metal out of the tin again. @throws HttpError 409 where it was melted since */
async function takeMetalBack(tx: Database, eventId: string): Promise<void> {
  const [lying] = await tx.select().from(scrap).where(eq(scrap.id, eventId)).for('update');
  if (lying && lying.meltedIntoId !== null) throw new HttpError('already-melted');
  await tx.delete(scrap).where(eq(scrap.id, eventId));
}

/** Logs what happened to a ring on the shelf, in one transaction; what is known already is left out. */
export async function logShelfEvents(
  db: Database,
  id: string,
  events: readonly ShelfEventInput[],
): Promise<ShelfRing> {
  return db.transaction(async (tx) => {
    for (const { body } of events) if (body.kind === 'undone') await undoSale(tx, id, body.eventId);
    let ring = await holdShelfRing(tx, id);
    const shown = await shownShelfRing(tx, ring);
    for (const event of events) {
      const before = ring;
      ring = await appendShelfEvent(tx, ring, event);
      if (ring === before) continue;
      if (event.body.kind === 'undone') await takeMetalBack(tx, event.body.eventId);
      else await keepMetal(tx, shown, event);
    }
    return shownShelfRing(tx, ring);
  });
}

/** Rings on the shelf as a resource. */
export function createShelf(db: Database) {
  const { shelf: stored } = createResources(db);
  return {
    name: stored.name,
    async list(query: ShelfListQuery) {
      const { items, nextCursor } = await stored.list(query);
      return { items: await shownRings(db, items), nextCursor };
    },
    get: async (id: string) => shownShelfRing(db, await stored.get(id)),
    create: (input: ShelfInput) => putUp(db, input),
    replace: (id: string, { story, texts }: ShelfChange, version?: number) =>
      db.transaction(async (tx) => {
        const before = await holdShelfRing(tx, id);
        const changed = await createResources(tx).shelf.replace(id, { ...before, story, texts }, version);
        return shownShelfRing(tx, changed);
      }),
    remove: stored.remove,
    restore: (id: string) =>
      db.transaction(async (tx) => {
        const [row] = await tx
          .select({ ringId: shelf.ringId, orderId: shelf.orderId })
          .from(shelf)
          .where(and(eq(shelf.id, id), isNotNull(shelf.archivedAt)));
        if (!row) throw notFound(SHELF_RING);
        await checkFree(tx, row.ringId, row.orderId ?? undefined);
        return shownShelfRing(tx, await createResources(tx).shelf.restore(id));
      }),
  };
}

/** Finished rings that nobody ordered and that do not lie on the shelf, latest first. */
export async function listUnplaced(
  db: Database,
  { ringId: id, ...query }: UnplacedListQuery,
): Promise<{ items: UnplacedRing[]; nextCursor: string | null }> {
  const { items: ids, nextCursor } = await listRingIds(
    db,
    { sort: '-finishedAt', ...query },
    { status: 'finished', where: isFree(db), id },
  );
  const figures = await figuresOf(db, ids);
  const cancelled = await db
    .select({ ringId: orders.ringId })
    .from(orders)
    .where(and(inArray(orders.ringId, [...ids]), isNull(orders.archivedAt)));
  const had = new Set(cancelled.map(({ ringId }) => ringId));
  const items = ids.flatMap((ringId) => {
    const ring = figures.get(ringId);
    return ring ? [{ ringId, orderCancelled: had.has(ringId), ring }] : [];
  });
  return { items, nextCursor };
}
