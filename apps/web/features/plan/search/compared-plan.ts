import type { Kit } from '@round-mint/core/kit';
import { outlineOf, planCoinRing } from '@round-mint/core/route';
import type { BenchTraits, Finish, RouteStep } from '@round-mint/core/steps';
import type { WallWish } from '@round-mint/core/forming';
import type { Way, WayPiece, WayStrip, WorkWay } from '@round-mint/core/ways';
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

function plannedWork(
  { work, stockId, otherStockId }: WorkWay,
  drawer: readonly WayPiece[],
  { targetInsideDiameterMm, finish }: Asked,
  bench: { readonly kit: Kit; readonly traits: BenchTraits },
) {
  const piece = drawer.find(({ id }) => id === stockId);
  const strip = drawer.find((one): one is WayStrip => one.kind === 'strip' && one.id === otherStockId);
  const other = strip && { piece: strip, isSame: strip.id === stockId };
  return piece && planWork({ work, piece, targetInsideDiameterMm, finish, other }, bench, piece.may);
}

/** The plan of a way, worked out finely; undefined where its piece is gone. */
export function comparedPlan(
  way: Way,
  drawer: readonly WayPiece[],
  asked: Asked,
  bench: { readonly kit: Kit; readonly traits: BenchTraits },
): ComparedPlan | undefined {
  if (way.kind === 'coin') {
    const { piece: coin, holeMm, school } = way;
    const { targetInsideDiameterMm, wall } = asked;
    const plan = planCoinRing({ coin, holeMm, targetInsideDiameterMm, wall, school }, bench);
    return {
      outline: outlineOf(plan.meridian),
      cutEdgeMm: plan.thicknessCutEdgeMm,
      rimEdgeMm: plan.thicknessRimEdgeMm,
    };
  }
  const plan = plannedWork(way, drawer, asked, bench);
  return (
    plan && {
      outline: plan.steps.at(-1)?.outline,
      cutEdgeMm: plan.prediction.thicknessCutEdgeMm,
      rimEdgeMm: plan.prediction.thicknessRimEdgeMm,
    }
  );
}
