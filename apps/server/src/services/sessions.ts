import type { PairedDevice } from '@round-mint/contract/access';
import { and, asc, eq, isNotNull, isNull } from 'drizzle-orm';
import { timingSafeEqual } from 'node:crypto';
import { z } from 'zod';
import type { Database } from '../db/database';
import { pairedDevices } from '../db/schema';
import { notFound } from '../http/errors';
import { secretHash, type NewDevice } from './pairing';
import { isoTime } from './resource';

/** When a device was last there is told to the minute: not every request needs a write. */
const SEEN_EVERY_MS = 60_000;

const tokenSchema = z
  .string()
  .transform((token) => token.split('.'))
  .pipe(z.tuple([z.uuid(), z.string().min(20).max(100)]));

/** What a device's cookie holds. */
export function tokenOf({ id, secret }: NewDevice): string {
  return `${id}.${secret}`;
}

/**
 * The paired device whose cookie this is.
 * @returns its id; undefined for a cookie that is none, of a revoked device, or missing
 */
export async function deviceOfToken(
  db: Database,
  token: unknown,
  now = Date.now(),
): Promise<string | undefined> {
  const parsed = tokenSchema.safeParse(token);
  if (!parsed.success) return undefined;
  const [id, secret] = parsed.data;
  const [row] = await db
    .select()
    .from(pairedDevices)
    .where(and(eq(pairedDevices.id, id), isNull(pairedDevices.archivedAt)));
  if (!row || !timingSafeEqual(Buffer.from(secretHash(secret)), Buffer.from(row.secretHash)))
    return undefined;
  if (now - Date.parse(isoTime(row.lastSeenAt)) > SEEN_EVERY_MS) {
    await db
      .update(pairedDevices)
      .set({ lastSeenAt: new Date(now).toISOString() })
      .where(eq(pairedDevices.id, id));
  }
  return id;
}

function shown(row: typeof pairedDevices.$inferSelect, here: string | null): PairedDevice {
  const { id, name, createdAt, lastSeenAt } = row;
  return { id, name, pairedAt: isoTime(createdAt), lastSeenAt: isoTime(lastSeenAt), here: id === here };
}

/** @param here the one that asks, if it is paired */
export async function listDevices(db: Database, here: string | null): Promise<PairedDevice[]> {
  const rows = await db
    .select()
    .from(pairedDevices)
    .where(isNull(pairedDevices.archivedAt))
    .orderBy(asc(pairedDevices.createdAt), asc(pairedDevices.id));
  return rows.map((row) => shown(row, here));
}

async function setRevoked(db: Database, id: string, revoked: boolean): Promise<PairedDevice> {
  const { archivedAt } = pairedDevices;
  const [row] = await db
    .update(pairedDevices)
    .set({ archivedAt: revoked ? new Date().toISOString() : null })
    .where(and(eq(pairedDevices.id, id), revoked ? isNull(archivedAt) : isNotNull(archivedAt)))
    .returning();
  if (!row) throw notFound('paired device');
  return shown(row, null);
}

/** Ends a device's session; only {@link restoreDevice} or a new code lets it in again. */
export async function revokeDevice(db: Database, id: string): Promise<void> {
  await setRevoked(db, id, true);
}

export async function restoreDevice(db: Database, id: string): Promise<PairedDevice> {
  return setRevoked(db, id, false);
}

/** One paired device. */
export async function getDevice(db: Database, id: string, here: string | null): Promise<PairedDevice> {
  const [row] = await db
    .select()
    .from(pairedDevices)
    .where(and(eq(pairedDevices.id, id), isNull(pairedDevices.archivedAt)));
  if (!row) throw notFound('paired device');
  return shown(row, here);
}
