import { countWords, durationWords } from '@round-mint/core/format';
import type { CoinPlanInput } from '@round-mint/contract/plans';
import { FINISHING_SCHOOLS } from '@round-mint/core/forming';
import { coinRoute } from '@round-mint/core/route';
import { useMemo } from 'react';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { useInSlices } from '@/features/plan/draft/use-in-slices';

type School = CoinPlanInput['school'];

/** What a ring costs by one school: hands, heats and tools that this kit lacks. */
export interface SchoolPrice {
  readonly minutes: number;
  readonly anneals: number;
  readonly missingTools: number;
}

const SCHOOLS: readonly School[] = ['best', ...FINISHING_SCHOOLS];
/** Minutes and heats need few fibres. */
const QUICK_INTERVALS = 16;

/** Each school's price for the ring that is planned, a moment later; null where it makes no such ring. */
export function useSchoolPrices(model: PlanModel): ReadonlyMap<School, SchoolPrice | null> {
  const { piece, targetMm, wall, holeMm, kit, traits, plan } = model;
  const feasible = plan?.feasible ?? false;
  const workOut = useMemo(() => {
    if (!piece || targetMm === undefined || holeMm === undefined || !feasible) return undefined;
    const input = { coin: piece, holeMm, targetInsideDiameterMm: targetMm, wall };
    return (school: School): SchoolPrice | null => {
      const route = coinRoute({ ...input, school }, { kit, traits, intervals: QUICK_INTERVALS });
      if (!route) return null;
      const { totals, missingTools } = route;
      return {
        minutes: Math.round(totals.handsOnMin),
        anneals: totals.anneals,
        missingTools: missingTools.length,
      };
    };
  }, [piece, targetMm, wall, holeMm, kit, traits, feasible]);
  return useInSlices(SCHOOLS, workOut);
}

/** "41 min, 3 anneals", or what the school lacks. */
export function priceWords(price: SchoolPrice | null | undefined): string {
  if (price === undefined) return '…';
  if (price === null) return 'not this ring';
  const { minutes, anneals, missingTools } = price;
  if (missingTools > 0) return missingTools === 1 ? 'lacks a tool' : `lacks ${missingTools} tools`;
  return `${durationWords(minutes)}, ${countWords(anneals, 'anneal')}`;
}
