import type { FrozenPlan } from '@round-mint/contract/rings';
import { and, eq, exists, inArray, isNull, or, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { ringEvents, rings, stock } from '../db/schema';

/** What a ring takes of a piece of stock. */
export interface TakenPart {
  readonly stockId: string;
  /** Of a strip, mm; 0 where it takes a whole piece. */
  readonly lengthMm: number;
}

/** Rings that are cut from strip, wholly or in part. */
const CUT_FROM_STRIP = ['strip', 'spinner', 'coin-band'] as const;

/** The piece itself first, then the strip that its other part is cut from. */
export function partsTaken(stockId: string, plan: FrozenPlan): readonly TakenPart[] {
  if (plan.kind === 'coin') return [{ stockId, lengthMm: 0 }];
  const own = { stockId, lengthMm: plan.usesLengthMm ?? 0 };
  return plan.other ? [own, { stockId: plan.other.stockId, lengthMm: plan.other.usesLengthMm }] : [own];
}

const isCut = inArray(rings.kind, [...CUT_FROM_STRIP]);
/** Of a ring's plan, but only where it is cut from strip: no other plan is read. */
const ofCut = <T>(path: string) => sql<T>`case when ${isCut} then ${rings.frozenPlan} #>> ${path} end`;
const PARTS = {
  id: rings.id,
  stockId: rings.stockId,
  lengthMm: ofCut<string | null>('{usesLengthMm}'),
  otherId: ofCut<string | null>('{other,stockId}'),
  otherMm: ofCut<string | null>('{other,usesLengthMm}'),
};

function partsOfRow(row: {
  readonly stockId: string;
  readonly lengthMm: string | null;
  readonly otherId: string | null;
  readonly otherMm: string | null;
}): readonly TakenPart[] {
  const own = { stockId: row.stockId, lengthMm: Number(row.lengthMm ?? 0) };
  return row.otherId === null ? [own] : [own, { stockId: row.otherId, lengthMm: Number(row.otherMm ?? 0) }];
}

/** What some rings took, by ring. */
export async function ringParts(
  db: Database,
  ringIds: readonly string[],
): Promise<ReadonlyMap<string, readonly TakenPart[]>> {
  const rows = await db
    .select(PARTS)
    .from(rings)
    .where(inArray(rings.id, [...ringIds]));
  return new Map(rows.map((row) => [row.id, partsOfRow(row)]));
}

/** What was paid for pieces of stock, and how long strips among them were when they were bought. */
export type Paid = ReadonlyMap<string, { readonly price: number | null; readonly boughtMm: number | null }>;

/** Lengths that rings have cut off some strips, mm: all but those that were given back. */
async function lengthsCut(db: Database, stockIds: readonly string[]): Promise<ReadonlyMap<string, number>> {
  const begun = exists(
    db
      .select({ one: sql`1` })
      .from(ringEvents)
      .where(eq(ringEvents.ringId, rings.id)),
  );
  const rows = await db
    .select(PARTS)
    .from(rings)
    .where(and(isCut, or(isNull(rings.archivedAt), begun)));
  const cut = new Map(stockIds.map((id) => [id, 0]));
  for (const { stockId, lengthMm } of rows.flatMap(partsOfRow)) {
    const before = cut.get(stockId);
    if (before !== undefined) cut.set(stockId, before + lengthMm);
  }
  return cut;
}

/** What was paid for some pieces. */
export async function readPaid(db: Database, stockIds: readonly string[]): Promise<Paid> {
  if (stockIds.length === 0) return new Map();
  const rows = await db
    .select({
      id: stock.id,
      price: stock.price,
      leftMm: sql<
        number | null
      >`case when ${stock.kind} = 'strip' then (${stock.shape} ->> 'lengthMm')::double precision end`,
    })
    .from(stock)
    .where(inArray(stock.id, [...stockIds]));
  const strips = rows.filter(({ leftMm, price }) => leftMm !== null && price !== null);
  const cut =
    strips.length > 0
      ? await lengthsCut(
          db,
          strips.map(({ id }) => id),
        )
      : new Map<string, number>();
  return new Map(
    rows.map(({ id, price, leftMm }) => [
      id,
      { price, boughtMm: leftMm === null ? null : leftMm + (cut.get(id) ?? 0) },
    ]),
  );
}

/** What a part cost: of a strip as much as its length is of what was bought; nothing where no price is known. */
export function paidFor({ stockId, lengthMm }: TakenPart, paid: Paid): number {
  const { price = null, boughtMm = null } = paid.get(stockId) ?? {};
  if (price === null) return 0;
  if (boughtMm === null || lengthMm === 0) return price;
  return boughtMm > 0 ? price * Math.min(1, lengthMm / boughtMm) : 0;
}
