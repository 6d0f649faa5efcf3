import {
  shelfListSchema,
  shelfRingSchema,
  unplacedListSchema,
  type SaleInput,
  type ShelfRing,
} from '@round-mint/contract/shelf';
import { inArray, sql } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import { orderEvents, orders, shelf } from '../db/schema';
import { demoId } from '../demo/demo-id';
import { path, type TestServer } from './test-server';

/** Calla, who buys. */
const BUYER = demoId('person', 2);

/** What tests of the shelf ask a server of the made-up workshop. */
export function shelfCalls({ api, db }: TestServer) {
  const unplaced = async () =>
    unplacedListSchema.parse((await api.get(path('/unplaced-rings')).expect(200)).body).items;
  return {
    unplaced,
    lying: async (query = '') =>
      shelfListSchema.parse((await api.get(path(`/shelf?${query}`)).expect(200)).body).items,
    /** The finished ring of the made-up workshop that nobody ordered. */
    putUp: async (price = 60): Promise<ShelfRing> => {
      const first = (await unplaced()).find(({ ring }) => ring.name === 'Copper trial');
      const { body } = await api
        .post(path('/shelf'))
        .send({ id: randomUUID(), ringId: first!.ringId, price, story: 'A trial that came out well.' })
        .expect(201);
      return shelfRingSchema.parse(body);
    },
    tell: (id: string, ...events: object[]) => api.post(path(`/shelf/${id}/events`)).send({ events }),
    sell: (id: string, sale: SaleInput) => api.post(path(`/shelf/${id}/sale`)).send(sale),
    /** The shelf is empty again, and nothing was sold from it. */
    clear: async () => {
      await db.delete(shelf);
      const ofSale = sql`${orders.details} ? 'way'`;
      const sales = db.select({ id: orders.id }).from(orders).where(ofSale);
      await db.delete(orderEvents).where(inArray(orderEvents.orderId, sales));
      await db.delete(orders).where(ofSale);
    },
  };
}

/** A sale at the table, of a ring that is handed over. */
export function saleOf(change: Partial<SaleInput> = {}): SaleInput {
  return {
    ...{ id: randomUUID(), orderId: randomUUID(), at: new Date().toISOString(), personId: BUYER },
    ...{ price: 55, way: 'market', post: 0, handedOver: true },
    ...change,
  };
}
