import { finishReasons } from '../finishing';
import {
  cutEdge,
  cutEdgeReasons,
  estimateCoinRing,
  figuresOf,
  gravestFirst,
  isFeasible,
  methodForRimStrain,
  type CoinRingEstimate,
  type CoinRingFigures,
  type CoinRingInput,
  type Reason,
  type ReasonCode,
  type SizeWriter,
} from '../forming';
import { coinRoute } from './choose-school';
import type { CoinRoute, RouteOptions } from './coin-route';
import { routeReason } from './reason-words';

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

function routeReasons({ missingTools, totals }: CoinRoute): readonly Reason[] {
  const missing = missingTools.map((tool) => routeReason('missing-tool', 'warn', { tool: tool.words }));
  const { anneals } = totals;
  return anneals > MANY_ANNEALS ? [...missing, routeReason('many-anneals', 'warn', { anneals })] : missing;
}

/** The closed form found room for the ring, the route did not: they differ by a few hundredths of a millimetre. */
const RIM_ON_ROUTE: Reason = routeReason('rim-would-grow', 'refuse');
/** What the route's simulation knows better than the closed form. */
const SETTLED_BY_ROUTE: readonly ReasonCode[] = ['rim-would-grow', 'cut-edge-thin', 'cut-edge-sharp'];

/** The estimate's reasons without those that the route settles, and what the route says of them. */
function verdictOf(estimate: CoinRingEstimate, route: CoinRoute | undefined): readonly Reason[] {
  const others = estimate.reasons.filter(({ code }) => !SETTLED_BY_ROUTE.includes(code));
  if (!route) {
    const already = estimate.reasons.some(({ code }) => code === 'rim-would-grow');
    return already ? estimate.reasons : gravestFirst([...estimate.reasons, RIM_ON_ROUTE]);
  }
  const edge = cutEdgeReasons(cutEdge(route.finished).thicknessMm);
  return gravestFirst([...others, ...edge, ...routeReasons(route)]);
}

function figuresOn(
  route: CoinRoute,
  { wall, targetInsideDiameterMm }: CoinRingInput,
): CoinRingFigures & Pick<CoinRingEstimate, 'meridian'> {
  return { ...figuresOf(route.finished, wall, targetInsideDiameterMm), meridian: route.finished };
}

/** The sizes that a washer makes, with the one that its route has found. */
function rangeWith(range: CoinRingEstimate['sizeRangeMm'], sizeMm: number): CoinRingEstimate['sizeRangeMm'] {
  return range && { ...range, min: Math.min(range.min, sizeMm), max: Math.max(range.max, sizeMm) };
}

/**
 * The whole answer for a coin, a hole, a size and a wall: figures, verdict, reachable sizes and the route. The closed
 * form rules out what no route is looked for; whether the rim has room and the cut edge stays thick enough, the route's
 * own simulation says.
 */
export function planCoinRing(input: CoinRingInput, options: PlanOptions): CoinRingPlan {
  const estimate = estimateCoinRing(input, options.widthShare, options.writeSize);
  const ruledOut = estimate.reasons.some(
    ({ code, level }) => level === 'refuse' && !SETTLED_BY_ROUTE.includes(code),
  );
  const method = methodForRimStrain(estimate.strainRimEdge);
  const route = ruledOut ? undefined : coinRoute(input, { ...options, method });
  const surface = options.finish ? finishReasons(options.finish, input.coin.metal) : [];
  const reasons = gravestFirst([...(ruledOut ? estimate.reasons : verdictOf(estimate, route)), ...surface]);
  if (!route || !isFeasible(reasons)) {
    return { ...estimate, reasons, feasible: false, method: 'none', annealCount: 0, route: undefined };
  }
  return {
    ...estimate,
    ...(options.widthShare === undefined ? figuresOn(route, input) : {}),
    reasons,
    feasible: true,
    method,
    sizeRangeMm: rangeWith(estimate.sizeRangeMm, input.targetInsideDiameterMm),
    annealCount: route.totals.anneals,
    route,
  };
}
