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
    message: `Your kit lacks ${tool}.`,
    instead: 'Add it under Stock, Kit, or borrow one before you start.',
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

/**
 * The whole answer for a coin, a hole, a size and a wall: figures, verdict, reachable sizes and the route.
 * The verdict rests on the closed form, the figures on the route's simulation where there is one.
 */
export function planCoinRing(input: CoinRingInput, options: PlanOptions): CoinRingPlan {
  const estimate = estimateCoinRing(input, options.widthShare, options.writeSize);
  if (!estimate.feasible) return { ...estimate, annealCount: 0, route: undefined };
  const route = coinRoute(input, { ...options, method: estimate.method });
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
