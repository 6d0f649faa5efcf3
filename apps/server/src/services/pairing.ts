import { CODE_DIGITS } from '@round-mint/contract/access';
import { and, eq, gt, isNotNull, lt, sql } from 'drizzle-orm';
import { createHash, randomBytes, randomInt, randomUUID, scrypt, timingSafeEqual } from 'node:crypto';
import { promisify } from 'node:util';
import type { Database } from '../db/database';
import { pairedDevices, workshop } from '../db/schema';
import { HttpError } from '../http/errors';
import { changeWorkshop } from './workshop';

/** How long a code is good, ms. */
export const CODE_LIFE_MS = 5 * 60_000;
/** Wrong tries that end a code, whoever made them. */
export const MOST_TRIES = 5;
const SALT_BYTES = 16;
const HASH_BYTES = 32;
const SECRET_BYTES = 32;

const derive = promisify<string, Buffer, number, Buffer>(scrypt);

async function hashOf(code: string, salt = randomBytes(SALT_BYTES)): Promise<string> {
  const hash = await derive(code, salt, HASH_BYTES);
  return `${salt.toString('hex')}:${hash.toString('hex')}`;
}

async function fits(code: string, stored: string): Promise<boolean> {
  const salt = Buffer.from(stored.split(':')[0] ?? '', 'hex');
  return timingSafeEqual(Buffer.from(await hashOf(code, salt)), Buffer.from(stored));
}

/**
 * Makes a new pairing code, good for one device; the one before it is good no longer.
 * @returns the code and when it ends, ISO
 */
export async function newCode(
  db: Database,
  now = Date.now(),
): Promise<{ readonly code: string; readonly expiresAt: string }> {
  const code = String(randomInt(10 ** CODE_DIGITS)).padStart(CODE_DIGITS, '0');
  const expiresAt = new Date(now + CODE_LIFE_MS).toISOString();
  await changeWorkshop(db, { codeHash: await hashOf(code), codeExpiresAt: expiresAt, codeTries: 0 });
  return { code, expiresAt };
}

/** Counts a try before it is judged, so that many at once cannot be more than {@link MOST_TRIES}. */
async function takeTry(db: Database, now: number): Promise<string | undefined> {
  const [row] = await db
    .update(workshop)
    .set({ codeTries: sql`${workshop.codeTries} + 1` })
    .where(
      and(
        isNotNull(workshop.codeHash),
        gt(workshop.codeExpiresAt, new Date(now).toISOString()),
        lt(workshop.codeTries, MOST_TRIES),
      ),
    )
    .returning({ codeHash: workshop.codeHash });
  return row?.codeHash ?? undefined;
}

/** As it is kept: the secret is long and random, a plain hash is enough. */
export function secretHash(secret: string): string {
  return createHash('sha256').update(secret).digest('hex');
}

/** A device let in, and the secret that its cookie keeps. */
export interface NewDevice {
  readonly id: string;
  readonly secret: string;
}

/** Lets a device in without a code: the machine itself, when it is being locked. */
export async function addDevice(db: Database, name: string): Promise<NewDevice> {
  const id = randomUUID();
  const secret = randomBytes(SECRET_BYTES).toString('base64url');
  await db.insert(pairedDevices).values({ id, name, secretHash: secretHash(secret) });
  return { id, secret };
}

/**
 * Pairs a device by the code that is shown on the machine. A code lets one device in, once.
 * @throws HttpError 403 `wrong-code`
 */
export async function pair(
  db: Database,
  { code, name }: { readonly code: string; readonly name: string },
  now = Date.now(),
): Promise<NewDevice> {
  const stored = await takeTry(db, now);
  if (stored === undefined || !(await fits(code, stored))) throw new HttpError('wrong-code');
  return db.transaction(async (tx) => {
    // Two devices may hold the right code at once: it is the first one's.
    const [used] = await tx
      .update(workshop)
      .set({ codeHash: null })
      .where(eq(workshop.codeHash, stored))
      .returning({ id: workshop.id });
    if (!used) throw new HttpError('wrong-code');
    return addDevice(tx, name);
  });
}
