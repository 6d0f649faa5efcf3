import { boughtSchema, consumableIdSchema, shelfInputSchema } from '@round-mint/contract/consumables';
import { savedDayPlanSchema } from '@round-mint/contract/day-plan';
import { orderEventsInputSchema, orderInputSchema } from '@round-mint/contract/orders';
import { messageInputSchema } from '@round-mint/contract/outbox';
import { personInputSchema } from '@round-mint/contract/people';
import { meltOutSchema, scrapInputSchema } from '@round-mint/contract/scrap';
import { sizerInputSchema } from '@round-mint/contract/sizers';
import { Router, type Request } from 'express';
import type { Database } from '../db/database';
import { notFound } from '../http/errors';
import { bodyOf, idOf, listQueryOf } from '../http/validate';
import { addPacks, countShelf, listShelves } from '../services/consumables';
import { orderCosts } from '../services/costs';
import { readDayPlan, saveDayPlan } from '../services/day-plan';
import { createOrders, logOrderEvents } from '../services/orders';
import { getMessage, listMessages, messageFile, postMessage } from '../services/outbox';
import { createResources } from '../services/resources';
import { meltScrap } from '../services/scrap';
import { readShopNumbers } from '../services/shop';
import { metalPrices } from '../services/spot';
import { resourceRouter } from './resource';

function ordersRouter(db: Database): Router {
  const orders = createOrders(db);
  const router = resourceRouter(orders, orderInputSchema);
  router.post('/:id/events', async (request, response) => {
    const { events } = bodyOf(orderEventsInputSchema, request);
    response.json(await logOrderEvents(db, idOf(request, orders.name), events));
  });
  router.get('/:id/costs', async (request, response) => {
    response.json(await orderCosts(db, await orders.get(idOf(request, orders.name))));
  });
  return router;
}

function outboxRouter(db: Database, folder: string | undefined): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    response.json(await listMessages(db, listQueryOf(request)));
  });
  router.post('/', async (request, response) => {
    response.status(201).json(await postMessage(db, bodyOf(messageInputSchema, request), folder));
  });
  router.get('/:id', async (request, response) => {
    response.json(await getMessage(db, idOf(request, 'letter')));
  });
  router.get('/:id/message.eml', async (request, response) => {
    const file = await messageFile(db, idOf(request, 'letter'));
    response.attachment('message.eml').type('message/rfc822').send(file);
  });
  return router;
}

function shelfOf(request: Request) {
  const id = consumableIdSchema.safeParse(request.params['id']);
  if (!id.success) throw notFound('consumable');
  return id.data;
}

function consumablesRouter(db: Database): Router {
  const router = Router();
  router.get('/', async (_request, response) => {
    response.json({ items: await listShelves(db) });
  });
  router.put('/:id', async (request, response) => {
    response.json(await countShelf(db, shelfOf(request), bodyOf(shelfInputSchema, request)));
  });
  router.post('/:id/bought', async (request, response) => {
    const { packs } = bodyOf(boughtSchema, request);
    response.json(await addPacks(db, shelfOf(request), packs));
  });
  return router;
}

/** What happens around the bench. @param outboxDir where mail files are laid down; undefined for nowhere */
export function tradeRouter(db: Database, outboxDir: string | undefined): Router {
  const resources = createResources(db);
  const router = Router();
  router.use('/people', resourceRouter(resources.people, personInputSchema));
  router.use('/orders', ordersRouter(db));
  router.use('/sizers', resourceRouter(resources.sizers, sizerInputSchema));
  router.post('/scrap/melt-out', async (request, response) => {
    response.status(201).json(await meltScrap(db, bodyOf(meltOutSchema, request)));
  });
  router.use('/scrap', resourceRouter(resources.scrap, scrapInputSchema));
  router.use('/consumables', consumablesRouter(db));
  router.use('/outbox', outboxRouter(db, outboxDir));
  router.get('/metal-prices', async (_request, response) => {
    response.json(await metalPrices(db));
  });
  router.get('/day-plan', async (_request, response) => {
    response.json(await readDayPlan(db));
  });
  router.put('/day-plan', async (request, response) => {
    response.json(await saveDayPlan(db, bodyOf(savedDayPlanSchema, request)));
  });
  router.get('/shop-numbers', async (_request, response) => {
    response.json(await readShopNumbers(db));
  });
  return router;
}
