import { boughtSchema, shelfInputSchema, shelfListSchema, shelfSchema } from './consumables';
import { dayPlanSchema, savedDayPlanSchema, scheduleRequestSchema, scheduleResponseSchema } from './day-plan';
import type { Endpoint } from './endpoint';
import { metalPricesSchema } from './metal-prices';
import {
  orderCostsSchema,
  orderEventsInputSchema,
  orderInputSchema,
  orderListSchema,
  orderSchema,
} from './orders';
import { messageInputSchema, messageListSchema, messageSchema } from './outbox';
import { personInputSchema, personListSchema, personSchema } from './people';
import { priceInputSchema, priceSchema } from './price';
import { resource } from './resource';
import { meltOutSchema, scrapInputSchema, scrapListSchema, scrapSchema } from './scrap';
import { exchangeRequestSchema, exchangeResponseSchema, shopNumbersSchema } from './shop';
import { sizerInputSchema, sizerListSchema, sizerSchema } from './sizers';

/** What happens around the bench: people, orders, money, the day. */
export const TRADE: readonly Endpoint[] = [
  ...resource('/people', 'person', { input: personInputSchema, item: personSchema, list: personListSchema }),
  ...resource('/orders', 'order', { input: orderInputSchema, item: orderSchema, list: orderListSchema }),
  {
    method: 'post',
    path: '/orders/{id}/events',
    summary: 'Move an order on, or say what happened to it; repeats do no harm',
    request: orderEventsInputSchema,
    response: orderSchema,
  },
  {
    method: 'get',
    path: '/orders/{id}/costs',
    summary: 'What its plan and its ring cost, as a price takes it',
    response: orderCostsSchema,
  },
  ...resource('/sizers', 'sizer', { input: sizerInputSchema, item: sizerSchema, list: sizerListSchema }),
  ...resource('/scrap', 'thing in the scrap tin', {
    input: scrapInputSchema,
    item: scrapSchema,
    list: scrapListSchema,
  }),
  {
    method: 'post',
    path: '/scrap/melt-out',
    summary: 'Melt several things into one button',
    request: meltOutSchema,
    response: scrapSchema,
    creates: true,
  },
  {
    method: 'get',
    path: '/consumables',
    summary: 'What is used up, and what is left',
    response: shelfListSchema,
  },
  {
    method: 'put',
    path: '/consumables/{id}',
    summary: 'Count a shelf, or change how it is bought',
    request: shelfInputSchema,
    response: shelfSchema,
  },
  {
    method: 'post',
    path: '/consumables/{id}/bought',
    summary: 'Put bought packs on the shelf',
    request: boughtSchema,
    response: shelfSchema,
  },
  { method: 'get', path: '/metal-prices', summary: 'Metal prices of the day', response: metalPricesSchema },
  {
    method: 'get',
    path: '/outbox',
    summary: 'Letters to customers, latest first',
    response: messageListSchema,
    list: true,
  },
  {
    method: 'post',
    path: '/outbox',
    summary: 'Put a letter into the outbox; nothing leaves the machine',
    request: messageInputSchema,
    response: messageSchema,
    creates: true,
  },
  { method: 'get', path: '/outbox/{id}', summary: 'One letter', response: messageSchema },
  {
    method: 'get',
    path: '/outbox/{id}/message.eml',
    summary: 'A letter as a mail file',
    media: 'message/rfc822',
  },
  {
    method: 'get',
    path: '/day-plan',
    summary: 'What is left to do on every ring, and the plan made last',
    response: dayPlanSchema,
  },
  {
    method: 'put',
    path: '/day-plan',
    summary: 'Keep a day plan',
    request: savedDayPlanSchema,
    response: dayPlanSchema,
  },
  { method: 'get', path: '/shop-numbers', summary: 'Numbers of the shop', response: shopNumbersSchema },
  {
    method: 'post',
    path: '/compute/schedule',
    summary: 'A day plan over several rings',
    request: scheduleRequestSchema,
    response: scheduleResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/price',
    summary: 'A price by cost, fees and margin',
    request: priceInputSchema,
    response: priceSchema,
  },
  {
    method: 'post',
    path: '/compute/part-exchange',
    summary: 'Whether and how pieces pay for a ring',
    request: exchangeRequestSchema,
    response: exchangeResponseSchema,
  },
];
