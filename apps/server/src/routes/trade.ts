import { shelf } from '@round-mint/contract/endpoints-shelf';
import {
  consumables,
  discounts,
  orders,
  outbox,
  people,
  scrap,
  shop,
  sizers,
} from '@round-mint/contract/endpoints-trade';
import { Router } from 'express';
import type { Database } from '../db/database';
import { sendCsv } from '../http/send-csv';
import { serve } from '../http/serve';
import { addPacks, countSupply, listSupplies } from '../services/consumables';
import { writeBooks } from '../services/books';
import { orderCosts, ringCosts } from '../services/costs';
import { createDiscounts } from '../services/discounts';
import { readDayPlan, saveDayPlan } from '../services/day-plan';
import { nextRings } from '../services/next-rings';
import { createOrders, logOrderEvents } from '../services/orders';
import { getMessage, listMessages, messageFile, postMessage } from '../services/outbox';
import { createPeople } from '../services/people';
import { createResources } from '../services/resources';
import { meltScrap } from '../services/scrap';
import { createShelf, listUnplaced, logShelfEvents, shownShelfRing } from '../services/shelf';
import { writeShelfCsv } from '../services/shelf-csv';
import { sellRing } from '../services/shelf-sale';
import { readShopNumbers } from '../services/shop';
import { metalPrices } from '../services/spot';
import { serveResource } from './resource';

function serveOrders(router: Router, db: Database): void {
  const stored = createOrders(db);
  serveResource(router, orders, stored);
  serve(router, orders.logEvents, ({ params, body }) => logOrderEvents(db, params.id, body.events));
  serve(router, orders.costs, async ({ params }) => orderCosts(db, await stored.get(params.id)));
}

function serveShelf(router: Router, db: Database): void {
  const orderOf = createOrders(db);
  serve(router, shelf.exportCsv, async ({ response }) => sendCsv(response, 'shelf', await writeShelfCsv(db)));
  serveResource(router, shelf, createShelf(db));
  serve(router, shelf.logEvents, ({ params, body }) => logShelfEvents(db, params.id, body.events));
  serve(router, shelf.sell, async ({ params, body }) => {
    const sold = await sellRing(db, params.id, body);
    return { shelfRing: await shownShelfRing(db, sold), order: await orderOf.get(body.orderId) };
  });
  serve(router, shelf.unplaced, ({ query }) => listUnplaced(db, query));
  serve(router, shelf.next, ({ query }) => nextRings(db, query));
  serve(router, shelf.costs, async ({ params }) => ({ actual: await ringCosts(db, params.id) }));
}

function serveOutbox(router: Router, db: Database, folder: string | undefined): void {
  serve(router, outbox.list, ({ query }) => listMessages(db, query));
  serve(router, outbox.post, ({ body }) => postMessage(db, body, folder));
  serve(router, outbox.get, ({ params }) => getMessage(db, params.id));
  serve(router, outbox.file, async ({ params, response }) => {
    const file = await messageFile(db, params.id);
    response.attachment('message.eml').type('message/rfc822').send(file);
  });
}

function serveConsumables(router: Router, db: Database): void {
  serve(router, consumables.list, async () => ({ items: await listSupplies(db) }));
  serve(router, consumables.count, ({ params, body }) => countSupply(db, params.id, body));
  serve(router, consumables.buy, ({ params, body }) => addPacks(db, params.id, body.packs));
}

/** What happens around the bench. @param outboxDir where mail files are laid down; undefined for nowhere */
export function tradeRouter(db: Database, outboxDir: string | undefined): Router {
  const resources = createResources(db);
  const router = Router();
  serveResource(router, people, createPeople(db));
  serveOrders(router, db);
  serveShelf(router, db);
  serveResource(router, sizers, resources.sizers);
  serveResource(router, discounts, createDiscounts(db));
  serve(router, scrap.meltOut, ({ body }) => meltScrap(db, body));
  serveResource(router, scrap, resources.scrap);
  serveConsumables(router, db);
  serveOutbox(router, db, outboxDir);
  serve(router, shop.metalPrices, () => metalPrices(db));
  serve(router, shop.dayPlan, () => readDayPlan(db));
  serve(router, shop.saveDayPlan, ({ body }) => saveDayPlan(db, body));
  serve(router, shop.numbers, () => readShopNumbers(db));
  serve(router, shop.yearCsv, async ({ query, response }) =>
    sendCsv(response, `year-${query.year}`, await writeBooks(db, query.year)),
  );
  return router;
}
