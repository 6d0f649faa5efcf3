import type { CoinRingInput } from '../forming';
import { coinRoute } from './choose-school';
import type { CoinRoute, RouteOptions } from './coin-route';
import { REFERENCE_KIT } from '../kit';

/** The route of a ring that can be made, with a kit that lacks nothing. For tests only. */
export function routeFor(input: CoinRingInput, options: Partial<RouteOptions> = {}): CoinRoute {
  const route = coinRoute(input, { kit: REFERENCE_KIT, ...options });
  if (!route) throw new Error('this ring has no route');
  return route;
}
