import {
  pieceFacesSchema,
  storedFaceSchema,
  type FaceInput,
  type PieceFace,
  type PieceFaces,
  type StoredFace,
} from '@round-mint/contract/stock-faces';
import { and, eq, inArray, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import { faces, stock } from '../db/schema';
import { HttpError, notFound } from '../http/errors';
import { FACE_PX, faceOfPicture, smallerFace } from './face-picture';
import { isoTime } from './resource';

/** Which column of a piece says which picture is its own. */
const COLUMN = { obverse: 'obverseFaceId', reverse: 'reverseFaceId' } as const;

const SHOWN = { id: faces.id, at: faces.at, sidePx: faces.sidePx };

export function faceOf({ id, at, sidePx }: Pick<typeof faces.$inferSelect, keyof typeof SHOWN>): StoredFace {
  return storedFaceSchema.parse({ id, at: isoTime(at), sidePx });
}

/** @throws HttpError 404, or 409 for a piece that has no faces */
async function coinRow(db: Database, stockId: string): Promise<typeof stock.$inferSelect> {
  const [row] = await db
    .select()
    .from(stock)
    .where(and(eq(stock.id, stockId), isNull(stock.archivedAt)));
  if (!row) throw notFound('piece of stock');
  if (row.kind !== 'coin') throw new HttpError('wrong-piece', 'Only coins and medals have two faces.');
  return row;
}

/** The pictures of both faces of a piece. */
export async function pieceFaces(db: Database, stockId: string): Promise<PieceFaces> {
  const { faceTurn, obverseFaceId, reverseFaceId } = await coinRow(db, stockId);
  const ids = [obverseFaceId, reverseFaceId].filter((id) => id !== null);
  const found = await db.select(SHOWN).from(faces).where(inArray(faces.id, ids));
  const byId = new Map(found.map((row) => [row.id, faceOf(row)]));
  return pieceFacesSchema.parse({
    faceTurn,
    obverse: byId.get(obverseFaceId ?? '') ?? null,
    reverse: byId.get(reverseFaceId ?? '') ?? null,
  });
}

/** Says which picture shows a face of a piece; null for none. */
async function pointAt(db: Database, stockId: string, face: PieceFace, faceId: string | null): Promise<void> {
  const changed = await db
    .update(stock)
    .set({ [COLUMN[face]]: faceId, updatedAt: new Date().toISOString() })
    .where(and(eq(stock.id, stockId), isNull(stock.archivedAt)))
    .returning({ id: stock.id });
  if (changed.length === 0) throw notFound('piece of stock');
}

/** Keeps a picture as a face's square; a picture that is known already is not drawn again. */
export async function keepFace(db: Database, id: string, jpeg: Uint8Array, sidePx = FACE_PX): Promise<void> {
  await db.insert(faces).values({ id, at: new Date().toISOString(), sidePx, jpeg }).onConflictDoNothing();
}

async function isKept(db: Database, id: string): Promise<boolean> {
  return (await db.$count(faces, eq(faces.id, id))) > 0;
}

/**
 * Sets the picture of a face: a new one, or one that is kept already.
 * @throws HttpError 400 for what is no picture of a face, 404, 409
 */
export async function setFace(
  db: Database,
  stockId: string,
  face: PieceFace,
  { id, picture }: FaceInput,
): Promise<PieceFaces> {
  await coinRow(db, stockId);
  const known = await isKept(db, id);
  if (!known && !picture) throw notFound('face');
  // Drawn before anything is held: it takes longer than any write.
  const jpeg = !known && picture ? await faceOfPicture(picture) : undefined;
  return db.transaction(async (tx) => {
    if (jpeg) await keepFace(tx, id, jpeg);
    await pointAt(tx, stockId, face, id);
    return pieceFaces(tx, stockId);
  });
}

/** Takes a picture off its piece; it stays kept, and setting its id again brings it back. */
export async function removeFace(db: Database, stockId: string, face: PieceFace): Promise<void> {
  await pointAt(db, stockId, face, null);
}

/** @param sidePx makes it smaller */
export async function faceFile(db: Database, id: string, sidePx?: number): Promise<Buffer> {
  const [row] = await db.select({ jpeg: faces.jpeg }).from(faces).where(eq(faces.id, id));
  if (!row) throw notFound('face');
  const file = Buffer.from(row.jpeg);
  return sidePx ? smallerFace(file, sidePx) : file;
}
