import {
  boughtSchema,
  consumableIdSchema,
  supplyInputSchema,
  supplyListSchema,
  supplySchema,
} from './consumables';
import { csvTable } from './csv-table';
import { dayPlanSchema, savedDayPlanSchema } from './day-plan';
import { discountInputSchema, discountListSchema, discountSchema } from './discounts';
import { endpoint, type Endpoint } from './endpoint';
import { metalPricesSchema } from './metal-prices';
import {
  orderCostsSchema,
  orderEventsInputSchema,
  orderInputSchema,
  orderListQuerySchema,
  orderListSchema,
  orderSchema,
} from './orders';
import { messageInputSchema, messageListQuerySchema, messageListSchema, messageSchema } from './outbox';
import { personInputSchema, personListSchema, personSchema } from './people';
import { resource } from './resource';
import { meltOutSchema, scrapInputSchema, scrapListQuerySchema, scrapListSchema, scrapSchema } from './scrap';
import { shopNumbersSchema, yearQuerySchema } from './shop';
import { sizerInputSchema, sizerListSchema, sizerSchema } from './sizers';

const ORDER = 'order';
const CONSUMABLE = 'consumable';
const LETTER = 'letter';

export const people = {
  ...resource('/people', 'person', {
    input: personInputSchema,
    item: personSchema,
    list: personListSchema,
  }),
  ...csvTable('/people', 'people'),
};

const plainOrders = resource('/orders', ORDER, {
  input: orderInputSchema,
  item: orderSchema,
  list: orderListSchema,
});
export const orders = {
  ...plainOrders,
  create: endpoint({ ...plainOrders.create, errors: ['discount-refused'] }),
  replace: endpoint({ ...plainOrders.replace, errors: [...plainOrders.replace.errors, 'discount-refused'] }),
  list: endpoint({
    method: 'get',
    path: '/orders',
    summary:
      'Orders, each without its history: all, those that are over or not, or those of a person or a ring',
    query: orderListQuerySchema,
    response: orderListSchema,
  }),
  ...csvTable('/orders', 'orders'),
  logEvents: endpoint({
    method: 'post',
    path: '/orders/{id}/events',
    summary: 'Move an order on, or say what happened to it; repeats do no harm',
    thing: ORDER,
    request: orderEventsInputSchema,
    response: orderSchema,
    errors: ['not-found', 'not-yet'],
  }),
  costs: endpoint({
    method: 'get',
    path: '/orders/{id}/costs',
    summary: 'What its plan and its ring cost, as a price takes it',
    thing: ORDER,
    response: orderCostsSchema,
    errors: ['not-found'],
  }),
};

export const sizers = resource('/sizers', 'sizer', {
  input: sizerInputSchema,
  item: sizerSchema,
  list: sizerListSchema,
});

const plainDiscounts = resource('/discounts', 'discount', {
  input: discountInputSchema,
  item: discountSchema,
  list: discountListSchema,
});
/** Codes for which something is taken off a price; one code is one discount. */
export const discounts = {
  ...plainDiscounts,
  create: endpoint({ ...plainDiscounts.create, errors: ['code-taken'] }),
  replace: endpoint({ ...plainDiscounts.replace, errors: [...plainDiscounts.replace.errors, 'code-taken'] }),
  restore: endpoint({ ...plainDiscounts.restore, errors: ['not-found', 'code-taken'] }),
};

export const scrap = {
  ...resource('/scrap', 'thing in the scrap tin', {
    input: scrapInputSchema,
    item: scrapSchema,
    list: scrapListSchema,
  }),
  ...csvTable('/scrap', 'scrap tin'),
  list: endpoint({
    method: 'get',
    path: '/scrap',
    summary:
      'The scrap tin, latest first; with what was melted out of it, unless only what lies in it is asked for',
    query: scrapListQuerySchema,
    response: scrapListSchema,
  }),
  meltOut: endpoint({
    method: 'post',
    path: '/scrap/melt-out',
    summary: 'Melt several things into one button',
    request: meltOutSchema,
    response: scrapSchema,
    creates: true,
    errors: ['already-melted'],
  }),
};

export const consumables = {
  ...csvTable('/consumables', 'supplies'),
  list: endpoint({
    method: 'get',
    path: '/consumables',
    summary: 'What is used up, and what is left',
    response: supplyListSchema,
  }),
  count: endpoint({
    method: 'put',
    path: '/consumables/{id}',
    summary: 'Count a supply, or change how it is bought',
    thing: CONSUMABLE,
    params: { id: consumableIdSchema },
    request: supplyInputSchema,
    response: supplySchema,
    errors: ['not-found'],
  }),
  buy: endpoint({
    method: 'post',
    path: '/consumables/{id}/bought',
    summary: 'Add bought packs',
    thing: CONSUMABLE,
    params: { id: consumableIdSchema },
    request: boughtSchema,
    response: supplySchema,
    errors: ['not-found'],
  }),
} satisfies Readonly<Record<string, Endpoint>>;

export const outbox = {
  list: endpoint({
    method: 'get',
    path: '/outbox',
    summary: 'Letters to customers, latest first',
    query: messageListQuerySchema,
    response: messageListSchema,
  }),
  post: endpoint({
    method: 'post',
    path: '/outbox',
    summary: 'Put a letter into the outbox; nothing leaves the machine',
    request: messageInputSchema,
    response: messageSchema,
    creates: true,
    errors: ['not-found', 'no-address', 'not-yet'],
  }),
  get: endpoint({
    method: 'get',
    path: '/outbox/{id}',
    summary: 'One letter',
    thing: LETTER,
    response: messageSchema,
    errors: ['not-found'],
  }),
  file: endpoint({
    method: 'get',
    path: '/outbox/{id}/message.eml',
    summary: 'A letter as a mail file',
    thing: LETTER,
    media: 'message/rfc822',
    errors: ['not-found'],
  }),
} satisfies Readonly<Record<string, Endpoint>>;

/** The day, the shop's numbers and the day's metal prices. */
export const shop = {
  metalPrices: endpoint({
    method: 'get',
    path: '/metal-prices',
    summary: 'Metal prices of the day',
    response: metalPricesSchema,
  }),
  dayPlan: endpoint({
    method: 'get',
    path: '/day-plan',
    summary: 'What is left to do on every ring, and the plan made last',
    response: dayPlanSchema,
  }),
  saveDayPlan: endpoint({
    method: 'put',
    path: '/day-plan',
    summary: 'Save a day plan',
    request: savedDayPlanSchema,
    response: dayPlanSchema,
  }),
  numbers: endpoint({
    method: 'get',
    path: '/shop-numbers',
    summary: 'Numbers of the shop',
    response: shopNumbersSchema,
  }),
  yearCsv: endpoint({
    method: 'get',
    path: '/shop-year.csv',
    summary: 'Every sale of a year as CSV, for the books',
    query: yearQuerySchema,
    media: 'text/csv',
    heavy: true,
  }),
} satisfies Readonly<Record<string, Endpoint>>;
