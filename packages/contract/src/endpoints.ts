import type { Endpoint } from './endpoint';
import { archiveSchema, importResultSchema } from './archive';
import {
  coinRingRequestSchema,
  coinRingResponseSchema,
  landRequestSchema,
  landResponseSchema,
  routeRequestSchema,
  routeResponseSchema,
} from './coin-ring';
import {
  dieChartInputSchema,
  dieChartListSchema,
  dieChartRequestSchema,
  dieChartResponseSchema,
  dieChartSchema,
} from './die-charts';
import { deviceListSchema, deviceReadingSchema, deviceSchema, deviceSetSchema } from './devices';
import { storedToolSchema, toolInputSchema, toolListSchema } from './kit';
import { learntSchema } from './learnt';
import { logListSchema } from './log';
import { photoInputSchema, photoListSchema, photoSchema } from './photos';
import {
  platingRequestSchema,
  platingResponseSchema,
  recipeInputSchema,
  recipeListSchema,
  recipeSchema,
} from './recipes';
import { planInputSchema, planListSchema, planSchema } from './plans';
import {
  ringEventsInputSchema,
  ringEventsSchema,
  ringInputSchema,
  ringListSchema,
  ringWithEventsSchema,
} from './rings';
import { searchRequestSchema, searchResponseSchema } from './search';
import { settingsPatchSchema, settingsSchema } from './settings';
import { sizeRequestSchema, sizeResponseSchema } from './size';
import { stockInputSchema, stockItemSchema, stockListSchema } from './stock';
import { healthSchema, metalListSchema } from './system';
import { TRADE } from './endpoints-trade';
import { csvTable, WORK_COMPUTES } from './endpoints-works';
import { resource } from './resource';

export const ENDPOINTS: readonly Endpoint[] = [
  { method: 'get', path: '/health', summary: 'Whether the server is well', response: healthSchema },
  { method: 'get', path: '/metals', summary: 'The metals and what they bear', response: metalListSchema },
  {
    method: 'post',
    path: '/compute/size',
    summary: 'A ring size in every system',
    request: sizeRequestSchema,
    response: sizeResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/coin-ring',
    summary: 'The ring that comes out of a coin, a hole, a size and a wall',
    request: coinRingRequestSchema,
    response: coinRingResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/route',
    summary: 'The steps that make it, annealing by the budget',
    request: routeRequestSchema,
    response: routeResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/land',
    summary: 'How far off centre a hole is, and how to true it',
    request: landRequestSchema,
    response: landResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/search',
    summary: 'What to use for a wish, best first',
    request: searchRequestSchema,
    response: searchResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/die-chart',
    summary: 'At which reveal to stop for a size',
    request: dieChartRequestSchema,
    response: dieChartResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/plating',
    summary: 'A gold lining by charge and time',
    request: platingRequestSchema,
    response: platingResponseSchema,
  },
  ...WORK_COMPUTES,
  ...resource('/stock', 'piece of stock', {
    input: stockInputSchema,
    item: stockItemSchema,
    list: stockListSchema,
  }),
  ...resource('/kit', 'tool', { input: toolInputSchema, item: storedToolSchema, list: toolListSchema }),
  ...resource('/plans', 'plan', { input: planInputSchema, item: planSchema, list: planListSchema }),
  ...resource('/die-charts', 'die chart', {
    input: dieChartInputSchema,
    item: dieChartSchema,
    list: dieChartListSchema,
  }),
  ...resource('/recipes', 'finishing recipe', {
    input: recipeInputSchema,
    item: recipeSchema,
    list: recipeListSchema,
  }),
  ...csvTable('/stock', 'stock'),
  ...csvTable('/kit', 'kit'),
  { method: 'get', path: '/rings', summary: 'List every ring', response: ringListSchema, list: true },
  {
    method: 'post',
    path: '/rings',
    summary: 'Take a plan to the bench',
    request: ringInputSchema,
    response: ringWithEventsSchema,
    creates: true,
  },
  { method: 'get', path: '/rings/{id}', summary: 'One ring with its events', response: ringWithEventsSchema },
  { method: 'delete', path: '/rings/{id}', summary: 'Archive a ring; restore brings it back' },
  {
    method: 'post',
    path: '/rings/{id}/restore',
    summary: 'Bring a ring back',
    response: ringWithEventsSchema,
  },
  {
    method: 'get',
    path: '/rings/{id}/events',
    summary: 'What happened to a ring',
    response: ringEventsSchema,
  },
  {
    method: 'post',
    path: '/rings/{id}/events',
    summary: 'Log what happened; repeats do no harm',
    request: ringEventsInputSchema,
    response: ringWithEventsSchema,
  },
  { method: 'get', path: '/rings/{id}/photos', summary: 'The pictures of a ring', response: photoListSchema },
  {
    method: 'post',
    path: '/rings/{id}/photos',
    summary: 'Keep a picture of a ring; repeats do no harm',
    request: photoInputSchema,
    response: photoSchema,
    creates: true,
  },
  { method: 'get', path: '/photos/{id}', summary: 'A picture', media: 'image/jpeg' },
  { method: 'delete', path: '/photos/{id}', summary: 'Archive a picture; restore brings it back' },
  { method: 'post', path: '/photos/{id}/restore', summary: 'Bring a picture back', response: photoSchema },
  {
    method: 'get',
    path: '/log',
    summary: 'Finished rings, predicted against actual',
    response: logListSchema,
    list: true,
  },
  {
    method: 'get',
    path: '/learnt',
    summary: 'What the log has taught about this bench',
    response: learntSchema,
  },
  { method: 'get', path: '/log.csv', summary: 'The log as CSV', media: 'text/csv' },
  {
    method: 'get',
    path: '/devices',
    summary: 'The measuring devices of the bench',
    response: deviceListSchema,
  },
  {
    method: 'put',
    path: '/devices/{device}',
    summary: 'Set a simulated device',
    request: deviceSetSchema,
    response: deviceSchema,
  },
  {
    method: 'post',
    path: '/devices/{device}/send',
    summary: 'Press its data button',
    response: deviceReadingSchema,
  },
  {
    method: 'get',
    path: '/devices/{device}/stream',
    summary: 'Its readings as they come, as server-sent events',
    media: 'text/event-stream',
  },
  ...TRADE,
  { method: 'get', path: '/settings', summary: 'The maker’s settings', response: settingsSchema },
  {
    method: 'patch',
    path: '/settings',
    summary: 'Change some settings',
    request: settingsPatchSchema,
    response: settingsSchema,
  },
  { method: 'get', path: '/export', summary: 'Everything as one file', response: archiveSchema },
  {
    method: 'post',
    path: '/import',
    summary: 'Take an exported file back; `?dryRun=1` only says what it would add',
    request: archiveSchema,
    response: importResultSchema,
  },
];
