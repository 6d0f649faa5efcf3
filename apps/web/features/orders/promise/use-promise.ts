import type { OrderInList } from '@round-mint/contract/orders';
import type { CustomerWish, WishOption } from '@round-mint/core/trade';
import {
  approvalHold,
  scheduleSteps,
  type PromiseAnswer,
  type ScheduleStep,
} from '@round-mint/core/schedule';
import { useMemo } from 'react';
import { planningNow, shopOf } from './shop-model';
import { useSettings } from '@/features/shared/settings/use-settings';
import { useGetDayPlanQuery, useGetOrderCostsQuery } from '@/store/trade-api';
import { useDrawer } from '@/store/use-drawer';
import { useJob, type Job } from '@/workers/use-job';
import { stepsOfOption } from '@/features/orders/wish/option-plan';

/** When a ring would be ready behind all that was promised before. @param steps memoised @param orderId its own place in the plan is not counted twice */
function usePromiseOf(steps: readonly ScheduleStep[] | undefined, orderId?: string): Job<PromiseAnswer> {
  const settings = useSettings();
  const day = useGetDayPlanQuery().data;
  const question = useMemo(() => {
    if (!steps || steps.length === 0 || !day) return undefined;
    const nowMin = planningNow();
    const job = { id: 'promised', name: '', arrivedMin: nowMin, readyMin: nowMin, steps };
    const others = day.jobs.filter((one) => orderId === undefined || one.orderId !== orderId);
    return { shop: shopOf(others, settings, [], nowMin), job };
  }, [steps, day, settings, orderId]);
  return useJob('promise', question);
}

/** When an answer to a wish would be ready. @param option memoised */
export function usePromise(
  wish: CustomerWish | undefined,
  option: WishOption | undefined,
  approvalWanted: boolean,
): Job<PromiseAnswer> {
  const bench = useDrawer();
  const { annealSchool } = useSettings();
  const steps = useMemo(() => {
    if (!wish || !option || !bench) return undefined;
    const route = stepsOfOption(option, wish, bench, annealSchool);
    return scheduleSteps(route, 0, approvalHold({ approvalWanted, approval: 'none' }, route));
  }, [wish, option, bench, annealSchool, approvalWanted]);
  return usePromiseOf(steps);
}

/** When an order that has a plan would be ready. */
export function usePromiseOfOrder({ id }: Pick<OrderInList, 'id'>): Job<PromiseAnswer> {
  return usePromiseOf(useGetOrderCostsQuery(id).data?.steps, id);
}
