import {
  estimateCoinRing,
  figuresOf,
  gravestFirst,
  type CoinRingEstimate,
  type CoinRingInput,
  type Reason,
  type SizeWriter,
} from '../forming';
import { coinRoute, type CoinRoute, type RouteOptions } from './coin-route';

/** More anneals than this are a warning of their own. */
const MANY_ANNEALS = 10;

export interface CoinRingPlan extends CoinRingEstimate {
  readonly annealCount: number;
  /** Undefined when the piece cannot be made into this ring. */
  readonly route: CoinRoute | undefined;
}

export interface PlanOptions extends RouteOptions {
  /** One share for the whole route: the closed form's figures. Left out, the route's own simulation gives them. */
  readonly widthShare?: number | undefined;
  readonly writeSize?: SizeWriter | undefined;
}

function routeReasons(route: CoinRoute): readonly Reason[] {
  const missing = route.missingTools.map((tool): Reason => ({
    code: 'missing-tool',
    level: 'warn',
    message: `Your kit lacks ${tool.words}.`,
    instead:
      'Add it under Stock, Kit, or borrow one. “What can it become?” tells which sizes one tool would open.',
  }));
  if (route.totals.anneals <= MANY_ANNEALS) return missing;
  return [
    ...missing,
    {
      code: 'many-anneals',
      level: 'warn',
      message: `It takes ${route.totals.anneals} anneals: this metal bears little between them.`,
      instead: 'A larger hole or a size nearer the natural one takes fewer.',
    },
  ];
}

/** The closed form found room for the ring, the route did not: they differ by a few hundredths of a millimetre. */
const RIM_ON_ROUTE: Reason = {
  code: 'rim-would-grow',
  level: 'refuse',
  message: 'The rim never grows: on the way there the ring would need to be larger outside than the coin.',
  instead: 'Take a size a quarter smaller, or a school that stretches less.',
};
const NO_ROUTE = { feasible: false, method: 'none', annealCount: 0, route: undefined } as const;

/**
 * The whole answer for a coin, a hole, a size and a wall: figures, verdict, reachable sizes and the route.
 * The verdict rests on the closed form, the figures on the route's simulation where there is one.
 */
export function planCoinRing(input: CoinRingInput, options: PlanOptions): CoinRingPlan {
  const estimate = estimateCoinRing(input, options.widthShare, options.writeSize);
  if (!estimate.feasible) return { ...estimate, ...NO_ROUTE };
  const route = coinRoute(input, { ...options, method: estimate.method });
  if (!route) return { ...estimate, ...NO_ROUTE, reasons: gravestFirst([...estimate.reasons, RIM_ON_ROUTE]) };
  const figures =
    options.widthShare === undefined
      ? figuresOf(route.finished, input.wall, input.targetInsideDiameterMm)
      : {};
  const reasons = gravestFirst([...estimate.reasons, ...routeReasons(route)]);
  return {
    ...estimate,
    ...figures,
    meridian: options.widthShare === undefined ? route.finished : estimate.meridian,
    reasons,
    annealCount: route.totals.anneals,
    route,
  };
}
