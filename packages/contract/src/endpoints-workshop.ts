import { archiveSchema, importResultSchema } from './archive';
import { dryRunQuerySchema, listQuerySchema } from './common';
import { csvTable } from './csv-table';
import { dieChartInputSchema, dieChartListSchema, dieChartSchema } from './die-charts';
import { endpoint, type Endpoint } from './endpoint';
import {
  shownToolSchema,
  toolEventsInputSchema,
  toolInputSchema,
  toolListSchema,
  toolPassesSchema,
} from './kit';
import { learntSchema } from './learnt';
import { logEntrySchema, logListSchema, logSummarySchema } from './log';
import { planInputSchema, planListSchema, planSchema } from './plans';
import { recipeInputSchema, recipeListSchema, recipeSchema } from './recipes';
import { resource } from './resource';
import { settingsPatchSchema, settingsSchema } from './settings';
import {
  countInputSchema,
  countListSchema,
  stockInputSchema,
  stockItemSchema,
  stockListQuerySchema,
  stockListSchema,
} from './stock';
import {
  faceFileQuerySchema,
  faceInputSchema,
  pieceFaceSchema,
  pieceFacesSchema,
  topInputSchema,
} from './stock-faces';
import { healthSchema, metalListSchema, openApiSchema } from './system';

/** What does not belong to any workshop. */
export const system = {
  health: endpoint({
    method: 'get',
    path: '/health',
    summary: 'Whether the server is well',
    response: healthSchema,
  }),
  metals: endpoint({
    method: 'get',
    path: '/metals',
    summary: 'The metals and what they bear',
    response: metalListSchema,
  }),
  openApi: endpoint({
    method: 'get',
    path: '/openapi.json',
    summary: 'This description',
    response: openApiSchema,
  }),
} satisfies Readonly<Record<string, Endpoint>>;

export const stock = {
  ...resource('/stock', 'piece of stock', {
    input: stockInputSchema,
    item: stockItemSchema,
    list: stockListSchema,
  }),
  ...csvTable('/stock', 'stock'),
  list: endpoint({
    method: 'get',
    path: '/stock',
    summary: 'Pieces of stock: all, or those of one kind',
    query: stockListQuerySchema,
    response: stockListSchema,
  }),
  counts: endpoint({
    method: 'get',
    path: '/stock/{id}/counts',
    summary: 'How the count of a piece came to be, latest first',
    thing: 'piece of stock',
    query: listQuerySchema,
    response: countListSchema,
    errors: ['not-found'],
  }),
  count: endpoint({
    method: 'post',
    path: '/stock/{id}/counts',
    summary: 'Change the count of a piece by so many; sending it twice counts once',
    thing: 'piece of stock',
    request: countInputSchema,
    response: stockItemSchema,
    errors: ['not-found', 'out-of-stock', 'id-taken'],
  }),
};

/** How the two faces of a piece look. */
export const faces = {
  list: endpoint({
    method: 'get',
    path: '/stock/{id}/faces',
    summary: 'The pictures of both faces of a piece',
    thing: 'piece of stock',
    response: pieceFacesSchema,
    errors: ['not-found'],
  }),
  set: endpoint({
    method: 'put',
    path: '/stock/{id}/faces/{face}',
    summary: 'Save a picture of a face, taken straight and square; repeats do no harm',
    thing: 'piece of stock',
    params: { face: pieceFaceSchema },
    request: faceInputSchema,
    response: pieceFacesSchema,
    errors: ['not-found', 'wrong-piece'],
  }),
  remove: endpoint({
    method: 'delete',
    path: '/stock/{id}/faces/{face}',
    summary: 'Take the picture of a face off its piece; setting its id again brings it back',
    thing: 'piece of stock',
    params: { face: pieceFaceSchema },
    errors: ['not-found'],
  }),
  setTop: endpoint({
    method: 'put',
    path: '/stock/{id}/top',
    summary: 'Save the picture of a handle from above, laid straight, with its outline; repeats do no harm',
    thing: 'piece of stock',
    request: topInputSchema,
    response: stockItemSchema,
    errors: ['not-found', 'wrong-piece'],
  }),
  removeTop: endpoint({
    method: 'delete',
    path: '/stock/{id}/top',
    summary: 'Take the picture of a handle off it; setting its id again brings it back',
    thing: 'piece of stock',
    errors: ['not-found'],
  }),
  file: endpoint({
    method: 'get',
    path: '/faces/{id}',
    summary: 'A face: a square from rim to rim, its top up; or a handle from above, its tip at the left',
    thing: 'face',
    query: faceFileQuerySchema,
    media: 'image/jpeg',
    errors: ['not-found'],
  }),
} satisfies Readonly<Record<string, Endpoint>>;

