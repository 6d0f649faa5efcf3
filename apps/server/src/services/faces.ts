import {
  pieceFacesSchema,
  storedFaceSchema,
  type FaceInput,
  type PieceFace,
  type PieceFaces,
  type StoredFace,
  type TopInput,
} from '@round-mint/contract/stock-faces';
import type { StockItem } from '@round-mint/contract/stock';
import { and, eq, inArray, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import { faces, stock } from '../db/schema';
import { HttpError, notFound } from '../http/errors';
import { FACE_PX, faceOfPicture, smallerFace, STRIP_PX, stripOfPicture } from './face-picture';
import { isoTime } from './resource';
import { createResources } from './resources';

/** Which column of a piece says which picture is its own. */
const COLUMN = { obverse: 'obverseFaceId', reverse: 'reverseFaceId' } as const;

type PictureColumn = (typeof COLUMN)[PieceFace] | 'topFaceId' | 'topOutline';

const SHOWN = { id: faces.id, at: faces.at, sidePx: faces.sidePx };

export function faceOf({ id, at, sidePx }: Pick<typeof faces.$inferSelect, keyof typeof SHOWN>): StoredFace {
  return storedFaceSchema.parse({ id, at: isoTime(at), sidePx });
}

const OF_COINS = ['coin', 'Only coins and medals have two faces.'] as const;
const OF_HANDLES = ['handle', 'Only silverware has a picture from above.'] as const;

/** @throws HttpError 404, or 409 for a piece of another kind */
async function pieceRow(
  db: Database,
  stockId: string,
  [kind, words]: typeof OF_COINS | typeof OF_HANDLES,
): Promise<typeof stock.$inferSelect> {
  const [row] = await db
    .select()
    .from(stock)
    .where(and(eq(stock.id, stockId), isNull(stock.archivedAt)));
  if (!row) throw notFound('piece of stock');
  if (row.kind !== kind) throw new HttpError('wrong-piece', words);
  return row;
}

/** The pictures of both faces of a piece. */
export async function pieceFaces(db: Database, stockId: string): Promise<PieceFaces> {
  const { faceTurn, obverseFaceId, reverseFaceId } = await pieceRow(db, stockId, OF_COINS);
  const ids = [obverseFaceId, reverseFaceId].filter((id) => id !== null);
  const found = await db.select(SHOWN).from(faces).where(inArray(faces.id, ids));
  const byId = new Map(found.map((row) => [row.id, faceOf(row)]));
  return pieceFacesSchema.parse({
    faceTurn,
    obverse: byId.get(obverseFaceId ?? '') ?? null,
    reverse: byId.get(reverseFaceId ?? '') ?? null,
  });
}

/** Says which picture shows a piece; null for none. @throws HttpError 404 */
async function pointAt(
  db: Database,
  stockId: string,
  shown: Partial<Pick<typeof stock.$inferInsert, PictureColumn>>,
): Promise<void> {
  const changed = await db
    .update(stock)
    .set({ ...shown, updatedAt: new Date().toISOString() })
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
  await pieceRow(db, stockId, OF_COINS);
  const known = await isKept(db, id);
  if (!known && !picture) throw notFound('face');
  // Drawn before anything is held: it takes longer than any write.
  const jpeg = !known && picture ? await faceOfPicture(picture) : undefined;
  return db.transaction(async (tx) => {
    if (jpeg) await keepFace(tx, id, jpeg);
    await pointAt(tx, stockId, { [COLUMN[face]]: id });
    return pieceFaces(tx, stockId);
  });
}

/** Takes a picture off its piece; it stays kept, and setting its id again brings it back. */
export async function removeFace(db: Database, stockId: string, face: PieceFace): Promise<void> {
  await pointAt(db, stockId, { [COLUMN[face]]: null });
}

/**
 * Sets the picture of a handle from above with its outline: a new one, or one that is kept already.
 * @throws HttpError 400 for what is no picture of a handle, 404, 409
 */
export async function setTop(
  db: Database,
  stockId: string,
  { id, picture, outline }: TopInput,
): Promise<StockItem> {
  await pieceRow(db, stockId, OF_HANDLES);
  const known = await isKept(db, id);
  if (!known && !picture) throw notFound('picture');
  const jpeg = !known && picture ? await stripOfPicture(picture) : undefined;
  return db.transaction(async (tx) => {
    if (jpeg) await keepFace(tx, id, jpeg, STRIP_PX);
    await pointAt(tx, stockId, { topFaceId: id, topOutline: outline });
    return createResources(tx).stock.get(stockId);
  });
}

/** Takes the picture off a handle; see {@link removeFace}. */
export async function removeTop(db: Database, stockId: string): Promise<void> {
  await pieceRow(db, stockId, OF_HANDLES);
  await pointAt(db, stockId, { topFaceId: null, topOutline: null });
}

/** @param sidePx makes it smaller */
export async function faceFile(db: Database, id: string, sidePx?: number): Promise<Buffer> {
  const [row] = await db.select({ jpeg: faces.jpeg }).from(faces).where(eq(faces.id, id));
  if (!row) throw notFound('face');
  const file = Buffer.from(row.jpeg);
  return sidePx ? smallerFace(file, sidePx) : file;
}
