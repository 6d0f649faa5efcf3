import type { PlanInput } from '@round-mint/contract/plans';
import { type AnnealSchool, planCoinRing } from '@round-mint/core/route';
import type { RouteStep } from '@round-mint/core/steps';
import type { CustomerWish, WishBench, WishOption } from '@round-mint/core/trade';
import { planWork } from '@round-mint/core/work';

/** Names an answer: a piece and what is made of it. */
export function optionKey({ stockId, plan }: Pick<WishOption, 'stockId' | 'plan'>): string {
  return plan.kind === 'coin' ? `${stockId} ${plan.holeMm} ${plan.wall.kind}` : `${stockId} ${plan.kind}`;
}

/** An answer as a plan that can be kept. */
export function planOfOption(
  option: WishOption,
  wish: Pick<CustomerWish, 'targetInsideDiameterMm' | 'finish'>,
  ids: { readonly id: string; readonly name: string },
): PlanInput {
  const { stockId, plan } = option;
  const { targetInsideDiameterMm, finish } = wish;
  const common = { ...ids, stockId, targetInsideDiameterMm, finish };
  if (plan.kind !== 'coin') return { ...common, ...plan };
  const { holeMm, wall, school } = plan;
  const { curl, curlDeg = null } = wall;
  return { ...common, kind: 'coin', holeMm, wall: wall.kind, curlDeg, ...(curl ? { curl } : {}), school };
}

/** The steps of an answer, for a date to be promised. */
export function stepsOfOption(
  option: WishOption,
  wish: CustomerWish,
  bench: WishBench,
  annealSchool: AnnealSchool,
): readonly RouteStep[] {
  const piece = bench.stock.find(({ id }) => id === option.stockId);
  if (!piece) return [];
  const { targetInsideDiameterMm, finish } = wish;
  const { kit, traits } = bench;
  if (option.plan.kind !== 'coin') {
    return planWork({ work: option.plan, piece, targetInsideDiameterMm, finish }, bench, piece.may).steps;
  }
  if (piece.kind !== 'coin') return [];
  const { holeMm, wall, school } = option.plan;
  const planned = planCoinRing(
    { coin: piece, holeMm, targetInsideDiameterMm, wall, school },
    { kit, traits, finish, annealSchool },
  );
  return planned.route?.steps ?? [];
}
