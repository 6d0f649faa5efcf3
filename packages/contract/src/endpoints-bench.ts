import { benchWordSchema } from './bench';
import {
  deviceIdSchema,
  deviceListSchema,
  deviceReadingSchema,
  deviceSchema,
  deviceSetSchema,
} from './devices';
import { endpoint, type Endpoint } from './endpoint';
import { photoInputSchema, photoListSchema, photoSchema } from './photos';
import {
  fullRingListSchema,
  ringEventsInputSchema,
  ringEventsSchema,
  ringInputSchema,
  ringListQuerySchema,
  ringListSchema,
  ringWithEventsSchema,
} from './rings';

const RING = 'ring';
const PHOTO = 'photo';
const DEVICE = 'device';

/** Rings at the bench, with what happened to them. */
export const rings = {
  list: endpoint({
    method: 'get',
    path: '/rings',
    summary: 'List every ring, a line each',
    query: ringListQuerySchema,
    response: ringListSchema,
  }),
  listInFull: endpoint({
    method: 'get',
    path: '/rings/in-full',
    summary: 'List every ring with its plan, its steps and its events',
    query: ringListQuerySchema,
    response: fullRingListSchema,
  }),
  start: endpoint({
    method: 'post',
    path: '/rings',
    summary: 'Take a plan to the bench',
    request: ringInputSchema,
    response: ringWithEventsSchema,
    creates: true,
    errors: ['not-found', 'out-of-stock', 'not-feasible', 'wrong-piece'],
  }),
  get: endpoint({
    method: 'get',
    path: '/rings/{id}',
    summary: 'One ring with its events',
    thing: RING,
    response: ringWithEventsSchema,
    errors: ['not-found'],
  }),
  bench: endpoint({
    method: 'get',
    path: '/rings/{id}/bench',
    summary:
      'What the bench says of a ring now: step, stopping mark, standing, what is to go, the rest of the route',
    thing: RING,
    response: benchWordSchema,
    errors: ['not-found'],
  }),
  archive: endpoint({
    method: 'delete',
    path: '/rings/{id}',
    summary: 'Archive a ring; restore brings it back',
    thing: RING,
    errors: ['not-found'],
  }),
  restore: endpoint({
    method: 'post',
    path: '/rings/{id}/restore',
    summary: 'Bring a ring back',
    thing: RING,
    response: ringWithEventsSchema,
    errors: ['not-found', 'out-of-stock'],
  }),
  events: endpoint({
    method: 'get',
    path: '/rings/{id}/events',
    summary: 'What happened to a ring',
    thing: RING,
    response: ringEventsSchema,
    errors: ['not-found'],
  }),
  logEvents: endpoint({
    method: 'post',
    path: '/rings/{id}/events',
    summary: 'Log what happened; repeats do no harm',
    thing: RING,
    request: ringEventsInputSchema,
    response: ringWithEventsSchema,
    errors: ['not-found', 'awaits-approval'],
  }),
} satisfies Readonly<Record<string, Endpoint>>;

export const photos = {
  list: endpoint({
    method: 'get',
    path: '/rings/{id}/photos',
    summary: 'The pictures of a ring',
    thing: RING,
    response: photoListSchema,
  }),
  add: endpoint({
    method: 'post',
    path: '/rings/{id}/photos',
    summary: 'Save a picture of a ring; repeats do no harm',
    thing: RING,
    request: photoInputSchema,
    response: photoSchema,
    creates: true,
    errors: ['not-found'],
  }),
  file: endpoint({
    method: 'get',
    path: '/photos/{id}',
    summary: 'A picture',
    thing: PHOTO,
    media: 'image/jpeg',
    errors: ['not-found'],
  }),
  archive: endpoint({
    method: 'delete',
    path: '/photos/{id}',
    summary: 'Archive a picture; restore brings it back',
    thing: PHOTO,
    errors: ['not-found'],
  }),
  restore: endpoint({
    method: 'post',
    path: '/photos/{id}/restore',
    summary: 'Bring a picture back',
    thing: PHOTO,
    response: photoSchema,
    errors: ['not-found'],
  }),
} satisfies Readonly<Record<string, Endpoint>>;

export const devices = {
  list: endpoint({
    method: 'get',
    path: '/devices',
    summary: 'The measuring devices of the bench',
    response: deviceListSchema,
  }),
  set: endpoint({
    method: 'put',
    path: '/devices/{device}',
    summary: 'Set a simulated device',
    thing: DEVICE,
    params: { device: deviceIdSchema },
    request: deviceSetSchema,
    response: deviceSchema,
    errors: ['not-found'],
  }),
  send: endpoint({
    method: 'post',
    path: '/devices/{device}/send',
    summary: 'Press its data button',
    thing: DEVICE,
    params: { device: deviceIdSchema },
    response: deviceReadingSchema,
    errors: ['not-found'],
  }),
  stream: endpoint({
    method: 'get',
    path: '/devices/{device}/stream',
    summary: 'Its readings as they come, as server-sent events',
    thing: DEVICE,
    params: { device: deviceIdSchema },
    media: 'text/event-stream',
    errors: ['not-found'],
  }),
} satisfies Readonly<Record<string, Endpoint>>;
