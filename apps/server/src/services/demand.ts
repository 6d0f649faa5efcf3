import { storedShelfRingSchema } from '@round-mint/contract/shelf';
import { spotMetalOf, shelfProgress, type WishKind } from '@round-mint/core/trade';
import type { AskedFor, Lay } from '@round-mint/core/demand';
import type { MetalId } from '@round-mint/core/metal';
import { eq, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import { orders, orderStandings, rings, shelf } from '../db/schema';
import { isoTime } from './resource';
import { summariesOf } from './ring-summaries';
import { WISH_OF } from './shelf-sale';
import { storedOrder } from './stored-rows';

/** Something asked for, and which of its group's variants. */
export interface Asked extends AskedFor {
  readonly variant: string;
}

/** A ring that lay on the shelf, by its kind. */
export interface ShelfLay extends Lay {
  readonly ringId: string;
}

/** Kinds that customers tell apart: what a ring is made from, and of which metal, all base metals alike. */
export function demandGroup(kind: WishKind, metal: MetalId): string {
  return `${kind}/${spotMetalOf(metal) ?? 'base'}`;
}

/** Works that are wished for in the words of another: what was made tells. */
const MADE_VARIANTS: readonly string[] = ['spinner', 'coin-band'];

/** What a ring is within its group: a coin ring by its wall, others by what is made. */
export function variantOf(kind: WishKind, wall: string | null, made: string | null): string {
  if (made !== null && MADE_VARIANTS.includes(made)) return made;
  return kind === 'coin' ? (wall ?? 'straight') : kind;
}

/** Metal of a wish that leaves it open: what most of that kind are made of. */
const USUAL_METAL: MetalId = 'silver-925';

/** Who ordered would have bought from the shelf in one case of two; who only asked, too (our assumption). */
const ORDERED = 0.5;

/** Everything that was asked for: bought from the shelf, ordered, asked, or turned away. */
export async function readAsked(db: Database): Promise<readonly Asked[]> {
  const rows = await db
    .select({ order: orders, state: orderStandings.state, made: rings.kind })
    .from(orders)
    .leftJoin(orderStandings, eq(orderStandings.orderId, orders.id))
    .leftJoin(rings, eq(rings.id, orders.ringId))
    .where(isNull(orders.archivedAt));
  return rows.flatMap(({ order: row, state, made }): Asked[] => {
    const order = storedOrder(row);
    const { wish, insideDiameterMm, quote, createdAt } = order;
    const isSale = order.shelfRingId !== undefined;
    // A sale that was undone was no demand; an order that was cancelled is one that was not met.
    if (isSale && state === 'cancelled') return [];
    const group = demandGroup(wish.kind, wish.metal ?? USUAL_METAL);
    const weight = isSale || state === 'cancelled' ? 1 : ORDERED;
    const at = isSale && quote ? quote.at : createdAt;
    return [{ at, group, insideDiameterMm, weight, variant: variantOf(wish.kind, wish.wall, made) }];
  });
}

/** Every ring that lies on the shelf or lay there, archived ones until they were taken off. */
export async function readLays(db: Database): Promise<readonly ShelfLay[]> {
  const rows = await db
    .select({ ringId: shelf.ringId, events: shelf.events, archivedAt: shelf.archivedAt })
    .from(shelf)
    .innerJoin(rings, eq(rings.id, shelf.ringId))
    .where(isNull(rings.archivedAt));
  const ringIds = [...new Set(rows.map(({ ringId }) => ringId))];
  const summaries = new Map((await summariesOf(db, ringIds)).map((one) => [one.log.ringId, one]));
  return rows.flatMap(({ ringId, events, archivedAt }): ShelfLay[] => {
    const ring = summaries.get(ringId);
    if (!ring) return [];
    const { putUpAt, goneAt } = shelfProgress(storedShelfRingSchema.shape.events.parse(events));
    const off = archivedAt === null ? undefined : isoTime(archivedAt);
    const { insideDiameterMm } = ring.band;
    const group = demandGroup(WISH_OF[ring.log.kind], ring.metal);
    return [{ ringId, group, insideDiameterMm, fromAt: putUpAt, toAt: goneAt ?? off }];
  });
}
