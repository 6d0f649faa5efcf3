import type { MeltOutInput, StoredScrap } from '@round-mint/contract/scrap';
import type { Ring, RingEventInput } from '@round-mint/contract/rings';
import type { RingState } from '@round-mint/core/ring';
import { meltOut, ringScrap } from '@round-mint/core/trade';
import { and, eq, inArray, isNull, notInArray, or } from 'drizzle-orm';
import type { Database } from '../db/database';
import { scrap } from '../db/schema';
import { HttpError, inRange } from '../http/errors';
import { storedScrap } from './stored-rows';
import { metalOf } from './ring-store';

/**
 * Lays what a ring leaves into the tin, under the ids of the events that made it: a repeat adds nothing. What an undone
 * event had laid there is taken out; what the maker weighed or threw away since stays so.
 * @param state where the events have brought the ring
 */
export async function keepScrap(
  tx: Database,
  ring: Ring,
  state: RingState,
  events: readonly RingEventInput[],
): Promise<void> {
  const { slugMassG, ringMassG } = ring.prediction;
  const masses = {
    steps: state.steps,
    slugMassG,
    ringMassG,
    pieceMassG: ring.kind === 'coin' ? ring.coin.massG : undefined,
  };
  const left = ringScrap(masses, events);
  if (left.length > 0) {
    const metal = metalOf(ring);
    await tx
      .insert(scrap)
      .values(
        left.map(({ eventId, at, kind, massG, source }) => ({
          ...{ id: eventId, at, kind, metal, massG, source, ringId: ring.id, note: ring.name },
        })),
      )
      .onConflictDoNothing();
  }
  const undone = events.flatMap(({ body }) => (body.kind === 'undone' ? [body.eventId] : []));
  const standing = left.map(({ eventId }) => eventId);
  const taken = undone.filter((id) => !standing.includes(id));
  if (taken.length > 0)
    await tx.delete(scrap).where(and(eq(scrap.ringId, ring.id), inArray(scrap.id, taken)));
}

/** Melts things of the tin into a button, which then lies in the tin instead. Repeating it changes nothing. */
export async function meltScrap(db: Database, input: MeltOutInput): Promise<StoredScrap> {
  const { id, at, scrapIds, buttonMassG, note } = input;
  return db.transaction(async (tx) => {
    const [known] = await tx.select().from(scrap).where(eq(scrap.id, id));
    if (known) return storedScrap(known);
    // Two who melt the same thing at once: the second waits, and then finds it gone.
    await tx.select({ id: scrap.id }).from(scrap).where(inArray(scrap.id, scrapIds)).for('update');
    const buttons = tx.select({ id: scrap.id }).from(scrap).where(isNull(scrap.archivedAt));
    const rows = await tx
      .select()
      .from(scrap)
      .where(
        and(
          inArray(scrap.id, scrapIds),
          isNull(scrap.archivedAt),
          // A button that was archived gives back what went into it.
          or(isNull(scrap.meltedIntoId), notInArray(scrap.meltedIntoId, buttons)),
        ),
      );
    if (rows.length !== new Set(scrapIds).size) {
      throw new HttpError('already-melted');
    }
    const things = rows.map(storedScrap);
    const { fineness } = inRange('scrapIds', () => meltOut(things, buttonMassG));
    const [heaviest] = things.toSorted((a, b) => b.massG - a.massG);
    const button = { kind: 'button', metal: heaviest?.metal ?? 'silver-925', massG: buttonMassG, fineness };
    const [row] = await tx
      .insert(scrap)
      .values({ id, at, note, source: 'scale', ...button })
      .returning();
    if (!row) throw new Error('the button was not kept');
    await tx.update(scrap).set({ meltedIntoId: id }).where(inArray(scrap.id, scrapIds));
    return storedScrap(row);
  });
}
