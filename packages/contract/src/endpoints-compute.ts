import {
  coinRingRequestSchema,
  coinRingResponseSchema,
  landRequestSchema,
  landResponseSchema,
  routeRequestSchema,
  routeResponseSchema,
} from './coin-ring';
import { scheduleRequestSchema, scheduleResponseSchema } from './day-plan';
import { dieChartRequestSchema, dieChartResponseSchema } from './die-charts';
import { endpoint, type Endpoint } from './endpoint';
import { faceMapRequestSchema, faceMapResponseSchema } from './faces';
import { formRequestSchema, formResponseSchema } from './forming';
import { priceInputSchema, priceSchema } from './price';
import { platingRequestSchema, platingResponseSchema } from './recipes';
import { searchRequestSchema, searchResponseSchema } from './search';
import { exchangeRequestSchema, exchangeResponseSchema } from './shop';
import { sizeRequestSchema, sizeResponseSchema } from './size';
import {
  coinBandRequestSchema,
  coinBandResponseSchema,
  densityRequestSchema,
  densityResponseSchema,
  handleRequestSchema,
  handleResponseSchema,
  resizeRequestSchema,
  resizeResponseSchema,
  rollingRequestSchema,
  rollingResponseSchema,
  spinnerRequestSchema,
  spinnerResponseSchema,
  stripRequestSchema,
  stripResponseSchema,
} from './works-compute';

/** What can be computed without storing anything. */
export const compute = {
  size: endpoint({
    method: 'post',
    path: '/compute/size',
    summary: 'A ring size in every system',
    request: sizeRequestSchema,
    response: sizeResponseSchema,
  }),
  coinRing: endpoint({
    method: 'post',
    path: '/compute/coin-ring',
    summary: 'The ring that comes out of a coin, a hole, a size and a wall',
    request: coinRingRequestSchema,
    response: coinRingResponseSchema,
  }),
  route: endpoint({
    method: 'post',
    path: '/compute/route',
    summary: 'The steps that make it, annealing by the budget',
    request: routeRequestSchema,
    response: routeResponseSchema,
  }),
  form: endpoint({
    method: 'post',
    path: '/compute/form',
    summary: 'The wall after each of a list of blows, as the routes form it',
    request: formRequestSchema,
    response: formResponseSchema,
  }),
  faceMap: endpoint({
    method: 'post',
    path: '/compute/face-map',
    summary: 'Where points of a face come to lie on the band, and how they are stretched',
    request: faceMapRequestSchema,
    response: faceMapResponseSchema,
    errors: ['not-feasible'],
  }),
  land: endpoint({
    method: 'post',
    path: '/compute/land',
    summary: 'How far off centre a hole is, and how to true it',
    request: landRequestSchema,
    response: landResponseSchema,
  }),
  search: endpoint({
    method: 'post',
    path: '/compute/search',
    summary: 'What to use for a wish, best first',
    request: searchRequestSchema,
    response: searchResponseSchema,
    heavy: true,
  }),
  dieChart: endpoint({
    method: 'post',
    path: '/compute/die-chart',
    summary: 'At which reveal to stop for a size',
    request: dieChartRequestSchema,
    response: dieChartResponseSchema,
  }),
  plating: endpoint({
    method: 'post',
    path: '/compute/plating',
    summary: 'A gold lining by charge and time',
    request: platingRequestSchema,
    response: platingResponseSchema,
  }),
  handle: endpoint({
    method: 'post',
    path: '/compute/handle',
    summary: 'Length, former and verdict of a ring from a handle',
    request: handleRequestSchema,
    response: handleResponseSchema,
  }),
  strip: endpoint({
    method: 'post',
    path: '/compute/strip',
    summary: 'Blank length of a strip or wire band',
    request: stripRequestSchema,
    response: stripResponseSchema,
  }),
  spinner: endpoint({
    method: 'post',
    path: '/compute/spinner',
    summary: 'Both blanks of a two-part spinner',
    request: spinnerRequestSchema,
    response: spinnerResponseSchema,
  }),
  coinBand: endpoint({
    method: 'post',
    path: '/compute/coin-band',
    summary: 'The parts of an open ring with a coin in its middle',
    request: coinBandRequestSchema,
    response: coinBandResponseSchema,
  }),
  rolling: endpoint({
    method: 'post',
    path: '/compute/rolling',
    summary: 'Passes and anneals that roll a bar to a thickness',
    request: rollingRequestSchema,
    response: rollingResponseSchema,
  }),
  resize: endpoint({
    method: 'post',
    path: '/compute/resize',
    summary: 'Whether a finished band can be another size, and how',
    request: resizeRequestSchema,
    response: resizeResponseSchema,
  }),
  density: endpoint({
    method: 'post',
    path: '/compute/density',
    summary: 'Density by air and water, and the metals that fit',
    request: densityRequestSchema,
    response: densityResponseSchema,
  }),
  schedule: endpoint({
    method: 'post',
    path: '/compute/schedule',
    summary: 'A day plan over several rings',
    request: scheduleRequestSchema,
    response: scheduleResponseSchema,
    heavy: true,
  }),
  price: endpoint({
    method: 'post',
    path: '/compute/price',
    summary: 'A price by cost, fees and margin',
    request: priceInputSchema,
    response: priceSchema,
  }),
  partExchange: endpoint({
    method: 'post',
    path: '/compute/part-exchange',
    summary: 'Whether and how pieces pay for a ring',
    request: exchangeRequestSchema,
    response: exchangeResponseSchema,
  }),
} satisfies Readonly<Record<string, Endpoint>>;
