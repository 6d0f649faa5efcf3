import { photoSchema, type Photo, type PhotoInput } from '@round-mint/contract/photos';
import { and, asc, eq, isNotNull, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import { photos } from '../db/schema';
import { notFound } from '../http/errors';
import { cleanJpeg } from './jpeg';
import { isoTime } from './resource';
import { getRing } from './ring-store';
import { refuseForeign } from './row-lock';

type PhotoRow = Omit<typeof photos.$inferSelect, 'jpeg'>;

const SHOWN = {
  id: photos.id,
  ringId: photos.ringId,
  at: photos.at,
  part: photos.part,
  widthPx: photos.widthPx,
  heightPx: photos.heightPx,
};

export function photoOf({
  id,
  ringId,
  at,
  part,
  widthPx,
  heightPx,
}: Pick<PhotoRow, keyof typeof SHOWN>): Photo {
  return photoSchema.parse({ id, ringId, at: isoTime(at), part, widthPx, heightPx });
}

/** The pictures of a ring, in the order they were taken. */
export async function listPhotos(db: Database, ringId: string): Promise<Photo[]> {
  const rows = await db
    .select(SHOWN)
    .from(photos)
    .where(and(eq(photos.ringId, ringId), isNull(photos.archivedAt)))
    .orderBy(asc(photos.at), asc(photos.id));
  return rows.map(photoOf);
}

/** Keeps a picture; sending it twice keeps it once. */
export async function addPhoto(db: Database, ringId: string, input: PhotoInput): Promise<Photo> {
  const { jpegBase64, ...said } = input;
  // Its size is what the file says, not what came beside it.
  const { jpeg, ...size } = cleanJpeg(Buffer.from(jpegBase64, 'base64'));
  const rest = { ...said, ...size };
  await db.transaction(async (tx) => {
    await getRing(tx, ringId);
    await tx
      .insert(photos)
      .values({ ...rest, ringId, jpeg })
      .onConflictDoNothing();
    await refuseForeign(tx, photos, photos.ringId, ringId, [rest]);
  });
  return { ...rest, ringId };
}

export async function photoFile(db: Database, id: string): Promise<Buffer> {
  const [row] = await db
    .select({ jpeg: photos.jpeg })
    .from(photos)
    .where(and(eq(photos.id, id), isNull(photos.archivedAt)));
  if (!row) throw notFound('photo');
  return Buffer.from(row.jpeg);
}

async function setArchived(db: Database, id: string, archived: boolean): Promise<Photo> {
  const [row] = await db
    .update(photos)
    .set({ archivedAt: archived ? new Date().toISOString() : null })
    .where(and(eq(photos.id, id), archived ? isNull(photos.archivedAt) : isNotNull(photos.archivedAt)))
    .returning(SHOWN);
  if (!row) throw notFound('photo');
  return photoOf(row);
}

export async function removePhoto(db: Database, id: string): Promise<void> {
  await setArchived(db, id, true);
}

export async function restorePhoto(db: Database, id: string): Promise<Photo> {
  return setArchived(db, id, false);
}
