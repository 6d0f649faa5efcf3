import { endpoint, type Endpoint } from './endpoint';
import { resource } from './resource';
import {
  nextListSchema,
  nextQuerySchema,
  ringCostsSchema,
  saleInputSchema,
  saleSchema,
  shelfChangeSchema,
  shelfEventsInputSchema,
  shelfInputSchema,
  shelfListQuerySchema,
  shelfListSchema,
  shelfRingSchema,
  unplacedListQuerySchema,
  unplacedListSchema,
} from './shelf';

const SHELF_RING = 'ring on the shelf';

const plain = resource('/shelf', SHELF_RING, {
  input: shelfInputSchema,
  item: shelfRingSchema,
  list: shelfListSchema,
});

/** Finished rings that nobody ordered: for sale, reserved, sold, given away or taken apart. */
export const shelf = {
  ...plain,
  list: endpoint({
    method: 'get',
    path: '/shelf',
    summary: 'Rings on the shelf: all, those that lie on it, or those that left it',
    query: shelfListQuerySchema,
    response: shelfListSchema,
  }),
  create: endpoint({
    method: 'post',
    path: '/shelf',
    summary: 'Put a finished ring on the shelf',
    request: shelfInputSchema,
    response: shelfRingSchema,
    creates: true,
    errors: ['not-found', 'not-yet', 'on-shelf-already', 'has-order', 'id-taken'],
  }),
  replace: endpoint({
    method: 'put',
    path: '/shelf/{id}',
    summary: 'Change what is told of a ring on the shelf',
    thing: SHELF_RING,
    request: shelfChangeSchema,
    response: shelfRingSchema,
    errors: ['not-found', 'changed-meanwhile', 'no-version'],
    guarded: true,
  }),
  restore: endpoint({
    ...plain.restore,
    errors: ['not-found', 'on-shelf-already', 'has-order'],
  }),
  logEvents: endpoint({
    method: 'post',
    path: '/shelf/{id}/events',
    summary: 'Price, reserve, release, give away or take apart a ring on the shelf; repeats do no harm',
    thing: SHELF_RING,
    request: shelfEventsInputSchema,
    response: shelfRingSchema,
    errors: ['not-found', 'gone-already', 'not-yet', 'already-melted', 'id-taken'],
  }),
  sell: endpoint({
    method: 'post',
    path: '/shelf/{id}/sale',
    summary: 'Sell a ring on the shelf: an order is made of it; repeats do no harm',
    thing: SHELF_RING,
    request: saleInputSchema,
    response: saleSchema,
    creates: true,
    errors: ['not-found', 'gone-already', 'not-yet', 'discount-refused', 'id-taken'],
  }),
  exportCsv: endpoint({
    method: 'get',
    path: '/shelf.csv',
    summary: 'The rings that lie on the shelf as CSV',
    media: 'text/csv',
    heavy: true,
  }),
  unplaced: endpoint({
    method: 'get',
    path: '/unplaced-rings',
    summary: 'Finished rings without an order that do not lie on the shelf, latest first',
    query: unplacedListQuerySchema,
    response: unplacedListSchema,
  }),
  next: endpoint({
    method: 'get',
    path: '/next-rings',
    summary: 'What to make next for the shelf, from what was asked for, sold and lies there, with why',
    query: nextQuerySchema,
    response: nextListSchema,
    heavy: true,
  }),
  costs: endpoint({
    method: 'get',
    path: '/rings/{id}/costs',
    summary: 'What a ring really took, as a price takes it',
    thing: 'ring',
    response: ringCostsSchema,
    errors: ['not-found'],
  }),
} satisfies Readonly<Record<string, Endpoint>>;
