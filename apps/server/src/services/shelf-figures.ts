import { ringFiguresSchema, type RingFigures } from '@round-mint/contract/shelf';
import { pieceFaceSchema } from '@round-mint/contract/stock-faces';
import { ringFits, worthPerG } from '@round-mint/core/trade';
import { and, asc, eq, inArray, isNull, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { photos, rings, stock } from '../db/schema';
import { summariesOf } from './ring-summaries';
import { spotToday } from './spot';

/** Pictures of some rings, by ring: of the finished ring first, then as they were taken. */
async function photosByRing(
  db: Database,
  ringIds: readonly string[],
): Promise<ReadonlyMap<string, readonly string[]>> {
  const rows = await db
    .select({ id: photos.id, ringId: photos.ringId })
    .from(photos)
    .where(and(inArray(photos.ringId, [...ringIds]), isNull(photos.archivedAt)))
    .orderBy(sql`${photos.part} <> 'after'`, asc(photos.at), asc(photos.id));
  const found = new Map<string, string[]>();
  for (const { id, ringId } of rows) found.set(ringId, [...(found.get(ringId) ?? []), id]);
  return found;
}

/** What the pieces of some rings were, by ring; their rows outlive them. */
async function piecesByRing(db: Database, ringIds: readonly string[]) {
  const rows = await db
    .select({
      ringId: rings.id,
      planId: rings.planId,
      stockId: rings.stockId,
      issuer: stock.issuer,
      year: stock.year,
      face: sql<unknown>`${rings.frozenPlan}->>'face'`,
    })
    .from(rings)
    .innerJoin(stock, eq(stock.id, rings.stockId))
    .where(inArray(rings.id, [...ringIds]));
  return new Map(rows.map((row) => [row.ringId, row]));
}

/** What some finished rings are, by ring: as they were measured, and where they were not, as they were planned. */
export async function figuresOf(
  db: Database,
  ringIds: readonly string[],
): Promise<ReadonlyMap<string, RingFigures>> {
  if (ringIds.length === 0) return new Map();
  const [summaries, pictures, pieces, spot] = await Promise.all([
    summariesOf(db, ringIds),
    photosByRing(db, ringIds),
    piecesByRing(db, ringIds),
    spotToday(db),
  ]);
  return new Map(
    summaries.flatMap(({ log, metal, band, workedMin, pieceMassG }) => {
      const { ringId, name, kind, stockName, wall, finishedAt } = log;
      const piece = pieces.get(ringId);
      if (!piece) return [];
      const { planId, stockId, issuer, year } = piece;
      const figures = {
        ...{ name, kind, stockName, wall, finishedAt, metal, workedMin, ...band },
        ...{ planId, stockId, issuer, year },
        face: pieceFaceSchema.safeParse(piece.face).data ?? null,
        floor: pieceMassG * worthPerG(metal, spot),
        fits: ringFits({ ...band, metal }),
        photoIds: [...(pictures.get(ringId) ?? [])],
      };
      return [[ringId, ringFiguresSchema.parse(figures)] as const];
    }),
  );
}
