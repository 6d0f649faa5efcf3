import { csvImportResultSchema, csvImportSchema } from './csv';
import type { Endpoint } from './endpoint';
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

/** A stored list as a CSV file, out and in. */
export function csvTable(path: string, name: string): readonly Endpoint[] {
  return [
    { method: 'get', path: `${path}.csv`, summary: `The ${name} as CSV`, media: 'text/csv' },
    {
      method: 'post',
      path: `${path}/import`,
      summary: `Take a CSV file of the ${name} in, all rows or none; \`?dryRun=1\` only tells what each would do`,
      request: csvImportSchema,
      response: csvImportResultSchema,
    },
  ];
}

/** What is computed for work that is no coin ring. */
export const WORK_COMPUTES: readonly Endpoint[] = [
  {
    method: 'post',
    path: '/compute/handle',
    summary: 'Length, former and verdict of a ring from a handle',
    request: handleRequestSchema,
    response: handleResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/strip',
    summary: 'Blank length of a strip or wire band',
    request: stripRequestSchema,
    response: stripResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/spinner',
    summary: 'Both blanks of a two-part spinner',
    request: spinnerRequestSchema,
    response: spinnerResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/coin-band',
    summary: 'The parts of an open ring with a coin in its middle',
    request: coinBandRequestSchema,
    response: coinBandResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/rolling',
    summary: 'Passes and anneals that roll a bar to a thickness',
    request: rollingRequestSchema,
    response: rollingResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/resize',
    summary: 'Whether a finished band can be another size, and how',
    request: resizeRequestSchema,
    response: resizeResponseSchema,
  },
  {
    method: 'post',
    path: '/compute/density',
    summary: 'Density by air and water, and the metals that fit',
    request: densityRequestSchema,
    response: densityResponseSchema,
  },
];
