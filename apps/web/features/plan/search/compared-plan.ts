import type { Kit } from '@round-mint/core/kit';
import { outlineOf, planCoinRing } from '@round-mint/core/route';
import type { BenchTraits, Finish, RouteStep } from '@round-mint/core/steps';
import type { WallWish } from '@round-mint/core/forming';
import type { Way } from '@round-mint/core/ways';
import { planWork } from '@round-mint/core/work';

/** What is asked of every way that is compared. */
export interface Asked {
  readonly targetInsideDiameterMm: number;
  readonly wall: WallWish;
  readonly finish: Finish;
}

/** A way as it is drawn beside others, and its edges, mm. */
interface ComparedPlan {
  readonly outline: RouteStep['outline'] | undefined;
  readonly cutEdgeMm: number;
  readonly rimEdgeMm: number;
}

/** The plan of a way, worked out finely. */
export function comparedPlan(
  way: Way,
  { targetInsideDiameterMm, wall, finish }: Asked,
  bench: { readonly kit: Kit; readonly traits: BenchTraits },
): ComparedPlan {
  if (way.kind === 'coin') {
    const { piece: coin, holeMm, school } = way;
    const plan = planCoinRing({ coin, holeMm, targetInsideDiameterMm, wall, school }, bench);
    return {
      outline: outlineOf(plan.meridian),
      cutEdgeMm: plan.thicknessCutEdgeMm,
      rimEdgeMm: plan.thicknessRimEdgeMm,
    };
  }
  const { work, piece, other } = way;
  const { steps, prediction } = planWork(
    { work, piece, targetInsideDiameterMm, finish, other },
    bench,
    piece.may,
  );
  return {
    outline: steps.at(-1)?.outline,
    cutEdgeMm: prediction.thicknessCutEdgeMm,
    rimEdgeMm: prediction.thicknessRimEdgeMm,
  };
}