export const kit = {
  ...resource('/kit', 'tool', { input: toolInputSchema, item: shownToolSchema, list: toolListSchema }),
  logEvents: endpoint({
    method: 'post',
    path: '/kit/events',
    summary: 'Say what happened to tools: a fault, mended, replaced, oiled; repeats do no harm',
    request: toolEventsInputSchema,
    response: toolListSchema,
    errors: ['not-found'],
  }),
  passes: endpoint({
    method: 'get',
    path: '/kit-passes',
    summary: 'How often each tool was used since it was replaced last',
    response: toolPassesSchema,
  }),
  ...csvTable('/kit', 'kit'),
};

export const plans = resource('/plans', 'plan', {
  input: planInputSchema,
  item: planSchema,
  list: planListSchema,
});

export const dieCharts = resource('/die-charts', 'die chart', {
  input: dieChartInputSchema,
  item: dieChartSchema,
  list: dieChartListSchema,
});

export const recipes = resource('/recipes', 'finishing recipe', {
  input: recipeInputSchema,
  item: recipeSchema,
  list: recipeListSchema,
});

/** The log, the settings and the whole workshop as a file. */
export const workshop = {
  log: endpoint({
    method: 'get',
    path: '/log',
    summary: 'Finished rings, predicted against actual',
    query: listQuerySchema,
    response: logListSchema,
  }),
  logSummary: endpoint({
    method: 'get',
    path: '/log/summary',
    summary: 'How near the plans of all finished rings came',
    response: logSummarySchema,
  }),
  logEntry: endpoint({
    method: 'get',
    path: '/log/{id}',
    summary: 'One finished ring, predicted against actual',
    thing: 'finished ring',
    response: logEntrySchema,
    errors: ['not-found'],
  }),
  logCsv: endpoint({
    method: 'get',
    path: '/log.csv',
    summary: 'The log as CSV',
    media: 'text/csv',
    heavy: true,
  }),
  learnt: endpoint({
    method: 'get',
    path: '/learnt',
    summary: 'What the log has taught about this bench',
    response: learntSchema,
  }),
  settings: endpoint({
    method: 'get',
    path: '/settings',
    summary: 'The maker’s settings',
    response: settingsSchema,
  }),
  changeSettings: endpoint({
    method: 'patch',
    path: '/settings',
    summary: 'Change some settings',
    request: settingsPatchSchema,
    response: settingsSchema,
  }),
  exportAll: endpoint({
    method: 'get',
    path: '/export',
    summary: 'Everything as one JSON text; a large workshop goes out as a zip',
    response: archiveSchema,
    heavy: true,
    errors: ['too-much-for-json'],
  }),
  exportZip: endpoint({
    method: 'get',
    path: '/export.zip',
    summary: 'Everything, what was archived too, as one zip of any size',
    media: 'application/zip',
    heavy: true,
  }),
  importAll: endpoint({
    method: 'post',
    path: '/import',
    summary: 'Take an exported file back, JSON or application/zip; a dry run only says what it would add',
    query: dryRunQuerySchema,
    request: archiveSchema,
    response: importResultSchema,
    heavy: true,
  }),
} satisfies Readonly<Record<string, Endpoint>>;
